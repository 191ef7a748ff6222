<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use App\Models\Photo;
use App\Models\Secret;
use App\Models\Setting;
use App\Record\PartRow;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\School;
use Pebblefell\Setting\SetValue;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Kind\Kind;
use Pebblefell\System\Part;
use Pebblefell\System\Photo as CorePhoto;

/**
 * Shows Settings: a sheet for each device that is set.
 *
 * @phpstan-type Box array{row: SettingRow, called: string, version: int, planned: string, unit: string, columns: array<string,
 *     array{label: string, name: string, value: string, may: bool}>}
 * @phpstan-type Device array{part: Part, row: ?PartRow, answer: string, opened: bool, rows: list<SettingRow>}
 */
final class SettingsPage
{
    /** Holds what is noted of a box, in the order of the columns, and who may. */
    private const COLUMNS = [
        'found' => ['Found', 'record'],
        'planned' => ['Plan otherwise', 'plan'],
        'as_set' => ['As set', 'record'],
        'read_back' => ['Read back', 'record'],
    ];

    /** @var ?list<Device> */
    private ?array $devices = null;

    /** @var ?array<string, bool> */
    private ?array $may = null;

    private ?EarlierSettings $earlier = null;

    /** @var ?array<string, ModelBoxes> by uid */
    private ?array $models = null;

    /** @var ?Collection<int, Secret> */
    private ?Collection $secrets = null;

    /** @var ?Collection<int, Photo> */
    private ?Collection $pictures = null;

    public function __construct(private readonly Workbench $bench)
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
     * @return list<Device>
     */
    public function devices(): array
    {
        return $this->devices ??= $this->laid();
    }

    /**
     * Returns what is on the sheet of one device; asked only where it is unfolded.
     *
     * @param Device $device
     *
     * @return list<Box>
     */
    public function boxes(array $device): array
    {
        $versions = $this->bench->job->settings->where('part_uid', $device['part']->uid)->mapWithKeys(
            static fn(Setting $s): array => [$s->parameter->value => $s->lock_version],
        );
        $this->may ??= $this->may();

        return array_map(fn(SettingRow $row): array => [
            'row' => $row,
            'called' => $this->called($device['part'], $row->parameter),
            'version' => (int) $versions->get($row->parameter->value),
            'planned' => $this->shown($row->planned(), $row->parameter),
            'unit' => $row->planned()->isOff() ? '' : $this->bench->show->unit($row->parameter->unit()),
            'columns' => $this->columns($row, $this->may),
        ], $this->model($device['part'])->rows($device['rows']));
    }

    /** As its own menus have it: "“Batt. full V” under Battery > Charge"; '' where nobody has noted it. */
    private function called(Part $part, Parameter $parameter): string
    {
        $box = $this->model($part)->box($parameter);

        return $box === null ? '' : trim(($box->word === '' ? '' : "“{$box->word}” ") . ($box->path === '' ? '' : "under {$box->path}"));
    }

    private function model(Part $part): ModelBoxes
    {
        $this->models ??= ModelBoxes::ofAll(array_column($this->bench->study->settings()->devices, 'part'));

        return $this->models[$part->uid];
    }

    /**
     * @return Collection<int, Secret> codes of a part, still sealed
     */
    public function secrets(Part $part): Collection
    {
        $this->secrets ??= $this->bench->job->secrets()->get(['id', 'part_uid', 'label', 'entered_by']);

        return $this->secrets->where('part_uid', $part->uid);
    }

    /** Returns what it hears from others, and what it tells them: "hears battery volts from …"; '' where it goes by its own terminals. */
    public function hears(Part $part): string
    {
        $graph = $this->bench->study->planned();
        $said = [];
        foreach ($graph->signals as $signal) {
            $other = $signal->to === $part->uid ? $signal->from : $signal->to;
            if (($signal->to === $part->uid || $signal->from === $part->uid) && isset($graph->parts[$other])) {
                $said[] = $this->bench->say->word($signal->to === $part->uid ? 'boxes.hears' : 'boxes.tells', [
                    'signal' => $this->bench->say->name($signal->kind), 'part' => $this->bench->say->onePart($graph->parts[$other]),
                ]);
            }
        }

        return implode('; ', $said);
    }

    /** "1.04 → 1.12, none newer · its maker’s app · account: the owner’s" */
    public function programming(Part $part): string
    {
        $found = (string) $part->data->text('firmware_found');
        $firmware = $part->firmware === '' ? '' : 'firmware ' . ($found === '' ? '' : "$found → ") . $part->firmware
            . ($part->data->flag('firmware_newest') === true ? ', none newer' : ', look for a newer one');
        $with = $part->data->text('set_with');

        return implode(' · ', array_filter([
            $firmware,
            $with === null ? '' : 'set with ' . $this->bench->say->choice($with),
            $part->data->text('account') === null ? '' : 'account: ' . $part->data->text('account'),
        ]));
    }

    /**
     * @return array<string, string>
     */
    public function tools(): array
    {
        return array_combine(Kind::SET_WITH, array_map($this->bench->say->choice(...), Kind::SET_WITH));
    }

    /**
     * How the same model was set in an earlier system; '' where there is none.
     *
     * @param Device $device
     */
    public function earlier(array $device): string
    {
        $this->earlier ??= new EarlierSettings($this->bench);

        return $this->earlier->says($device['part'], $device['rows']);
    }

    /**
     * Returns what of it this plan would take over: a mark of what was seen; '' where nothing differs.
     *
     * @param array<string, mixed> $device
     */
    public function takesOver(array $device): string
    {
        $this->earlier ??= new EarlierSettings($this->bench);

        return $this->earlier->differing($device['part'], $device['rows']) === []
            ? ''
            : $this->earlier->mark($device['part'], $device['rows']);
    }

    /**
     * @return Collection<int, Photo> of the settings screen of a part
     */
    public function pictures(?PartRow $row): Collection
    {
        $this->pictures ??= $this->bench->pictures(CorePhoto::SCREEN)->get();

        return $this->pictures->where('part_id', $row?->id);
    }

    /**
     * @return list<Device>
     */
    private function laid(): array
    {
        $devices = [];
        foreach ($this->bench->study->settings()->devices as ['part' => $part, 'rows' => $rows]) {
            $devices[] = [
                'part' => $part,
                'row' => $this->bench->row($part->uid),
                'answer' => $this->answer($part, $rows),
                'opened' => $this->isOpen($part),
                'rows' => $rows,
            ];
        }

        return $devices;
    }

    /**
     * @return array<string, string>
     */
    public function schools(): array
    {
        $bank = $this->bench->study->banks()->planned->bank;

        $schools = $bank === null ? [] : School::forChemistry($bank->chemistry());

        return array_combine(
            array_column($schools, 'value'),
            array_map(fn(School $s): string => $this->bench->say->choice($s->value), $schools),
        );
    }

    public function school(): string
    {
        $school = $this->bench->study->system->travel->school->value;

        // One that was chosen for another chemistry does nothing here.
        return isset($this->schools()[$school]) ? $school : School::Everyday->value;
    }

    /** Returns what the school that is followed gives and costs. */
    public function consequence(): string
    {
        $bank = $this->bench->study->banks()->planned->bank;
        $school = School::from($this->school());
        if ($bank === null) {
            return '';
        }
        $full = $school->fullPct($bank->chemistry());
        $missing = $school->setsOutPct($bank->chemistry()) - $full;
        $wh = $bank->ratedAh() * $bank->nominalV() * ($bank->usableShare() - $missing / 100.0);

        return $this->bench->say->word("boxes.schools.$school->value", [
            'full' => $this->bench->show->text($full, '%', 0),
            'wh' => $this->bench->show->text(max(0.0, $wh), 'Wh', 0),
            'volts' => $this->bench->show->text(School::BALANCES_FROM_CELL_V, 'V', 2),
            'raise' => $this->bench->show->text($school->raisesCellV($bank->chemistry()) * $bank->cells(), 'V', 2),
            'celsius' => $this->bench->show->text(School::WINTER_C, '°C', 0),
        ]);
    }

    /**
     * @param list<SettingRow> $rows
     */
    private function answer(Part $part, array $rows): string
    {
        $planned = count(array_filter($rows, static fn(SettingRow $r): bool => $r->isSetAsPlanned()));
        $set = count(array_filter($rows, static fn(SettingRow $r): bool => $r->isSet()));
        $open = count(array_filter($rows, static fn(SettingRow $r): bool => $r->isOpen()));

        return implode(', ', array_filter([
            count($rows) . (count($rows) === 1 ? ' box' : ' boxes'),
            $planned > 0 ? "$planned as planned" : '',
            $set > $planned ? ($set - $planned) . ' otherwise' : '',
            $open > 0 ? "$open to type" : '',
        ])) . ($part->firmware === '' ? '' : " · firmware $part->firmware");
    }

    /** Its faults are shown, or it is asked for: else its heading says what is to do, and it opens on demand. */
    private function isOpen(Part $part): bool
    {
        return old('_form') === "set-$part->uid" || $this->isAboutBox($part);
    }

    /** Tells whether what was refused stands in its firmware, codes or pictures. */
    public function isAboutBox(Part $part): bool
    {
        return request()->query('fold') === "box-$part->uid" || in_array(old('_form'), ["prog-$part->uid", "code-$part->uid"], true);
    }

    /**
     * Returns what this person may do here, asked once.
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
