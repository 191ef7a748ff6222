<?php

declare(strict_types=1);

namespace App\Actions\DayPlan;

use App\Models\BusyTime;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use DateTimeZone;
use Pebblefell\Exception\InvalidValue;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\ParseException;
use Sabre\VObject\Property\ICalendar\DateTime;
use Sabre\VObject\Property\ICalendar\Duration;
use Sabre\VObject\Reader;
use Throwable;

/** Takes in the appointments of a calendar file (RFC 5545) in place of all that were taken in before. */
final class ReadBusyTimes
{
    /** So far ahead events that come again are written out. Chosen. */
    private const MONTHS = 12;

    /** Chosen: more is no workshop's calendar. */
    private const MOST = 2000;

    /**
     * @return int how many
     *
     * @throws InvalidValue at /calendar
     */
    public function __invoke(string $text, string $source): int
    {
        try {
            $calendar = Reader::read($text);
        } catch (ParseException) {
            throw InvalidValue::at('/calendar', 'no-calendar');
        }
        if (!$calendar instanceof VCalendar) {
            throw InvalidValue::at('/calendar', 'no-calendar');
        }
        $from = CarbonImmutable::now()->subMonth();
        try {
            $events = $calendar->expand(
                $from,
                $from->addMonths(self::MONTHS + 1),
                new DateTimeZone(Workshop::current()->timezone),
            )->select('VEVENT');
            $rows = [];
            foreach ($events as $event) {
                if ($event instanceof VEvent && self::text($event, 'TRANSP') !== 'TRANSPARENT'
                    && self::text($event, 'STATUS') !== 'CANCELLED') {
                    $rows[] = self::row($event, $source);
                }
            }
        } catch (InvalidValue $e) {
            throw $e;
        } catch (Throwable) {
            throw InvalidValue::at('/calendar', 'no-calendar');
        }
        $rows = array_values(array_filter($rows));
        if (count($rows) > self::MOST) {
            throw InvalidValue::at('/calendar', 'too-many-rows', ['count' => self::MOST]);
        }
        BusyTime::query()->delete();
        foreach (array_chunk($rows, 200) as $some) {
            BusyTime::query()->insert($some);
        }

        return count($rows);
    }

    private static function text(VEvent $event, string $name): string
    {
        return (string) $event->__get($name);
    }

    /**
     * @return ?array<string, string> null: it takes no time
     */
    private static function row(VEvent $event, string $source): ?array
    {
        $zone = new DateTimeZone(Workshop::current()->timezone);
        $begins = $event->__get('DTSTART');
        if (!$begins instanceof DateTime) {
            return null;
        }
        $start = CarbonImmutable::instance($begins->getDateTime($zone))->utc();
        [$ends, $lasts] = [$event->__get('DTEND'), $event->__get('DURATION')];
        $end = match (true) {
            $ends instanceof DateTime => CarbonImmutable::instance($ends->getDateTime($zone))->utc(),
            $lasts instanceof Duration => $start->add($lasts->getDateInterval()),
            !$begins->hasTime() => $start->addDay(),
            default => $start,
        };

        return $end <= $start ? null : [
            'from' => $start->toDateTimeString(),
            'to' => $end->toDateTimeString(),
            'what' => mb_substr(self::text($event, 'SUMMARY'), 0, 160),
            'source' => $source,
        ];
    }
}
