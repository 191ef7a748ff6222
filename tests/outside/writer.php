<?php

/**
 * Writes loads into a job through the application's own path and says each one's number once it is committed; or reads back what is
 * there. For DurabilityTest, which ends the database server in the middle of it.
 */

declare(strict_types=1);

use App\Actions\AddParts;
use App\Models\Appliance;
use App\Models\Customer;
use App\Models\Job;
use App\Models\Scenario;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\Artisan;

require dirname(__DIR__, 2) . '/vendor/autoload.php';
$app = require dirname(__DIR__, 2) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

if ($argv[1] === 'prepare') {
    Artisan::call('migrate:fresh', ['--force' => true]);
    $job = Job::query()->create(['title' => 'Crash', 'customer_id' => Customer::query()->create(['name' => 'C'])->id, 'vehicle_kind' => 'van'])->refresh();
    (new AddParts())->row($job, Scenario::class, 's', ['name' => 'day', 'sizing' => true]);
} elseif ($argv[1] === 'write') {
    $job = Job::query()->firstOrFail();
    for ($i = 1; ; ++$i) {
        $row = (new AddParts())->row(
            $job,
            Appliance::class,
            'a',
            ['name' => "load $i", 'side' => 'dc', 'watts' => $i, 'hours' => []],
        );
        fwrite(STDOUT, "$row->id $i\n");
    }
} else {
    foreach (Appliance::query()->orderBy('id')->get() as $row) {
        fwrite(STDOUT, "$row->id " . (int) $row->watts . "\n");
    }
}
