<?php

declare(strict_types=1);

namespace App\Http\Pages\Bank;

use App\Http\Workbench;
use Pebblefell\Stage\Bank\Waking;
use Pebblefell\System\Part;

/** Answers each fold of Bank says before it is opened. */
final readonly class BankAnswers
{
    public function __construct(private Workbench $bench, private BankPage $page)
    {
    }

    public function beside(): string
    {
        $other = $this->page->desk->other;

        return $other === null ? '' : $this->page->otherName() . ': ' . $this->bench->say->word("layouts.words.$other->value");
    }

    public function drift(): string
    {
        $show = $this->bench->show;

        return $show->text(
            abs($this->page->desk->loadA),
            'A',
        ) . ' for ' . $show->text($this->page->drifting->driftH(), 'h') . '; it ends when ' . $this->page->drifting->driftEnds()
            . '; the charges drift apart by up to ' . $show->text($this->page->desk->drift?->widestPct() ?? 0.0) . ' points';
    }

    public function joint(): string
    {
        $suspects = $this->page->suspects();

        return $suspects === [] ? 'not read yet' : 'likeliest: ' . lcfirst($suspects[0]['words']);
    }

    public function pack(): string
    {
        $pack = $this->page->desk->pack;

        return $pack === null
            ? 'LFP cells; the fullest group decides'
            : 'the first group is full when the pack reads ' . $this->bench->show->text($pack->packLimitV, 'V');
    }

    public function waking(): string
    {
        $waking = $this->bench->study->waking();
        $row = $waking === null ? null : array_values(array_filter(
            $waking->rows,
            static fn(array $r): bool => $r['way'] === 'empty',
        ))[0] ?? null;
        if ($waking === null || $row === null) {
            return $this->bench->say->word('waking.sum.lead');
        }
        $does = array_unique($row['by']);
        $wake = array_filter($waking->sources, static fn(Part $p): bool => $row['by'][$p->uid] === Waking::WAKES);

        return match (true) {
            in_array(Waking::ITSELF, $does, true) => $this->bench->say->word('waking.sum.itself'),
            in_array(Waking::BUTTON, $does, true) => $this->bench->say->word('waking.sum.button'),
            $wake !== [] => $this->bench->say->word(
                'waking.sum.wakes',
                ['parts' => implode(', ', array_map($this->bench->say->part(...), $wake))],
            ),
            $waking->isStuck() === true => $this->bench->say->word('waking.sum.stuck'),
            default => $this->bench->say->word('waking.sum.unknown'),
        };
    }
}
