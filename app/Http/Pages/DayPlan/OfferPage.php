<?php

declare(strict_types=1);

namespace App\Http\Pages\DayPlan;

use App\Actions\DayPlan\MakeOffer;
use App\Http\Workbench;
use App\Models\Offer;
use App\Models\Workshop;
use App\Pack\OfferText;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Eloquent\Collection;

/** Shows what an offer of the plan would say now, and those that were made. */
final readonly class OfferPage
{
    /** An offer holds so long unless one says otherwise, days. Common practice. */
    private const HOLDS_DAYS = 30;

    /** @var Collection<int, Offer> */
    public Collection $offers;

    public OfferText $draft;

    public function __construct(private Workbench $bench)
    {
        $this->offers = $bench->job->offers()->orderByDesc('number')->get();
        $next = ['number' => $this->nextNumber(), 'valid_until' => $this->validUntil()];
        $this->draft = new OfferText(new Offer([...$next, 'document' => MakeOffer::document(
            $bench->job,
            $bench->study,
            ['tax_pct' => $this->taxPct(), 'sundries' => $this->sundries(), 'text' => '', 'valid_until' => $this->validUntil()],
        )]));
    }

    public function nextNumber(): int
    {
        return 1 + (int) $this->offers->max('number');
    }

    /** As in the last offer, else none. */
    public function taxPct(): float
    {
        return (float) ($this->offers->first()->document['tax_pct'] ?? Offer::query()->latest('id')->first()->document['tax_pct'] ?? 0.0);
    }

    public function sundries(): float
    {
        return (float) ($this->offers->first()->document['sundries'] ?? 0.0);
    }

    public function validUntil(): string
    {
        return CarbonImmutable::parse(Workshop::current()->today())->addDays(self::HOLDS_DAYS)->format('Y-m-d');
    }

    public function hasRate(): bool
    {
        return (float) Workshop::current()->hourly_rate > 0.0;
    }

    public function at(?CarbonInterface $at): string
    {
        return $at === null ? '' : Workshop::current()->local($at)->format('j M Y, H:i');
    }

    /** Names of the choices that were taken with it. */
    public function taken(Offer $offer): string
    {
        $names = array_column(array_filter((new OfferText($offer))->options(), static fn(array $o): bool => $o['taken']), 'name');

        return $names === [] ? 'as it stands' : 'with ' . implode(', ', $names);
    }

    public function gross(Offer $offer): string
    {
        return array_column((new OfferText($offer))->sums(), 'amount')[2];
    }
}
