<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use Pebblefell\Stage;
use PHPat\Selector\Selector;
use PHPat\Test\Builder\Rule;
use PHPat\Test\PHPat;

/**
 * The floors of core/: an upper room may use a lower one, never the other way; nothing there uses app/ or a framework.
 * Run by PHPStan, see phpstan.neon.
 */
final class Floors
{
    /** Rooms from the ground up. A room may use those before it, and itself. */
    private const FLOORS = [
        'Exception', 'Drawing', 'Quantity', 'Finding', 'Schedule', 'Chemistry', 'Sun', 'Conductor', 'Joint', 'Fault', 'Inverter',
        'Load', 'Bank', 'Charging', 'Trip', 'Setting', 'Region', 'System', 'Circuit', 'Outlook', 'Balance', 'Stage', 'Assessment',
        'Calculation',
    ];

    /**
     * @return iterable<Rule>
     */
    public function testFloors(): iterable
    {
        foreach (self::FLOORS as $i => $room) {
            $above = array_slice(self::FLOORS, $i + 1);
            if ($above !== []) {
                yield $room => PHPat::rule()
                    ->classes(Selector::inNamespace("Pebblefell\\$room"))
                    ->shouldNot()->dependOn()
                    ->classes(...array_map(static fn(string $upper) => Selector::inNamespace("Pebblefell\\$upper"), $above))
                    ->because("$room lies below them");
            }
        }
    }

    /**
     * @return iterable<Rule> the rooms of the stages see one another only through Study
     */
    public function testStagesApart(): iterable
    {
        $rooms = array_map(static fn(Stage $s): string => 'Pebblefell\\Stage\\' . $s->name, Stage::cases());
        foreach ($rooms as $room) {
            yield $room => PHPat::rule()
                ->classes(Selector::inNamespace($room))
                ->shouldNot()->dependOn()
                ->classes(...array_map(Selector::inNamespace(...), array_values(array_diff($rooms, [$room]))))
                ->because('they meet in Study');
        }
    }

    public function testCoreStandsAlone(): Rule
    {
        return PHPat::rule()
            ->classes(Selector::inNamespace('Pebblefell'))
            ->canOnly()->dependOn()
            ->classes(
                Selector::inNamespace('Pebblefell'),
                Selector::classname(
                    '/^(BackedEnum|UnitEnum|InvalidArgumentException|LogicException|Throwable|Countable|IteratorAggregate|ArrayIterator|Traversable|Closure|Stringable|stdClass|JsonException)$/',
                    true,
                ),
            )
            ->because('core/ is plain PHP: no framework, no application, no library');
    }
}
