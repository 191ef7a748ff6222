<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\LibraryPart;
use Pebblefell\Sizing\BankProposal;
use Pebblefell\Sizing\Sums;

/** Which library batteries would fulfil the wish, and how many of each. */
final class Proposals
{
    private const MOST = 4;

    /**
     * @param iterable<LibraryPart> $batteries
     *
     * @return list<array{part: LibraryPart, proposal: BankProposal}> lightest first
     */
    public static function banks(Sums $sums, iterable $batteries): array
    {
        $rows = [];
        foreach ($batteries as $part) {
            $proposal = BankProposal::of($sums, $part->data);
            if ($proposal !== null) {
                $rows[] = ['part' => $part, 'proposal' => $proposal];
            }
        }
        usort($rows, static fn(array $a, array $b): int => $a['proposal']->massKg <=> $b['proposal']->massKg);

        return array_slice($rows, 0, self::MOST);
    }
}
