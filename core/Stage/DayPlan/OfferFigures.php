<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** Tells what a plan costs and gives: its parts by list, its labour by the run sheet, its days and watts by the simulation. */
final readonly class OfferFigures
{
    /**
     * @param list<array{part: Part, count: int, each: ?float}> $parts  that come in; each: null where no price is noted
     * @param list<array{phase: Phase, hours: float}> $labour by part of the day, hours of one person, to the tenth as they are offered
     * @param float                                             $usableWh of the full bank
     * @param ?float                                            $days     on the bank alone; null without a bank or loads
     * @param float                                             $arrayW
     */
    private function __construct(
        public array $parts,
        public array $labour,
        public float $usableWh,
        public ?float $days,
        public float $arrayW,
    ) {
    }

    public static function of(Study $study): self
    {
        $bank = $study->banks()->planned;
        $days = $bank->exists() ? $bank->days()->value : null;

        return new self(
            self::parts($study),
            self::labour($study->runSheet()),
            $bank->usable()->value,
            $days !== null && is_finite($days) ? $days : null,
            $study->planned()->arrayW(),
        );
    }

    /** Of all parts with a price. */
    public function partsCost(): float
    {
        return array_sum(array_map(static fn(array $p): float => $p['count'] * (float) $p['each'], $this->parts));
    }

    /**
     * Parts, labour and what comes besides, to the cent; before tax.
     *
     * @param float $rate of an hour
     */
    public function net(float $rate, float $besides = 0.0): float
    {
        return round($this->partsCost() + $rate * $this->hours() + $besides, 2);
    }

    /** Tax on a net sum, to the cent. */
    public static function tax(float $net, float $percent): float
    {
        return round($net * $percent / 100.0, 2);
    }

    /** Parts whose price nobody has noted. */
    public function unpriced(): int
    {
        return array_sum(array_map(static fn(array $p): int => $p['each'] === null ? $p['count'] : 0, $this->parts));
    }

    public function hours(): float
    {
        return array_sum(array_column($this->labour, 'hours'));
    }

    /**
     * @return list<array{part: Part, count: int, each: ?float}> alike ones together
     */
    private static function parts(Study $study): array
    {
        $parts = [];
        foreach ($study->system->parts as $part) {
            if ($part->fate !== Fate::Add) {
                continue;
            }
            $price = $part->data->number('price');
            $key = implode(
                '|',
                [
                    $part->kind->value,
                    $part->typedName(),
                    (string) $price,
                    $part->typedName() === '' ? json_encode($part->data->values) : '',
                ],
            );
            $parts[$key] ??= ['part' => $part, 'count' => 0, 'each' => $price];
            ++$parts[$key]['count'];
        }

        return array_values($parts);
    }

    /**
     * @return list<array{phase: Phase, hours: float}>
     */
    private static function labour(RunSheet $sheet): array
    {
        $hours = [];
        foreach ($sheet->steps as $step) {
            $hours[$step->phase->value] = ($hours[$step->phase->value] ?? 0.0) + $step->minutes * $step->hands / 60.0;
        }

        return array_map(
            static fn(string $phase, float $h): array => ['phase' => Phase::from($phase), 'hours' => round($h, 1)],
            array_keys($hours),
            array_values($hours),
        );
    }
}
