<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Joint\Chain;
use Pebblefell\Joint\Drop;
use Pebblefell\Joint\Segment;
use Pebblefell\Trip\Noise;

/**
 * A way of current with a joint that is bad in secret, or none: the simulated vehicle on which the hunt is learnt. Each piece has what
 * sound ones have, a little off as they are; the meter errs as meters do.
 */
final readonly class Practice
{
    /** One in so many has no bad joint at all: who names one without measuring is caught. Chosen. */
    private const SOUND_IN = 5;

    /** Holds what a bad joint adds, Ω: from what a hand begins to feel to what burns. Chosen; see Inverse::BAD_OHM. */
    private const LEAST_OHM = 0.002;
    private const MOST_OHM = 0.012;

    private const LEAST_A = 30.0;

    private const LET_GO = 5;

    /**
     * @param list<float> $ohm by segment
     * @param ?int        $bad its place; null: none is
     */
    private function __construct(private Chain $chain, private array $ohm, public ?int $bad, private int $seed)
    {
    }

    /**
     * @param ?int $apart place of a piece that is no joint: the device itself
     */
    public static function of(Chain $chain, int $seed, ?int $apart = null): self
    {
        $random = self::noise($seed);
        $odds = array_map(
            static fn(Segment $s, int $k): float => $k === $apart ? 0.0 : $s->odds,
            $chain->segments,
            array_keys($chain->segments),
        );
        $bad = null;
        if ($random->uniform() > 1.0 / self::SOUND_IN) {
            $left = $random->uniform() * array_sum($odds);
            foreach ($odds as $k => $o) {
                if ($o > 0.0 && $left <= $o) {
                    $bad = $k;
                    break;
                }
                $left -= $o;
            }
        }
        $ohm = [];
        foreach ($chain->segments as $k => $segment) {
            $sound = max(0.2 * $segment->ohm, $segment->ohm + $segment->spreadOhm * $random->normal() / 2.0);
            $ohm[] = $sound + ($k === $bad ? self::LEAST_OHM + $random->uniform() * (self::MOST_OHM - self::LEAST_OHM) : 0.0);
        }

        return new self($chain, $ohm, $bad, $seed);
    }

    /**
     * The load that is on while one measures: half of what the inverter gives. Chosen; at least so many A.
     *
     * @param ?float $continuousW of the device at the end of the way; null: it has no such rating
     */
    public static function loadA(?float $continuousW, float $systemV): float
    {
        return max(self::LEAST_A, round((float) $continuousW / 2.0 / $systemV));
    }

    /** Returns what a meter shows between two points, to the millivolt; the same each time it is held there. */
    public function reads(int $from, int $to, float $amps): Drop
    {
        $random = self::noise(crc32("$this->seed $from $to"));
        $volts = $amps * array_sum(array_slice($this->ohm, $from, $to - $from));
        $volts += $random->normal() * Drop::VOLTS / 2.0 + $random->normal() * Drop::SHARE / 2.0 * $volts;

        return Drop::of($from, $to, round(max(0.0, $volts), 3), $amps);
    }

    /**
     * How many measurements it takes who goes where the suspicion is split most evenly.
     *
     * @param ?int $apart as for Chain::next()
     *
     * @return array{count: int, named: ?int} and what is named then; null: that none is bad
     */
    public function par(float $amps, ?int $apart = null): array
    {
        $drops = [];
        while (count($drops) < 2 * count($this->chain->segments) && ($next = $this->chain->next($drops, $apart)) !== null) {
            $drops[] = $this->reads($next[0], $next[1], $amps);
        }
        ['sound' => $sound, 'bad' => $bad] = $this->chain->suspects($drops);

        return [
            'count' => count($drops),
            'named' => $sound >= max([0.0, ...$bad]) ? null : (int) array_search(max([0.0, ...$bad]), $bad, true),
        ];
    }

    /** Seeds that lie side by side begin alike: the first few numbers are let go. */
    private static function noise(int $seed): Noise
    {
        $noise = Noise::of(crc32("joint $seed"));
        for ($k = 0; $k < self::LET_GO; ++$k) {
            $noise->uniform();
        }

        return $noise;
    }
}
