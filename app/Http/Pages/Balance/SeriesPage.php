<?php

declare(strict_types=1);

namespace App\Http\Pages\Balance;

use App\Http\Requests\Balance\BalanceQuery;
use App\Http\Workbench;
use Pebblefell\Balance\Midpoint;
use Pebblefell\Stage\Balance\SeriesBank;
use Pebblefell\System\Part;

/** A bank in series: in what order it is put together, and what its blocks tell when they are read. */
final readonly class SeriesPage
{
    public ?Midpoint $read;

    /** @var list<int> places of blocks that are not typed, while others are */
    private array $missing;

    public function __construct(private Workbench $bench, public SeriesBank $bank, private BalanceQuery $asked)
    {
        $battery = $bank->strings[0][0];
        $volts = $asked->blocks();
        $this->missing = $volts === [] ? [] : array_values(array_diff(array_keys($bank->strings[0]), array_keys($volts)));
        $this->read = $volts === [] || $this->missing !== [] ? null : Midpoint::of(
            array_values(array_intersect_key($volts, $bank->strings[0])),
            $asked->amps(),
            $battery->data->chemistry(),
            $battery->data->known('capacity_ah'),
        );
    }

    public function blocks(): int
    {
        return count($this->bank->strings[0]);
    }

    public function typed(int $block): string
    {
        $typed = ((array) $this->asked->query('blocks', []))[$block] ?? '';

        return is_scalar($typed) ? (string) $typed : '';
    }

    public function amps(): string
    {
        return is_scalar($this->asked->query('amps')) ? (string) $this->asked->query('amps') : '';
    }

    public function answer(): string
    {
        return count($this->bank->strings) . ' × ' . $this->blocks() . ' blocks: parallel first, then in series';
    }

    /**
     * @return list<string>
     */
    public function steps(): array
    {
        $show = $this->bench->show;
        $names = implode(
            '; ',
            array_map(
                fn(array $s): string => implode(' → ', array_map(fn(Part $p): string => $this->bench->say->onePart($p), $s)),
                $this->bank->strings,
            ),
        );
        $args = [
            'count' => (string) array_sum(array_map(count(...), $this->bank->strings)), 'strings' => $names,
            'volts' => $show->text($this->bank->stringV, 'V', 1), 'apart' => $show->text($this->bank->apartV, 'V', 2),
        ];

        return array_map(
            fn(string $step): string => $this->bench->say->word("series.steps.$step", $args),
            ['parallel', 'part', 'string', 'measure', 'watch'],
        );
    }

    public function verdict(): string
    {
        $read = $this->read;

        return $read === null ? '' : $this->bench->say->word("series.verdicts.$read->verdict", [
            'block' => (string) ($read->block + 1),
            'apart' => ($read->apartV < 0.0 ? '−' : '+') . $this->bench->show->text(abs($read->apartV), 'V', 2),
            'volts' => $this->bench->show->text($read->stringV, 'V', 2),
            'limit' => $this->bench->show->text($read->limitV, 'V', 2),
        ]);
    }

    /** Somebody has typed something. */
    public function isAsked(): bool
    {
        return $this->read !== null || $this->missing !== [];
    }

    /** Which blocks are still to be typed: one string is read whole or not at all. */
    public function missing(): string
    {
        return $this->missing === [] ? '' : $this->bench->say->word(
            'series.missing',
            ['blocks' => implode(', ', array_map(static fn(int $k): string => (string) ($k + 1), $this->missing))],
        );
    }

    public function isEven(): bool
    {
        return $this->read?->verdict === Midpoint::EVEN;
    }
}
