<?php

declare(strict_types=1);

namespace App\Pack;

use App\Words\Lexicon;
use App\Words\Show;
use App\Words\Spoken;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Load\Appliance;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Part;
use Pebblefell\System\Photo;

/** What stands in a pack. */
final readonly class PackPage
{
    private Study $study;

    private Show $show;

    private Lexicon $say;

    public function __construct(public Pack $pack)
    {
        $this->study = $pack->assessment->study;
        $this->show = $pack->show;
        $this->say = $pack->say();
    }

    public function about(): string
    {
        $system = $this->pack->system;

        return implode(' · ', array_filter([
            $system->client->name,
            $system->vehicle->description ?: str_replace('_', ' ', $system->vehicle->kind),
            $system->vehicle->registration,
            (int) $system->vehicle->systemV . ' V',
        ]));
    }

    /**
     * @return array<string, string> what it gives, by what it is
     */
    public function gives(): array
    {
        $bank = $this->bank();
        $budget = $this->study->loads()->budget;
        $inverter = $this->study->planned()->inverter();
        $ruling = $this->study->sun()?->ruling;

        return array_filter([
            'Usable in the full bank' => $bank->exists() ? $this->show->figure($bank->usable()) : '',
            'Lasts without any charge, used as you said (' . $this->show->text($budget->energyWhDay, 'Wh') . ' a day)' => $bank->exists()
                && is_finite($bank->days()->value)
                ? $this->show->figure($bank->days())
                : '',
            'Most at once, at the battery' => $budget->peakW > 0.0 ? $this->show->text($budget->peakW, 'W') : '',
            'The inverter carries, all outlets together' => $inverter === null ? '' : $this->say->line($inverter, 'continuous_w'),
            'Sun in ' . ($ruling === null ? '' : $this->say->month($ruling->month))
                . ', the poorest month on the road, mean day' => $ruling === null
                ? ''
                : $this->show->text($ruling->plannedWh, 'Wh'),
        ]);
    }

    public function bank(): HouseBank
    {
        return $this->study->banks()->planned;
    }

    public function isLithium(): bool
    {
        return $this->study->lithiumBank() !== null;
    }

    /** Below this it must not be charged. */
    public function coldest(): string
    {
        return $this->show->text($this->bank()->parts[0]->data->orUsual('charge_min_c'), '°C');
    }

    public function hasInverter(): bool
    {
        return $this->study->planned()->inverter() !== null;
    }

    public function idle(): string
    {
        return $this->show->figure($this->study->loads()->idleW);
    }

    public function hasPanels(): bool
    {
        return $this->study->planned()->arrayW() > 0.0;
    }

    /**
     * @return list<Part>
     */
    public function fitted(): array
    {
        return array_values($this->study->planned()->parts);
    }

    public function isLabelled(Part $part): bool
    {
        return $part->fate === Fate::Relabel || $part->fate === Fate::Disconnect;
    }

    /**
     * @return list<string> names of what is left in and labelled
     */
    public function labelled(): array
    {
        $left = array_values(array_filter($this->pack->system->parts, $this->isLabelled(...)));

        return array_map(
            fn(Part $p): string => $this->say->part($p) . ($p->fate === Fate::Disconnect ? ' (' . $this->say->name($p->fate) . ')' : ''),
            $left,
        );
    }

    /**
     * @return list<string> what goes at once
     */
    public function together(): array
    {
        return array_map(
            static fn(array $set): string => implode(' + ', array_map(static fn(Appliance $a): string => $a->name, $set)),
            array_slice($this->study->together()->largest ?? [], 0, 5),
        );
    }

    /** What all outlets carry together. */
    public function outlets(): string
    {
        return $this->show->text($this->study->together()->limitW ?? 0.0, 'W');
    }

    public function apart(): string
    {
        $together = $this->study->together();

        return implode('; ', [
            ...array_map(static fn(Appliance $a): string => $a->name . ' (not even alone)', $together->alone ?? []),
            ...array_map(
                static fn(array $pair): string => $pair[0]->name . ' with ' . $pair[1]->name,
                array_slice($together->never ?? [], 0, 6),
            ),
        ]);
    }

    /**
     * @return list<array{part: Part, rows: list<array{name: string, values: list<string>, by: string}>}>
     */
    public function settings(): array
    {
        $devices = [];
        foreach ($this->study->settings()->devices as $device) {
            $rows = [];
            foreach ($device['rows'] as $row) {
                $entry = $row->entry;
                $rows[] = [
                    'name' => $this->say->name($row->parameter),
                    'values' => array_map(
                        fn(?SetValue $v): string => $this->setTo($v, $row->parameter),
                        [$entry?->found, $row->planned(), $entry?->asSet, $entry?->readBack],
                    ),
                    'by' => $entry?->asSet === null ? '' : $entry->by . ', ' . substr($entry->at, 0, 10),
                ];
            }
            $devices[] = ['part' => $device['part'], 'rows' => $rows];
        }

        return $devices;
    }

    private function setTo(?SetValue $value, Parameter $parameter): string
    {
        return match (true) {
            $value === null => '–',
            $value->isOff() => 'off',
            default => $this->show->field($value->number, $parameter->unit()) . ' ' . $this->show->unit($parameter->unit()),
        };
    }

    /**
     * @return list<array{verdict: Verdict, said: Spoken}>
     */
    public function verdicts(): array
    {
        return array_map(
            fn(Verdict $v): array => ['verdict' => $v, 'said' => $this->say->finding($v->finding)],
            $this->pack->assessment->verdicts,
        );
    }

    /**
     * @return list<array{part: Part, photo: Photo}>
     */
    public function pictures(): array
    {
        $pictures = [];
        foreach ($this->fitted() as $part) {
            foreach ($part->photos as $photo) {
                $pictures[] = ['part' => $part, 'photo' => $photo];
            }
        }

        return $pictures;
    }

    public function whoToCall(): string
    {
        $shop = $this->pack->workshop;

        return implode(', ', array_filter([$shop->name, $shop->phone, $shop->email, $shop->address]));
    }
}
