<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Illuminate\Database\Eloquent\Model;
use Pebblefell\Region\Region;

/**
 * The one workshop that this installation serves.
 *
 * @property Region $region
 */
final class Workshop extends Model
{
    use Audited;
    use Versioned;

    protected $fillable = ['name', 'address', 'phone', 'email', 'region', 'first_terminal'];

    protected $casts = ['region' => Region::class];

    public static function current(): self
    {
        return once(static fn(): self => self::query()->firstOr(
            static fn(): self => self::query()->create(['name' => 'Our workshop', 'region' => Region::Europe->value])->refresh(),
        ));
    }
}
