<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\BalanceBattery;
use App\Models\BalanceReading;
use App\Models\BalanceSession;
use App\Models\Workshop;
use App\Words\Lexicon;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Balance\Candidate;
use Pebblefell\Balance\Forecast;
use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Queue;
use Pebblefell\Balance\Subject;
use Pebblefell\Balance\Symptom;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Balance\Alike;
use Pebblefell\Stage\Balance\SessionSketch;
use Pebblefell\System\Part;
use Pebblefell\System\System;

/** A balance session laid out: each battery with its readings and forecast, the chargers, and the gate's answer. */
final readonly class BalanceDesk
{
    /** Readings that a chart and a forecast are made of: thinned beyond. Chosen. */
    private const MOST = 600;

    /** Points of the band between the highest and the lowest. Chosen. */
    private const BAND = 120;

    /** Readings further apart are not joined to a band, s; and more current than this is no rest, A. Chosen. */
    private const APART_S = 3 * 3600.0;
    private const STILL_A = 0.5;

    /**
     * @param array<int, array{row: BalanceBattery, name: string, part: Part, subject: Subject, readings: list<BatteryReading>,
     *     forecast: Forecast, symptoms: list<Word>, lastYearV: ?float}> $batteries
     * @param list<Candidate> $candidates
     */
    private function __construct(
        public BalanceSession $session,
        public array $batteries,
        public Queue $queue,
        private array $candidates,
        private float $nowS,
    ) {
    }

    public static function of(BalanceSession $session, System $system): self
    {
        $batteries = $candidates = $on = [];
        $before = self::before($session, $system);
        $rows = $session->balanceBatteries()->get();
        $read = self::readings($rows);
        foreach ($rows as $row) {
            $part = $system->parts[$row->part_uid] ?? null;
            if ($part === null) {
                continue;
            }
            $row->setRelation('session', $session);
            $subject = Subject::of($row->part_uid, $part->data, $session->protocol);
            $readings = $read[$row->id] ?? [];
            $candidate = new Candidate(
                $subject,
                self::name($part, count($batteries) + 1),
                $row->step,
                $readings,
                (float) $row->since->getTimestamp(),
            );
            $batteries[] = [
                'row' => $row,
                'name' => $candidate->name,
                'part' => $part,
                'subject' => $subject,
                'readings' => $readings,
                'forecast' => Forecast::of(
                    $subject,
                    $session->protocol,
                    $row->step,
                    $readings,
                    (float) $row->since->getTimestamp(),
                    $row->charger_a,
                ),
                'symptoms' => Symptom::of($candidate),
                'lastYearV' => $before[$row->part_uid] ?? null,
            ];
            $candidates[] = $candidate;
            if ($row->step->takesCurrent()) {
                $on[$row->part_uid] = $row->charger;
            }
        }
        $now = (float) $session->time()->getTimestamp();

        return new self(
            $session,
            $batteries,
            Queue::of($session->protocol, $candidates, $session->chargers, $on, $now),
            $candidates,
            $now,
        );
    }

    /** Second at which the step that a battery is in is over; null: not to be told yet. */
    public function readyAt(BalanceBattery $row): ?float
    {
        foreach ($this->batteries as $b) {
            if ($b['row']->is($row)) {
                return $b['forecast']->readyAtS;
            }
        }

        return null;
    }

    /** The log, drawn; null as long as nothing was read. */
    public function sketch(bool $narrow): ?SessionSketch
    {
        $curves = array_map(static function (array $b): array {
            $last = $b['readings'] === [] ? null : $b['readings'][count($b['readings']) - 1];
            $step = $b['row']->step;

            return ['readings' => $b['readings'], 'readyAtS' => $b['forecast']->readyAtS, 'towardsV' => match (true) {
                $last === null => null,
                $step->takesCurrent() => $b['subject']->absorptionV,
                $step === BalanceStep::Resting => min($last->volts, $b['subject']->restV(100.0)),
                default => null,
            }];
        }, array_values($this->batteries));
        $offsetS = (float) Workshop::current()->local($this->nowS)->getOffset();

        return SessionSketch::of($curves, $this->spread(), $this->nowS, $offsetS, $narrow);
    }

    public function gate(): Gate
    {
        return Gate::judge($this->session->protocol, $this->candidates, $this->nowS, $this->session->link_ohm, $this->session->lead_a);
    }

    /**
     * @return list<Word> what speaks against keeping the result
     */
    public function against(): array
    {
        return Gate::confirm(
            $this->session->protocol,
            $this->candidates,
            $this->session->joined_at === null ? null : (float) $this->session->joined_at->getTimestamp(),
            $this->nowS,
        );
    }

    /**
     * Between the highest and the lowest battery at the same moment, while two or more carry no current and were read often enough: under
     * charge volts cannot be compared.
     *
     * @return list<list<array{float, float, float}>> stretches of second, V low, V high
     */
    public function spread(): array
    {
        $all = array_map(static fn(array $b): array => $b['readings'], $this->batteries);
        $times = array_map(static fn(BatteryReading $r): float => $r->atS, array_merge(...$all));
        if (count($times) < 2) {
            return [];
        }
        [$from, $to] = [min($times), max($times)];
        $bands = $band = [];
        $next = array_fill(0, count($all), 0);
        for ($k = 0; $k <= self::BAND; ++$k) {
            $at = $from + ($to - $from) * $k / self::BAND;
            $volts = [];
            foreach ($all as $i => $readings) {
                while (isset($readings[$next[$i] + 1]) && $readings[$next[$i] + 1]->atS < $at) {
                    ++$next[$i];
                }
                [$a, $b] = [$readings[$next[$i]] ?? null, $readings[$next[$i] + 1] ?? null];
                if ($a !== null && $b !== null && $a->atS <= $at && $b->atS - $a->atS <= self::APART_S && max(
                    abs($a->amps ?? 0.0),
                    abs($b->amps ?? 0.0),
                ) < self::STILL_A) {
                    $volts[] = $a->volts + ($b->volts - $a->volts) * ($at - $a->atS) / max(1.0, $b->atS - $a->atS);
                }
            }
            if (count($volts) > 1) {
                $band[] = [$at, min($volts), max($volts)];
            } elseif ($band !== []) {
                $bands[] = $band;
                $band = [];
            }
        }

        return $band === [] ? $bands : [...$bands, $band];
    }

    public static function name(Part $part, int $number): string
    {
        return $part->serial === '' || $part->serial === '–' ? Lexicon::plain()->word(
            'balance.battery',
            ['number' => (string) $number],
        ) : $part->serial;
    }

    /**
     * Returns what each battery read last in the session before this one that passed, if it was that very battery.
     *
     * @return array<string, float> V by part uid
     */
    private static function before(BalanceSession $session, System $system): array
    {
        $earlier = BalanceSession::query()->where('job_id', $session->job_id)->where('passed', true)->whereNull('bench')
            ->where('id', '<', $session->id)->latest('id')->first();
        $volts = [];
        foreach ($earlier?->balanceBatteries()->with('lastReading')->get() ?? [] as $row) {
            if ($row->lastReading !== null && Alike::isThatOne($row->serial, $system->parts[$row->part_uid]->serial ?? '')) {
                $volts[$row->part_uid] = $row->lastReading->volts;
            }
        }

        return $volts;
    }

    /**
     * All of the session's, thinned by the database where there are many: an instrument may have read for days.
     *
     * @param Collection<int, BalanceBattery> $rows
     *
     * @return array<int, list<BatteryReading>> oldest first, by the battery's id
     */
    private static function readings(Collection $rows): array
    {
        $all = BalanceReading::query()->whereIn('balance_battery_id', $rows->modelKeys());
        $most = $all->clone()->toBase()->selectRaw('COUNT(*) AS count')->groupBy('balance_battery_id')->orderByDesc('count')
            ->value('count');
        if ($most <= self::MOST) {
            $kept = $all->orderBy('balance_battery_id')->orderBy('read_at')->orderBy('id');
        } else {
            $kept = BalanceReading::query()->fromSub($all->selectRaw(
                '*, ROW_NUMBER() OVER (PARTITION BY balance_battery_id ORDER BY read_at, id) AS place'
                . ', COUNT(*) OVER (PARTITION BY balance_battery_id) AS of_all',
            ), 'log')->whereRaw('(place - 1) % CEIL(of_all / ?) = 0 OR place = of_all', [self::MOST])
                ->orderBy('balance_battery_id')->orderBy('place');
        }
        $readings = [];
        foreach ($kept->toBase()->get() as $row) {
            $readings[(int) $row->balance_battery_id][] = BalanceReading::ofColumns((array) $row);
        }

        return $readings;
    }
}
