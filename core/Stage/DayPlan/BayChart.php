<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Drawing\Frame;
use Pebblefell\Drawing\Labels;
use Pebblefell\Schedule\Calendar;

/** Who stands in which bay, day by day over a fortnight. */
final readonly class BayChart
{
    public const DAYS = 14;

    /** Px of one row, and of the bar in it. Chosen. */
    private const ROW = 34.0;
    private const BAR = 24.0;
    private const SHORT = 40.0;

    /**
     * @param list<array{k: int, x: float, y: float, width: float, height: float, label: string, clash: bool}> $bars k: which of the stays
     * @param list<array{x: float, width: float, h: float, open: bool}> $days
     * @param list<array{name: string, y: float}>                       $bays
     */
    private function __construct(public Frame $frame, public array $bars, public array $days, public array $bays, public ?float $nowX)
    {
    }

    /**
     * @param list<string>                                                   $bays
     * @param list<array{bay: string, fromH: float, toH: float, label: string}> $stays hours since the first midnight
     */
    public static function of(array $bays, array $stays, Calendar $calendar, float $nowH, bool $narrow): self
    {
        // Two in one bay at one time stand in rows of their own.
        $rows = $bars = $names = [];
        foreach ($bays as $bay) {
            $first = count($rows);
            $rows[] = -INF;
            foreach ($stays as $k => $stay) {
                if ($stay['bay'] !== $bay) {
                    continue;
                }
                $row = $first;
                while (isset($rows[$row]) && $rows[$row] > $stay['fromH']) {
                    ++$row;
                }
                $rows[$row] = $stay['toH'];
                $bars[] = ['k' => $k, 'row' => $row, 'clash' => $row > $first];
            }
            $names[] = ['name' => $bay, 'row' => $first];
        }
        $left = $narrow ? 4.0 : 112.0;
        $head = $narrow ? 16.0 : 0.0;
        $frame = Frame::of($narrow, 24.0 + (self::ROW + $head) * count($rows), $left, 24.0, 4.0, 0.0);
        $x = $frame->across(0.0, 24.0 * self::DAYS);
        $y = static fn(int $row): float => $frame->top + (self::ROW + $head) * $row;

        return new self(
            $frame,
            array_map(static function (array $bar) use ($stays, $x, $y, $head): array {
                $stay = $stays[$bar['k']];
                [$from, $to] = [max(0.0, $stay['fromH']), min(24.0 * self::DAYS, $stay['toH'])];
                $width = max(3.0, $x->at($to) - $x->at($from));

                return [
                    'k' => $bar['k'],
                    'x' => round($x->at($from), 1),
                    'y' => $y($bar['row']) + $head + 5.0,
                    'width' => round($width, 1),
                    'height' => self::BAR,
                    'label' => $width < self::SHORT ? '' : Labels::cut($stay['label'], $width - 12.0),
                    'clash' => $bar['clash'],
                ];
            }, $bars),
            array_map(static fn(int $day): array => [
                'x' => round($x->at(24.0 * $day), 1),
                'width' => round($x->length(24.0), 1),
                'h' => 24.0 * $day,
                'open' => array_filter(
                    $calendar->open,
                    static fn(array $s): bool => $s[0] >= 24.0 * $day && $s[0] < 24.0 * ($day + 1),
                ) !== [],
            ], range(0, self::DAYS - 1)),
            array_map(static fn(array $n): array => ['name' => $n['name'], 'y' => $y($n['row'])], $names),
            $nowH < 0.0 ? null : round($x->at($nowH), 1),
        );
    }
}
