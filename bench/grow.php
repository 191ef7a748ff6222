<?php

/** Copies the demo's jobs until there are so many: for the bench, straight in the database, each copy with all its rows. */

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

require dirname(__DIR__) . '/vendor/autoload.php';
$app = require dirname(__DIR__) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$wanted = (int) ($argv[1] ?? 2000);
$tables = ['parts', 'conductors', 'signals', 'scenarios', 'appliances', 'settings', 'measurements', 'answers'];
$columns = [];
foreach ($tables as $table) {
    $columns[$table] = implode(', ', array_diff(Schema::getColumnListing($table), ['id', 'job_id']));
}
$columns['ticks'] = implode(', ', array_map(static fn(string $c): string => "`$c`", array_diff(Schema::getColumnListing('ticks'), ['id', 'job_id', 'client_id'])));
DB::transaction(static function () use ($wanted, $tables, $columns): void {
    $demo = DB::table('jobs')->orderBy('id')->get();
    for ($n = $demo->count(); $n < $wanted; ++$n) {
        $row = (array) $demo[$n % $demo->count()];
        $from = $row['id'];
        unset($row['id']);
        $id = DB::table('jobs')->insertGetId([...$row, 'number' => $n + 1, 'title' => $row['title'] . ' ' . ($n + 1), 'updated_at' => now()->subMinutes($n)]);
        // Each tick has an id of its own; forty vehicles stand in the bays within the fortnight.
        DB::statement("INSERT INTO ticks (job_id, client_id, $columns[ticks]) SELECT $id, UUID(), $columns[ticks] FROM ticks WHERE job_id = $from");
        if ($n < 50) {
            DB::table('day_plans')->insert(['job_id' => $id, 'starts_at' => now()->addHours(7 * $n), 'ends_at' => now()->addHours(7 * $n + 30), 'bay' => ['Quay bay', 'Middle bay', 'Net loft'][$n % 3], 'people' => 2]);
        }
        foreach ($tables as $table) {
            DB::statement("INSERT INTO $table (job_id, $columns[$table]) SELECT $id, $columns[$table] FROM $table WHERE job_id = $from");
        }
    }
});
// A database that has grown for years knows how its rows are spread; one that was filled in a minute has to be told.
foreach ([...$tables, 'jobs', 'ticks', 'day_plans'] as $table) {
    DB::select("ANALYZE TABLE `$table`");
}
echo DB::table('jobs')->count(), " jobs\n";
