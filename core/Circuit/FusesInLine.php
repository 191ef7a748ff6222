<?php

declare(strict_types=1);

namespace Pebblefell\Circuit;

use Pebblefell\Conductor\BreakerCurve;
use Pebblefell\Conductor\FuseFamily;
use Pebblefell\Conductor\TimeCurrent;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** The fuses on the way from the bank to each last fuse, in their order: does the one nearest to a fault open alone? */
final readonly class FusesInLine
{
    /**
     * @param list<non-empty-list<Part>> $lines fuses and breakers, nearest the bank first; two and more
     */
    private function __construct(private Circuit $circuit, private float $volts, public array $lines)
    {
    }

    public static function of(Graph $graph, Circuit $circuit, float $volts): self
    {
        $lines = [];
        foreach ($graph->of(Family::OvercurrentDevice) as $fuse) {
            $near = $circuit->ends($fuse)[0] ?? null;
            if ($near === null || !$circuit->whole()->has($near)) {
                continue;
            }
            $before = array_values(array_filter(
                $circuit->whole()->passed($near),
                static fn(Part $p): bool => $p->is(Family::OvercurrentDevice),
            ));
            if ($before !== []) {
                $lines[$fuse->uid] = [...$before, $fuse];
            }
        }
        // Of lines that are the beginning of another only the longer one is told.
        $inner = array_merge(
            [],
            ...array_map(
                static fn(array $l): array => array_map(static fn(Part $p): string => $p->uid, array_slice($l, 0, -1)),
                array_values($lines),
            ),
        );

        return new self($circuit, $volts, array_values(array_diff_key($lines, array_flip($inner))));
    }

    /** Null while its rating, or its family or curve, is not noted. */
    public static function curve(Part $fuse): ?TimeCurrent
    {
        if ($fuse->is(Family::Breaker)) {
            $curve = BreakerCurve::tryFrom((string) $fuse->data->text('curve'));
            $rating = $fuse->data->number('rating_a');

            return $curve === null || $rating === null ? null : TimeCurrent::ofBreaker($curve, $rating);
        }
        $family = FuseFamily::tryFrom((string) $fuse->data->text('family'));
        $rating = $fuse->data->number('rating_a');

        return $family === null || $rating === null ? null : TimeCurrent::of($family, $rating);
    }

    /**
     * A bolted short just behind a fuse, A; as much as it breaks at these volts where the bank's resistance is not known.
     */
    public function shortAt(Part $fuse): ?float
    {
        return $this->circuit->shortAt($fuse) ?? FuseStrength::of($fuse, $this->volts)?->value;
    }

    /**
     * Pairs of neighbours that are judged.
     *
     * @return list<array{upstream: Part, downstream: Part, fromA: ?float,
     *     isLarger: bool}> fromA: both may open from there; null: the nearer
     *     one opens alone, or no curve is known; isLarger: the one further from the fault is the larger
     */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->lines as $line) {
            for ($k = 1; $k < count($line); ++$k) {
                [$up, $down] = [$line[$k - 1], $line[$k]];
                [$large, $small] = [$up->data->number('rating_a'), $down->data->number('rating_a')];
                [$above, $below, $short] = [self::curve($up), self::curve($down), $this->shortAt($down)];
                $pairs["$up->uid $down->uid"] = [
                    'upstream' => $up,
                    'downstream' => $down,
                    'fromA' => $above === null || $below === null || $short === null ? null : $below->clashesFromA($above, $short),
                    'isLarger' => $large === null || $small === null || $large > $small,
                ];
            }
        }

        return array_values($pairs);
    }
}
