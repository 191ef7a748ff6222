<?php

declare(strict_types=1);

namespace App\Http\Controllers\DayPlan;

use App\Actions\DayPlan\MakeOffer;
use App\Actions\TakeChoice;
use App\Http\Controllers\Controller;
use App\Http\Pages\DayPlan\OfferPage;
use App\Http\Requests\DayPlan\OfferRequest;
use App\Http\Workbench;
use App\Models\Choice;
use App\Models\Job;
use App\Models\Offer;
use App\Pack\OfferText;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage;

/** Offers of a job: made, withdrawn, and what was accepted laid on the plan. */
final class OfferController extends Controller
{
    public function index(Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.day-plan.offer', Stage::DayPlan, ['page' => new OfferPage($bench)]);
    }

    public function store(OfferRequest $request, Job $job, MakeOffer $make): RedirectResponse
    {
        $offer = $make($job, $request->terms(), $this->user($request)->name);

        return redirect()->route('offers', $job)->with('said', "Offer $offer->number is made; send its link.");
    }

    /** Makes what the customer accepted the plan: its choices, one after the other, all or none. */
    public function update(Request $request, Job $job, Offer $offer, TakeChoice $take): RedirectResponse
    {
        self::onlyIf(
            $offer->accepted_at !== null && $offer->taken_at === null,
            'Only an offer that was accepted, and is not the plan yet, becomes the plan.',
        );
        $there = array_values(
            $job->choices()->whereIn('uid', $offer->accepted ?? [])->get()->map(static fn(Choice $choice): string => $choice->uid)->all(),
        );
        try {
            $offer->saveIfUnchanged($request, ['taken_at' => now()]);
            foreach ($job->choices()->whereIn('uid', $offer->accepted ?? [])->get() as $choice) {
                $take($job, $choice);
            }
        } catch (InvalidValue $e) {
            return redirect()->route('offers', $job)->withErrors(
                ['offer' => 'What was accepted no longer goes with the plan: ' . Lexicon::plain()->refusal($e)],
            );
        }

        $gone = (new OfferText($offer))->gone($there);

        return redirect()->route('offers', $job)->with('said', $gone === []
            ? 'What was accepted is the plan now.'
            : 'Accepted, but no longer kept beside the plan, and so not laid on it: ' . implode(', ', $gone) . '.');
    }

    public function destroy(Request $request, Job $job, Offer $offer): RedirectResponse
    {
        self::onlyIf($offer->isOpen(), 'An offer that was accepted, withdrawn or has run out is not withdrawn.');
        $offer->saveIfUnchanged($request, ['withdrawn_at' => now()]);

        return redirect()->route('offers', $job)->with('said', "Offer $offer->number is withdrawn; its link opens nothing.");
    }
}
