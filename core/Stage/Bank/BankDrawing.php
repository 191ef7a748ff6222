<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\BankDrift;
use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Link;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\Source;
use Pebblefell\Conductor\Run;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Word;
use Pebblefell\Joint\Segment;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\HouseBank;
use Pebblefell\System\Part;

/** The planned bank with its real links: as drawn in the model, or as it would be in another layout. */
final readonly class BankDrawing
{
    /** Links and leads where nobody has measured them. Assumed. */
    public const USUAL_LINK_MM2 = 50.0;
    public const USUAL_LINK_M = 0.3;
    public const USUAL_LEAD_M = 0.6;

    /** Rested volts are taken at this charge, %. Chosen: the flat of the curve. */
    private const SOC = 60.0;

    /**
     * @param list<list<Part>> $strings batteries in series, strings in parallel
     * @param list<Link>       $links
     * @param list<array{mm2: float, m: float, assumed: bool}> $sizes of the links
     * @param list<list<Conductor>> $conductors that draw each link; none where a usual layout stands in
     * @param ?array{int, int} $takeoffs strings with the positive and negative take-off; null: bars
     */
    private function __construct(
        private HouseBank $case,
        public array $strings,
        public array $links,
        public array $sizes,
        public ?array $takeoffs,
        public string $positive,
        public string $negative,
        public Network $network,
        public bool $assumed,
        public ?InvalidValue $problem,
        public array $conductors = [],
    ) {
    }

    /** As the plan's conductors draw it; null without a bank. */
    public static function asDrawn(Study $study): ?self
    {
        $case = $study->banks()->planned;
        if ($case->bank === null) {
            return null;
        }
        $strings = array_chunk($case->parts, max(1, $case->bank->series));
        $graph = $study->planned();
        $drawn = DrawnLinks::of($graph, $case->parts);
        [$links, $sizes, $conductors] = [$drawn->links(), $drawn->sizes(), $drawn->conductors()];
        $assumed = array_filter($sizes, static fn(array $s): bool => $s['assumed']) !== [];
        [$positive, $negative] = [$drawn->takeoff('plus'), $drawn->takeoff('minus')];
        $ends = self::ends($strings);
        $at = static function (?string $node, int $side) use ($ends): ?int {
            foreach ($ends as $i => $end) {
                if ($end[$side] === $node) {
                    return $i;
                }
            }

            return null;
        };
        $assumed = $assumed || $positive === null || $negative === null;
        $positive ??= $ends[0][0];
        $negative ??= $ends[0][1];
        [$p, $n] = [$at($positive, 0), $at($negative, 1)];
        try {
            return new self(
                $case,
                $strings,
                $links,
                $sizes,
                $p === null || $n === null ? null : [$p, $n],
                $positive,
                $negative,
                Network::of(self::sources($case), $links, $positive, $negative),
                $assumed,
                null,
                $conductors,
            );
        } catch (InvalidValue $e) {
            // The drawing has holes: the usual layout stands in, and it is said.
            $usual = self::inLayout($study, Layout::Across);

            return $usual === null ? null : new self(
                $case,
                $strings,
                $usual->links,
                $usual->sizes,
                $usual->takeoffs,
                $usual->positive,
                $usual->negative,
                $usual->network,
                true,
                $e,
            );
        }
    }

    /**
     * In a usual layout, or with take-offs of one's own.
     *
     * @param ?array{int, int} $takeoffs strings, from 0; null: as the layout has it
     */
    public static function inLayout(
        Study $study,
        Layout $layout,
        ?array $takeoffs = null,
        float $mm2 = self::USUAL_LINK_MM2,
        float $linkM = self::USUAL_LINK_M,
        float $leadM = self::USUAL_LEAD_M,
    ): ?self {
        $case = $study->banks()->planned;
        if ($case->bank === null) {
            return null;
        }
        $strings = array_chunk($case->parts, max(1, $case->bank->series));
        $ends = self::ends($strings);
        $last = count($ends) - 1;
        $takeoffs ??= $layout->takeoffs(count($ends));
        [$link, $lead] = [self::ohm($mm2, $linkM), self::ohm($mm2, $leadM)];
        $links = $takeoffs === null ? Layout::bars($ends, $lead) : Layout::ladder(
            $ends,
            max(0, min($last, $takeoffs[0])),
            max(0, min($last, $takeoffs[1])),
            $link,
            $lead,
        );
        foreach ($strings as $string) {
            for ($i = 1; $i < count($string); ++$i) {
                $links[] = Link::of($string[$i - 1]->uid . '+', $string[$i]->uid . '-', $link);
            }
        }

        $sizes = array_map(
            static fn(Link $l): array => [
                'mm2' => $mm2,
                'm' => in_array($l->to, [Layout::POSITIVE, Layout::NEGATIVE], true) ? $leadM : $linkM,
                'assumed' => false,
            ],
            $links,
        );

        return new self(
            $case,
            $strings,
            $links,
            $sizes,
            $takeoffs,
            Layout::POSITIVE,
            Layout::NEGATIVE,
            Network::of(self::sources($case), $links, Layout::POSITIVE, Layout::NEGATIVE),
            false,
            null,
        );
    }

    /** With one link made worse. */
    public function withLooseLink(int $index, float $ohm): self
    {
        if (!isset($this->links[$index])) {
            return $this;
        }
        $links = $this->links;
        $links[$index] = Link::of($links[$index]->from, $links[$index]->to, $links[$index]->ohm + $ohm);

        return new self(
            $this->case,
            $this->strings,
            array_values($links),
            $this->sizes,
            $this->takeoffs,
            $this->positive,
            $this->negative,
            Network::of($this->network->sources, array_values($links), $this->positive, $this->negative),
            $this->assumed,
            $this->problem,
        );
    }

    /** The whole bank's limit before the first battery's, against the sum of all. */
    public function trueLimit(bool $discharging): ?Figure
    {
        $most = $this->network->share(1.0)->most($discharging);
        $each = array_map(static fn(Source $s): ?float => $discharging ? $s->dischargeLimitA : $s->chargeLimitA, $this->network->sources);
        if ($most === null || in_array(null, $each, true)) {
            return null;
        }
        $sum = min($each) * count($this->strings);

        return new Figure($discharging ? 'true-discharge-limit' : 'true-charge-limit', $most[0], 'A', 'true-limit', [
            Figure::given('sum-of-all-were-they-even', $sum, 'A', Origin::Computed),
            Figure::given(Word::of('figures.labels.limit-of', ['battery' => Named::part($most[1])]), min($each), 'A', Origin::DataSheet),
        ], 'nodal');
    }

    public function drift(float $loadA): ?BankDrift
    {
        $bank = $this->case->bank;
        if ($bank === null || abs($loadA) < 1.0) {
            return null;
        }
        $cells = intdiv($bank->cells(), max(1, $bank->series));
        $start = $loadA > 0.0 ? 100.0 : 10.0;

        return BankDrift::of(
            $this->network,
            $bank->chemistry(),
            $cells,
            array_map(static fn($b): float => $b->capacityAh, $bank->batteries),
            $loadA,
            array_fill(0, count($bank->batteries), $start),
        );
    }

    public function part(string $uid): ?Part
    {
        foreach ($this->case->parts as $part) {
            if ($part->uid === $uid) {
                return $part;
            }
        }

        return null;
    }

    /** Ω of a link of copper with its two joints. */
    public static function ohm(float $mm2, float $metres): float
    {
        return Run::of(ConductorSize::ofArea($mm2), $metres)->resistanceOhm() / 2.0 + 2.0 * Segment::LUG_OHM;
    }

    /**
     * @return list<Source>
     */
    private static function sources(HouseBank $case): array
    {
        $bank = $case->bank;
        if ($bank === null) {
            return [];
        }
        $cells = intdiv($bank->cells(), max(1, $bank->series));
        $volts = $cells * $bank->chemistry()->restCurve()->volts(self::SOC);

        return array_map(static fn(Part $p): Source => Source::of(
            $p->uid,
            $volts,
            $p->data->orUsual('internal_mohm') / 1000.0,
            $p->data->number('discharge_limit_a'),
            $p->data->number('charge_limit_a'),
        ), $case->parts);
    }

    /**
     * @param list<list<Part>> $strings
     *
     * @return list<array{string, string}>
     */
    private static function ends(array $strings): array
    {
        return array_map(static fn(array $s): array => [$s[count($s) - 1]->uid . '+', $s[0]->uid . '-'], $strings);
    }
}
