<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use App\Models\Part as Row;
use App\Models\Setting;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Part;

/** How devices of the same make and model were set in the latest other system, and where that differs from this plan. */
final class EarlierSettings
{
    /** So many systems with the same model are looked at. Chosen. */
    private const LATEST = 10;

    /** @var ?array<string, array{title: string, values: array<string, string>}> by make and model */
    private ?array $latest = null;

    public function __construct(private readonly Workbench $bench)
    {
    }

    /**
     * @return ?array{title: string, values: array<string, string>}
     */
    private function latest(Part $part): ?array
    {
        $this->latest ??= $this->read();

        return $this->latest["$part->make $part->model"] ?? null;
    }

    /**
     * The latest few systems with each model are looked at, all models at once: one of them has been set, or the model is not offered.
     *
     * @return array<string, array{title: string, values: array<string, string>}>
     */
    private function read(): array
    {
        $each = [];
        foreach ($this->bench->study->settings()->devices as ['part' => $part]) {
            if ($part->model !== '') {
                $each["$part->make $part->model"] ??= Row::query()->where('make', $part->make)->where('model', $part->model)
                    ->where('job_id', '!=', $this->bench->job->id)->latest('id')->limit(self::LATEST)->select(['id', 'job_id', 'uid', 'make', 'model']);
            }
        }
        $first = array_shift($each);
        $rows = $first === null ? new Collection() : array_reduce($each, static fn($all, $one) => $all->unionAll($one), $first)->get();
        $set = $rows->isEmpty() ? new Collection() : Setting::query()->whereIn('job_id', $rows->pluck('job_id')->unique())
            ->whereIn('part_uid', $rows->pluck('uid')->unique())->whereNotNull('as_set')->with('job:id,title')->get()
            ->groupBy(static fn(Setting $s): string => "$s->job_id $s->part_uid");
        $latest = [];
        foreach ($rows as $row) {
            $own = $set->get("$row->job_id $row->uid");
            if ($own !== null) {
                $latest["$row->make $row->model"] ??= [
                    'title' => (string) $own->first()?->job?->title,
                    'values' => $own->mapWithKeys(static fn(Setting $s): array => [$s->parameter->value => (string) $s->as_set])->all(),
                ];
            }
        }

        return $latest;
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
     * What the differences were when they were seen: taken over only as such.
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
