<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Record\YardWaits;
use Illuminate\Http\Response;
use Sabre\VObject\Component\VCalendar;

/** Serves what waits, in all open sessions, as a calendar file (RFC 5545). */
final class CalendarController extends Controller
{
    public function __invoke(): Response
    {
        $calendar = new VCalendar(['PRODID' => '-//Pebblefell//Balance//EN']);
        foreach (YardWaits::all() as $wait) {
            if ($wait['at'] === null) {
                continue;
            }
            $calendar->add('VEVENT', [
                'UID' => $wait['id'] . '@pebblefell',
                'SUMMARY' => $wait['job']->title . ': ' . $wait['words'],
                'DTSTART' => $wait['at']->toDateTimeImmutable(),
                'DTEND' => $wait['at']->addMinutes(15)->toDateTimeImmutable(),
                'DESCRIPTION' => route($wait['stage'], $wait['job']),
            ]);
        }

        return response(
            $calendar->serialize(),
            200,
            ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => 'attachment; filename="balance.ics"'],
        );
    }
}
