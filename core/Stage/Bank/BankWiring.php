<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Bank;

use Pebblefell\Bank\Arrangement;
use Pebblefell\Bank\Layout;
use Pebblefell\Finding\Change;
use Pebblefell\Study;
use Pebblefell\System\Change\BankEnds;
use Pebblefell\System\Change\Lead;
use Pebblefell\System\Change\Names;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** The planned bank joined anew: its old links go, its new ones come, and what hangs on it is led to the new take-offs. */
final class BankWiring
{
    /** A, of a bar that nobody has chosen yet. Assumed. */
    private const BAR_A = 500.0;

    private Names $names;

    /** @var list<Change> */
    private array $changes = [];

    /**
     * @param list<Part> $batteries in order
     */
    private function __construct(private readonly Study $study, private readonly array $batteries, private readonly float $mm2)
    {
        $this->names = new Names();
    }

    /**
     * @param ?array{int, int} $takeoffs strings with the positive and the negative one, from 0; null: as the layout has it
     * @param float            $mm2      of each link and lead
     * @param float            $linkM    battery to battery
     * @param float            $leadM    battery to bar
     *
     * @return list<Change> none without a bank
     */
    public static function changes(Study $study, Layout $layout, ?array $takeoffs, float $mm2, float $linkM, float $leadM): array
    {
        $case = $study->banks()->planned;
        if ($case->bank === null) {
            return [];
        }
        $wiring = new self($study, $case->parts, $mm2);
        $at = $wiring->join(array_chunk($case->parts, max(1, $case->bank->series)), $layout, $takeoffs, $linkM, $leadM);
        $wiring->clear($at);

        return $wiring->changes;
    }

    /**
     * The same bank with its batteries in another order: each takes the place of another, and with it the conductors that end there.
     *
     * @param list<string> $uids every battery of the planned bank, once
     *
     * @return list<Change>
     */
    public static function ordered(Study $study, array $uids): array
    {
        $taker = array_combine(array_map(static fn(Part $p): string => $p->uid, $study->banks()->planned->parts), $uids);
        $changes = [];
        foreach ($uids as $i => $uid) {
            $changes[] = Change::set('part', $uid, 'position', $i + 1);
        }
        foreach ($study->planned()->conductors as $planned) {
            foreach (['from' => $planned->from, 'to' => $planned->to] as $end => $point) {
                if (($taker[$point->uid] ?? $point->uid) !== $point->uid) {
                    $changes[] = Lead::end(
                        $study->system,
                        $study->system->conductors[$planned->uid],
                        $end,
                        Point::of($taker[$point->uid], $point->terminal),
                    );
                }
            }
        }

        return $changes;
    }

    /**
     * @param list<list<Part>> $strings
     * @param ?array{int, int} $takeoffs
     *
     * @return array{plus: Point, minus: Point} where the new bank is taken off
     */
    private function join(array $strings, Layout $layout, ?array $takeoffs, float $linkM, float $leadM): array
    {
        $uids = array_map(static fn(Part $p): string => $p->uid, $this->batteries);
        $series = count($strings[0]);
        $ends = array_map(
            static fn(array $s): array => ['plus' => Point::of($s[count($s) - 1]->uid, 'plus'), 'minus' => Point::of($s[0]->uid, 'minus')],
            $strings,
        );
        if ($layout !== Layout::Posts) {
            foreach (Arrangement::links($uids, $series) as [$from, $to]) {
                $this->lead(Point::read($from), Point::read($to), $linkM);
            }
            $last = count($ends) - 1;
            $takeoffs ??= $layout->takeoffs(count($ends)) ?? [0, 0];

            return ['plus' => $ends[min($last, $takeoffs[0])]['plus'], 'minus' => $ends[min($last, $takeoffs[1])]['minus']];
        }
        $bars = ['plus' => $this->bar(count($strings)), 'minus' => $this->bar(count($strings))];
        foreach ($strings as $i => $string) {
            $uids = array_map(static fn(Part $p): string => $p->uid, $string);
            foreach (Arrangement::links($uids, $series) as [$from, $to]) {
                $this->lead(Point::read($from), Point::read($to), $linkM);
            }
            foreach ($bars as $pole => $bar) {
                $this->lead($ends[$i][$pole], $bar, $leadM);
            }
        }

        return $bars;
    }

    /**
     * The old links go; what hung on the bank from outside is led to where it is taken off now.
     *
     * @param array{plus: Point, minus: Point} $at
     */
    private function clear(array $at): void
    {
        $ends = BankEnds::of($this->study->system, $this->study->planned(), $this->batteries);
        foreach ($ends->inside as $conductor) {
            $this->changes[] = Change::remove('conductor', $conductor->uid);
        }
        array_push($this->changes, ...$ends->ledTo($at));
        // The old posts go once nothing hangs on them.
        foreach (array_keys($ends->posts) as $uid) {
            $this->changes[] = Change::remove('part', $uid);
        }
    }

    private function lead(Point $from, Point $to, float $metres): void
    {
        $this->changes[] = Change::add(
            'conductor',
            (new Conductor($this->names->next(), $from, $to, Fate::Add, $this->mm2, $metres))->toArray(),
        );
    }

    /** One stud for each string, and one for what is taken off. */
    private function bar(int $strings): Point
    {
        $sheet = DataSheet::of(PartKind::Busbar, ['rating_a' => self::BAR_A, 'studs' => $strings + 1]);
        $bar = new Part($this->names->next(), PartKind::Busbar, $sheet, Fate::Add, place: $this->batteries[0]->asPlanned()->place);
        $this->changes[] = Change::add('part', $bar->toArray());

        return Point::of($bar->uid, 'bar');
    }
}
