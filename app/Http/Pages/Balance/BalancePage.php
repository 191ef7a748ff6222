<?php

declare(strict_types=1);

namespace App\Http\Pages\Balance;

use App\Actions\Balance\Bench;
use App\Http\Workbench;
use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use App\Models\Workshop;
use App\Record\Balanced;
use App\Record\BalanceDesk;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BenchCharger;
use Pebblefell\Balance\Gate;
use Pebblefell\Balance\Protocol;
use Pebblefell\Bank\RefreshCharge;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Balance\SessionSketch;
use Pebblefell\System\Part;

/** Shows Balance: the gate, each battery in its session, and what came before. */
final readonly class BalancePage
{
    private const FAULTS = [
        '' => 'sound',
        'loose_joint' => 'a loose joint',
        'weak_cell' => 'a weak cell',
        'dead_cutoff' => 'cold, its cut-off dead',
    ];

    public ?Gate $gate;

    /** @var list<Word> what speaks against keeping the result */
    public array $against;

    private Workshop $workshop;

    public function __construct(private Workbench $bench, public ?BalanceSession $session, public ?BalanceDesk $desk)
    {
        $this->gate = $desk?->gate();
        $this->against = $desk?->against() ?? [];
        $this->workshop = Workshop::current();
    }

    public function aside(): string
    {
        if ($this->session === null) {
            return '';
        }
        $clock = $this->session->clock;

        return $this->bench->say->name($this->session->protocol) . '; since ' . $this->at($this->session->started_at)
            . ($clock === null ? '' : '; simulated bench, its clock says ' . $this->at($clock));
    }

    /** While no session runs: whether there is anything to make alike, and whether it has been. */
    public function lead(): string
    {
        $strings = $this->bench->study->banks()->planned->bank->parallel ?? 0;
        $passed = Balanced::by($this->bench->job, $this->bench->study);
        $others = $this->past()->first(static fn(BalanceSession $s): bool => $s->passed && !$s->isPractice());

        return match (true) {
            $strings === 1 && count($this->candidates()) === 1 => 'One battery: nothing is joined to it, and nothing has to be made alike.',
            $strings === 1 => 'One string: nothing is joined in parallel. What may lie apart are its blocks; a charge of each levels them.',
            $passed !== null => 'They were alike on ' . $this->at($passed->ended_at, 'j M Y')
                . '. Read them again in a year, and before one more is joined.',
            $others !== null => 'The session of ' . $this->at($others->ended_at, 'j M Y')
                . ' was of other batteries than those that are planned now: these are still to be made alike.',
            default => 'New batteries come at an unknown charge. Joined unequal, the full one pours into the empty one, and one stays'
                . ' higher for ever.',
        };
    }

    /** By the clock on the workshop's wall. */
    public function at(?CarbonInterface $time, string $format = 'j M H:i'): string
    {
        return $time === null ? '' : $this->workshop->local($time)->format($format);
    }

    public function clock(float $second): string
    {
        return $this->workshop->local($second)->format('H:i');
    }

    /** As people say it: "16:30", "tomorrow 08:00", "3 Dec 08:00". */
    public function when(float $second): string
    {
        [$then, $now] = [$this->workshop->local($second), $this->workshop->local($this->nowS())];

        return match (true) {
            $then->isSameDay($now) => '',
            $then->isSameDay($now->addDay()) => 'tomorrow ',
            default => $then->format('j M '),
        } . $then->format('H:i');
    }

    public function nowS(): float
    {
        return (float) ($this->session?->time()->getTimestamp() ?? 0);
    }

    public function isOver(?float $second): bool
    {
        return $second !== null && $second <= $this->nowS();
    }

    public function isJoined(): bool
    {
        return $this->session?->joined_at !== null;
    }

    /** The batteries of this session are to be joined at its end. */
    public function joins(): bool
    {
        return in_array(BalanceStep::Joined, $this->steps(), true);
    }

    public function charges(): bool
    {
        return in_array(BalanceStep::Charging, $this->steps(), true);
    }

    /** It runs on the simulated bench, or may be put on it. */
    public function mayPractise(): bool
    {
        return $this->workshop->bench || $this->session?->isPractice() === true;
    }

    /** When a session that ended asks for the next one. */
    public function nextCheck(BalanceSession $old): string
    {
        return $old->passed && !$old->isPractice() && $old->ended_at !== null
            ? $this->at($old->ended_at->copy()->addYear(), 'j M Y')
            : '–';
    }

    public function isCells(): bool
    {
        return $this->session?->protocol === Protocol::Cells;
    }

    /** One step is the whole bank's. */
    public function isOfAll(): bool
    {
        return $this->session?->protocol === Protocol::Refresh;
    }

    /**
     * @return list<BalanceStep>
     */
    private function steps(): array
    {
        return $this->session?->protocol->steps() ?? [];
    }

    /** Some batteries have not been through their charge yet. */
    public function onTheWay(): bool
    {
        foreach ($this->desk->batteries ?? [] as $b) {
            if ($b['row']->step->takesCurrent() || $b['row']->step === BalanceStep::Waiting) {
                return true;
            }
        }

        return false;
    }

    public function isGateOpen(): bool
    {
        return $this->isJoined() || in_array($this->gate?->answer, [Gate::JOIN, Gate::EVEN], true);
    }

    /** Returns what the gate says, in a word or two. */
    public function answer(): string
    {
        if ($this->isJoined()) {
            return 'Joined, ' . $this->at($this->session?->joined_at);
        }
        $until = $this->onTheWay() && $this->charges()
            ? ($this->desk?->queue->doneS === null ? null : max($this->gate->untilS ?? 0.0, $this->desk->queue->doneS))
            : $this->gate?->untilS;

        return match ($this->gate?->answer) {
            Gate::JOIN => 'Join',
            Gate::EVEN => 'Even',
            Gate::WAIT => 'Wait' . ($until === null ? '' : ' until about ' . $this->when($until)),
            default => 'Do not',
        };
    }

    /** Returns what flows at the moment of joining, and what follows. */
    public function rush(): string
    {
        $rush = $this->gate?->rush;
        if ($rush === null || $this->onTheWay()) {
            return '';
        }
        [$show, $levelling] = [$this->bench->show, $rush->levelling()];
        $flows = [];
        foreach ($this->desk->batteries ?? [] as $b) {
            $flows[] = $b['name'] . ' ' . $show->text($rush->amps[$b['subject']->id] ?? 0.0, 'A');
        }
        $said = 'At the moment of joining: ' . implode(', ', $flows) . ' (positive: gives).';
        if ($levelling === null) {
            return $said;
        }
        $socs = $levelling->finalSocPct;
        foreach ($levelling->course as [$hour, $at]) {
            if ($hour >= 1.0) {
                $socs = $at;
                break;
            }
        }

        return $said . ' Then ' . ($levelling->hours === null ? 'weeks' : $show->text($levelling->hours, 'h'))
            . ' until even; after the first hour they would be at '
            . implode(' and ', array_map(static fn(float $s): string => round($s) . ' %', array_values($socs))) . '.';
    }

    /** Who is next on a charger, and when each charger is free. */
    public function queue(): string
    {
        $said = [];
        $queue = $this->desk?->queue;
        $waiting = count(array_filter($this->desk->batteries ?? [], static fn(array $b): bool => $b['row']->step === BalanceStep::Waiting));
        $free = array_column($queue->free ?? [], 'name');
        if ($free !== [] && $waiting > 0) {
            $said[] = ($waiting === 1 ? 'One battery waits' : "$waiting batteries wait") . ' and ' . implode(', ', $free)
                . (count($free) === 1 ? ' is free.' : ' are free.');
        }
        foreach ($this->session->chargers ?? [] as $charger) {
            if (!in_array($charger['name'], $free, true)) {
                $said[] = $charger['name'] . ', ' . $this->bench->show->text($charger['amps'], 'A') . ': ' . $this->busy($charger['name'])
                    . '.';
            }
        }
        if ($queue?->doneS !== null && !$this->isJoined()) {
            $said[] = 'All have rested about ' . $this->when($queue->doneS) . '.';
        }

        return implode(' ', $said);
    }

    private function busy(string $charger): string
    {
        foreach ($this->desk->batteries ?? [] as $k => $b) {
            if ($b['row']->step->takesCurrent() && $b['row']->charger === $charger) {
                return 'battery ' . ($k + 1) . ', free about '
                    . $this->when($this->desk->queue->turns[$b['row']->part_uid]['freeS'] ?? $this->nowS());
            }
        }

        return 'free';
    }

    public function sketch(): ?SessionSketch
    {
        return $this->desk?->sketch(Workbench::isNarrow());
    }

    /**
     * @return list<BatteryRow>
     */
    public function batteries(): array
    {
        return array_map(
            fn(array $b, int $k): BatteryRow => new BatteryRow($this, $this->bench, $b, $k + 1),
            array_values($this->desk->batteries ?? []),
            array_keys(array_values($this->desk->batteries ?? [])),
        );
    }

    /** The step after this one, or before it. */
    public function stepBeside(BalanceStep $step, int $by): ?BalanceStep
    {
        return $this->steps()[(int) array_search($step, $this->steps(), true) + $by] ?? null;
    }

    /**
     * @return list<float>
     */
    public function speeds(): array
    {
        return Bench::SPEEDS;
    }

    /**
     * @return list<BenchCharger>
     */
    public function benchChargers(): array
    {
        return BenchCharger::cases();
    }

    /**
     * @return array<string, string>
     */
    public function faults(): array
    {
        return self::FAULTS;
    }

    /**
     * @return list<Part> that may be taken into a new session
     */
    public function candidates(): array
    {
        return $this->bench->study->planned()->houseBatteries();
    }

    /**
     * @return list<Protocol>
     */
    public function protocols(): array
    {
        return Protocol::cases();
    }

    public function usualProtocol(): string
    {
        return ($this->candidates()[0] ?? null)?->data->chemistry()->isLithium() === false ? 'refresh' : 'full';
    }

    /** Returns what a refresh charge of the planned bank takes; null for lithium. */
    public function refresh(): ?RefreshCharge
    {
        $bank = $this->bench->study->banks()->planned->bank;

        return $bank === null || $bank->chemistry()->isLithium() ? null : RefreshCharge::of($bank->cells(), $bank->ahAtRate(10));
    }

    /**
     * @return Collection<int, BalanceSession> that ended, the last first
     */
    public function past(): Collection
    {
        return once(fn(): Collection => $this->bench->job->balanceSessions()->whereNotNull('ended_at')->latest('id')
            ->with('balanceBatteries.lastReading')->get());
    }

    /** Returns what each read last, and how far apart they were. */
    public function lastVolts(BalanceSession $session): string
    {
        $volts = $session->balanceBatteries->map(static fn(BalanceBattery $b): ?float => $b->lastReading?->volts)->all();
        $read = array_filter($volts, static fn(?float $v): bool => $v !== null);
        $apart = count($read) > 1 ? ' (' . round(1000.0 * (max($read) - min($read))) . ' mV)' : '';

        return implode(', ', array_map(static fn(?float $v): string => $v === null ? '–' : number_format($v, 2), $volts)) . $apart;
    }
}
