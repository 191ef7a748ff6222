<?php

declare(strict_types=1);

namespace App\Http\Pages\Bank;

use App\Http\Desks\Bank\BankDesk;
use App\Http\Workbench;
use Pebblefell\Bank\CellPack;
use Pebblefell\Bank\PackSchool;
use Pebblefell\Stage\Bank\PackSketch;

/** Shows what is asked of the inside of a pack, and the two ways to build it. */
final readonly class InsidePage
{
    private const PACK = [
        'groups' => ['Groups in series', ''], 'parallel' => ['Cells in a group', ''], 'cell_ah' => ['A cell', 'Ah'],
        'capacity_spread_pct' => ['Capacity spread', '%'], 'charge_spread_pct' => ['Charge spread', '%'], 'soc_pct' => ['Charge now', '%'],
        'charge_a' => ['Charge current', 'A'], 'bleed_a' => ['Balancer bleeds', 'A'], 'pack_a' => ['Drawn at most', 'A'],
        'bms_one' => ['Price of one large BMS', ''], 'bms_each' => ['Price of a string’s BMS', ''],
    ];

    public function __construct(private Workbench $bench, private BankDesk $desk)
    {
    }

    public function packSketch(): ?PackSketch
    {
        return $this->desk->pack === null ? null : PackSketch::of($this->desk->pack, Workbench::isNarrow());
    }

    /**
     * @return array<string, array{string, string}> label and unit by field
     */
    public function packFields(): array
    {
        return self::PACK;
    }

    public function cellLimitV(): float
    {
        return CellPack::CELL_LIMIT_V;
    }

    /**
     * @return list<PackSchool> the two ways to build it; none where every group is one cell
     */
    public function schools(): array
    {
        $in = $this->desk->packInput;

        return $this->desk->pack === null || $in['parallel'] <= 1
            ? []
            : PackSchool::both(
                (int) $in['groups'],
                (int) $in['parallel'],
                max(0.0, $in['pack_a']),
                $in['bms_one'] ?: null,
                $in['bms_each'] ?: null,
            );
    }

    /**
     * @return array<string, list<string>> what each school comes to, by line
     */
    public function schoolLines(): array
    {
        $show = $this->bench->show;
        $lines = [];
        foreach ($this->schools() as $s) {
            $lines['BMSs'][] = (string) $s->bms;
            $lines['Cells seen one by one'][] = $s->cellsSeen === $s->cells ? "all $s->cells" : "$s->cellsSeen groups of $s->cells cells";
            $lines['A cell that lost 10 % shows as'][] = $show->text($s->weakShows, '%');
            $lines['Left when a BMS opens'][] = $s->leftPct > 0.0 ? $show->text($s->leftPct, '%') : 'nothing';
            $lines['Each BMS carries, shared evenly'][] = $show->text($s->eachBmsA, 'A');
            $lines['BMS cost'][] = $s->price === null ? 'no price given' : $show->text($s->price, '¤');
        }

        return $lines;
    }
}
