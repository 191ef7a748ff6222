<?php

declare(strict_types=1);

namespace App\Database;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * A row that is written with everything else that a request writes. Should the server be lost in the very moment of its answer, it tells
 * whether all of it was written or nothing. Only a cluster needs it: a single server that is lost has nobody to ask.
 */
final class Receipt
{
    /** Chosen: nobody asks for one after the request that wrote it. */
    private const KEPT_H = 24;

    /** One in so many writes throws the old ones away. Chosen. */
    private const SWEEP = 500;

    private function __construct(private readonly ?string $id)
    {
    }

    /** To be asked for in the transaction that it stands for. */
    public static function write(): self
    {
        if ((array) config('database.connections.mariadb.nodes') === []) {
            return new self(null);
        }
        $id = (string) Str::uuid7();
        DB::table('receipts')->insert(['id' => $id, 'written_at' => now()]);
        if (random_int(1, self::SWEEP) === 1) {
            DB::table('receipts')->where('written_at', '<', now()->subHours(self::KEPT_H))->limit(2 * self::SWEEP)->delete();
        }

        return new self($id);
    }

    /** Asked of another server than the one that was lost. */
    public function isKept(): bool
    {
        return $this->id !== null && DB::table('receipts')->where('id', $this->id)->exists();
    }
}
