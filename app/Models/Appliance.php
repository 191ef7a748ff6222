<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\Load\Does;
use Pebblefell\Load\Side;

/**
 * Something aboard that uses energy.
 *
 * @property Side $side
 * @property ?Does $does null: not said
 * @property string $fed_by uid of the part that it hangs on; '' as the others do
 * @property array<string, list<array{from_h: float, to_h: float}>> $hours by scenario uid
 */
final class Appliance extends Row
{
    use JobRow;

    public const FILE = [
        'uid' => 'uid',
        'name' => 'name',
        'side' => 'side',
        'watts' => 'watts',
        'quantity' => 'quantity',
        'duty_pct' => 'duty_pct',
        'standby_w' => 'standby_w',
        'surge_w' => 'surge_w',
        'circuit' => 'circuit',
        'hours' => 'hours',
        'does' => 'does',
        'fed_by' => 'fed_by',
    ];

    protected $table = 'appliances';

    protected $fillable = [
        'uid', 'name', 'side', 'watts', 'quantity', 'duty_pct', 'standby_w', 'surge_w', 'circuit', 'hours', 'does', 'fed_by',
    ];

    protected $casts = [
        'side' => Side::class,
        'watts' => 'float',
        'quantity' => 'float',
        'duty_pct' => 'float',
        'standby_w' => 'float',
        'surge_w' => 'float',
        'hours' => 'array',
        'does' => Does::class,
    ];

    protected static function booted(): void
    {
        // Nobody said what it does: its name tells, in whichever language.
        self::saving(static function (self $appliance): void {
            if ($appliance->does === null || $appliance->exists && $appliance->isDirty('name') && !$appliance->isDirty('does')) {
                $appliance->does = ApplianceNames::does($appliance->name);
            }
        });
    }

    protected $attributes = ['quantity' => 1, 'duty_pct' => 100, 'standby_w' => 0, 'circuit' => '', 'fed_by' => '', 'hours' => '{}'];
}
