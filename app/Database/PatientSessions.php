<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Session\DatabaseSessionHandler;

/**
 * Sessions in the database. One person with two pages under way may write the same session on two nodes; and those of visitors, whom nobody
 * knows, are bounded in number and end sooner.
 */
final class PatientSessions extends DatabaseSessionHandler
{
    /** So many visitors are remembered, and so long, s. Chosen. */
    private const VISITORS = 1_000;
    private const VISITOR_S = 3_600;

    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        return Faults::patiently(fn(): bool => parent::write($sessionId, $data));
    }

    /**
     * @param int $lifetime s
     */
    public function gc($lifetime): int
    {
        return Faults::patiently(function () use ($lifetime): int {
            $swept = parent::gc($lifetime);
            $visitors = $this->getQuery()->whereNull('user_id');
            $swept += $visitors->clone()->where('last_activity', '<', time() - self::VISITOR_S)->delete();
            $beyond = $visitors->clone()->count() - self::VISITORS;

            return $swept + ($beyond > 0 ? $visitors->clone()->orderBy('last_activity')->limit($beyond)->delete() : 0);
        });
    }
}
