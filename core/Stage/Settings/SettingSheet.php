<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

use Pebblefell\Circuit\Volts;
use Pebblefell\Finding\Figure;
use Pebblefell\Setting\ChargeProfile;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Study;
use Pebblefell\System\Part;
use Pebblefell\System\SettingEntry;

/** What to type into each box of each charging source that stays or comes, for the planned bank. */
final readonly class SettingSheet
{
    /** Of its own amps a charger ends absorption at no more than this. Common practice: a fifth. */
    private const TAIL_OF_CHARGER = 0.2;

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
        $profile = ChargeProfile::of($bank->chemistry(), $bank->cells(), $bank->series, $bank->parallel, $bank->ratedAh(), [
            'absorption_v' => $sheet->number('absorption_v'),
            'float_v' => $sheet->number('float_v'),
            'absorption_h' => $sheet->number('absorption_h'),
            'tail_a' => $sheet->number('tail_a'),
            'recommended_charge_a' => $sheet->number('recommended_charge_a'),
            'charge_min_c' => $sheet->number('charge_min_c'),
        ]);
        $devices = [];
        foreach ($study->planned()->chargers() as $part) {
            // Nobody is told to type 28 V into a charger for 12.
            if (!Volts::reaches($part, $study->system->vehicle->systemV)) {
                continue;
            }
            $entries = $system->settingsOf($part->uid);
            $devices[] = ['part' => $part, 'rows' => array_map(
                static fn(Parameter $p): SettingRow => self::row($part, $p, $profile, $entries[$p->value] ?? null),
                self::boxes($part),
            )];
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

    /** Boxes still without an "as set". */
    public function open(): int
    {
        $open = 0;
        foreach ($this->devices as $device) {
            foreach ($device['rows'] as $row) {
                $open += $row->isSet() ? 0 : 1;
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
     * The boxes that it has: a charger with one switch has one, its position, by the volts that stand behind it.
     *
     * @return list<Parameter>
     */
    private static function boxes(Part $part): array
    {
        return self::onlyPosition($part) === null ? $part->kind->kind()->settings() : [Parameter::Absorption];
    }

    private static function row(Part $part, Parameter $parameter, ChargeProfile $profile, ?SettingEntry $entry): SettingRow
    {
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
