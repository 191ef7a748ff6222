<?php

declare(strict_types=1);

namespace App\Csv;

use App\Words\Lexicon;
use Closure;
use Illuminate\Support\Facades\DB;
use Pebblefell\Exception\InvalidValue;
use Throwable;

/** Tells what became of a CSV file: so many rows taken, or the faults by line and nothing taken. */
final readonly class CsvResult
{
    /**
     * @param list<array{path: string, message: string}> $faults
     */
    public function __construct(public int $rows, public array $faults)
    {
    }

    /**
     * Every row, or none of them: each is taken by itself, what is wrong with one is said at its line, and then nothing is kept.
     *
     * @param list<array<string, string>>                $rows   as Csv::read() gives them, "#" their line
     * @param list<array{path: string, message: string}> $faults that were found already
     * @param Closure(array<string, string>): bool       $take   whether it was new; throws InvalidValue
     */
    public static function whole(array $rows, array $faults, Closure $take): self
    {
        $new = 0;
        DB::beginTransaction();
        try {
            foreach ($rows as $row) {
                try {
                    $new += $take($row) ? 1 : 0;
                } catch (InvalidValue $e) {
                    $faults[] = ['path' => 'line ' . $row['#'] . ', ' . ltrim($e->path, '/'), 'message' => Lexicon::plain()->refusal($e)];
                }
            }
        } catch (Throwable $e) {
            DB::rollBack();
            throw $e;
        }
        if ($faults !== []) {
            DB::rollBack();

            return new self(0, $faults);
        }
        DB::commit();

        return new self($new, []);
    }
}
