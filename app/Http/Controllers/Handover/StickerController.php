<?php

declare(strict_types=1);

namespace App\Http\Controllers\Handover;

use App\Http\Controllers\Controller;
use App\Models\Handover;
use App\Models\Job;
use App\Pack\Sticker;
use Illuminate\Http\Response;

/** A sticker for the door or the battery's lid: the code leads to the pack. */
final class StickerController extends Controller
{
    public function show(Job $job, Handover $handover): Response
    {
        abort_unless($handover->isGood(), 404);

        return new Response(Sticker::of($handover->setRelation('job', $job))->pdf(), 200, [
            'Content-Type' => 'application/pdf', 'Content-Disposition' => 'inline; filename="' . $handover->fileName('sticker.pdf') . '"',
        ]);
    }
}
