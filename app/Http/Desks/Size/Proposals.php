<?php

declare(strict_types=1);

namespace App\Http\Desks\Size;

use App\Models\LibraryPart;
use Pebblefell\Stage\Size\BankProposal;
use Pebblefell\Study;

/** Which library batteries would fulfil the wish, and how many of each. */
final class Proposals
{
    private const MOST = 4;

    /**
     * @param iterable<LibraryPart> $batteries
     *
     * @return list<array{part: LibraryPart, proposal: BankProposal}> lightest first
     */
    public static function banks(Study $study, iterable $batteries): array
    {
        $rows = [];
        foreach ($batteries as $part) {
            $proposal = BankProposal::of($study, $part->data);
            if ($proposal !== null) {
                $rows[] = ['part' => $part, 'proposal' => $proposal];
            }
        }
        usort($rows, static fn(array $a, array $b): int => $a['proposal']->massKg <=> $b['proposal']->massKg);

        return array_slice($rows, 0, self::MOST);
    }
}
