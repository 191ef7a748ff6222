<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Conductor;
use App\Models\Job;
use App\Support\SystemReader;
use Illuminate\Support\Facades\DB;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Bank\Layout;
use Pebblefell\Sizing\BankDrawing;

/** Puts the batteries of the planned bank in another order; the links and take-offs stay where they are, so they are drawn anew. */
final class OrderBank
{
    public function __construct(private readonly WireBank $wire)
    {
    }

    /**
     * @param list<string> $uids every battery of the planned bank, once
     */
    public function __invoke(Job $job, array $uids): void
    {
        DB::transaction(function () use ($job, $uids): void {
            $drawing = BankDrawing::asDrawn(Assessment::of(SystemReader::read($job))->sums);
            foreach ($job->parts()->whereIn('uid', $uids)->lockForUpdate()->get() as $part) {
                $part->changeTo(['position' => 1 + (int) array_search($part->uid, $uids, true)]);
            }
            if ($drawing === null || $drawing->problem !== '' || count($drawing->strings) < 2) {
                return;
            }
            $link = $job->conductors()->where('route', 'battery link')->whereNotNull('size_mm2')->whereNotNull('length_m')->first();
            [$mm2, $metres] = $link instanceof Conductor ? [(float) $link->size_mm2, (float) $link->length_m] : [BankDrawing::USUAL_LINK_MM2, BankDrawing::USUAL_LINK_M];
            ($this->wire)($job, $drawing->takeoffs === null ? Layout::Posts : Layout::Across, $drawing->takeoffs, $mm2, $metres, $drawing->takeoffs === null ? $metres : BankDrawing::USUAL_LEAD_M);
        });
    }
}
