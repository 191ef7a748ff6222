<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use App\Models\LibraryPart;
use App\Models\ShelfItem;
use App\Models\Workshop;
use App\Words\Show;
use Illuminate\Support\Collection;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Size\Chosen;
use Pebblefell\Stage\Wiring\Later;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Part;

/** Shows what was promised for later, in copper and money: fitted for it now, or changed then. */
final class LaterPage
{
    /** @var ?array{?Later, ?Later} for the inverter, for the battery */
    private ?array $later = null;

    /** @var ?list<array{for: string, what: string, now: string, later: string, start: string, then: string}> */
    private ?array $rows = null;

    /** @var ?Collection<string, ShelfItem> */
    private ?Collection $shelf = null;

    public function __construct(private readonly Workbench $bench, private readonly ?float $asked)
    {
    }

    /** An inverter is planned, or a bank: more of them may be promised. */
    public function isThere(): bool
    {
        return $this->watts() !== null || $this->bench->study->banks()->planned->bank !== null;
    }

    /** Of the inverter that is promised: as asked, else half as much again. */
    public function watts(): ?float
    {
        $rated = $this->bench->study->planned()->inverter()?->data->number('continuous_w');

        return $rated === null ? null : $this->asked ?? Later::USUALLY * $rated;
    }

    public function isAsked(): bool
    {
        return $this->asked !== null;
    }

    public function answer(): string
    {
        $count = count($this->rows());
        $open = $this->later()[0]->open ?? 0;

        return match (true) {
            $count > 0 => $count . ($count === 1 ? ' thing' : ' things') . ' to make larger from the start, or to change later.',
            $open > 0 => $open . ' run' . ($open === 1 ? '' : 's') . ' on the way to the inverter not measured yet.',
            default => 'What is planned bears it.',
        };
    }

    /**
     * @return array{?Later, ?Later}
     */
    private function later(): array
    {
        if ($this->later !== null) {
            return $this->later;
        }
        $study = $this->bench->study;
        $watts = $this->watts();
        $batteries = $study->planned()->houseBatteries();
        $bank = $study->banks()->planned->bank;
        $battery = null;
        if ($batteries !== [] && $bank !== null) {
            try {
                $more = Chosen::bank($study->system, $batteries[0], count($batteries) + $bank->series);
                $battery = Later::battery($study, Study::of(Plan::with($study->system, $more)));
            } catch (InvalidValue) {
                // What cannot grow so is said by Size.
                $battery = null;
            }
        }

        return $this->later = [$watts === null ? null : Later::inverter($study, $watts), $battery];
    }

    /**
     * @return list<array{for: string, what: string, now: string, later: string, start: string, then: string}>
     */
    public function rows(): array
    {
        return $this->rows ??= $this->priced();
    }

    /**
     * @return list<array{for: string, what: string, now: string, later: string, start: string, then: string}>
     */
    private function priced(): array
    {
        [$show, $say] = [$this->bench->show, $this->bench->say];
        $rows = [];
        foreach ($this->later()[0]->runs ?? [] as $r) {
            $graph = $this->bench->study->planned();
            $whole = $this->cable($r['laterMm2'], $r['count'] * $r['metres']);
            $now = $this->cable($r['nowMm2'], $r['metres']);
            $more = $whole === null || $now === null ? null : $whole - $now;
            $rows[] = $this->row(
                'inverter',
                'Run from ' . $say->onePart($graph->parts[$r['run']->near->uid]) . ' to '
                    . $say->onePart($graph->parts[$r['run']->far->uid]),
                $show->units->conductorSize($r['nowMm2']),
                ($r['count'] > 1 ? "{$r['count']} × " : '') . $show->units->conductorSize($r['laterMm2']),
                $more,
                $whole,
            );
        }
        foreach (['fuses', 'parts', 'breaks'] as $list) {
            foreach (array_combine(['inverter', 'battery'], $this->later()) as $for => $later) {
                foreach ($later->$list ?? [] as $p) {
                    $what = $say->onePart($p['part']) . ($list === 'breaks' ? ': breaks' : '');
                    [$more, $whole] = $list === 'breaks' ? [null, null] : $this->part($p['part'], $p['later']);
                    $rows[] = $this->row($for, $what, $show->text($p['now'], 'A', 0), $show->text($p['later'], 'A', 0), $more, $whole);
                }
            }
        }

        return $rows;
    }

    /**
     * @return array{for: string, what: string, now: string, later: string, start: string, then: string}
     */
    private function row(string $for, string $what, string $now, string $later, ?float $more, ?float $whole): array
    {
        $then = Later::changedLater($whole, Workshop::current()->hourly_rate);

        return [
            'for' => $for === 'inverter' ? 'the inverter' : 'one more battery', 'what' => $what, 'now' => $now, 'later' => $later,
            'start' => $more === null ? 'price open' : '+ ' . $this->bench->show->text(max(0.0, $more), Show::MONEY),
            'then' => $then === null ? 'price open' : $this->bench->show->text($then, Show::MONEY),
        ];
    }

    /** Returns the cost of so many metres of both sides; null while a price is not noted. */
    private function cable(float $mm2, float $metres): ?float
    {
        $prices = array_map(fn(string $side): ?float => $this->price("cable $side $mm2"), ['plus', 'minus']);

        return in_array(null, $prices, true) ? null : $metres * array_sum($prices);
    }

    /**
     * A larger one of the kind out of the library: what it costs more, and what it costs.
     *
     * @return array{?float, ?float}
     */
    private function part(Part $part, float $amps): array
    {
        $line = isset($part->data->values['shunt_a']) ? 'shunt_a' : 'rating_a';
        $family = $part->data->text('family');
        $larger = array_filter(
            LibraryPart::ofKinds($part->kind),
            static fn(Part $p): bool => (float) $p->data->number($line) >= $amps && $p->data->number('price') !== null
                && ($family === null || $p->data->text('family') === $family),
        );
        $price = $larger === [] ? null : min(array_map(static fn(Part $p): float => (float) $p->data->number('price'), $larger));
        $now = $part->data->number('price');

        return [$price === null || $now === null ? null : $price - $now, $price];
    }

    private function price(string $item): ?float
    {
        $this->shelf ??= ShelfItem::query()->whereNotNull('price')->where('item', 'like', 'cable %')->get()->keyBy('item');
        $found = $this->shelf->get($item);

        return $found?->price === null ? null : (float) $found->price;
    }
}
