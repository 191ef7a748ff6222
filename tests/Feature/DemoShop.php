<?php

declare(strict_types=1);

namespace Tests\Feature;

use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

/**
 * The demo's workshop, seeded once in a run and laid into each test's transaction from memory: the same rows under the same numbers, and
 * the same files. It is seeded anew when the hour has changed, so that a test which travels in time gets the demo of its own day.
 */
final class DemoShop
{
    private static string $hour = '';

    /** @var array<string, list<array<array-key, mixed>>> rows by table */
    private static array $rows = [];

    /** @var array<string, string> */
    private static array $files = [];

    public static function lay(TestCase $test): void
    {
        $hour = now()->format('Y-m-d H');
        if (self::$hour !== $hour) {
            $test->seed(DatabaseSeeder::class);
            self::$rows = self::tables();
            self::$files = [];
            foreach (Storage::disk('private')->allFiles() as $path) {
                self::$files[$path] = (string) Storage::disk('private')->get($path);
            }
            self::$hour = $hour;

            return;
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        foreach (self::$rows as $table => $rows) {
            foreach (array_chunk($rows, 200) as $some) {
                DB::table($table)->insert($some);
            }
        }
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
        foreach (self::$files as $path => $text) {
            Storage::disk('private')->put($path, $text);
        }
    }

    /**
     * @return array<string, list<array<array-key, mixed>>>
     */
    private static function tables(): array
    {
        $rows = [];
        foreach (DB::select('SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE()') as $table) {
            $name = (string) $table->name;
            if ($name !== 'migrations') {
                $rows[$name] = array_values(array_map(static fn(object $row): array => (array) $row, DB::table($name)->get()->all()));
            }
        }

        return array_filter($rows, static fn(array $some): bool => $some !== []);
    }
}
