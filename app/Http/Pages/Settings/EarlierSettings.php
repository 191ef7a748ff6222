<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use App\Models\Part as Row;
use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Part;

/** How devices of the same make and model were set in the latest other system, and where that differs from this plan. */
final class EarlierSettings
{
    /** So many systems with the same model are looked at. Chosen. */
    private const LATEST = 10;

    /** @var array<string, ?array{title: string, values: array<string, string>}> by make and model */
    private array $latest = [];

    public function __construct(private readonly Workbench $bench)
    {
    }

    /**
     * @return ?array{title: string, values: array<string, string>}
     */
    private function latest(Part $part): ?array
    {
        $key = "$part->make $part->model";

        return array_key_exists($key, $this->latest) ? $this->latest[$key] : $this->latest[$key] = $this->read($part);
    }

    /**
     * The latest few systems with the model are looked at, in one question: one of them has been set, or none is offered.
     *
     * @return ?array{title: string, values: array<string, string>}
     */
    private function read(Part $part): ?array
    {
        if ($part->model === '') {
            return null;
        }
        $few = Row::query()->where('make', $part->make)->where('model', $part->model)->where('job_id', '!=', $this->bench->job->id)
            ->latest('id')->limit(self::LATEST)->select(['id', 'job_id', 'uid']);
        $set = DB::query()->fromSub($few, 'p')->join(
            'settings as s',
            static fn(JoinClause $on) => $on->on('s.job_id', 'p.job_id')->on('s.part_uid', 'p.uid'),
        )
            ->join('jobs as j', 'j.id', 'p.job_id')->whereNotNull('s.as_set')->orderByDesc('p.id')
            ->get(['p.id', 'j.title', 's.parameter', 's.as_set']);
        $latest = $set->first();

        return $latest === null ? null : [
            'title' => (string) $latest->title,
            'values' => $set->where('id', $latest->id)->mapWithKeys(
                static fn(object $s): array => [(string) $s->parameter => (string) $s->as_set],
            )->all(),
        ];
    }

    /**
     * @param list<SettingRow> $rows
     */
    public function says(Part $part, array $rows): string
    {
        $earlier = $this->latest($part);
        if ($earlier === null) {
            return '';
        }
        $differs = [];
        foreach ($this->differing($part, $rows) as $parameter => $was) {
            $row = Parameter::from($parameter);
            $differs[] = $this->bench->say->name($row) . ' ' . ($was->number === null
                ? $this->bench->say->word('findings.phrases.off')
                : $this->bench->show->text($was->number, $row->unit(), 2));
        }

        return $this->bench->say->word($differs === [] ? 'boxes.earlier-same' : 'boxes.earlier', [
            'job' => $earlier['title'], 'differs' => implode(', ', $differs),
        ]);
    }

    /**
     * Boxes of the plan that were set otherwise there.
     *
     * @param list<SettingRow> $rows
     *
     * @return array<string, SetValue> as they were set, by parameter
     */
    public function differing(Part $part, array $rows): array
    {
        $values = $this->latest($part)['values'] ?? [];
        $differing = [];
        foreach ($rows as $row) {
            $was = isset($values[$row->parameter->value]) ? SetValue::parse($values[$row->parameter->value]) : null;
            if ($was !== null && !$was->agreesWith($row->planned(), $row->parameter->tolerance())) {
                $differing[$row->parameter->value] = $was;
            }
        }

        return $differing;
    }

    /**
     * Marks the differences as they were seen: taken over only as such.
     *
     * @param list<SettingRow> $rows
     */
    public function mark(Part $part, array $rows): string
    {
        $seen = [];
        foreach ($rows as $row) {
            $seen[] = $row->parameter->value . ' ' . $row->planned()->text();
        }
        foreach ($this->differing($part, $rows) as $parameter => $was) {
            $seen[] = "$parameter < " . $was->text();
        }

        return hash('xxh128', implode('|', $seen));
    }
}
