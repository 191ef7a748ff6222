<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/**
 * A typical stay: how many days, on which of them it is driven or hooked up, and which are bright or grey; the others come as they come.
 */
final readonly class Stay
{
    use Listed;

    public const MOST_DAYS = 31;

    /** Where nobody has said otherwise: a fortnight. */
    public const USUAL_DAYS = 14;

    /**
     * @param int       $month  1 to 12, or 0: the poorest travelled month
     * @param list<int> $drive  days, from 1, on which it is driven
     * @param list<int> $hookUp days on which it is hooked up
     * @param list<int> $bright days with a clear sky for the month
     * @param list<int> $grey   days with a dull one
     *
     * @throws InvalidValue
     */
    public function __construct(
        public int $month,
        public int $days,
        public array $drive,
        public array $hookUp,
        public array $bright = [],
        public array $grey = [],
    ) {
        Guard::between($month, 0, 12, '/month');
        Guard::between($days, 1, self::MOST_DAYS, '/days');
        foreach (['drive' => $drive, 'hook_up' => $hookUp, 'bright' => $bright, 'grey' => $grey] as $key => $list) {
            foreach ($list as $i => $day) {
                Guard::between($day, 1, $days, "/$key/$i");
            }
        }
        foreach (array_intersect($grey, $bright) as $i => $day) {
            throw InvalidValue::at("/grey/$i", 'bright-already', ['day' => $day]);
        }
    }

    /** Returns what the brief says of driving and hook-ups, as days: sometimes is every fifth day, mostly all but every fourth. */
    public static function usual(string $hookUp, float $drivingHDay): self
    {
        $all = range(1, self::USUAL_DAYS);

        return new self(
            0,
            self::USUAL_DAYS,
            $drivingHDay > 0.0 ? $all : [],
            array_values(array_filter($all, static fn(int $d): bool => self::usuallyHookedUp($hookUp, $d))),
        );
    }

    /** Whether there is a hook-up on the n-th day of a long time. */
    public static function usuallyHookedUp(string $hookUp, int $day): bool
    {
        return match ($hookUp) {
            'mostly' => $day % 4 !== 0,
            'sometimes' => $day % 5 === 0,
            default => false,
        };
    }

    private static function listed(string $key): DataField
    {
        return DataField::shape(
            $key,
            ['type' => 'array', 'items' => ['type' => 'integer', 'minimum' => 1, 'maximum' => self::MOST_DAYS]],
            static fn(mixed $days): array => array_values(array_unique(array_map(intval(...), is_array($days) ? $days : []))),
        )->orElse([]);
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::integer('month', 0, 12)->required(),
            DataField::integer('days', 1, self::MOST_DAYS)->required(),
            self::listed('drive'),
            self::listed('hook_up'),
            self::listed('bright')->later(),
            self::listed('grey')->later(),
        ]);
    }
}
