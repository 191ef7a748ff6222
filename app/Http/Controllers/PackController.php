<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Handover;
use App\Support\Pack;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Response;

/** What the customer keeps, by private signed link: page, PDF, open file, pictures. */
final class PackController extends Controller
{
    public function show(Handover $handover): View
    {
        return view('pack.page', ['pack' => $this->pack($handover)]);
    }

    public function pdf(Handover $handover): Response
    {
        $pack = $this->pack($handover);

        return new Response($pack->pdf(), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="' . $pack->fileName('pdf') . '"',
        ]);
    }

    public function file(Handover $handover): Response
    {
        $pack = $this->pack($handover);

        return new Response($handover->document, 200, [
            'Content-Type' => 'application/json',
            'Content-Disposition' => 'attachment; filename="' . $pack->fileName('json') . '"',
        ]);
    }

    public function photo(Handover $handover, string $sha256): Response
    {
        $bytes = $this->pack($handover)->photo($sha256);
        abort_if($bytes === null, 404);

        return new Response($bytes, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }

    private function pack(Handover $handover): Pack
    {
        abort_if($handover->revoked_at !== null, 404);

        return Pack::of($handover);
    }
}
