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
final readonly class EarlierSettings
{
    /** So many systems with the same model are looked at. Chosen. */
    private const LATEST = 10;

    /**
     * @param array<string, array{title: string, values: array<string, string>}> $latest by make and model
     */
    private function __construct(private Workbench $bench, private array $latest)
    {
    }

    public static function of(Workbench $bench): self
    {
        $models = array_unique(array_filter(array_map(
            static fn(array $d): string => $d['part']->model,
            $bench->study->settings()->devices,
        )));
        if ($models === []) {
            return new self($bench, []);
        }
        // The latest few of each model: one of them has been set, or the model is not offered.
        $rows = new Collection();
        foreach ($models as $model) {
            $rows = $rows->merge(
                Row::query()->where('model', $model)->where('job_id', '!=', $bench->job->id)->latest('id')->limit(self::LATEST)->get(),
            );
        }
        $rows->load('job:id,title');
        $set = Setting::query()->whereIn('job_id', $rows->pluck('job_id')->unique())->whereNotNull('as_set')->get()->groupBy(
            static fn(Setting $s): string => "$s->job_id $s->part_uid",
        );
        $latest = [];
        foreach ($rows as $row) {
            $own = $set->get("$row->job_id $row->uid");
            if ($own !== null && $row->job !== null) {
                $latest["$row->make $row->model"] ??= [
                    'title' => $row->job->title,
                    'values' => $own->mapWithKeys(static fn(Setting $s): array => [$s->parameter->value => (string) $s->as_set])->all(),
                ];
            }
        }

        return new self($bench, $latest);
    }

    /**
     * @param list<SettingRow> $rows
     */
    public function says(Part $part, array $rows): string
    {
        $earlier = $this->latest["$part->make $part->model"] ?? null;
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
        $values = $this->latest["$part->make $part->model"]['values'] ?? [];
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
