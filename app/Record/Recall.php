<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Part;
use App\Models\Setting;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Rows;
use Illuminate\Pagination\Paginator;
use Pebblefell\System\Fate;

/**
 * Every system in which a part is fitted, or a box set, that is called back.
 *
 * @phpstan-type Asked array{model: string, firmware: string, from: string, to: string, parameter: string, is: string, value: float,
 *     finding: string}
 */
final class Recall
{
    /**
     * Parts of the plan or of the finished system; their settings only where they are asked about.
     *
     * @param Asked $asked '': not asked
     *
     * @return Builder<Part>
     */
    public static function parts(array $asked): Builder
    {
        $query = self::read()
            ->whereNotIn('fate', [Fate::Remove->value, Fate::Disconnect->value])->orderBy('job_id')->orderBy('id');
        if ($asked['model'] !== '') {
            $words = $asked['model'];
            $named = once(static fn(): array => self::named($words));
            $query->where(static function (Builder $q) use ($named): void {
                // None of that name: nothing is found.
                $q->whereRaw('1 = 0');
                foreach ($named as $make => $models) {
                    $q->orWhere(static fn(Builder $one) => $one->where('make', (string) $make)->whereIn('model', $models));
                }
            });
        }
        if ($asked['firmware'] !== '') {
            $query->where('firmware', $asked['firmware']);
        }
        // Serials of one length sort as they count: longer ones come after.
        foreach (['from' => '>=', 'to' => '<='] as $key => $than) {
            if ($asked[$key] !== '') {
                $query->where('serial', '!=', '')->whereRaw(
                    "(CHAR_LENGTH(serial), serial) $than (CHAR_LENGTH(?), ?)",
                    [$asked[$key], $asked[$key]],
                );
            }
        }
        if ($asked['finding'] !== '') {
            // At its part; what speaks of no part is shown at the job's first.
            $query->whereExists(static fn($q) => $q->select('id')->from('jobs')->whereColumn('jobs.id', 'parts.job_id')->where(
                static fn($any) => $any->whereRaw(
                    "JSON_CONTAINS(jobs.digest, JSON_QUOTE(CONCAT(?, '@', parts.uid)), '$.findings')",
                    [$asked['finding']],
                )
                    ->orWhere(static fn($whole) => $whole->whereRaw(
                        "JSON_CONTAINS(jobs.digest, JSON_QUOTE(CONCAT(?, '@')), '$.findings')",
                        [$asked['finding']],
                    )
                        ->whereRaw('parts.id = (SELECT MIN(p.id) FROM parts AS p WHERE p.job_id = jobs.id)')),
            ));
        }
        if ($asked['parameter'] !== '') {
            $query->whereExists(static fn($q) => self::set($q->select('id')->from((new Setting())->getTable()), $asked));
        }

        return $query;
    }

    /**
     * A page of them: found by what the index holds, then read whole.
     *
     * @param Asked $asked
     *
     * @return Paginator<int, Part>
     */
    public static function page(array $asked): Paginator
    {
        /** @var Paginator<int, object> $found */
        $found = self::parts($asked)->toBase()->select('id')->simplePaginate((int) config('pebblefell.page'))->withQueryString();
        $parts = self::read()->whereIn('id', array_column($found->items(), 'id'))->orderBy('job_id')->orderBy('id')->get();

        /** @var Paginator<int, Part> */
        return $found->setCollection($parts);
    }

    /**
     * @return Builder<Part>
     */
    private static function read(): Builder
    {
        return Part::query()->with(['job:id,number,title,customer_id', 'job.customer:id,name,phone,email,language,address']);
    }

    /**
     * Makes and models that hold some words: they are few, whatever the number of jobs.
     *
     * @return array<string, list<string>> models by make
     */
    private static function named(string $words): array
    {
        $named = [];
        foreach (Part::query()->toBase()->select('make', 'model')->groupBy('make', 'model')->get() as $row) {
            if (mb_stripos("$row->make $row->model", trim($words)) !== false) {
                $named[(string) $row->make][] = (string) $row->model;
            }
        }

        return $named;
    }

    /**
     * A box counts as it was read back, else as it was set.
     *
     * @param Asked $asked
     */
    private static function set(Rows $query, array $asked): void
    {
        $value = 'COALESCE(settings.read_back, settings.as_set)';
        $query->whereColumn('settings.job_id', 'parts.job_id')->whereColumn('settings.part_uid', 'parts.uid')
            ->where('settings.parameter', $asked['parameter'])->whereRaw("$value IS NOT NULL");
        match ($asked['is']) {
            'off' => $query->whereRaw("$value = 'off'"),
            'above' => $query->whereRaw("$value != 'off' AND CAST($value AS DECIMAL(12,4)) > ?", [$asked['value']]),
            'below' => $query->whereRaw("$value != 'off' AND CAST($value AS DECIMAL(12,4)) < ?", [$asked['value']]),
            default => $query->whereRaw("$value != 'off'"),
        };
    }
}
