<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size\Rules;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Origin;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Rule;
use Pebblefell\Study;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Passage;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** A fuse stands at the bank's positive, and on a large lithium bank it can break what the bank can deliver. */
final class MainFuse implements Rule
{
    /** From this capacity on a lithium bank wants class T or better next to it. Common practice. */
    private const LARGE_AH = 200.0;

    /** Class T per UL 248-15: 20 kA DC (from memory). */
    private const LARGE_BREAKS_A = 20_000.0;

    public function judge(Study $study): array
    {
        $bank = $study->banks()->planned->bank;
        if ($bank === null) {
            return [];
        }
        $capacity = Figure::given('bank', $bank->ratedAh(), 'Ah', Origin::DataSheet);
        $fuses = $study->planned()->ofKind(PartKind::Fuse, PartKind::Breaker);
        if ($fuses === []) {
            return [new Finding('no-main-fuse', Severity::Stop, [], [$capacity])];
        }
        $main = self::atPositive($study->planned(), $study->banks()->planned->parts, $fuses);
        if ($main === null) {
            return [new Finding('main-fuse-not-placed', Severity::Fix, [], [Figure::given('fuses', count($fuses), '')])];
        }
        $breaks = $main->data->figure('interrupt_a');
        if ($bank->chemistry()->isLithium() && $bank->ratedAh() >= self::LARGE_AH && ($breaks === null || $breaks->value < self::LARGE_BREAKS_A)) {
            return [new Finding('main-fuse-breaks-too-little', Severity::Stop, ['fuse' => Named::part($main->uid), 'breaks' => $breaks === null ? Word::of('findings.phrases.unknown-current') : Amount::of($breaks->value, 'A', 0), 'bank' => Amount::of($bank->ratedAh(), 'Ah', 0)], array_values(array_filter([$capacity, $breaks])), $main->uid)];
        }

        return [];
    }

    /**
     * @param list<Part> $batteries
     * @param list<Part> $fuses
     */
    private static function atPositive(Graph $graph, array $batteries, array $fuses): ?Part
    {
        $joined = $graph->reach(array_map(static fn(Part $p): Point => Point::of($p->uid, 'plus'), $batteries), Passage::conductors());
        foreach ($fuses as $fuse) {
            if (isset($joined->parts()[$fuse->uid])) {
                return $fuse;
            }
        }

        return null;
    }
}
