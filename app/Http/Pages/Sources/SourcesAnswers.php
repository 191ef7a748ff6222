<?php

declare(strict_types=1);

namespace App\Http\Pages\Sources;

use App\Http\Workbench;
use Pebblefell\Finding\Figure;
use Pebblefell\Outlook\YearMonth;
use Pebblefell\Stage\Sources\FrostMorning;
use Pebblefell\Stage\Sources\InverterCheck;
use Pebblefell\Stage\Sources\SourcesDay;

/** Answers each fold of Sources says before it is opened. */
final readonly class SourcesAnswers
{
    public function __construct(private Workbench $bench)
    {
    }

    public function sources(int $count): string
    {
        return $count === 0 ? 'nothing yet' : "$count in the plan";
    }

    public function together(SourcesDay $day): string
    {
        $show = $this->bench->show;

        return 'on a bright day at most ' . $show->text($day->mostA(), 'A', 0) . ' at one time; the bank takes '
            . $show->text($day->limit->value, 'A', 0);
    }

    /**
     * @param list<array<string, mixed>> $arrays as SourcesPage::arrays() has them
     */
    public function arrays(array $arrays): string
    {
        $wrong = 0;
        foreach ($arrays as $array) {
            foreach ($array['ways'] as $way) {
                $wrong += $way['series'] === $array['array']->series() && $way['worst'] !== null ? 1 : 0;
            }
        }

        return match (true) {
            array_filter(array_column($arrays, 'ways')) === [] => 'their sheets have gaps',
            $wrong > 0 => "$wrong of " . count($arrays) . ' to look at',
            default => 'yes',
        };
    }

    /**
     * @param list<array<string, mixed>> $dcdcs as SourcesPage::dcdcs() has them
     */
    public function alternator(Figure $rated, array $dcdcs): string
    {
        $takes = array_sum(array_map(static fn(array $d): float => $d['fit']->inputA, $dcdcs));

        return ($takes > 0.0 ? $this->bench->show->text($takes, 'A') . ' of ' : '') . $this->bench->show->figure($rated)
            . ($rated->restsOnAssumption() ? ', assumed' : '');
    }

    /**
     * @param list<array<string, mixed>> $posts as SourcesPage::posts() has them
     */
    public function mains(array $posts): string
    {
        $carry = array_filter($posts, static fn(array $p): bool => $p['fit']->headroomA >= 0.0);

        return $carry === [] ? 'no post carries charging and outlets together' : 'from ' . $this->bench->show->text(
            array_values($carry)[0]['fit']->breakerA,
            'A',
        ) . ' on a post carries both';
    }

    public function inverter(InverterCheck $check): string
    {
        $amps = $check->lowVoltsA();

        return $amps === null ? 'its sheet has gaps' : $this->bench->show->figure($amps) . ' from the bank at full power';
    }

    /**
     * @param list<YearMonth> $months
     */
    public function frost(array $months): string
    {
        $nights = array_sum(array_map(static fn(YearMonth $m): int => $m->travelled ? $m->frostNights : 0, $months));

        return $nights === 0 ? 'only while it stands' : "$nights nights below the battery’s limit on the road";
    }

    public function morning(FrostMorning $morning): string
    {
        return !$morning->isMet() ? $this->bench->say->word('frost.calm') : $this->bench->say->word('frost.met', [
            'begins' => sprintf('%d:00', $morning->beginsH ?? 0),
            'amps' => $this->bench->show->text($morning->strayA, 'A', 0),
            'cold' => $this->bench->show->text($morning->hours[$morning->beginsH ?? 12]['batteryC'], '°C', 1),
        ]);
    }
}
