<?php

declare(strict_types=1);

namespace App\Http;

use App\Actions\Handover\IssueHandover;
use App\Http\Middleware\OwnSession;
use App\Models\Handover;
use App\Models\Offer;
use App\Pack\OfferText;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/**
 * The form of somebody who has a private link and no account: refused because its page is older than its session, or because it was sent
 * too often, it comes back at the same address as it was typed, to be sent again.
 */
final class OwnersForm
{
    /** So much of what was typed comes back, bytes. Chosen: more than a person writes. */
    private const MOST = 20_000;

    /**
     * Answers with the form as it was typed, and with a new token.
     *
     * @param string $why a key of lang/NAME/pack.php
     */
    public static function again(Request $request, string $why = 'pack.send-again', int $status = 200): Response
    {
        abort_unless($request->hasValidRelativeSignature(), 403);
        $typed = $request->except([...KeptInput::NEVER, ...array_keys($request->allFiles())]);
        $session = $request->session();
        $session->now('_old_input', strlen((string) json_encode($typed, JSON_PARTIAL_OUTPUT_ON_ERROR)) > self::MOST ? [] : $typed);
        $request->attributes->set(OwnSession::GIVEN, true);

        return new Response($request->routeIs('pack.message') ? self::pack($request, $why) : self::offer($request, $why), $status);
    }

    private static function pack(Request $request, string $why): View
    {
        $handover = Handover::query()->where('token', self::token($request, 'handover'))->firstOrFail();
        abort_unless($handover->isGood(), 404);
        IssueHandover::complete($handover);
        $say = Lexicon::in($handover->language);
        $request->session()->now('said', $say->word($why));

        return view('pack.page', ['handover' => $handover->loadMissing('job'), 'say' => $say]);
    }

    private static function offer(Request $request, string $why): View
    {
        $offer = Offer::query()->where('token', self::token($request, 'offer'))->whereNull('withdrawn_at')->firstOrFail();
        $text = new OfferText($offer);
        $request->session()->now('said', Lexicon::in($text->language())->word($why));

        return view('offer.page', ['offer' => $text]);
    }

    /** As the address has it: nothing has been bound yet. */
    private static function token(Request $request, string $name): string
    {
        $raw = $request->route()?->originalParameter($name);

        return is_string($raw) ? $raw : '';
    }
}
