<?php

declare(strict_types=1);

namespace App\Csv;

/** What became of a CSV file: so many rows taken, or the faults by line and nothing taken. */
final readonly class CsvResult
{
    /**
     * @param list<array{path: string, message: string}> $faults
     */
    public function __construct(public int $rows, public array $faults)
    {
    }
}
