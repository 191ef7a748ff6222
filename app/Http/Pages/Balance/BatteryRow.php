<?php

declare(strict_types=1);

namespace App\Http\Pages\Balance;

use App\Http\Workbench;
use App\Models\BalanceBattery;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Balance\CellsApart;
use Pebblefell\Balance\Forecast;
use Pebblefell\Balance\Gate;
use Pebblefell\Finding\Word;
use Pebblefell\System\Part;

/** One battery of a session, as it stands in the list. */
final readonly class BatteryRow
{
    public BalanceBattery $row;

    public Part $part;

    public ?BatteryReading $last;

    private Forecast $forecast;

    /** @var list<Word> what is to be looked at */
    public array $symptoms;

    /** @var ?array{charger: string, startS: float, freeS: float} when its turn at a charger comes */
    public ?array $turn;

    /**
     * @param array<string, mixed> $battery of BalanceDesk
     */
    public function __construct(private BalancePage $page, private Workbench $bench, private array $battery, public int $number)
    {
        $this->row = $battery['row'];
        $this->part = $battery['part'];
        $this->forecast = $battery['forecast'];
        $this->symptoms = $battery['symptoms'];
        $this->last = $battery['readings'] === [] ? null : $battery['readings'][count($battery['readings']) - 1];
        $this->turn = $this->row->step === BalanceStep::Waiting ? $page->desk?->queue->turns[$this->row->part_uid] ?? null : null;
    }

    public function where(): string
    {
        $show = $this->bench->show;
        $on = $this->row->step->takesCurrent()
            ? array_filter([
                $this->row->charger,
                $this->row->charger_a === null ? '' : $show->text($this->row->charger_a, 'A'),
                'to ' . $show->text($this->battery['subject']->absorptionV, 'V'),
            ])
            : [];

        return implode(', ', [$this->bench->say->name($this->row->step), ...$on]);
    }

    public function since(): string
    {
        return $this->page->when((float) $this->row->since->getTimestamp());
    }

    public function volts(): string
    {
        return $this->last === null ? '–' : number_format($this->last->volts, 3) . ' V';
    }

    public function besides(): string
    {
        if ($this->last === null) {
            return '';
        }
        $show = $this->bench->show;
        $spread = $this->last->spreadMv();
        $before = $this->battery['lastYearV'];

        return implode(' ', array_filter([
            $this->last->amps === null ? '' : $show->text($this->last->amps, 'A'),
            $this->last->celsius === null ? '' : $show->text($this->last->celsius, '°C'),
            $spread === null ? '' : 'cells ' . round($spread) . ' mV apart',
            $before === null ? '' : '(last time ' . number_format($before, 2) . ' V)',
        ]));
    }

    public function charge(): string
    {
        return match (true) {
            $this->forecast->socPct === null => '–',
            $this->forecast->vaguePct > Gate::VAGUE_PCT => 'not told',
            default => round($this->forecast->socPct) . ' %',
        };
    }

    public function vague(): string
    {
        return $this->forecast->socPct === null ? '' : '± ' . round($this->forecast->vaguePct) . ' %';
    }

    public function ready(): string
    {
        if ($this->turn !== null) {
            return 'on ' . $this->turn['charger'] . ($this->isItsTurn() ? ' now' : ' about ' . $this->page->when($this->turn['startS']));
        }

        return match (true) {
            $this->forecast->readyAtS === null => '–',
            $this->isOver() => 'over',
            default => 'about ' . $this->page->when($this->forecast->readyAtS),
        };
    }

    public function why(): string
    {
        return $this->turn === null
            ? $this->bench->say->said($this->forecast->why)
            : 'charged about ' . $this->page->when($this->turn['freeS']) . ' at the latest';
    }

    public function isItsTurn(): bool
    {
        return $this->turn !== null && $this->page->isOver($this->turn['startS']);
    }

    private function isOver(): bool
    {
        return $this->page->isOver($this->forecast->readyAtS);
    }

    /** A step of the whole bank is taken at its first battery. */
    private function steps(): bool
    {
        return $this->number === 1 || !$this->page->isOfAll();
    }

    /** Where it may go now; null: nowhere by hand. */
    public function next(): ?BalanceStep
    {
        $next = $this->page->stepBeside($this->row->step, 1);

        $mayBe = $next !== BalanceStep::Joined && ($next !== BalanceStep::Ready || $this->isOver());

        return $mayBe && $this->steps() ? $next : null;
    }

    public function back(): ?BalanceStep
    {
        return !$this->page->isJoined() && $this->steps() ? $this->page->stepBeside($this->row->step, -1) : null;
    }

    public function takesCharger(): bool
    {
        return $this->next() === BalanceStep::Charging;
    }

    public function nextWords(): string
    {
        return match ($this->next()) {
            BalanceStep::Charging => 'On the charger',
            BalanceStep::Absorbing => $this->page->isCells() ? 'Full: the balancer bleeds' : 'Absorption has begun',
            BalanceStep::Resting => 'Off, it rests',
            default => 'It is ready',
        };
    }

    public function nextOf(): string
    {
        return $this->page->isOfAll() ? 'the whole bank' : "battery $this->number";
    }

    /** The charger that would be taken. */
    public function charger(): string
    {
        return $this->turn['charger'] ?? ($this->page->desk?->queue->free[0]['name'] ?? '');
    }

    /**
     * @return list<array{volts: float, high: bool}>
     */
    public function cells(): array
    {
        $cells = $this->page->isCells() ? $this->last->cells ?? [] : [];
        $apart = ($this->last?->spreadMv() ?? 0.0) > CellsApart::ALIKE_MV;

        return array_map(
            static fn(float $v): array => ['volts' => $v, 'high' => $apart && $v === max([0.0, ...$cells])],
            array_values($cells),
        );
    }
}
