<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Balance;

use Pebblefell\System\Part;

/**
 * Whether the planned batteries have been made alike: these very ones, all of them in one session.
 *
 * A passed session speaks of what stood in it. A battery in another one's place has been alike with nobody.
 */
final class Alike
{
    /**
     * Returns the key of the last session that covers all of the batteries, or null.
     *
     * @param array<int, array<string, ?string>> $sessions that passed, oldest first: serials by uid, as they were then; '' where none was
     *                                                     noted, null where nobody knows which battery stood there
     * @param list<Part> $batteries of the plan
     */
    public static function covering(array $sessions, array $batteries): ?int
    {
        foreach (array_reverse($sessions, true) as $key => $serials) {
            $strange = array_filter($batteries, static fn(Part $b): bool => !self::isThatOne($serials[$b->uid] ?? null, $b->serial));
            if ($batteries !== [] && $strange === []) {
                return $key;
            }
        }

        return null;
    }

    /** A serial that was noted only later names the battery that stood there; one that is another, or has gone, does not. */
    public static function isThatOne(?string $then, string $now): bool
    {
        return $then !== null && ($then === $now || $then === '');
    }
}
