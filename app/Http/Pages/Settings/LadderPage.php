<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use Pebblefell\Drawing\Labels;
use Pebblefell\Stage\Settings\JudgedLadder;
use Pebblefell\Stage\Settings\LadderChart;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Part;

/** The ladder in words: what stands beside each rung, and what a form to move it offers. */
final readonly class LadderPage
{
    public LadderChart $chart;

    private function __construct(private Workbench $bench, private JudgedLadder $ladder)
    {
        $this->chart = LadderChart::of($bench->study, $ladder, Workbench::isNarrow());
    }

    /** Null as long as there is no bank, or nothing that acts on it. */
    public static function of(Workbench $bench): ?self
    {
        $ladder = JudgedLadder::of($bench->study);

        return $ladder === null || $ladder->rungs === [] ? null : new self($bench, $ladder);
    }

    public function answer(): string
    {
        $devices = count(array_unique(array_map(static fn(array $r): string => $r['part']->uid, $this->ladder->rungs)));
        $wrong = count(array_filter($this->chart->rungs, static fn(array $r): bool => $r['isWrong']));

        return count($this->ladder->rungs) . ' thresholds on ' . $devices . ($devices === 1 ? ' device' : ' devices') . ' and the BMS. '
            . match (true) {
                $wrong > 0 => $wrong . ($wrong === 1 ? ' is' : ' are') . ' not as it should be.',
                $this->ladder->unsure() === [] => 'Each acts before the next.',
                default => 'In order by their boxes; close together below.',
            };
    }

    public function opens(bool $above): string
    {
        $volts = $this->bench->show->text($above ? $this->ladder->highV : $this->ladder->lowV, 'V', 1);

        return $above ? "The BMS opens above $volts" : "The BMS opens below $volts";
    }

    /**
     * @param array{value: float} $rung
     */
    public function volts(array $rung): string
    {
        return $this->bench->show->field(round($rung['value'], 2), 'V');
    }

    /**
     * @param array{row: SettingRow} $rung
     */
    public function does(array $rung): string
    {
        return $this->bench->say->word("ladder.{$rung['row']->parameter->value}");
    }

    /**
     * @param array{parts: non-empty-list<Part>} $rung
     */
    public function who(array $rung): string
    {
        $count = count($rung['parts']);

        return $count === 1 ? $this->bench->say->onePart($rung['parts'][0]) : $this->bench->say->word(
            'ladder.several',
            ['count' => (string) $count],
        );
    }

    /**
     * @param array{parts: non-empty-list<Part>, row: SettingRow} $rung
     */
    public function key(array $rung): string
    {
        return implode(' ', [$rung['row']->parameter->value, ...array_map(static fn(Part $p): string => $p->uid, $rung['parts'])]);
    }

    /**
     * @return list<string> pairs that may act in either order
     */
    public function unsure(): array
    {
        return array_map(fn(array $pair): string => $this->bench->say->word('ladder.unsure', [
            'upper' => $this->does($pair['upper']) . ' ' . $this->volts($pair['upper']) . ' V ('
                . $this->bench->say->onePart($pair['upper']['part']) . ')',
            'lower' => $pair['lower'] === null
                ? $this->opens(false)
                : $this->does($pair['lower']) . ' ' . $this->volts($pair['lower']) . ' V ('
                    . $this->bench->say->onePart($pair['lower']['part']) . ')',
            'share' => $this->bench->show->text(100.0 * JudgedLadder::METER_SHARE, '%', 1),
        ]), $this->ladder->unsure());
    }

    /** Cut to the room beside a rung. */
    public function cut(string $text): string
    {
        return Labels::cut($text, $this->chart->room());
    }

    /**
     * @return array<string, string> every rung, for a form
     */
    public function choices(): array
    {
        $choices = [];
        foreach ($this->chart->rungs as $rung) {
            $names = implode(', ', array_map($this->bench->say->onePart(...), $rung['parts']));
            $choices[$this->key($rung)] = $this->bench->show->text($rung['value'], 'V', 2) . ' ' . $this->does($rung) . ': ' . $names;
        }

        return $choices;
    }
}
