<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Stage\Wiring\SoundLayout;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\JobFile;

/** Ten whole vehicles, as their job files of the first version have them. */
trait WholeJobs
{
    /**
     * @return iterable<string, array{Study}>
     */
    public static function wholeJobs(): iterable
    {
        foreach (glob(dirname(__DIR__) . '/files/v1/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [Study::of(JobFile::fromArray(json_decode((string) file_get_contents($path), true)))];
        }
    }

    /** The same vehicle, with the circuit that the product proposes. */
    private static function wired(Study $study): Study
    {
        return Study::of(Plan::with($study->system, SoundLayout::of($study)->changes()));
    }

    private static function wholeJob(string $name): Study
    {
        return Study::of(
            JobFile::fromArray(json_decode((string) file_get_contents(dirname(__DIR__) . "/files/v1/$name.json"), true)),
        );
    }
}
