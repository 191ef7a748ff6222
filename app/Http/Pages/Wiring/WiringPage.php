<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Requests\Wiring\WiringQuery;
use App\Http\Workbench;
use Pebblefell\Circuit\CableRun;
use Pebblefell\Stage\Wiring\OneLine;
use Pebblefell\Stage\Wiring\Opened;
use Pebblefell\System\Part;

/** What hangs on the bank: its circuit as one line, what if a part of it opens, cables and fuses run by run. */
final readonly class WiringPage
{
    /** Px of a letter in a box of the one-line drawing: its kind, and its name. Measured in the shipped fonts. */
    private const WIDE_LETTER = 7.4;
    private const NARROW_LETTER = 6.0;

    public Opened $opened;

    /** @var array{sun: bool, engine: bool, shore: bool, generator: bool} */
    public array $running;

    public ?OneLine $line;

    public function __construct(private Workbench $bench, WiringQuery $asked)
    {
        $this->running = $asked->running();
        $this->opened = Opened::of($bench->study, $asked->open(), $this->running);
        $this->line = OneLine::of($bench->study, Workbench::isNarrow());
    }

    /**
     * @return list<array{run: CableRun, from: string, to: string, fuse: string, size: string, length: string, carries: string,
     *     lost: string,
     *     wanted: string, thin: bool}>
     */
    public function runs(): array
    {
        $show = $this->bench->show;
        $parts = $this->bench->study->planned()->parts;
        $or = static fn(?float $value, callable $told): string => $value === null ? '–' : $told($value);
        $size = static fn(float $mm2): string => $show->units->conductorSize($mm2);

        $runs = $this->bench->study->runs();
        $fuse = static function (?Part $fuse) use ($show): string {
            $rating = $fuse?->data->number('rating_a');

            return $rating === null ? '–' : $show->text($rating, 'A', 0);
        };

        return array_map(fn(CableRun $run): array => [
            'run' => $run,
            'fuse' => $fuse($runs->fuseBefore($run)),
            'from' => $this->bench->say->onePart($parts[$run->near->uid]),
            'to' => $this->bench->say->onePart($parts[$run->far->uid]),
            'size' => $or($run->areaMm2(), $size),
            'length' => $or($run->lengthM(), static fn(float $m): string => $show->text($m, 'm')),
            'carries' => $or($run->carriesA(), static fn(float $a): string => $show->text($a, 'A', 0)),
            'lost' => $or($run->dropV(), static fn(float $v): string => $show->text($v, 'V', 2)),
            'wanted' => $or($runs->wantsMm2($run), $size),
            'thin' => $run->isTooThin(),
        ], $runs->runs);
    }

    /** How a circuit's lines are broken: none for the house's. */
    public function dash(string $circuit): string
    {
        return ['pv' => '8 4', 'starter_dc' => '2 3', 'shore_ac' => '9 3 2 3', 'inverter_ac' => '9 3 2 3'][$circuit] ?? '';
    }

    /**
     * @param array{part: ?Part, width: float} $box of the one-line drawing
     */
    public function boxKind(array $box): string
    {
        $kind = $box['part'] === null
            ? count($this->bench->study->banks()->planned->parts) . ' × battery'
            : $this->bench->say->name($box['part']->kind);

        return self::within($kind, $box['width'], self::WIDE_LETTER);
    }

    /**
     * @param array{part: ?Part, width: float} $box of the one-line drawing
     */
    public function boxName(array $box): string
    {
        $part = $box['part'] ?? $this->bench->study->banks()->planned->parts[0];
        $rating = $part->data->number('rating_a');
        $state = $this->state($box['part'] === null ? OneLine::BANK : $box['part']->uid);
        if ($state !== '' && $state !== 'live') {
            return $this->bench->say->word("opens.states.$state");
        }
        $name = $part->typedName() !== '' ? $part->typedName() : ($rating === null ? '' : $this->bench->show->text($rating, 'A', 0));

        return self::within($name, $box['width'], self::NARROW_LETTER);
    }

    /**
     * @param array{mm2: ?float, lengthM: ?float, count: int} $run of the one-line drawing
     */
    public function runLabel(array $run): string
    {
        $size = $run['mm2'] === null
            ? ''
            : ($run['count'] > 1 ? $run['count'] . ' × ' : '') . $this->bench->show->units->conductorSize($run['mm2']);

        return trim($size . ($run['lengthM'] === null ? '' : ' ' . $this->bench->show->text($run['lengthM'], 'm')));
    }

    /** What becomes of a box of the drawing while something is thought open: '' as long as nothing is. */
    public function state(string $uid): string
    {
        $bank = array_map(static fn(Part $p): string => $p->uid, $this->bench->study->banks()->planned->parts);
        $uids = $uid === OneLine::BANK ? $bank : [$uid];
        $is = static fn(array $parts): bool => array_intersect($uids, array_map(static fn(Part $p): string => $p->uid, $parts)) !== [];

        return match (true) {
            $this->opened->open === [] => '',
            array_diff($uids, $this->opened->open) === [] => 'open',
            $is($this->opened->inDanger()) => 'danger',
            $is($this->opened->dark) => 'dark',
            default => 'live',
        };
    }

    /** Where a box leads: to the same page with what it shows open, or closed again; null for what cannot open. */
    public function toggled(string $uid): ?string
    {
        if (!in_array($uid, array_map(static fn(Part $p): string => $p->uid, $this->opened->mayOpen), true)) {
            return null;
        }
        $open = in_array($uid, $this->opened->open, true)
            ? array_values(array_diff($this->opened->open, [$uid]))
            : [...$this->opened->open, $uid];

        return route('wiring', [$this->bench->job, ...array_filter($this->running), 'open' => $open]);
    }

    /**
     * @param array{ends: list<string>} $run of the one-line drawing
     */
    public function isFaded(array $run): bool
    {
        return array_intersect(array_map($this->state(...), $run['ends']), ['dark', 'open']) !== [];
    }

    public function answer(): string
    {
        $runs = $this->bench->study->runs()->runs;
        if ($runs === []) {
            return 'Nothing that is drawn hangs on the bank yet: its cables and fuses cannot be judged.';
        }
        $thin = count(array_filter($runs, static fn(CableRun $r): bool => $r->isTooThin()));
        $open = count(array_filter($runs, static fn(CableRun $r): bool => !$r->isMeasured()));
        $said = $thin > 0 ? "$thin of " . count($runs) . ' runs too thin for what flows in them' : '';
        $asked = $open > 0 ? ($said === '' ? "$open of " . count($runs) . ' runs' : $open) . ' not measured yet' : '';

        return $said . $asked === ''
            ? 'Each of the ' . count($runs) . ' runs carries what flows in it.'
            : implode('; ', array_filter([$said, $asked])) . '.';
    }

    public function runsAnswer(): string
    {
        return count($this->bench->study->runs()->runs) . ' from the bank outwards';
    }

    public function openedAnswer(): string
    {
        $dark = count($this->opened->dark) . ' dark';
        $danger = $this->opened->inDanger();

        return match (true) {
            $this->opened->open === [] => 'tap a fuse, switch or battery, or choose below',
            $danger !== [] => count($danger) . ' in danger, ' . $dark,
            default => $this->bench->say->word('opens.none') . ', ' . $dark,
        };
    }

    /**
     * @param array{part: Part, rule: string} $endangered
     */
    public function dangerClass(array $endangered): string
    {
        return $endangered['rule'] === Opened::UNDRAWN ? 'look' : 'out';
    }

    /**
     * @param list<Part> $parts
     */
    public function named(array $parts): string
    {
        return $parts === [] ? 'nothing that is drawn' : implode(', ', array_map($this->bench->say->onePart(...), $parts));
    }

    /** Cut to the width of a box. */
    private static function within(string $text, float $width, float $letter): string
    {
        $room = max(3, (int) floor($width / $letter));

        return mb_strlen($text) <= $room ? $text : mb_substr($text, 0, $room - 1) . '…';
    }
}
