<?php

declare(strict_types=1);

namespace App\Http\Pages\Bank;

use App\Http\Workbench;

/** What each fold of Bank says before it is opened. */
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
        ) . ' for ' . $show->text($this->page->driftH(), 'h') . '; it ends when ' . $this->page->driftEnds()
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
}
