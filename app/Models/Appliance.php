<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use Pebblefell\Load\Does;
use Pebblefell\Load\LoadSide;
use Pebblefell\System\ApplianceUse;
use Pebblefell\System\Sheet\FieldList;

/**
 * Something aboard that uses energy.
 *
 * @property LoadSide $side
 * @property ?Does $does null: not said
 * @property string $fed_by uid of the part that it hangs on; '' as the others do
 * @property array<string, list<array{from_h: float, to_h: float}>> $hours by scenario uid
 */
final class Appliance extends Row
{
    use JobRow;

    private const COLUMNS = [];
    private const BESIDE = [];

    protected $table = 'appliances';

    protected static function booted(): void
    {
        // Nobody said what it does: its name tells, in whichever language.
        self::saving(static function (self $appliance): void {
            if ($appliance->does === null || $appliance->exists && $appliance->isDirty('name') && !$appliance->isDirty('does')) {
                $appliance->does = ApplianceNames::does($appliance->name);
            }
        });
    }

    public static function fields(): FieldList
    {
        return ApplianceUse::fields();
    }
}
