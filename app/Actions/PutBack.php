<?php

declare(strict_types=1);

namespace App\Actions;

use App\History\Acts;
use App\History\HistoryAct;
use App\Models\Activity;
use App\Models\Job;
use BackedEnum;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Pebblefell\Exception\InvalidValue;

/**
 * Puts back what one act did: rows that it made go, rows that it changed or deleted are as they were. It is itself an act. What somebody
 * has changed since is never overwritten: then the later act is named, and is to be put back first.
 */
final class PutBack
{
    /**
     * @throws InvalidValue at /act when it cannot be put back, with the reason
     */
    public function __invoke(Job $job, string $act): void
    {
        $done = new HistoryAct($act, Acts::lines($job, $act));
        if (!$done->canBePutBack()) {
            throw InvalidValue::at('/act', $done->lines->isEmpty() ? 'no-act' : 'act-stays');
        }
        foreach ($done->lines->sortByDesc('id') as $line) {
            self::line($line);
        }
    }

    private static function line(Activity $line): void
    {
        $class = $line->subject_type;
        assert(is_string($class) && is_a($class, Model::class, true));
        /** @var ?Model $row */
        $row = $class::query()->find($line->subject_id);
        [$new, $old] = [$line->after(), $line->before()];
        match (true) {
            $line->event === 'created' && $row !== null => self::unmake($row, $new),
            $line->event === 'updated' && $row !== null => self::restore($row, $new, $old),
            $line->event === 'updated' => throw InvalidValue::at('/act', 'act-of-deleted'),
            $line->event === 'deleted' && $row === null => self::remake($class, $line, $old),
            default => null,
        };
    }

    /**
     * @param array<string, mixed> $new as the act left it
     */
    private static function unmake(Model $row, array $new): void
    {
        self::refuseIfChanged($row, $new);
        $row->delete();
    }

    /**
     * @param array<string, mixed> $new
     * @param array<string, mixed> $old
     */
    private static function restore(Model $row, array $new, array $old): void
    {
        self::refuseIfChanged($row, array_intersect_key($new, $old));
        $row->forceFill($old);
        if (self::has($row, 'lock_version')) {
            $row->setAttribute('lock_version', (int) $row->getAttribute('lock_version') + 1);
        }
        $row->save();
    }

    /**
     * @param class-string<Model>  $class
     * @param array<string, mixed> $old
     */
    private static function remake(string $class, Activity $line, array $old): void
    {
        $row = new $class();
        $row->forceFill([...$old, $row->getKeyName() => $line->subject_id]);
        foreach (['job_id' => $line->job_id, 'lock_version' => $line->id] as $column => $value) {
            if (self::has($row, $column)) {
                $row->setAttribute($column, $value);
            }
        }
        $row->save();
    }

    /**
     * @param array<string, mixed> $left as the act left it
     */
    private static function refuseIfChanged(Model $row, array $left): void
    {
        foreach ($left as $key => $value) {
            if (self::plain($row->getAttribute($key)) != self::plain($value)) {
                $later = Activity::query()->whereMorphedTo('subject', $row)->latest('id')->first();
                throw $later === null ? InvalidValue::at('/act', 'act-followed') : InvalidValue::at(
                    '/act',
                    'act-followed-by',
                    ['who' => $later->who(), 'day' => (string) $later->created_at?->format('j M')],
                );
            }
        }
    }

    private static function plain(mixed $value): mixed
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof DateTimeInterface => $value->getTimestamp(),
            is_string($value) && preg_match('/^\d{4}-\d\d-\d\dT[\d:.]+Z$/', $value) === 1 => strtotime($value),
            is_array($value) => json_encode($value),
            default => $value,
        };
    }

    private static function has(Model $row, string $column): bool
    {
        return DB::getSchemaBuilder()->hasColumn($row->getTable(), $column);
    }
}
