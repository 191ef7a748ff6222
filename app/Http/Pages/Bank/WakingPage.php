<?php

declare(strict_types=1);

namespace App\Http\Pages\Bank;

use App\Http\Workbench;
use Pebblefell\Stage\Bank\Waking;
use Pebblefell\System\Part;

/** Shows what wakes a bank that has gone dark. */
final readonly class WakingPage
{
    public function __construct(private Workbench $bench)
    {
    }

    /**
     * @param array{way: string, opens: list<Part>, by: array<string, string>, dark: list<Part>} $row of the waking table
     */
    public function way(array $row): string
    {
        return $this->bench->say->word(
            "waking.ways.{$row['way']}",
            ['parts' => implode(', ', array_map($this->bench->say->part(...), $row['opens']))],
        );
    }

    /**
     * @param array{way: string, opens: list<Part>, by: array<string, string>, dark: list<Part>} $row of the waking table
     */
    public function dark(array $row): string
    {
        $names = implode(', ', array_map($this->bench->say->part(...), $row['dark']));

        return $names === '' ? $this->bench->say->word('waking.nothing-dark') : $names;
    }

    public function wakeClass(string $does): string
    {
        return match ($does) {
            Waking::CANNOT => 'out',
            Waking::UNKNOWN, Waking::BUTTON => 'look',
            default => 'good',
        };
    }
}
