<?php

declare(strict_types=1);

namespace App\Http\Controllers\Handover;

use App\Actions\Handover\IssueHandover;
use App\Http\Controllers\Controller;
use App\Models\Handover;
use App\Record\PhotoStore;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/**
 * Serves what the customer keeps, by private signed link: page, PDF, open file, pictures. All of it as it was issued; nothing is
 * computed here.
 */
final class PackController extends Controller
{
    public function show(Handover $handover): View
    {
        $pack = self::valid($handover);
        // Who looks in the workshop does not count.
        if (auth()->guest()) {
            Handover::query()->whereKey($pack->id)->toBase()->increment('opened');
        }

        return view('pack.page', ['handover' => $pack, 'say' => Lexicon::in($pack->language)]);
    }

    /** The page for two in the morning; once opened it is there without a signal. */
    public function night(Handover $handover): View
    {
        return view('pack.night', ['handover' => self::valid($handover), 'say' => Lexicon::in($handover->language)]);
    }

    public function pdf(Handover $handover): Response
    {
        return new Response(
            self::valid($handover)->pdf,
            200,
            ['Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="' . $handover->fileName('pdf') . '"'],
        );
    }

    public function file(Handover $handover): Response
    {
        return new Response(
            self::valid($handover)->document,
            200,
            ['Content-Type' => 'application/json', 'Content-Disposition' => 'attachment; filename="' . $handover->fileName('json') . '"'],
        );
    }

    public function photo(Handover $handover, string $sha256): Response
    {
        abort_unless(in_array($sha256, self::valid($handover)->pictures ?? [], true), 404);

        return new Response(
            PhotoStore::bytesOf($handover->job_id, $sha256),
            200,
            ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400'],
        );
    }

    private static function valid(Handover $handover): Handover
    {
        abort_unless($handover->isGood(), 404);
        IssueHandover::complete($handover);

        return $handover->loadMissing('job');
    }
}
