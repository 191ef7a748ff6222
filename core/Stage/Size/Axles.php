<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/**
 * Tells what the plan does to the axles: of a mass m at x behind the front axle, or the coupling, the rear axle carries m·x/L and the
 * front, or the coupling, the rest. Reference: the law of the lever.
 */
final readonly class Axles
{
    /** A trailer's coupling wants so much of its laden mass at least, or it sways. Common practice: 4 % and more. */
    public const NOSE_SHARE = 0.04;

    /**
     * @param list<array{part: Part, kg: float, x: float}> $moves   what comes in (+) and goes out (−), with its place
     * @param list<Part>                                   $unknown heavy parts whose place along the vehicle is not noted
     */
    private function __construct(
        public bool $isTrailer,
        public float $baseM,
        public array $moves,
        public array $unknown,
        public Figure $front,
        public Figure $rear,
        public ?float $frontBefore,
        public ?float $rearBefore,
        public ?float $frontMost,
        public ?float $rearMost,
    ) {
    }

    /** Null as long as nobody measured from axle to axle. */
    public static function of(Study $study): ?self
    {
        $vehicle = $study->system->vehicle;
        $base = $vehicle->wheelbaseM;
        if ($base === null) {
            return null;
        }
        $moves = $unknown = [];
        foreach ($study->system->parts as $part) {
            $sign = match ($part->fate) {
                Fate::Add => 1.0,
                Fate::Remove => -1.0,
                default => 0.0,
            };
            $kg = $part->data->number('mass_kg');
            if ($sign === 0.0 || $kg === null) {
                continue;
            }
            $x = $part->data->number('along_m');
            $x === null ? $unknown[] = $part : $moves[] = ['part' => $part, 'kg' => $sign * $kg, 'x' => $x];
        }
        $rear = array_sum(array_map(static fn(array $m): float => $m['kg'] * $m['x'] / $base, $moves));
        $all = array_sum(array_column($moves, 'kg'));
        $figure = static fn(string $label, float $kg): Figure => new Figure($label, round($kg, 1), 'kg', 'lever', [
            Figure::given('mass-moved', round($all, 1), 'kg', Origin::Computed),
            Figure::given('axle-to-axle', $base, 'm'),
        ], 'first-principles');

        return new self(
            in_array($vehicle->kind, ['caravan', 'trailer'], true),
            $base,
            $moves,
            $unknown,
            $figure('change-in-front', $all - $rear),
            $figure('change-behind', $rear),
            $vehicle->frontKg,
            $vehicle->rearKg,
            $vehicle->frontMaxKg,
            $vehicle->rearMaxKg,
        );
    }

    public function frontAfter(): ?float
    {
        return $this->frontBefore === null ? null : $this->frontBefore + $this->front->value;
    }

    public function rearAfter(): ?float
    {
        return $this->rearBefore === null ? null : $this->rearBefore + $this->rear->value;
    }

    /** Kg by which a part's bearing is above its plate; null where it is not. */
    public function over(bool $front): ?float
    {
        [$after, $most] = $front ? [$this->frontAfter(), $this->frontMost] : [$this->rearAfter(), $this->rearMost];

        return $after !== null && $most !== null && $after > $most ? $after - $most : null;
    }

    /** A trailer whose coupling bears too little of it, %; null where that cannot be told, or is not so. */
    public function lightNosePct(): ?float
    {
        [$front, $rear] = [$this->frontAfter(), $this->rearAfter()];
        if (!$this->isTrailer || $front === null || $rear === null || $front + $rear <= 0.0) {
            return null;
        }
        $share = $front / ($front + $rear);

        return $share < self::NOSE_SHARE ? 100.0 * $share : null;
    }
}
