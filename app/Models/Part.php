<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\JobRow;
use App\Words\Lexicon;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part as CorePart;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Sheet\FieldList;

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

    private const COLUMNS = [];
    private const BESIDE = ['position'];

    protected $table = 'parts';

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
            ->when($this->kind->is(Family::Battery), fn($q) => $q->where('role', $this->role))
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

    public static function fields(): FieldList
    {
        return CorePart::fields();
    }
}
