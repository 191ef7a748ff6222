<?php

declare(strict_types=1);

namespace App\Http\Pages\Bank;

use App\Http\Workbench;
use Pebblefell\Circuit\CableRun;
use Pebblefell\Stage\Bank\OneLine;
use Pebblefell\Stage\Bank\Waking;
use Pebblefell\System\Part;

/** What hangs on the bank: its circuit as one line, cables and fuses run by run, and what wakes it. */
final readonly class CircuitPage
{
    /** Px of a letter in a box of the one-line drawing: its kind, and its name. Measured in the shipped fonts. */
    private const WIDE_LETTER = 7.4;
    private const NARROW_LETTER = 6.0;

    public function __construct(private Workbench $bench)
    {
    }

    /**
     * @param array{way: string, opens: list<Part>, by: array<string, string>, dark: list<Part>} $row of the waking table
     */
    public function way(array $row): string
    {
        return $this->bench->say->word(
            "waking.ways.{$row['way']}",
            ['parts' => implode(', ', array_map($this->bench->say->part(...), $row['opens']))],
        );
    }

    /**
     * @param array{way: string, opens: list<Part>, by: array<string, string>, dark: list<Part>} $row of the waking table
     */
    public function dark(array $row): string
    {
        $names = implode(', ', array_map($this->bench->say->part(...), $row['dark']));

        return $names === '' ? $this->bench->say->word('waking.nothing-dark') : $names;
    }

    public function wakeClass(string $does): string
    {
        return match ($does) {
            Waking::CANNOT => 'out',
            Waking::UNKNOWN, Waking::BUTTON => 'look',
            default => 'good',
        };
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
            'thin' => $run->carriesA() !== null && $run->carriesA() < $run->current()->value,
        ], $runs->runs);
    }

    public function line(): ?OneLine
    {
        return OneLine::of($this->bench->study, Workbench::isNarrow());
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

    /** Cut to the width of a box. */
    private static function within(string $text, float $width, float $letter): string
    {
        $room = max(3, (int) floor($width / $letter));

        return mb_strlen($text) <= $room ? $text : mb_substr($text, 0, $room - 1) . '…';
    }
}
