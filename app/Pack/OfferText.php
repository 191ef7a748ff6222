<?php

declare(strict_types=1);

namespace App\Pack;

use App\Models\Offer;
use App\Words\Lexicon;
use App\Words\Numbers;
use App\Words\Show;
use Pebblefell\Region\Units;
use Pebblefell\Stage\DayPlan\OfferFigures as Sums;

/** An offer as its customer reads it: their language, their numbers, sums to the cent. */
final readonly class OfferText
{
    private Show $show;

    private Lexicon $say;

    /** @var array<string, mixed> */
    private array $d;

    public function __construct(public Offer $offer)
    {
        $this->d = $offer->document;
        $this->show = new Show(Units::from($this->d['units']), $this->d['currency'], $this->d['language']);
        $this->say = new Lexicon($this->show);
    }

    public function language(): string
    {
        return $this->d['language'];
    }

    /**
     * @param array<string, mixed> $args
     */
    public function word(string $key, array $args = []): string
    {
        return $this->say->word("offer.$key", $args);
    }

    /** "1 240.00 EUR" */
    public function money(float $amount): string
    {
        return Numbers::in($this->d['language'], $amount, 2, 2) . "\u{202F}" . $this->d['currency'];
    }

    public function more(float $amount): string
    {
        return ($amount >= 0 ? '+' : '') . $this->money($amount);
    }

    public function title(): string
    {
        return $this->d['title'];
    }

    public function text(): string
    {
        return $this->d['text'];
    }

    /**
     * @return array{name: string, address: ?string, phone: ?string, email: ?string}
     */
    public function workshop(): array
    {
        return $this->d['workshop'];
    }

    public function customer(): string
    {
        return $this->d['customer'];
    }

    /**
     * @return list<array{what: string, count: string, each: string, sum: string}>
     */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->d['parts'] as $p) {
            $lines[] = [
                'what' => $p['name'] === $p['kind'] ? $p['name'] : "$p[name], $p[kind]",
                'count' => (string) $p['count'],
                'each' => $p['each'] === null ? $this->word('open-price') : $this->money($p['each']),
                'sum' => $p['each'] === null ? '–' : $this->money($p['count'] * $p['each']),
            ];
        }
        foreach ($this->d['labour'] as $l) {
            $lines[] = [
                'what' => $this->word('labour', ['what' => $l['name']]),
                'count' => $this->show->text($l['hours'], 'h', 1),
                'each' => $this->money($l['rate']),
                'sum' => $this->money($l['hours'] * $l['rate']),
            ];
        }
        if ($this->d['sundries'] > 0) {
            $lines[] = ['what' => $this->word('sundries'), 'count' => '', 'each' => '', 'sum' => $this->money($this->d['sundries'])];
        }

        return $lines;
    }

    /**
     * @return list<array{says: string, amount: string, last: bool}> net, tax, gross
     */
    public function sums(): array
    {
        $net = $this->net();
        $tax = Sums::tax($net, (float) $this->d['tax_pct']);

        return [
            ['says' => $this->word('net'), 'amount' => $this->money($net), 'last' => false],
            [
                'says' => $this->word('tax', ['percent' => $this->show->text($this->d['tax_pct'], '%')]),
                'amount' => $this->money($tax),
                'last' => false,
            ],
            ['says' => $this->word('gross'), 'amount' => $this->money($net + $tax), 'last' => true],
        ];
    }

    /** Of the plan, with the choices that were accepted. */
    private function net(): float
    {
        $taken = $this->offer->accepted ?? [];

        return $this->d['net'] + array_sum(
            array_map(static fn(array $o): float => in_array($o['uid'], $taken, true) ? $o['net'] : 0.0, $this->d['options']),
        );
    }

    /**
     * Returns what may be added later, and until when; offers of before say nothing of it.
     *
     * @return list<string>
     */
    public function later(): array
    {
        return array_values(array_map(fn(array $l): string => $this->word('later.' . $l['what'], [
            'left' => $this->show->text($l['left'], $l['unit'], $l['unit'] === 'm²' ? 1 : 0),
        ]) . ($l['until'] === null ? '' : ' ' . $this->word('later.until', ['month' => $l['until']])), $this->d['later'] ?? []));
    }

    /** Returns what the plan gives: usable energy, days without any charge, sun. */
    public function gives(): string
    {
        return $this->given($this->d['gives']);
    }

    /**
     * @param array<string, mixed> $gives usable_wh, days, array_w
     */
    private function given(array $gives): string
    {
        $said = [];
        if ($gives['usable_wh'] > 0) {
            $said[] = $this->word('usable', ['energy' => $this->show->text($gives['usable_wh'], 'Wh', 0)]);
        }
        if ($gives['days'] !== null) {
            $said[] = $this->word('days', ['days' => $this->show->text($gives['days'], '', 1)]);
        }
        if ($gives['array_w'] > 0) {
            $said[] = $this->word('sun', ['power' => $this->show->text($gives['array_w'], 'W', 0)]);
        }

        return implode(', ', $said);
    }

    /**
     * @return list<array{uid: string, name: string, group: string, price: string, gives: string, open: bool, taken: bool}>
     */
    public function options(): array
    {
        return array_map(fn(array $o): array => [
            'uid' => (string) $o['uid'],
            'name' => (string) $o['name'],
            'group' => (string) $o['group'],
            'price' => $this->more($o['net'] + Sums::tax((float) $o['net'], (float) $this->d['tax_pct'])),
            'gives' => $this->given($o),
            'open' => $o['unpriced'] > 0,
            'taken' => in_array($o['uid'], $this->offer->accepted ?? [], true),
        ], array_values($this->d['options']));
    }

    public function hasOpenPrices(): bool
    {
        return array_filter($this->d['parts'], static fn(array $p): bool => $p['each'] === null) !== [];
    }

    /**
     * Choices of one group exclude one another.
     *
     * @param list<string> $uids
     */
    public function excludes(array $uids): bool
    {
        $groups = [];
        foreach ($this->d['options'] as $o) {
            if (in_array($o['uid'], $uids, true) && $o['group'] !== '') {
                $groups[] = $o['group'];
            }
        }

        return count($groups) !== count(array_unique($groups));
    }

    /**
     * Choices that were accepted and are not there any more.
     *
     * @param list<string> $there uids
     *
     * @return list<string> names
     */
    public function gone(array $there): array
    {
        return array_column(
            array_filter($this->options(), static fn(array $o): bool => $o['taken'] && !in_array($o['uid'], $there, true)),
            'name',
        );
    }

    /** @return list<string> */
    public function uids(): array
    {
        return array_column($this->d['options'], 'uid');
    }

    public function pdf(): string
    {
        return (string) Pdf::of(
            view('offer.pdf', ['offer' => $this])->render(),
            $this->d['units'] === Units::UsCustomary->value ? 'letter' : 'a4',
            $this->title(),
        )->output();
    }
}
