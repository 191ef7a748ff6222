<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Session\DatabaseSessionHandler;

/** Sessions in the database: one person with two pages under way may write the same session on two nodes. */
final class PatientSessions extends DatabaseSessionHandler
{
    /**
     * @param string $sessionId
     * @param string $data
     */
    public function write($sessionId, $data): bool
    {
        return Faults::patiently(fn(): bool => parent::write($sessionId, $data));
    }
}
