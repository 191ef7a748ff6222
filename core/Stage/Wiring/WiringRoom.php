<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Wiring;

use Pebblefell\Circuit\CableRun;
use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Which cable, which fuse, what if it opens? */
final class WiringRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\MainFuse(),
            new Rules\FusesSaveCables(),
            new Rules\FusesCarry(),
            new Rules\CablesCarry(),
            new Rules\SeenAndCut(),
            new Rules\ShuntSeesAll(),
            new Rules\PartsCarry(),
            new Rules\KeepTheirBattery(),
            new Rules\FusesAreSelective(),
            new Rules\StarterLeadFused(),
            new Rules\PostsHoldTwo(),
            new Rules\BreakersStayOpen(),
        ];
    }

    /** Something is drawn from the bank, and nothing of it is without its size or length. */
    public function isDone(Study $study, Progress $progress): bool
    {
        $runs = $study->cables()->runs()->runs;
        $open = array_filter($runs, static fn(CableRun $r): bool => !$r->isMeasured());

        return $runs !== [] && $open === [];
    }
}
