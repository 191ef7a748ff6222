<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use App\Models\Part as Row;
use App\Models\Setting;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Part;

/** What stands on Settings: a sheet for each device that charges. */
final readonly class SettingsPage
{
    /** What is noted of a box, in the order of the columns, and who may. */
    private const COLUMNS = [
        'found' => ['Found', 'record'],
        'planned' => ['Plan otherwise', 'plan'],
        'as_set' => ['As set', 'record'],
        'read_back' => ['Read back', 'record'],
    ];

    public function __construct(private Workbench $bench)
    {
    }

    public function aside(): string
    {
        $planned = $this->bench->study->banks()->planned;

        return $planned->bank === null
            ? ''
            : count($planned->parts) . ' × ' . $this->bench->say->part($planned->parts[0]) . ', ' . $planned->bank->cells()
                . ' cells in series';
    }

    public function hasBank(): bool
    {
        return $this->bench->study->banks()->planned->exists();
    }

    public function open(): int
    {
        return $this->bench->study->settings()->open();
    }

    /**
     * @return list<array{part: Part, row: ?Row, boxes: list<array{row: SettingRow, version: int, planned: string, unit: string,
     *     columns: array<string, array{label: string, name: string, value: string, may: bool}>}>}>
     */
    public function devices(): array
    {
        $versions = $this->bench->job->settings->mapWithKeys(static fn(Setting $s): array => [$s->part_uid . '.'
            . $s->parameter->value => $s->lock_version])->all();
        $may = $this->may();
        $devices = [];
        foreach ($this->bench->study->settings()->devices as $device) {
            $part = $device['part'];
            $devices[] = [
                'part' => $part,
                'row' => $this->bench->job->parts->firstWhere('uid', $part->uid),
                'boxes' => array_map(fn(SettingRow $row): array => [
                    'row' => $row,
                    'version' => (int) ($versions["$part->uid.{$row->parameter->value}"] ?? 0),
                    'planned' => $this->shown($row->planned(), $row->parameter),
                    'unit' => $row->planned()->isOff() ? '' : $this->bench->show->unit($row->parameter->unit()),
                    'columns' => $this->columns($row, $may),
                ], $device['rows']),
            ];
        }

        return $devices;
    }

    /**
     * What this person may do here, asked once.
     *
     * @return array<string, bool> by ability
     */
    private function may(): array
    {
        $abilities = array_unique(array_column(self::COLUMNS, 1));

        return array_combine(
            $abilities,
            array_map(fn(string $ability): bool => auth()->user()?->can($ability, $this->bench->job) === true, $abilities),
        );
    }

    /**
     * @param array<string, bool> $may by ability
     *
     * @return array<string, array{label: string, name: string, value: string, may: bool}>
     */
    private function columns(SettingRow $row, array $may): array
    {
        $noted = [
            'found' => $row->entry?->found,
            'planned' => $row->entry?->planned,
            'as_set' => $row->entry?->asSet,
            'read_back' => $row->entry?->readBack,
        ];
        $columns = [];
        foreach (self::COLUMNS as $column => [$label, $ability]) {
            $columns[$label] = [
                'label' => $label . ': ' . $this->bench->say->name($row->parameter),
                'name' => "box[{$row->parameter->value}][$column]",
                'value' => $this->shown($noted[$column], $row->parameter),
                'may' => $may[$ability],
            ];
        }

        return $columns;
    }

    private function shown(?SetValue $value, Parameter $parameter): string
    {
        return match (true) {
            $value === null => '',
            $value->isOff() => 'off',
            default => $this->bench->show->field($value->number, $parameter->unit()),
        };
    }
}
