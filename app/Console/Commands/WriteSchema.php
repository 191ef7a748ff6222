<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Record\JobFiles;
use Illuminate\Console\Command;

/** Writes docs/job.schema.json from the field lists. */
final class WriteSchema extends Command
{
    protected $signature = 'pebblefell:schema';

    protected $description = 'Writes docs/job.schema.json from the field lists';

    public function handle(): int
    {
        file_put_contents(JobFiles::schemaPath(), JobFiles::schemaJson());
        $this->info(JobFiles::schemaPath());

        return self::SUCCESS;
    }
}
