<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Job;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Routing\Route;

/**
 * Reads the rows that an address names again once they are locked, and puts them into the route.
 *
 * They were bound before anything was locked: what stood there then may have been changed by whoever held the lock meanwhile. Policies,
 * form requests and actions see these and no other.
 */
final class HeldRows
{
    /**
     * Within a transaction: locks the job's row, or where the address names none each row that it names, and binds what stands there now.
     *
     * @return ?Job that is held; null where the address is about no job
     *
     * @throws ModelNotFoundException when a row has gone meanwhile
     */
    public static function bind(Route $route): ?Job
    {
        $bound = array_filter($route->parameters(), static fn(mixed $value): bool => $value instanceof Model && $value->exists);
        $id = self::jobOf($bound);
        $job = $id === null ? null : Job::held($id);
        foreach ($bound as $name => $row) {
            $route->setParameter($name, match (true) {
                $row instanceof Job => $job,
                $job === null => $row->newQuery()->lockForUpdate()->whereKey($row->getKey())->firstOrFail(),
                default => self::ofJob($row, $job),
            });
        }

        return $job;
    }

    /**
     * @param array<string, Model> $bound
     */
    private static function jobOf(array $bound): ?int
    {
        foreach ($bound as $row) {
            if ($row instanceof Job) {
                return $row->id;
            }
        }
        foreach ($bound as $row) {
            if ($row->getAttribute('job_id') !== null) {
                return (int) $row->getAttribute('job_id');
            }
        }

        return null;
    }

    private static function ofJob(Model $row, Job $job): Model
    {
        $now = $row->newQuery()->whereKey($row->getKey())->firstOrFail();
        // Its job may have been deleted, and its number given to a row of another one.
        if ($row->getAttribute('job_id') !== null && (int) $now->getAttribute('job_id') !== $job->id) {
            throw (new ModelNotFoundException())->setModel($row::class, [$row->getKey()]);
        }

        return $now;
    }
}
