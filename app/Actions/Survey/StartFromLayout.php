<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Conductor;
use App\Models\Job;
use App\Models\Part;
use App\Record\TypicalLayouts;
use Pebblefell\Finding\Origin;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/** Fills an empty survey with what is usually found. Every figure comes in as assumed. */
final class StartFromLayout
{
    public function __construct(private readonly AddParts $addParts)
    {
    }

    /** @return int how many parts came in */
    public function __invoke(Job $job, string $layout): int
    {
        $plan = TypicalLayouts::all()[$layout];

        $uids = [];
        foreach ($plan['parts'] as $name => $row) {
            $kind = PartKind::from($row[0]);
            $sheet = DataSheet::of($kind, $row[2]);
            $uids[$name] = $this->addParts->row($job, Part::class, 'p', [
                'kind' => $kind,
                'place' => $row[1],
                'role' => $row[3] ?? 'house',
                'data' => $sheet->values,
                'origins' => array_fill_keys(array_keys($sheet->values), Origin::Assumed->value),
            ])->uid;
        }
        foreach ($plan['wires'] as [$from, $to]) {
            $this->addParts->row(
                $job,
                Conductor::class,
                'c',
                ['from_terminal' => self::terminal($uids, $from), 'to_terminal' => self::terminal($uids, $to)],
            );
        }

        return count($uids);
    }

    /** @param array<string, string> $uids */
    private static function terminal(array $uids, string $end): string
    {
        [$name, $terminal] = explode('.', $end, 2);

        return $uids[$name] . '.' . $terminal;
    }
}
