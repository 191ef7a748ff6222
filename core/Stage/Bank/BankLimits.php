<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Setting\GuardProfile;
use Pebblefell\Setting\Parameter;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;

/** Tells what the planned bank takes, bears, is charged to and opens below: by its sheet, by what its BMS is set to, else by its cells. */
final class BankLimits
{
    private ?Figure $takes = null;

    private ?Figure $charge = null;

    public function __construct(private readonly Study $study)
    {
    }

    /** A that it takes in charge, shared out over its links; null without one. */
    public function takes(): ?Figure
    {
        return $this->takes ??= $this->takesA();
    }

    /** The charging volts that it bears, by its sheet, else by its cells. */
    public function bears(): Figure
    {
        $case = $this->study->banks()->planned;
        $sheet = $case->parts === [] ? null : $case->parts[0]->data->number('max_charge_v');
        $volts = match (true) {
            $case->bank === null => 0.0,
            $sheet !== null => $sheet * $case->bank->series,
            default => $case->bank->cells() * $case->bank->chemistry()->ceilingCellV(),
        };

        return Figure::given('battery-bears', $volts, 'V', $sheet !== null ? Origin::DataSheet : Origin::Assumed);
    }

    /** V below which its BMS opens; of lead, below which a cell is harmed. Assumed where the sheet is silent. */
    public function opensBelow(): Figure
    {
        $case = $this->study->banks()->planned;
        $sheet = $case->parts === [] ? null : $case->parts[0]->data->number('cutoff_v');
        $set = $this->bmsCellLow();
        if ($case->bank !== null && $set !== null) {
            return Figure::given('bms-cut-off', round($case->bank->cells() * $set, 3), 'V', Origin::Typed);
        }
        $volts = match (true) {
            $case->bank === null => 0.0,
            $sheet !== null => $sheet * $case->bank->series,
            default => $case->bank->cells() * ($case->bank->chemistry()->isLithium()
                ? GuardProfile::BMS_CELL_V
                : $case->bank->chemistry()->lowestCellV()),
        };

        return Figure::given('bms-cut-off', $volts, 'V', $sheet !== null ? Origin::DataSheet : Origin::Assumed);
    }

    /** The highest volts that it is charged to; null without one. */
    public function chargeV(): ?Figure
    {
        return $this->charge ??= $this->chargedTo();
    }

    private function takesA(): ?Figure
    {
        $case = $this->study->banks()->planned;
        $drawing = $this->study->drawing();
        if ($case->bank === null || $drawing === null) {
            return null;
        }
        $each = $case->parts[0]->data->figureOrUsual('charge_limit_a');

        return ($drawing->problem === null ? $drawing->trueLimit(false) : null) ?? new Figure(
            'charge-limit-of-the-bank',
            $each->value * $case->bank->parallel,
            'A',
            'strings',
            [$each, Figure::given('strings', $case->bank->parallel, '')],
            'battery-sheet',
        );
    }

    private function chargedTo(): ?Figure
    {
        $case = $this->study->banks()->planned;
        $most = $case->parts === [] ? null : $case->parts[0]->data->figure('max_charge_v');
        if ($case->bank === null || $most === null || $case->bank->series === 1) {
            return $case->bank === null ? null : $most ?? $this->study->settings()->profile?->figure(Parameter::Absorption);
        }

        return new Figure(
            $most->label,
            $most->value * $case->bank->series,
            'V',
            'blocks',
            [$most, Figure::given('blocks-in-series', $case->bank->series, '')],
            'battery-sheet',
        );
    }

    /** V a cell at which a BMS of its own was noted, or is planned by a person, to open; null without one. */
    private function bmsCellLow(): ?float
    {
        foreach ($this->study->planned()->of(Family::Bms) as $bms) {
            $entry = $this->study->system->settingsOf($bms->uid)[Parameter::CellLow->value] ?? null;
            $value = $entry === null ? null : ($entry->readBack ?? $entry->asSet ?? $entry->planned)?->number;
            if ($value !== null) {
                return $value;
            }
        }

        return null;
    }
}
