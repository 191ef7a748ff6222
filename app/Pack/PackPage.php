<?php

declare(strict_types=1);

namespace App\Pack;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Named;
use Pebblefell\Load\Appliance;
use Pebblefell\Stage\Handover\SimpleSketch;
use Pebblefell\System\Fate;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Photo;

/** Shows what stands in a pack, in its customer's language: for who drives it, for who repairs it, for the workshop. */
final readonly class PackPage extends PackPart
{
    /** Holds what one looks for when something is wrong. */
    private const SOUGHT = [
        Family::Battery, Family::OvercurrentDevice, Family::Switch, Family::EarthLeakage, Family::Monitor, Family::Display,
        Family::ShoreInlet, Family::DistributionBox, Family::LowVoltageDisconnect, Family::Inverter, Family::Charger,
    ];

    /** Large loads of which one is told how long it runs. Chosen. */
    private const RUNS = 6;

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
        $ruling = $this->study->simulations->sun()?->ruling;

        return array_filter([
            $this->word('usable') => $bank->exists() ? $this->show->figure($bank->usable()) : '',
            $this->word('lasts', ['energy' => Amount::of($budget->energyWhDay, 'Wh')]) => $bank->exists() && is_finite($bank->days()->value)
                ? $this->show->figure($bank->days())
                : '',
            $this->word('most') => $budget->peakW > 0.0 ? $this->show->text($budget->peakW, 'W') : '',
            $this->word('carries') => $inverter === null ? '' : $this->say->line($inverter, 'continuous_w'),
            $this->word('poorest', ['month' => $ruling === null ? '' : $this->say->month($ruling->month)]) => $ruling === null
                ? ''
                : $this->show->text($ruling->plannedWh, 'Wh'),
        ]);
    }

    public function bank(): HouseBank
    {
        return $this->study->banks()->planned;
    }

    /**
     * @return list<Part>
     */
    public function fitted(): array
    {
        return array_values($this->study->planned()->parts);
    }

    /**
     * Returns what one looks for, by place.
     *
     * @return array<string, string> names by place
     */
    public function places(): array
    {
        $places = [];
        foreach ($this->fitted() as $part) {
            if ($part->is(...self::SOUGHT) && $part->place !== '') {
                $places[$part->place][] = $this->say->onePart($part);
            }
        }

        return array_map(static fn(array $names): string => implode(', ', $names), $places);
    }

    /**
     * A picture of each place, as far as one was taken: of what stands there, not of a settings screen.
     *
     * @return array<string, string> SHA-256 by place
     */
    public function pictured(): array
    {
        $of = [];
        foreach ($this->fitted() as $part) {
            foreach ($part->photos as $photo) {
                if ($part->place !== '' && in_array($photo->shows, ['', Photo::PLACE], true)) {
                    // One of the place itself goes before one of what stands there.
                    $of[$photo->shows][$part->place] ??= $photo->sha256;
                }
            }
        }

        return ($of[Photo::PLACE] ?? []) + ($of[''] ?? []);
    }

    /** The drawing made simple, as a picture; '' without a bank. */
    public function simple(): string
    {
        $sketch = SimpleSketch::of($this->study);

        return $sketch === null ? '' : 'data:image/svg+xml;base64,' . base64_encode(
            view('pack.simple', ['sketch' => $sketch, 'page' => $this])->render(),
        );
    }

    /**
     * Where something is, cut to its box.
     *
     * @param list<Part> $parts
     */
    public function placeOf(array $parts): string
    {
        $places = array_values(array_unique(array_filter(array_map(static fn(Part $p): string => $p->place, $parts))));

        return mb_strimwidth(implode(', ', $places), 0, 27, '…');
    }

    public function isLabelled(Part $part): bool
    {
        return $part->fate === Fate::Relabel || $part->fate === Fate::Disconnect;
    }

    /**
     * How to live with it, line by line.
     *
     * @return list<string>
     */
    public function living(): array
    {
        $graph = $this->study->planned();
        $left = array_values(array_filter($this->pack->system->parts, $this->isLabelled(...)));
        $bank = $this->bank();
        $lines = [];
        if ($left !== []) {
            $lines[] = $this->word('left-in', ['count' => count($left), 'parts' => self::named($left)]);
        }
        if ($graph->inverter() !== null) {
            $lines[] = $this->word('inverter-off', ['idle' => Amount::of($this->study->loads()->idleW->value, 'W')]);
        }
        if ($graph->of(Family::Monitor, Family::Display) !== []) {
            $lines[] = $this->word('signs');
        }
        $lines[] = $this->word('time-to-go');
        if ($this->study->banks()->lithium() !== null) {
            $lines[] = $this->word('storage', ['celsius' => Amount::of($bank->parts[0]->data->orUsual('charge_min_c'), '°C')]);
            $lines[] = $this->word('later');
        } elseif ($bank->exists()) {
            $lines[] = $this->word('lead-storage');
        }
        $lines[] = $this->word('hot');
        if ($graph->arrayW() > 0.0) {
            $lines[] = $this->word('cover');
            if (abs($this->pack->system->place->latitudeDeg ?? 0.0) > 55.0) {
                $lines[] = $this->word('winter');
            }
        }

        return [
            ...$lines, $this->word('dusk'), $this->word('towing'),
            ...$graph->of(Family::Alternator) === [] ? [] : [$this->word('emergency')], $this->word('not-do'),
        ];
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

    /** Returns what all outlets carry together. */
    public function outlets(): string
    {
        return $this->show->text($this->study->together()->limitW ?? 0.0, 'W');
    }

    public function apart(): string
    {
        $together = $this->study->together();

        return implode('; ', [
            ...array_map(fn(Appliance $a): string => $this->word('not-alone', ['name' => $a->name]), $together->alone ?? []),
            ...array_map(
                fn(array $pair): string => $this->word('with', ['a' => $pair[0]->name, 'b' => $pair[1]->name]),
                array_slice($together->never ?? [], 0, 6),
            ),
        ]);
    }

    /**
     * How long each of the largest loads runs alone on the full bank.
     *
     * @return array<string, string> by name
     */
    public function howLong(): array
    {
        $usable = $this->bank()->exists() ? $this->bank()->usable()->value : 0.0;
        $loads = $this->study->loads()->budget->appliances;
        usort($loads, static fn(Appliance $a, Appliance $b): int => $b->watts <=> $a->watts);
        $long = [];
        foreach (array_slice($loads, 0, self::RUNS) as $load) {
            $hours = $this->study->runsH($load);
            if ($usable > 0.0 && $hours !== null) {
                $long[$load->called()] = $this->show->text($hours, 'h', $hours < 10.0 ? 1 : 0);
            }
        }

        return $long;
    }

    public function whoToCall(): string
    {
        $shop = $this->pack->workshop;

        return implode(', ', array_filter([$shop->name, $shop->phone, $shop->email, $shop->address]));
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Named>
     */
    private static function named(array $parts): array
    {
        return array_map(static fn(Part $p): Named => Named::one($p->uid), $parts);
    }

    /** Returns what hurts, by the region's words. */
    public function careful(): string
    {
        $region = $this->pack->system->region;

        return implode(' ', [
            ...array_map($this->say->said(...), [$region->bankCaution(), $region->mainsCaution(), $region->solarCaution()]),
            $this->word('crash'),
        ]);
    }
}
