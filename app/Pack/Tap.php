<?php

declare(strict_types=1);

namespace App\Pack;

use Pebblefell\System\Part;

/** Where a tap on a box, or a run, of the drawing leads. */
interface Tap
{
    /**
     * @param array{uid: string, parts: non-empty-list<Part>} $box
     */
    public function link(array $box): ?string;

    public function says(bool $isOpen): string;

    /** Where a tap on a run leads. */
    public function run(string $uid): string;
}
