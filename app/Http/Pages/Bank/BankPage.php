<?php

declare(strict_types=1);

namespace App\Http\Pages\Bank;

use App\Http\Desks\Bank\BankDesk;
use App\Http\Workbench;
use Pebblefell\Bank\JointDiagnosis;
use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Share;
use Pebblefell\Finding\Figure;
use Pebblefell\Stage\Bank\BankFigures;
use Pebblefell\Stage\Bank\BankSketch;

/** Shows Bank: the planned bank with its links, and what its batteries carry. */
final readonly class BankPage
{
    public DriftPage $drifting;

    public InsidePage $inside;

    private bool $narrow;

    public function __construct(private Workbench $bench, public BankDesk $desk)
    {
        $this->narrow = Workbench::isNarrow();
        $this->inside = new InsidePage($bench, $desk);
        $this->drifting = new DriftPage($bench, $desk);
    }

    public function aside(): string
    {
        $planned = $this->bench->study->banks()->planned;
        if ($planned->bank === null) {
            return '';
        }

        return count($planned->parts) . ' × ' . $this->bench->say->part($planned->parts[0])
            . ($planned->bank->series > 1 ? ', strings of ' . $planned->bank->series : '');
    }

    /**
     * @return list<Layout>
     */
    public function layouts(): array
    {
        return Layout::cases();
    }

    public function layoutName(): string
    {
        return $this->desk->layout === null ? 'as drawn' : $this->bench->say->name($this->desk->layout);
    }

    public function otherName(): string
    {
        return $this->desk->other === null ? '' : $this->bench->say->name($this->desk->other);
    }

    public function sketch(): ?BankSketch
    {
        [$drawing, $share] = [$this->desk->drawing, $this->desk->share];

        return $drawing === null || $share === null ? null : BankSketch::of($drawing, $share, $this->desk->loose, $this->narrow);
    }

    public function besideShare(): ?Share
    {
        return $this->desk->beside?->network->share($this->desk->loadA);
    }

    public function besideSketch(): ?BankSketch
    {
        $share = $this->besideShare();

        return $this->desk->beside === null || $share === null ? null : BankSketch::of($this->desk->beside, $share, null, $this->narrow);
    }

    public function isParallel(): bool
    {
        return count($this->desk->drawing->strings ?? []) > 1;
    }

    /** Of the batteries, by their numbers: "1 2 3". */
    public function order(): string
    {
        return implode(' ', range(1, count($this->desk->drawing->network->sources ?? [])));
    }

    /** "Battery 1 works", "Batteries 1 and 4 work" hardest: those that carry the same to a thousandth. */
    public function hardest(): string
    {
        [$drawing, $share] = [$this->desk->drawing, $this->desk->share];
        $amps = array_map(fn(float $a): float => $this->desk->loadA < 0.0 ? -$a : $a, $share->amps ?? []);
        $most = max([0.0, ...$amps]);
        $numbers = [];
        foreach ($drawing->network->sources ?? [] as $i => $source) {
            if (($amps[$i] ?? -INF) >= 0.999 * $most) {
                $numbers[] = $this->desk->number($source->id);
            }
        }
        sort($numbers);
        $last = array_pop($numbers);

        return $numbers === [] ? "Battery $last works" : 'Batteries ' . implode(', ', $numbers) . " and $last work";
    }

    /** Returns what the layout takes away: less than the sum of the batteries, or null. */
    public function cutLimit(): ?Figure
    {
        $limit = $this->desk->drawing?->trueLimit(true);

        return $limit !== null && $limit->value < $limit->inputs[0]->value - 0.5 ? $limit : null;
    }

    /**
     * @return array<string, Figure> by what they are called on the page
     */
    public function figures(): array
    {
        [$drawing, $share] = [$this->desk->drawing, $this->desk->share];
        if ($drawing === null || $share === null) {
            return [];
        }

        return array_filter([
            'Spread' => BankFigures::spread($share),
            'Gives before a BMS opens' => $drawing->trueLimit(true),
            'Takes before a BMS opens' => $drawing->trueLimit(false),
            'Lost in the links' => BankFigures::lost($share),
            'Heat in the links' => BankFigures::heat($share),
        ]);
    }

    /** Whether what is looked at can be drawn into the plan. */
    public function canBeDrawn(): bool
    {
        return $this->isParallel() && ($this->desk->layout !== null || $this->desk->drawing?->positive === Layout::POSITIVE);
    }

    public function drawnAs(): string
    {
        return ($this->desk->layout ?? Layout::Across)->value;
    }

    public function canBeReordered(): bool
    {
        return $this->isParallel() && $this->desk->layout === null && $this->desk->drawing?->problem === null;
    }

    /**
     * @return list<array{number: int, serial: string, amps: float, beside: float, ages: ?float}> each battery in the two layouts
     */
    public function beside(): array
    {
        [$drawing, $share, $other] = [$this->desk->drawing, $this->desk->share, $this->besideShare()];
        if ($drawing === null || $share === null || $other === null) {
            return [];
        }
        $fair = $this->desk->loadA / max(1, count($drawing->strings));
        $rows = [];
        foreach ($drawing->network->sources as $i => $source) {
            $number = $this->desk->number($source->id);
            $rows[$number] = [
                'number' => $number, 'serial' => $drawing->part($source->id)->serial ?? '',
                'amps' => $share->amps[$i], 'beside' => $other->amps[$i], 'ages' => $fair === 0.0 ? null : $share->amps[$i] / $fair,
            ];
        }
        ksort($rows);

        return array_values($rows);
    }

    /**
     * @return array<string, mixed> what the address asks, for a form that asks more
     */
    public function asked(): array
    {
        $keep = $this->desk->layout === null && $this->desk->drawing?->takeoffs !== null;

        return array_filter([
            'layout' => $this->desk->layout?->value, 'load' => $this->desk->loadA, 'mm2' => $this->desk->mm2,
            'link_m' => $this->desk->linkM, 'lead_m' => $this->desk->leadM,
            'plus' => $keep ? request()->query('plus') : null, 'minus' => $keep ? request()->query('minus') : null,
        ], static fn(mixed $v): bool => $v !== null);
    }

    /**
     * @return list<array{words: string, addedMohm: float, error: float}> the likeliest first
     */
    public function suspects(): array
    {
        return array_map(
            fn(JointDiagnosis $d): array => ['words' => $this->suspect($d), 'addedMohm' => 1000.0 * $d->addedOhm, 'error' => $d->error],
            array_slice($this->desk->suspects ?? [], 0, 4),
        );
    }

    private function suspect(JointDiagnosis $suspect): string
    {
        if ($suspect->kind === 'link') {
            $link = $this->desk->drawing->links[$suspect->index] ?? null;

            return $link === null ? '' : 'The link ' . $this->node($link->from) . ' to ' . $this->node($link->to);
        }

        return $suspect->kind === 'none'
            ? 'Nothing is wrong'
            : 'Battery ' . $this->desk->number($suspect->name) . ' itself: tired, or its own fuse or terminal';
    }

    /** A node of the network in words: "battery 2 plus", "the take-off". */
    public function node(string $node): string
    {
        $uid = substr($node, 0, -1);

        return $this->desk->drawing?->part($uid) === null
            ? 'the take-off'
            : 'battery ' . $this->desk->number($uid) . (str_ends_with($node, '+') ? ' plus' : ' minus');
    }

    /** Returns what a meter cannot tell apart. */
    public function meterError(): string
    {
        return $this->desk->byVolts
            ? JointDiagnosis::METER_MV . ' mV is within a meter’s error'
            : JointDiagnosis::METER_PCT . ' % is within a clamp meter’s error';
    }

    public function gapMm(): ?float
    {
        return $this->bench->study->banks()->bayFit($this->bench->study->banks()->planned)?->gapMm();
    }

    /**
     * An address of this page with something changed.
     *
     * @param array<string, mixed> $change
     */
    public function address(array $change): string
    {
        $query = array_filter([...request()->except(['_token', 'loose']), ...$change], static fn(mixed $v): bool => $v !== null);

        return route('bank', $this->bench->job) . '?' . http_build_query($query);
    }

    /**
     * "Link battery 1 plus to battery 2 plus, 42 A, 0.26 mΩ": what a link is to who cannot see it.
     *
     * @param array<string, mixed> $link as BankSketch has it
     */
    public function linkSays(array $link): string
    {
        return "Link {$this->node($link['from'])} to {$this->node($link['to'])}, " . round(abs($link['amps']), 1) . ' A, '
            . round($link['ohm'] * 1000.0, 2) . ' mΩ' . ($link['loose'] ? ', made loose' : '');
    }

    /**
     * The bank taken off at a terminal, the other pole where it is.
     *
     * @param array<string, mixed>  $terminal as BankSketch has it
     * @param array{int, int}       $takeoffs strings of plus and minus
     */
    public function takeOffAt(array $terminal, array $takeoffs): string
    {
        return $this->address([
            'layout' => null,
            'plus' => $terminal['pole'] === 'plus' ? $terminal['string'] : $takeoffs[0],
            'minus' => $terminal['pole'] === 'minus' ? $terminal['string'] : $takeoffs[1],
        ]);
    }
}
