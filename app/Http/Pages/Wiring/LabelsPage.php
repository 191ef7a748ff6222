<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\Stage\Wiring\RunLabels;
use Pebblefell\System\Part;

/** The labels of the new runs and of what opens, named as the customer will know them. */
final readonly class LabelsPage
{
    public function __construct(private Workbench $bench)
    {
    }

    /**
     * @return list<array{big: string, small: string}>
     */
    public function labels(): array
    {
        [$say, $show] = [$this->bench->say, $this->bench->show];
        $labels = [];
        foreach (RunLabels::openers($this->bench->study) as ['part' => $part, 'dark' => $dark]) {
            $rating = $part->data->number('rating_a');
            $labels[] = [
                'big' => trim($say->name($part->kind) . ' ' . ($rating === null ? '' : $show->text($rating, 'A', 1))),
                'small' => $dark === []
                    ? $say->onePart($part)
                    : $say->word(
                        'opens.label-opens',
                        ['parts' => implode(', ', array_map(static fn(Part $p): string => $say->onePart($p), $dark))],
                    ),
            ];
        }
        foreach (RunLabels::ends($this->bench->study) as $end) {
            $labels[] = [
                'big' => $say->word($end['isReturn'] ? 'opens.label-minus' : 'opens.label-to', ['part' => $say->onePart($end['there'])]),
                'small' => implode(' · ', array_filter([
                    $end['run']->uid,
                    $end['run']->sizeMm2 === null ? '' : $show->units->conductorSize($end['run']->sizeMm2),
                    $say->word('opens.label-from', ['part' => $say->onePart($end['here'])]),
                ])),
            ];
        }

        return $labels;
    }
}
