<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

use Pebblefell\Bank\Bank;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Circuit\Volts;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\Setting\ChargeProfile;
use Pebblefell\Setting\GuardProfile;
use Pebblefell\Setting\MonitorProfile;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\School;
use Pebblefell\Setting\SetValue;
use Pebblefell\Study;
use Pebblefell\System\Part;
use Pebblefell\System\SettingEntry;
use Pebblefell\System\SignalKind;

/** Tells what to type into each box of each device that stays or comes, for the planned bank: what charges, draws, parts and watches. */
final readonly class SettingSheet
{
    /** Of its own amps a charger ends absorption at no more than this. Common practice: a fifth. */
    private const TAIL_OF_CHARGER = 0.2;

    /** V of a 12 V starter side below which the engine counts as off. Common practice. */
    private const ENGINE_OFF_V = 13.0;

    /**
     * @param list<array{part: Part, rows: list<SettingRow>}> $devices
     * @param ?ChargeProfile $profile null without a planned bank
     */
    private function __construct(public ?ChargeProfile $profile, public array $devices)
    {
    }

    public static function of(Study $study): self
    {
        $system = $study->system;
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return new self(null, []);
        }
        $sheet = $study->banks()->planned->parts[0]->data;
        $charged = static fn(School $school): ChargeProfile => ChargeProfile::of(
            $bank->chemistry(),
            $bank->cells(),
            $bank->series,
            $bank->parallel,
            $bank->ratedAh(),
            [
                'absorption_v' => $sheet->number('absorption_v'),
                'float_v' => $sheet->number('float_v'),
                'absorption_h' => $sheet->number('absorption_h'),
                'tail_a' => $sheet->number('tail_a'),
                'recommended_charge_a' => $sheet->number('recommended_charge_a'),
                'charge_min_c' => $sheet->number('charge_min_c'),
            ],
            $school,
        );
        $profile = $charged($system->travel->school);
        $others = [
            // Full is full, whatever it is charged to.
            ...self::watching($study, $bank, $charged(School::Everyday)),
            Parameter::EngineOff->value => self::engineOff($study),
        ];
        $guard = GuardProfile::above($bank->chemistry(), $bank->cells(), $study->limits->opensBelow());
        $devices = [];
        foreach (self::settable($study) as $part) {
            $entries = $system->settingsOf($part->uid);
            $rows = array_map(
                static fn(Parameter $p): SettingRow => self::ofDevice(
                    $study,
                    $part,
                    $p,
                    $entries[$p->value] ?? null,
                ) ?? self::inWinter($study, $bank, self::row(
                    $part,
                    $p,
                    $profile,
                    $guard->of($p) ?? self::heater($part, $p) ?? $others[$p->value] ?? null,
                    $entries[$p->value] ?? null,
                ), $part),
                self::boxes($part),
            );
            $devices[] = ['part' => $part, 'rows' => $rows];
        }

        return new self($profile, $devices);
    }

    /**
     * A that a charger is held to, by what a person planned or set.
     *
     * @return array<string, float> by uid
     */
    public function chargeLimits(): array
    {
        $limits = [];
        foreach ($this->devices as $device) {
            foreach ($device['rows'] as $row) {
                $chosen = $row->entry->asSet ?? $row->entry?->planned;
                if ($row->parameter === Parameter::ChargeCurrent && $chosen?->number !== null) {
                    $limits[$device['part']->uid] = $chosen->number;
                }
            }
        }

        return $limits;
    }

    /** Returns what a device acts at: as it was set, as a person plans it, as its own sheet has it; null where nobody says. */
    public function actsAt(Part $part, Parameter $parameter): ?Figure
    {
        foreach ($this->devices as $device) {
            foreach ($device['part'] === $part ? $device['rows'] : [] as $row) {
                $value = $row->parameter === $parameter ? $row->said()?->number : null;
                if ($value !== null) {
                    return Figure::given(
                        Word::of('settings.' . $parameter->value),
                        $value,
                        'V',
                        $row->noted() === null ? Origin::DataSheet : Origin::Typed,
                    );
                }
            }
        }

        return null;
    }

    /** Boxes still without an "as set". */
    public function open(): int
    {
        $open = 0;
        foreach ($this->devices as $device) {
            foreach ($device['rows'] as $row) {
                $open += $row->isOpen() ? 1 : 0;
            }
        }

        return $open;
    }

    /** Volts behind its only position, of a charger with one switch; null where there is more to set. */
    private static function onlyPosition(Part $part): ?Figure
    {
        $least = $part->data->number('absorption_min_v');
        $most = $part->data->figure('absorption_max_v');

        return $part->data->text('lithium') === 'preset' && $most !== null && $least === $most->value ? $most : null;
    }

    /**
     * Boxes that a model has not, as its data sheet lists them: parameters with a space between.
     *
     * @return list<Parameter>
     */
    public static function missing(string $listed): array
    {
        return array_values(array_filter(array_map(Parameter::tryFrom(...), explode(' ', $listed))));
    }

    /**
     * The boxes that it has: a charger with one switch has one, its position, by the volts that stand behind it.
     *
     * @return list<Parameter>
     */
    private static function boxes(Part $part): array
    {
        $missing = self::missing((string) $part->data->text('boxes_missing'));

        return self::onlyPosition($part) !== null ? [Parameter::Absorption] : array_values(array_filter(
            $part->kind->kind()->settings(),
            static fn(Parameter $p): bool => !in_array($p, $missing, true),
        ));
    }

    /**
     * Lists the devices that are set, what charges first; nobody is told to type 28 V into a device for 12.
     *
     * @return list<Part>
     */
    private static function settable(Study $study): array
    {
        $parts = array_values(array_filter($study->planned()->parts, static fn(Part $p): bool => $p->kind->kind()->settings() !== []
            && Volts::reaches($p, $study->system->vehicle->systemV)));
        $first = static fn(Part $p): bool => $p->kind->isCharger();

        return [...array_filter($parts, $first), ...array_filter($parts, static fn(Part $p): bool => !$first($p))];
    }

    /**
     * @return array<string, Figure> by Parameter value
     */
    private static function watching(Study $study, Bank $bank, ChargeProfile $profile): array
    {
        $sheet = $study->banks()->planned->parts[0]->data;

        return MonitorProfile::of(
            $bank->chemistry(),
            $bank->cells(),
            $bank->ratedAh(),
            $profile->figure(Parameter::Absorption),
            $sheet->figure('peukert'),
        );
    }

    /** Between a rested full starter battery and a running alternator. Common practice: 13.0 V of 12. */
    private static function engineOff(Study $study): Figure
    {
        $runs = Volts::starterRunsAt($study->planned()) ?? DcdcFit::USUAL_INPUT_V;

        return Figure::given(
            'engine-off',
            round(self::ENGINE_OFF_V * round($runs / DcdcFit::USUAL_INPUT_V), 1),
            'V',
            Origin::Assumed,
            'common-practice-unpublished',
        );
    }

    private static function heater(Part $part, Parameter $parameter): ?Figure
    {
        return match ($parameter) {
            Parameter::HeaterOn => Figure::given('heater-on', $part->data->orUsual('on_c'), '°C', Origin::DataSheet),
            Parameter::HeaterOff => Figure::given('heater-off', $part->data->orUsual('off_c'), '°C', Origin::DataSheet),
            default => null,
        };
    }

    /**
     * A charger of lead that does not feel the battery is set higher for the winter, at most to what its sheet bears, and compensates
     * nothing by itself.
     */
    private static function inWinter(Study $study, Bank $bank, SettingRow $row, Part $part): SettingRow
    {
        $raise = $study->system->travel->school->raisesCellV($bank->chemistry()) * $bank->cells();
        $volts = $row->profile->number;
        if ($raise <= 0.0 || self::onlyPosition($part) !== null || $study->planned()->hasSignal(
            SignalKind::BatteryTemperature,
            $part->uid,
        )) {
            return $row;
        }
        if ($row->parameter === Parameter::Compensation) {
            $off = new Figure('temperature-compensation', 0.0, 'mV/°C', 'winter-fixed', [], 'common-practice-unpublished');

            return new SettingRow($row->parameter, SetValue::off(), $off, $row->entry, $row->own);
        }
        if ($volts === null || !in_array($row->parameter, [Parameter::Absorption, Parameter::Float], true)) {
            return $row;
        }
        $bears = $study->banks()->planned->parts[0]->data->number('max_charge_v');
        $raised = round(min($volts + $raise, max($volts, $bears === null ? INF : $bears * $bank->series)), 2);

        return new SettingRow($row->parameter, SetValue::number($raised), new Figure($row->why->label, $raised, 'V', 'winter', [
            $row->why,
            Figure::given('raised-for-the-cold', round($raised - $volts, 2), 'V', Origin::Computed),
            Figure::given('battery-in-winter', School::WINTER_C, '°C', Origin::Assumed),
        ], 'common-practice-unpublished'), $row->entry, $row->own);
    }

    /** Returns what its place and its leads decide, whatever the battery is. */
    private static function ofDevice(Study $study, Part $part, Parameter $parameter, ?SettingEntry $entry): ?SettingRow
    {
        $own = DeviceProfile::of($study, $part, $parameter);

        return $own === null ? null : new SettingRow(
            $parameter,
            $own[0] === null ? SetValue::off() : SetValue::number($own[0]),
            $own[1],
            $entry,
        );
    }

    private static function row(Part $part, Parameter $parameter, ChargeProfile $profile, ?Figure $other, ?SettingEntry $entry): SettingRow
    {
        if ($other !== null) {
            return new SettingRow($parameter, SetValue::number($other->value), $other, $entry, self::own($part, $parameter));
        }
        $why = $profile->figure($parameter);
        $own = $part->data->chargeCurrent();
        $position = self::onlyPosition($part);
        if ($position !== null) {
            return new SettingRow($parameter, SetValue::number($position->value), $position, $entry);
        }
        if ($parameter === Parameter::TailCurrent && $own !== null) {
            $why = self::tail($why, $profile->mostTail, $own);

            return new SettingRow($parameter, SetValue::number($why->value), $why, $entry);
        }
        // A charger is not set above what it can give.
        if ($parameter === Parameter::ChargeCurrent && $own !== null && $own->value < $why->value) {
            return new SettingRow(
                $parameter,
                SetValue::number($own->value),
                new Figure('charge-current', $own->value, 'A', 'charge-current', [$why, $own], 'data-sheets'),
                $entry,
            );
        }

        return new SettingRow($parameter, $profile->value($parameter), $why, $entry);
    }

    /** Returns what its own sheet says that it acts at, as long as nobody sets it. */
    private static function own(Part $part, Parameter $parameter): ?SetValue
    {
        $volts = match ($parameter) {
            Parameter::Cutoff => $part->data->number('low_cutoff_v'),
            Parameter::Disconnect => $part->data->number('disconnect_v'),
            Parameter::Reconnect => $part->data->number('reconnect_v'),
            default => null,
        };

        return $volts === null ? null : SetValue::number($volts);
    }

    /**
     * No more than a share of the capacity, and than a share of the charger's own amps: else absorption ends as it begins.
     *
     * @param Figure $most of the capacity
     */
    private static function tail(Figure $planned, Figure $most, Figure $own): Figure
    {
        $fifth = self::TAIL_OF_CHARGER * $own->value;
        if ($planned->value <= min($most->value, $fifth) + 1e-9) {
            return $planned;
        }
        // A charger so small never falls so low by the battery: the time limit ends absorption, and it is said.
        $early = $fifth < $most->value / 2.0;

        return new Figure(
            'tail-current',
            round(min($planned->value, $most->value, $fifth), 1),
            'A',
            $early ? 'tail-by-time' : 'tail-capped',
            [$planned, $most, $own],
            'common-practice-unpublished',
        );
    }
}
