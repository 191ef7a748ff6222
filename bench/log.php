<?php

// A monitor's log of a million rows, read by the application piece by piece, beside LOAD DATA of the same file into the same table. Prints JSON.

declare(strict_types=1);

use App\Logs\TakeInLog;
use App\Models\Job;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

require dirname(__DIR__) . '/vendor/autoload.php';
$app = require dirname(__DIR__) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$rows = (int) ($argv[1] ?? 1_000_000);
$path = 'logs/bench.log';
$file = Storage::disk('private')->path($path);
@mkdir(dirname($file), 0o750, true);
$out = fopen($file, 'w');
fwrite($out, "time,volts,amps,charge\n");
for ($n = 0; $n < $rows; ++$n) {
    fwrite($out, gmdate('Y-m-d H:i:s', 1_600_000_000 + 30 * $n) . sprintf(",%.3f,%.3f,%.1f\n", 13.2 + 0.2 * sin($n / 400.0), 12.0 * sin($n / 460.0), 70.0 + 20.0 * sin($n / 460.0)));
}
fclose($out);
$log = Job::query()->firstOrFail()->logFiles()->create(['name' => 'bench', 'path' => $path, 'form' => 'csv', 'header' => ['time', 'volts', 'amps', 'charge'], 'columns' => ['time' => 'time', 'volts' => 'volts', 'amps' => 'amps', 'charge' => 'charge'], 'bytes' => filesize($file), 'by' => 'bench']);
$began = hrtime(true);
TakeInLog::goOn($log);
$taken = (hrtime(true) - $began) / 1e9;
$peak = memory_get_peak_usage(true) / 1048576.0;
$there = DB::table('log_rows')->where('log_file_id', $log->id)->count();
DB::table('log_rows')->where('log_file_id', $log->id)->delete();
// Without LOCAL the server reads it itself, from where it may: the reference is as quick as it can be.
DB::statement('SET @n = 0');
$pdo = new PDO('mysql:unix_socket=' . config('database.connections.mariadb.unix_socket') . ';dbname=' . config('database.connections.mariadb.database'), (string) config('database.connections.mariadb.username'), (string) config('database.connections.mariadb.password'), [PDO::MYSQL_ATTR_LOCAL_INFILE => true, PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION]);
$pdo->exec('SET @n = 0');
$began = hrtime(true);
$pdo->exec('LOAD DATA LOCAL INFILE ' . $pdo->quote($file) . ' INTO TABLE log_rows FIELDS TERMINATED BY \',\' IGNORE 1 LINES (at, volts, amps, charge_pct) SET log_file_id = ' . $log->id . ', n = (@n := @n + 1)');
$loaded = (hrtime(true) - $began) / 1e9;
$log->delete();
Storage::disk('private')->delete($path);
echo json_encode(['rows' => $there, 'seconds' => $taken, 'load_seconds' => $loaded, 'peak_mb' => $peak]), "\n";
