<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\Link;
use Pebblefell\Joint\Segment;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\BankChains;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/**
 * Reads a bank off the plan's conductors: its links from battery to battery, by way of bars, and of the fuse or switch that a battery
 * has for itself; and where the rest of the system hangs on it.
 */
final class DrawnLinks
{
    /** Ω of one of them whose rating nobody has noted. Assumed: a fuse of 200 A and its holder. */
    private const PASSED_OHM = 0.0004;

    private readonly BankChains $chains;

    /**
     * @param list<Part> $batteries
     */
    private function __construct(private readonly Graph $graph, array $batteries)
    {
        $this->chains = new BankChains($graph, $batteries);
    }

    /**
     * @param list<Part> $batteries
     */
    public static function of(Graph $graph, array $batteries): self
    {
        return new self($graph, $batteries);
    }

    /**
     * @return list<Link> as the network has them: "p1+" to "p2+"
     */
    public function links(): array
    {
        return array_map(fn(array $l): Link => Link::of(self::node($l[0]), self::node($l[1]), $this->ohm($l[2])), $this->chains->chains);
    }

    /**
     * @return list<array{mm2: float, m: float, assumed: bool}> of each link: its thinnest, and all of its length
     */
    public function sizes(): array
    {
        return array_map(static function (array $link): array {
            $leads = self::leads($link[2]);
            $sizes = array_map(self::size(...), $leads);

            return [
                'mm2' => $sizes === [] ? BankDrawing::USUAL_LINK_MM2 : min(array_column($sizes, 'mm2')),
                'm' => array_sum(array_column($sizes, 'm')),
                'assumed' => $sizes === [] || in_array(true, array_column($sizes, 'assumed'), true),
            ];
        }, $this->chains->chains);
    }

    /**
     * @return list<list<Conductor>> that draw each link; none where a fuse alone is one
     */
    public function conductors(): array
    {
        return array_map(static fn(array $l): array => self::leads($l[2]), $this->chains->chains);
    }

    /**
     * Where the rest of the system hangs on the bank: a battery's terminal, a bar that batteries hang on, or where their fuses meet.
     *
     * @param 'minus'|'plus' $pole
     */
    public function takeoff(string $pole): ?string
    {
        $inside = [];
        foreach ($this->chains->chains as $link) {
            foreach ($link[2] as $piece) {
                $inside[$piece->uid] = true;
            }
        }
        $meet = [];
        foreach ($this->graph->conductors as $conductor) {
            foreach ([[$conductor->from, $conductor->to], [$conductor->to, $conductor->from]] as [$end, $other]) {
                if (!$this->chains->isPost((string) $end) || $end->terminal !== $pole || $this->chains->isPost((string) $other)) {
                    continue;
                }
                if (!isset($inside[$conductor->uid]) && !$this->graph->parts[$other->uid]->is(Family::Busbar)) {
                    return self::node((string) $end);
                }
                $meet[] = $this->meets((string) $end, $conductor->uid) ?? ($this->graph->parts[$other->uid]->is(Family::Busbar)
                    ? (string) $other
                    : null);
            }
        }
        $meet = array_values(array_filter($meet));

        return isset($meet[0]) ? self::node($meet[0]) : null;
    }

    /** Where the link that begins with a conductor at a post ends, if that is no battery. */
    private function meets(string $post, string $conductor): ?string
    {
        foreach ($this->chains->chains as [$a, $b, $pieces]) {
            $other = $a === $post ? $b : ($b === $post ? $a : null);
            if ($other !== null && !$this->chains->isPost($other) && in_array($conductor, array_column($pieces, 'uid'), true)) {
                return $other;
            }
        }

        return null;
    }

    /** As a node of the network is called: "p1+". */
    private static function node(string $point): string
    {
        return str_replace(['.plus', '.minus'], ['+', '-'], $point);
    }

    /**
     * @param list<Conductor|Part> $pieces
     */
    private function ohm(array $pieces): float
    {
        $ohm = 0.0;
        foreach ($pieces as $piece) {
            if ($piece instanceof Conductor) {
                $size = self::size($piece);
                $ohm += BankDrawing::ohm($size['mm2'], $size['m']);
                continue;
            }
            $rating = $piece->data->number('rating_a');
            $ohm += match (true) {
                $rating === null => self::PASSED_OHM,
                $piece->is(Family::Fuse) => Segment::fuse($piece->uid, $rating)->ohm,
                default => Segment::switched($piece->uid, $rating)->ohm,
            };
        }

        return $ohm;
    }

    /**
     * @param list<Conductor|Part> $pieces
     *
     * @return list<Conductor>
     */
    private static function leads(array $pieces): array
    {
        return array_values(array_filter($pieces, static fn(Conductor|Part $p): bool => $p instanceof Conductor));
    }

    /**
     * @return array{mm2: float, m: float, assumed: bool}
     */
    private static function size(Conductor $conductor): array
    {
        return [
            'mm2' => $conductor->sizeMm2 ?? BankDrawing::USUAL_LINK_MM2,
            'm' => max(0.01, $conductor->lengthM ?? BankDrawing::USUAL_LINK_M),
            'assumed' => $conductor->sizeMm2 === null || $conductor->lengthM === null,
        ];
    }

    /**
     * The leads of the planned bank to busbars whose size and length are noted, by pole; with the fuse that a battery has in its own.
     *
     * @return array{positive: list<array{mm2: float, m: float}>, negative: list<array{mm2: float, m: float}>}
     */
    public static function leadsToBars(Study $study): array
    {
        $drawn = self::of($study->planned(), $study->banks()->planned->parts);
        $leads = ['positive' => [], 'negative' => []];
        foreach ($drawn->sizes() as $k => $size) {
            [$a, $b] = $drawn->chains->chains[$k];
            foreach ([[$a, $b], [$b, $a]] as [$post, $bar]) {
                if ($drawn->chains->isPost($post) && $drawn->chains->isBar($bar) && !$size['assumed'] && $size['m'] > 0.0) {
                    $leads[str_ends_with($post, '.plus') ? 'positive' : 'negative'][] = ['mm2' => $size['mm2'], 'm' => $size['m']];
                }
            }
        }

        return $leads;
    }
}
