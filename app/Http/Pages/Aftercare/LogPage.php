<?php

declare(strict_types=1);

namespace App\Http\Pages\Aftercare;

use App\Http\Workbench;
use App\Logs\LogSums;
use App\Models\LogFile;
use Pebblefell\Drawing\AxisTick;
use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Path;
use Pebblefell\Stage\Aftercare\LogDay;
use Pebblefell\Stage\Aftercare\LogJudge;
use Pebblefell\Stage\Aftercare\LogSketch;

/** A log on its page: which column is which, how far it is read, its days beside the plan, and a stretch of it looked at closely. */
final readonly class LogPage
{
    /** Pieces of a closely seen stretch: no more than there are pixels. */
    private const PIECES = 400;
    private const PIECES_NARROW = 180;

    /** Days seen closely at most. Chosen. */
    private const CLOSELY = 31;

    /** @var list<LogDay> */
    public array $days;

    public ?LogJudge $judge;

    public ?LogSketch $sketch;

    public string $from;

    public string $to;

    /**
     * @param array<string, string|bool> $known which column is which, as far as it is known
     */
    public function __construct(private Workbench $bench, public LogFile $log, private array $known, string $from, string $to)
    {
        $this->days = LogSums::of($log);
        $this->judge = $this->days === [] ? null : LogJudge::of($bench->study, $this->days);
        $this->sketch = $this->days === [] ? null : LogSketch::of($this->days, $this->judge?->plannedOutWh, Workbench::isNarrow());
        $this->from = $from;
        $this->to = $to === '' ? $from : min($to, gmdate('Y-m-d', (int) strtotime("$from UTC") + (self::CLOSELY - 1) * 86_400));
    }

    public function column(string $meaning): string
    {
        $name = $this->known[$meaning] ?? '';

        return is_string($name) ? $name : '';
    }

    public function isOutPositive(): bool
    {
        return ($this->known['out_is_positive'] ?? false) === true;
    }

    /**
     * @return array<string, string> the log's columns, by themselves
     */
    public function columns(): array
    {
        return array_combine($this->log->header, $this->log->header);
    }

    /**
     * @return list<string>
     */
    public function says(): array
    {
        return array_map($this->bench->say->said(...), $this->judge->says ?? []);
    }

    /** "14 days, 12 of them whole; a day 1.2 kWh in, 1.1 kWh out, 1.3 kWh planned". */
    public function answer(): string
    {
        $energy = fn(?float $wh, string $what): string => $wh === null ? '' : $this->bench->show->text($wh, 'Wh', 0) . " $what";
        $means = implode(', ', array_filter([
            $energy($this->judge?->inWh, 'into the battery'), $energy($this->judge?->outWh, 'out of it'),
            $energy($this->judge?->plannedOutWh, 'used by the plan'),
        ]));

        return count($this->days) . (count($this->days) === 1 ? ' day' : ' days') . ', ' . count($this->judge->whole ?? [])
            . ' of them whole'
            . ($means === '' ? '' : "; a day $means");
    }

    public function number(?float $value, string $unit): string
    {
        return $value === null ? '–' : $this->bench->show->text($value, $unit, 0);
    }

    /**
     * A stretch of days: charge and volts as lines.
     *
     * @return ?array{frame: Frame, charge: string, volts: string, hours: list<AxisTick>, voltTicks: list<AxisTick>}
     */
    public function closely(): ?array
    {
        if ($this->from === '') {
            return null;
        }
        $narrow = Workbench::isNarrow();
        $points = LogSums::thinned($this->log, $this->from, $this->to, $narrow ? self::PIECES_NARROW : self::PIECES);
        if ($points === []) {
            return null;
        }
        [$begins, $ends] = LogSums::between($this->from, $this->to);
        $hours = ($ends - $begins) / 3600.0;
        $frame = Frame::of($narrow, 240.0, 48.0, 10.0, 12.0, 24.0);
        $volts = array_filter(array_column($points, 'volts'), static fn(?float $v): bool => $v !== null);
        $x = $frame->across(0.0, $hours);
        $y = $frame->up($volts === [] ? 0.0 : min($volts) - 0.2, $volts === [] ? 1.0 : max($volts) + 0.2);
        $charge = $frame->up(0.0, 100.0);
        $line = static fn(string $what, $scale): string => Path::line(array_values(array_map(
            static fn(array $p): array => [$x->at($p['at']), $scale->at($p[$what])],
            array_filter($points, static fn(array $p): bool => $p[$what] !== null),
        )));

        return [
            'frame' => $frame, 'charge' => $line('charge', $charge), 'volts' => $line('volts', $y),
            'hours' => $x->ticks($narrow ? 4 : 8), 'voltTicks' => $y->ticks(5),
        ];
    }

    /**
     * Where one looks next, by keys or by a press: closer, wider, before, after.
     *
     * @return array<string, array{string, string}> from and to, by what is said
     */
    public function moves(): array
    {
        if ($this->from === '') {
            return [];
        }
        $from = (int) strtotime("$this->from UTC");
        $to = (int) strtotime("$this->to UTC");
        $days = intdiv($to - $from, 86_400) + 1;
        $day = static fn(int $at): string => gmdate('Y-m-d', $at);

        return array_filter([
            '‹ before' => [$day($from - $days * 86_400), $day($to - $days * 86_400)],
            'after ›' => [$day($from + $days * 86_400), $day($to + $days * 86_400)],
            'closer' => $days > 1 ? [$day($from), $day($from + (intdiv($days + 1, 2) - 1) * 86_400)] : null,
            'wider' => $days < self::CLOSELY ? [$day($from), $day($from + (min(self::CLOSELY, 2 * $days) - 1) * 86_400)] : null,
        ]);
    }
}
