<?php

declare(strict_types=1);

namespace App\Cluster;

/**
 * The database servers of a cluster, in the order in which this application server asks them: the first that answers serves a request.
 *
 * One that did not answer is passed over for a while, so that not every request waits for it. That is noted in this server's own storage.
 */
final class Nodes
{
    /** How long a node that did not answer is passed over, s. Chosen: one request in so many seconds finds out whether it is back. */
    private const PASSED_OVER_S = 5;

    /**
     * @param list<string> $nodes "host:port"
     *
     * @return list<string> those that answered last first; the others are asked when nothing else is left
     */
    public static function inOrder(array $nodes): array
    {
        $passed = array_filter($nodes, self::isPassedOver(...));

        return [...array_values(array_diff($nodes, $passed)), ...array_values($passed)];
    }

    public static function passOver(string $node): void
    {
        @touch(self::note($node));
    }

    public static function answers(string $node): void
    {
        if (is_file(self::note($node))) {
            @unlink(self::note($node));
        }
    }

    private static function isPassedOver(string $node): bool
    {
        $note = self::note($node);
        clearstatcache(true, $note);
        $since = @filemtime($note);

        return $since !== false && time() - $since < self::PASSED_OVER_S;
    }

    private static function note(string $node): string
    {
        return storage_path('framework/node-' . preg_replace('/[^\w.]+/', '-', $node));
    }
}
