<?php

declare(strict_types=1);

namespace App\Http\Pages\Test;

use App\Http\Workbench;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Test\DeviceWay;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Test\Proven;
use Pebblefell\Stage\Ticks;
use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;

/** The hunt for the joint that loses: between which two points the meter goes next, and which piece it is. */
final readonly class HuntPage
{
    /** @var list<DeviceWay> */
    private array $ways;

    /** @param string $asked uid of the device on whose way is looked; '': on the one that missed */
    public function __construct(private Workbench $bench, private Proven $proven, private Ticks $ticks, private string $asked)
    {
        $this->ways = DeviceWay::all($bench->study);
    }

    /**
     * @return array<string, string> devices at the end of a way, by uid
     */
    public function ways(): array
    {
        $ways = [];
        foreach ($this->ways as $way) {
            $ways[$way->part->uid] = $this->bench->say->onePart($way->part);
        }

        return $ways;
    }

    /** On the way that is asked for, else on the one that missed, else on the first. */
    public function hunt(): ?Hunt
    {
        $missed = '';
        foreach ($this->proven->rows as $row) {
            if ($row['verdict'] === Proven::MISS && str_starts_with($row['check']->key, 'way.')) {
                $missed = substr($row['check']->key, 4);
            }
        }
        foreach ([$this->asked, $missed] as $uid) {
            foreach ($this->ways as $way) {
                if ($way->part->uid === $uid) {
                    return Hunt::of($way, $this->ticks);
                }
            }
        }

        return $this->ways === [] ? null : Hunt::of($this->ways[0], $this->ticks);
    }

    public function isHunted(): bool
    {
        return $this->asked !== '';
    }

    public function point(Point $point): string
    {
        $part = $this->bench->study->planned()->parts[$point->uid];

        return $this->bench->say->word('tests.hunt.point', [
            'part' => $this->bench->say->onePart($part),
            'terminal' => $this->bench->say->terminal($part->kind, $point->terminal),
        ]);
    }

    /**
     * @param array{piece: Conductor|Part, from: Point, to: Point, chance: float, ohm: float, sigmaOhm: float, expectedOhm: float} $suspect
     */
    public function piece(array $suspect): string
    {
        return $suspect['piece'] instanceof Part
            ? $this->bench->say->onePart($suspect['piece'])
            : $this->bench->say->word('tests.hunt.lead', [
                'from' => $this->point($suspect['from']), 'to' => $this->point($suspect['to']),
            ]);
    }

    /** "3.2 ± 0.2 mΩ, 0.9 mΩ promised" */
    public function ohm(float $ohm, float $sigma, float $expected): string
    {
        return $this->bench->show->text(1000.0 * $ohm, '', 2) . ' ± ' . $this->bench->show->text(1000.0 * $sigma, 'mΩ', 2)
            . ', ' . $this->bench->show->text(1000.0 * $expected, 'mΩ', 2) . ' promised';
    }

    public function huntSays(Hunt $hunt): string
    {
        $args = ['piece' => Word::typed($hunt->suspects === [] ? '' : $this->piece($hunt->suspects[0]))];
        if ($hunt->isSound()) {
            return $this->bench->say->word('tests.hunt.sound');
        }
        $found = $hunt->suspects === [] ? '' : $this->bench->say->word(
            $hunt->isFound() ? 'tests.hunt.found' : 'tests.hunt.likely',
            $args,
        ) . ' ';

        $start = $hunt->read === [] && $hunt->suspects === [] ? $this->bench->say->word('tests.hunt.start') . ' ' : '';

        return $start . $found . ($hunt->next === null ? '' : $this->bench->say->word('tests.hunt.next', [
            'from' => $this->point($hunt->next[0]), 'to' => $this->point($hunt->next[1]),
        ]));
    }

    /**
     * @return array<string, string> pairs of points by the step that a drop between them is noted under, the next one first
     */
    public function pairs(Hunt $hunt): array
    {
        $pairs = [];
        $way = $hunt->way;
        if ($hunt->next !== null) {
            $pairs[Hunt::step($way, ...$hunt->next)] = $this->point($hunt->next[0]) . ' → ' . $this->point($hunt->next[1]);
        }
        for ($k = 0; $k + 1 < count($way->points); ++$k) {
            if ($k !== $way->device || !$way->hasBack()) {
                $pairs[Hunt::step(
                    $way,
                    $way->points[$k],
                    $way->points[$k + 1],
                )] ??= $this->point($way->points[$k]) . ' → ' . $this->point($way->points[$k + 1]);
            }
        }

        return $pairs;
    }
}
