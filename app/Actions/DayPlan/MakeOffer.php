<?php

declare(strict_types=1);

namespace App\Actions\DayPlan;

use App\Models\Job;
use App\Models\Offer as Row;
use App\Models\Workshop;
use App\Record\Studies;
use App\Words\Lexicon;
use App\Words\Show;
use Illuminate\Support\Str;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\DayPlan\OfferFigures;
use Pebblefell\Stage\Size\Growth;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\System;

/** Makes an offer of the plan as it is, its named choices beside it, and keeps it as the customer will read it. */
final class MakeOffer
{
    /**
     * @param array{tax_pct: float, sundries: float, text: string, valid_until: string} $terms
     */
    public function __invoke(Job $job, array $terms, string $by): Row
    {
        $row = new Row([
            'number' => 1 + (int) Row::query()->where('job_id', $job->id)->max('number'),
            'token' => Str::random(40),
            'document' => self::document($job, Studies::of($job), $terms),
            'valid_until' => $terms['valid_until'],
            'issued_by' => $by,
        ]);
        $row->forceFill(['job_id' => $job->id])->save();

        return $row;
    }

    /**
     * Returns what an offer says, in numbers: prices net, in the workshop's currency.
     *
     * @param array{tax_pct: float, sundries: float, text: string, valid_until: string} $terms
     *
     * @return array<string, mixed>
     */
    public static function document(Job $job, Study $study, array $terms): array
    {
        $workshop = Workshop::current();
        $language = $job->customer->language ?? 'en';
        $say = Lexicon::of($study->system, new Show($study->system->region->units(), $workshop->currency, $language));
        $rate = (float) $workshop->hourly_rate;
        $offer = OfferFigures::of($study);
        $options = [];
        foreach ($study->system->choices as $choice) {
            try {
                $with = self::with($study->system, $choice->changes);
            } catch (InvalidValue) {
                // It no longer goes with the plan; Size says so.
                continue;
            }
            $options[] = [
                'uid' => $choice->uid,
                'name' => $choice->name,
                'group' => $choice->group,
                'net' => round($with->net($rate) - $offer->net($rate), 2),
                'unpriced' => max(0, $with->unpriced() - $offer->unpriced()),
                ...self::gives($with),
            ];
        }

        return [
            'title' => $job->title,
            'language' => $language,
            'customer' => $job->customer->name ?? '',
            'currency' => $workshop->currency,
            'units' => $study->system->region->units()->value,
            'workshop' => $workshop->only(['name', 'address', 'phone', 'email']),
            'parts' => array_map(static fn(array $p): array => [
                'name' => $say->part($p['part']), 'kind' => $say->name($p['part']->kind), 'count' => $p['count'], 'each' => $p['each'],
            ], $offer->parts),
            'labour' => array_map(static fn(array $l): array => [
                'name' => $say->word('steps.phases.' . $l['phase']->value), 'hours' => $l['hours'], 'rate' => $rate,
            ], $offer->labour),
            'sundries' => $terms['sundries'],
            'tax_pct' => $terms['tax_pct'],
            'net' => $offer->net($rate, $terms['sundries']),
            'gives' => self::gives($offer),
            'options' => $options,
            'later' => self::later($study),
            'text' => $terms['text'],
        ];
    }

    /**
     * Returns what may be added later, and until when.
     *
     * @return list<array{what: string, left: float, unit: string, until: ?string}>
     */
    private static function later(Study $study): array
    {
        $today = Workshop::current()->local(now());

        return array_values(array_map(static fn(Growth $g): array => [
            'what' => $g->what, 'left' => (float) $g->left, 'unit' => $g->unit,
            'until' => $g->withinYears === null ? null : $today->addMonths((int) floor(12.0 * $g->withinYears))->format('Y-m'),
        ], array_filter(Growth::of($study), static fn(Growth $g): bool => $g->isThere())));
    }

    /**
     * @param list<\Pebblefell\Finding\Change> $changes
     *
     * @throws InvalidValue
     */
    private static function with(System $system, array $changes): OfferFigures
    {
        return OfferFigures::of(Study::of(Plan::with($system, $changes)));
    }

    /**
     * @return array{usable_wh: float, days: ?float, array_w: float}
     */
    private static function gives(OfferFigures $offer): array
    {
        return ['usable_wh' => $offer->usableWh, 'days' => $offer->days, 'array_w' => $offer->arrayW];
    }
}
