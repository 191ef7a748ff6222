<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Handover;

use Pebblefell\System\Part;

/** How long the maker of a part stands by it, as far as that is noted: months from a day. */
final readonly class Warranty
{
    /**
     * @param string $from Y-m-d, or '' as long as no day is noted
     * @param string $by   who registered it, and under which name; '' where nobody has
     */
    private function __construct(public Part $part, public float $months, public string $from, public string $by)
    {
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<self> those with months noted; the first to end first
     */
    public static function ofAll(array $parts): array
    {
        $all = [];
        foreach ($parts as $part) {
            $months = $part->data->number('warranty_months');
            if ($months !== null) {
                $all[] = new self($part, $months, (string) $part->data->text('warranty_from'), (string) $part->data->text('warranty_by'));
            }
        }
        usort(
            $all,
            static fn(self $a, self $b): int => [
                $a->until() === '' ? '9' : $a->until(),
                $a->part->uid,
            ] <=> [$b->until() === '' ? '9' : $b->until(), $b->part->uid],
        );

        return $all;
    }

    /** Last day, Y-m-d: the same day of the month, or the month's last where it has no such day; '' while no day is noted. */
    public function until(): string
    {
        if (preg_match('/^(\d{4})-(\d{2})-(\d{2})$/', $this->from, $m) !== 1) {
            return '';
        }
        $months = (int) $m[1] * 12 + (int) $m[2] - 1 + (int) round($this->months);
        [$year, $month, $day] = [intdiv($months, 12), $months % 12 + 1, (int) $m[3]];
        while (!checkdate($month, $day, $year)) {
            --$day;
        }

        return sprintf('%04d-%02d-%02d', $year, $month, $day);
    }
}
