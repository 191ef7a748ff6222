<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;
use RuntimeException;
use Symfony\Component\Uid\Uuid;
use Throwable;

/**
 * A row that is written with everything else that a request writes. Should the server be lost in the very moment of its answer, it tells
 * whether all of it was written or nothing, asked of another node, or of the same server when only the way to it was lost.
 */
final class Receipt
{
    /** Chosen: nobody asks for one after the request that wrote it. */
    private const KEPT_H = 24;

    /** One in so many writes throws the old ones away. Chosen. */
    private const SWEEP = 500;

    private function __construct(private readonly string $id)
    {
    }

    /** To be asked for in the transaction that it stands for. */
    public static function write(): self
    {
        $id = (string) Uuid::v7();
        DB::table('receipts')->insert(['id' => $id, 'written_at' => now()]);
        if (random_int(1, self::SWEEP) === 1) {
            DB::table('receipts')->where('written_at', '<', now()->subHours(self::KEPT_H))->limit(2 * self::SWEEP)->delete();
        }

        return new self($id);
    }

    /**
     * @throws RuntimeException when nobody can say; what may have been done must not be tried again, so it is none of the Faults
     */
    public function isKept(): bool
    {
        try {
            return DB::table('receipts')->where('id', $this->id)->exists();
        } catch (Throwable $e) {
            throw new RuntimeException(
                'The database was lost while it wrote all of it or nothing, and does not say which: ' . get_class($e),
            );
        }
    }
}
