<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use App\Words\Lexicon;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Pebblefell\System\Fate;
use Pebblefell\System\Part as CorePart;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/**
 * One part of a job's system, found or planned.
 *
 * @property PartKind $kind
 * @property Fate $fate
 * @property array<string, float|int|bool|string> $data
 * @property array<string, string> $origins
 * @property int $position place among the batteries of the bank, from 1; 0: as they came
 */
final class Part extends Row
{
    use JobRow;

    public const FILE = [
        'uid' => 'uid',
        'kind' => 'kind',
        'fate' => 'fate',
        'role' => 'role',
        'make' => 'make',
        'model' => 'model',
        'serial' => 'serial',
        'firmware' => 'firmware',
        'place' => 'place',
        'replaces' => 'replaces',
        'note' => 'note',
        'data' => 'data',
        'origins' => 'origins',
        'part_of' => 'part_of',
        'planned_place' => 'planned_place',
    ];

    protected $table = 'parts';

    protected $fillable = [
        'uid',
        'kind',
        'fate',
        'role',
        'make',
        'model',
        'serial',
        'firmware',
        'place',
        'replaces',
        'note',
        'data',
        'origins',
        'position',
        'part_of',
        'planned_place',
    ];

    protected $casts = ['kind' => PartKind::class, 'fate' => Fate::class, 'data' => 'array', 'origins' => 'array'];

    protected $attributes = [
        'fate' => 'keep',
        'role' => 'house',
        'make' => '',
        'model' => '',
        'serial' => '',
        'firmware' => '',
        'place' => '',
        'replaces' => '',
        'note' => '',
        'part_of' => '',
        'planned_place' => '',
        'data' => '{}',
        'origins' => '{}',
    ];

    /**
     * @return HasMany<Photo, $this>
     */
    public function photos(): HasMany
    {
        return $this->hasMany(Photo::class)->orderBy('id');
    }

    /** As core calls it. */
    public function name(): string
    {
        $name = trim($this->make . ' ' . $this->model);
        if ($name !== '') {
            return $name;
        }
        $alike = self::query()->where('job_id', $this->job_id)->where('kind', $this->kind->value)
            ->when($this->kind === PartKind::Battery, fn($q) => $q->where('role', $this->role))
            ->where('make', '')->where('model', '')->orderByRaw('LENGTH(uid), uid')->pluck('uid');
        $number = $alike->count() > 1 ? 1 + (int) $alike->search($this->uid) : 0;

        return Lexicon::plain()->part(new CorePart(
            $this->uid,
            $this->kind,
            DataSheet::none($this->kind),
            role: $this->role,
            number: $number,
        ));
    }
}
