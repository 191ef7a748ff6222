<?php

declare(strict_types=1);

namespace Pebblefell\Setting;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;

/**
 * All volts at which something acts on a bank, as rungs one above the other: the chargers' from below, warnings and cut-offs from above,
 * the BMS at both ends. Each layer must act before the next; a layer beyond the BMS never acts.
 */
final readonly class Ladder
{
    /** Two layers that follow one another keep at least so many volts apart, a 12 V bank. Common practice. */
    private const APART_V = 0.1;

    /** From the top down what must follow on the way to full, and on the way to empty. */
    private const TO_FULL = ['absorption_v', 'charge_limit_v', 'high_v'];
    private const TO_EMPTY = ['warning_v', 'cutoff_v', 'disconnect_v', 'low_v'];

    /** Parameters of the settings that make rungs. */
    public const PARAMETERS = [
        'absorption_v',
        'float_v',
        'equalise_v',
        'rebulk_v',
        'charge_limit_v',
        'warning_v',
        'cutoff_v',
        'disconnect_v',
        'reconnect_v',
        'restart_v',
    ];

    /** The device that the ends of the ladder belong to. */
    public const BMS = 'bms';

    /**
     * @param list<Rung> $rungs highest first
     */
    private function __construct(
        public Chemistry $chemistry,
        public int $cells,
        public array $rungs,
        private float $highV,
        private float $lowV,
        private bool $ofParts,
    ) {
    }

    /**
     * @param array<Rung> $settings
     * @param ?float     $highV    of the BMS; null: the chemistry's limit stands in
     * @param bool       $ofParts  the devices are parts of a job, by their uids
     */
    public static function of(
        Chemistry $chemistry,
        int $cells,
        array $settings,
        ?float $highV = null,
        ?float $lowV = null,
        bool $ofParts = false,
    ): self {
        [$high, $low] = [$highV ?? $cells * $chemistry->ceilingCellV(), $lowV ?? $cells * $chemistry->lowestCellV()];
        $rungs = [...array_values($settings), new Rung(self::BMS, 'high_v', $high), new Rung(self::BMS, 'low_v', $low)];
        usort($rungs, static fn(Rung $a, Rung $b): int => $b->valueV <=> $a->valueV);

        return new self($chemistry, $cells, $rungs, $high, $low, $ofParts);
    }

    /**
     * @return list<Finding>
     */
    public function findings(): array
    {
        return [...$this->neverActing(), ...$this->touching(), ...$this->ofEachDevice()];
    }

    /**
     * @return list<Rung>
     */
    private function at(string $parameter): array
    {
        return array_values(array_filter($this->rungs, static fn(Rung $r): bool => $r->parameter === $parameter));
    }

    /**
     * @return list<Finding>
     */
    private function neverActing(): array
    {
        $findings = [];
        foreach ($this->rungs as $rung) {
            if (in_array($rung->parameter, ['warning_v', 'cutoff_v', 'disconnect_v'], true) && $rung->valueV <= $this->lowV) {
                $findings[] = $this->finding('never-acts', Severity::Stop, $rung, $this->lowV, 'low');
            } elseif ($rung->parameter === 'charge_limit_v' && $rung->valueV >= $this->highV) {
                $findings[] = $this->finding('never-acts', Severity::Stop, $rung, $this->highV);
            }
        }

        return $findings;
    }

    /**
     * Each layer that is there against the next that is there; the wrong order counts as touching.
     *
     * @return list<Finding>
     */
    private function touching(): array
    {
        // Four cells of lithium and six of lead make the trade's 12 V.
        $apart = self::APART_V * $this->cells / ($this->chemistry->isLithium() ? 4.0 : 6.0);
        $findings = [];
        foreach ([[self::TO_FULL, 1.0], [self::TO_EMPTY, -1.0]] as [$layers, $sign]) {
            $present = array_values(array_filter(array_map($this->at(...), $layers)));
            for ($i = 0; $i + 1 < count($present); ++$i) {
                // The last of the one layer to act, and the first of the next.
                $last = self::extreme($present[$i], $sign);
                $next = self::extreme($present[$i + 1], -$sign);
                $gap = $sign * ($next->valueV - $last->valueV);
                if ($gap < $apart - 1e-9) {
                    $findings[] = new Finding(
                        'rungs-touch',
                        Severity::Fix,
                        [...$this->named($last, 'first'), ...$this->named($next, 'second'), 'apart' => Amount::of($apart, 'V', 2)],
                        [Figure::given('apart', round($gap, 4), 'V', Origin::Computed)],
                        $this->subject($last->device === self::BMS ? $next : $last),
                    );
                }
            }
        }

        return $findings;
    }

    /**
     * @param non-empty-list<Rung> $rungs
     */
    private static function extreme(array $rungs, float $sign): Rung
    {
        return array_reduce(
            $rungs,
            static fn(?Rung $a, Rung $b): Rung => $a === null || $sign * $b->valueV > $sign * $a->valueV ? $b : $a,
        ) ?? $rungs[0];
    }

    /**
     * Returns what one device must not be told, whatever the others are.
     *
     * @return list<Finding>
     */
    private function ofEachDevice(): array
    {
        $findings = [];
        $most = min($this->highV, $this->cells * $this->chemistry->ceilingCellV());
        foreach ($this->rungs as $rung) {
            if ($rung->parameter === 'equalise_v' && $this->chemistry !== Chemistry::Flooded) {
                $findings[] = $this->finding(
                    'equalise-on',
                    $this->chemistry->isLithium() ? Severity::Stop : Severity::Fix,
                    $rung,
                    $most,
                    'ladder',
                );
            }
            if (in_array($rung->parameter, ['absorption_v', 'float_v', 'equalise_v'], true) && $rung->valueV > $most + 1e-9) {
                $findings[] = $this->finding('charge-volts-too-high', Severity::Stop, $rung, $most, 'ladder');
            }
        }
        foreach ([
            ['float-above-absorption', 'float_v', 'absorption_v', false],
            ['rebulk-above-float', 'rebulk_v', 'float_v', true],
            ['disconnect', 'disconnect_v', 'reconnect_v', true],
            ['disconnect', 'cutoff_v', 'restart_v', true],
        ] as [$rule, $upper, $lower, $evenToo]) {
            foreach ($this->at($upper) as $rung) {
                foreach ($this->at($lower) as $other) {
                    if ($rung->device === $other->device
                        && ($rung->valueV > $other->valueV + 1e-9 || ($evenToo && abs($rung->valueV - $other->valueV) <= 1e-9))) {
                        $findings[] = $rule === 'disconnect' ? $this->finding(
                            'reconnect-below-disconnect',
                            Severity::Fix,
                            $other,
                            $rung->valueV,
                        ) : $this->finding($rule, Severity::Fix, $rung, $other->valueV);
                    }
                }
            }
        }

        return $findings;
    }

    private function finding(string $rule, Severity $severity, Rung $rung, float $against, string $variant = ''): Finding
    {
        return new Finding($rule, $severity, [
            ...$this->named($rung, 'it'),
            'part' => $this->device($rung),
            'volts' => Amount::of($rung->valueV, 'V', 2),
            'against' => Amount::of($against, 'V', 2),
        ], [
            Figure::given(
                Word::of('settings.' . $rung->parameter),
                $rung->valueV,
                'V',
                Origin::Typed,
            ), Figure::given('against', $against, 'V', Origin::Computed),
        ], $this->subject($rung), variant: $variant);
    }

    private function subject(Rung $rung): string
    {
        return $this->ofParts ? $rung->device : '';
    }

    private function device(Rung $rung): string|Named
    {
        return $this->ofParts && $rung->device !== self::BMS ? Named::part($rung->device) : $rung->device;
    }

    /**
     * @return array<string, Word>
     */
    private function named(Rung $rung, string $as): array
    {
        return [$as => Word::of(
            'findings.phrases.rung',
            [
                'device' => $this->device($rung),
                'parameter' => Word::of('settings.' . $rung->parameter),
                'volts' => Amount::of($rung->valueV, 'V', 2),
            ],
        )];
    }
}
