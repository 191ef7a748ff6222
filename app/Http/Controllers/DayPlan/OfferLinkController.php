<?php

declare(strict_types=1);

namespace App\Http\Controllers\DayPlan;

use App\Http\Controllers\Controller;
use App\Http\Requests\DayPlan\AcceptRequest;
use App\Models\Offer;
use App\Pack\OfferText;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** An offer by its private signed link: the customer reads it, chooses and accepts. Nothing of it changes the job by itself. */
final class OfferLinkController extends Controller
{
    public function show(Offer $offer): View
    {
        return view('offer.page', ['offer' => new OfferText(self::valid($offer))]);
    }

    public function pdf(Offer $offer): Response
    {
        return new Response((new OfferText(self::valid($offer)))->pdf(), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => "inline; filename=\"offer-$offer->number.pdf\"",
        ]);
    }

    public function accept(AcceptRequest $request, Offer $offer): RedirectResponse
    {
        self::onlyIf(self::valid($offer)->isOpen(), 'This offer has been accepted, or its last day is over.');
        $offer->accepted = $request->choices();
        $at = now()->utc()->format('Y-m-d\TH:i:s\Z');
        $offer->changeTo([
            'accepted_at' => $at,
            'accepted_by' => $request->customerName(),
            'accepted_hash' => $offer->hash($request->customerName(), $at),
        ]);

        return redirect()->to($offer->link());
    }

    private static function valid(Offer $offer): Offer
    {
        abort_if($offer->withdrawn_at !== null, 404);

        return $offer;
    }
}
