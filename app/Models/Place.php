<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Pebblefell\System\Climate;

/**
 * Where vehicles are used, with its sky and its cold by month.
 *
 * @property list<float> $clearness
 * @property list<float> $min_c
 * @property ?float $record_low_c
 * @property ?Climate $climate
 */
final class Place extends Row
{
    use Audited;
    use Versioned;

    protected $table = 'places';

    protected $fillable = ['name', 'latitude_deg', 'longitude_deg', 'clearness', 'min_c', 'record_low_c', 'climate'];

    protected $casts = [
        'clearness' => 'array',
        'min_c' => 'array',
        'record_low_c' => 'float',
        'climate' => Climate::class,
        'latitude_deg' => 'float',
        'longitude_deg' => 'float',
    ];

    protected $attributes = ['clearness' => '[]', 'min_c' => '[]'];

    /**
     * @return array<string, mixed> the place in the job file's terms
     */
    public function toFile(): array
    {
        return $this->only(['name', 'latitude_deg', 'longitude_deg', 'clearness', 'min_c', 'record_low_c'])
            + ($this->climate === null ? [] : ['climate' => $this->climate->value]);
    }
}
