<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use App\Record\Digest;
use App\Record\Studies;
use Illuminate\Console\Command;

/** Brings what the Yard shows up to date, after the rules themselves have changed with a new version. */
final class RenewDigests extends Command
{
    protected $signature = 'pebblefell:digests';

    protected $description = 'Works out anew what the Yard shows of jobs that were judged by other rules';

    public function handle(): int
    {
        Job::query()->select(['id', 'digest', 'digest_revision', 'revision'])->lazyById(200)->each(static function (Job $job): void {
            if (!Digest::isFresh($job)) {
                Digest::renew([$job->id]);
                Studies::keepNow();
            }
        });

        return self::SUCCESS;
    }
}
