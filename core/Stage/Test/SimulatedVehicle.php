<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Joint\Drop;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Ticks;
use Pebblefell\Study;
use Pebblefell\System\Part;
use Pebblefell\Trip\Noise;

/**
 * The planned vehicle with something bad in it in secret: a loose lug, a tired battery, a dead temperature sensor, or nothing. Its meter
 * and clamp read as real ones do. On it the proof is learnt, and its readings can be taken into a test sheet as an instrument's.
 *
 * @phpstan-import-type Unknown from ProofCircuit
 */
final readonly class SimulatedVehicle
{
    public const SENSOR = 'sensor';
    public const NONE = 'none';

    /** Holds what is bad, of six vehicles: three have a loose lug, and one each a tired battery, a dead sensor, nothing. Chosen. */
    private const SHARES = ['joint' => 3, 'battery' => 1, self::SENSOR => 1, self::NONE => 1];

    /** Holds what a bad joint adds, and a tired battery, Ω. Chosen: from what a meter finds to what burns. */
    private const JOINT_OHM = [0.003, 0.012];
    private const BATTERY_OHM = [0.005, 0.020];

    /** A clamp's own error at its foot, A, and a sensor's in a cool workshop and in a hand, °C. Assumed. */
    private const CLAMP_A = 0.2;
    private const WORKSHOP_C = 14.0;
    private const HAND_C = 27.0;

    /** Half charged, %: there the volts say least of the charge, and most of the joints. Chosen. */
    private const REST_PCT = 50.0;

    private const LET_GO = 5;

    /**
     * @param list<Unknown> $pieces
     * @param list<float>   $ohm
     * @param string        $bad place of the piece, SENSOR or NONE
     */
    private function __construct(private Study $study, public array $pieces, private array $ohm, public string $bad, private int $seed)
    {
    }

    /** Null as long as no load hangs on a way that is drawn. */
    public static function of(Study $study, int $seed): ?self
    {
        $pieces = ProofCircuit::of($study)->pieces ?? [];
        if ($pieces === []) {
            return null;
        }
        $random = self::noise($seed);
        $deck = [];
        foreach (self::SHARES as $kind => $count) {
            array_push($deck, ...array_fill(0, $count, $kind));
        }
        $kind = $deck[min(count($deck) - 1, (int) floor($random->uniform() * count($deck)))];
        $batteries = array_keys(array_filter($pieces, static fn(array $u): bool => str_starts_with($u['segment']->id, 'battery ')));
        // One battery alone has nobody to be compared with: a tired one is then not hidden.
        $kind = $kind === 'battery' && count($batteries) < 2 ? 'joint' : $kind;
        $among = $kind === 'battery' ? $batteries : array_values(array_diff(array_keys($pieces), $batteries));
        $place = $among[min(count($among) - 1, (int) floor($random->uniform() * count($among)))];
        [$least, $most] = $kind === 'battery' ? self::BATTERY_OHM : self::JOINT_OHM;
        $more = $least + $random->uniform() * ($most - $least);
        $ohm = [];
        foreach ($pieces as $k => ['segment' => $segment]) {
            $ohm[] = max(0.3 * $segment->ohm, $segment->ohm + $segment->spreadOhm * $random->normal() / 3.0)
                + ($k === $place && ($kind === 'joint' || $kind === 'battery') ? $more : 0.0);
        }

        return new self($study, $pieces, $ohm, $kind === 'joint' || $kind === 'battery' ? (string) $place : $kind, $seed);
    }

    /**
     * Returns what is read in each step of the proof, to the millivolt and a tenth of an ampere; the same each time.
     *
     * @return array<string, array{value: float, amps: float}>
     */
    public function readings(): array
    {
        $bank = $this->study->banks()->planned->bank;
        $volts = $bank === null ? 0.0 : $bank->chemistry()->restCurve()->volts(self::REST_PCT) * $bank->cells();
        $read = [];
        foreach (ProofCircuit::of($this->study)?->readings($this->ohm, $volts) ?? [] as $step => ['value' => $value, 'amps' => $amps]) {
            $random = self::noise(crc32("$this->seed $step"));
            $isAmps = $this->isAmps($step);
            $value += $random->normal() * ($isAmps ? hypot(self::CLAMP_A, Drop::SHARE / 2.0 * $value) : Drop::VOLTS / 2.0);
            $amps *= 1.0 + Drop::SHARE / 4.0 * self::noise(crc32("$this->seed amps " . strtok($step, ' ')))->normal();
            $read[$step] = ['value' => round($value, $isAmps ? 1 : 3), 'amps' => round($amps, 1)];
        }

        return $read;
    }

    /**
     * The battery's sensor before a hand lies about it, and five minutes after, °C.
     *
     * @return array{float, float}
     */
    public function sensorC(): array
    {
        $before = round(self::WORKSHOP_C + self::noise($this->seed)->normal(), 1);

        return [$before, $this->bad === self::SENSOR ? $before : self::HAND_C];
    }

    /**
     * How many readings it takes who reads in the order of the proof, the sensor last, and stops when one thing is as good as certain.
     */
    public function par(): int
    {
        $ticks = [];
        foreach ($this->readings() as $step => ['value' => $value, 'amps' => $amps]) {
            $ticks[] = new NotedTick($step, NotedTick::DONE, $value, amps: $amps);
            $proof = count($ticks) < 3 ? null : Proof::of($this->study, Ticks::of($ticks));
            // What lies in one line is not told apart by them: it is enough that the line is certain.
            if ($proof !== null && $proof->faults !== [] && array_sum(array_column($proof->faults[0], 'chance')) > Hunt::SURE) {
                return count($ticks);
            }
        }

        return count($ticks) + 1;
    }

    private function isAmps(string $step): bool
    {
        $what = substr($step, (int) strpos($step, ' ') + 1);

        return ($this->study->planned()->parts[$what] ?? null) instanceof Part
            && in_array($what, array_map(static fn(Part $p): string => $p->uid, $this->study->planned()->houseBatteries()), true);
    }

    /** Seeds that lie side by side begin alike: the first few numbers are let go. */
    private static function noise(int $seed): Noise
    {
        $noise = Noise::of(crc32("vehicle $seed"));
        for ($k = 0; $k < self::LET_GO; ++$k) {
            $noise->uniform();
        }

        return $noise;
    }
}
