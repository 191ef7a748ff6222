<?php

declare(strict_types=1);

namespace App\Record;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * Keeps files beside rows: a file is there before its row can be read, and goes after its row has gone for good.
 *
 * It is written under a name that no row names yet. Whoever takes the rows back calls takeBack() while they are still locked.
 */
final class Files
{
    /** @var list<string> paths that were written since the last settle() */
    private static array $new = [];

    /**
     * Writes a file that a row of this transaction will name.
     *
     * @param string|resource $content
     */
    public static function put(string $path, $content): void
    {
        if (!self::disk()->exists($path)) {
            self::$new[] = $path;
        }
        self::disk()->put($path, $content);
    }

    /**
     * Deletes files once what named them is gone for good.
     *
     * @param list<string> $paths   of files
     * @param list<string> $folders that hold nothing else
     */
    public static function drop(array $paths, array $folders = []): void
    {
        DB::afterCommit(static function () use ($paths, $folders): void {
            self::disk()->delete($paths);
            foreach ($folders as $folder) {
                self::disk()->deleteDirectory($folder);
            }
        });
    }

    /** Deletes what was written for rows that are being taken back. */
    public static function takeBack(): void
    {
        self::disk()->delete(self::$new);
        self::$new = [];
    }

    /** Forgets what was written before: its rows are there. */
    public static function settle(): void
    {
        self::$new = [];
    }

    public static function disk(): Filesystem
    {
        return Storage::disk('private');
    }
}
