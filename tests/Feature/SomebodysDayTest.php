<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Logs\LogSums;
use App\Logs\TakeInLog;
use App\Logs\WallClock;
use App\Models\Handover;
use App\Models\LogColumns;
use App\Models\LogFile;
use App\Models\Role;
use App\Models\Workshop;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\DataProvider;

/** A day is the workshop's, also on the two days of a year that have 23 and 25 hours. */
final class SomebodysDayTest extends TestCase
{
    /**
     * @return iterable<string, array{string, string, int}> zone, a day in it, its hours
     */
    public static function days(): iterable
    {
        yield 'Los Angeles, put forward' => ['America/Los_Angeles', '2026-03-08', 23];
        yield 'Los Angeles, put back' => ['America/Los_Angeles', '2026-11-01', 25];
        yield 'Auckland, put forward' => ['Pacific/Auckland', '2026-09-27', 23];
        yield 'Auckland, put back' => ['Pacific/Auckland', '2026-04-05', 25];
        yield 'Oslo, put forward' => ['Europe/Oslo', '2026-03-29', 23];
        yield 'Oslo, put back' => ['Europe/Oslo', '2026-10-25', 25];
        yield 'Kolkata, as any day' => ['Asia/Kolkata', '2026-10-25', 24];
    }

    private function at(string $zone, string $wall): void
    {
        $this->travelTo(CarbonImmutable::parse($wall, $zone)->utc());
    }

    #[DataProvider('days')]
    public function testWhatIsGoodUntilADayIsGoodUntilItsEndHere(string $zone, string $day, int $hours): void
    {
        Workshop::current()->update(['timezone' => $zone]);
        $next = CarbonImmutable::parse($day)->addDay()->format('Y-m-d');
        $this->at($zone, "$day 16:30");
        $job = $this->job();
        $this->actingAs($this->user(Role::Office, Role::Planner, Role::Technician));
        $this->post("/jobs/$job->id/offers", ['tax_pct' => '0', 'valid_until' => $day])->assertSessionHasNoErrors();
        $offer = $job->offers()->firstOrFail();
        $this->post("/jobs/$job->id/handovers", ['expires_on' => $day])->assertSessionHasErrors('expires_on');
        $this->post("/jobs/$job->id/handovers", ['expires_on' => $next])->assertSessionHasNoErrors();
        $pack = Handover::query()->firstOrFail();
        self::assertSame($day, $pack->issuedOn());
        $this->post("/jobs/$job->id/aftercare", ['visited_on' => $day, 'note' => 'seen'])->assertSessionHasNoErrors();
        $this->post("/jobs/$job->id/aftercare", ['visited_on' => $next, 'note' => 'not yet'])->assertSessionHasErrors('visited_on');
        foreach ([["$day 00:10", true], ["$day 23:50", true], ["$next 00:10", false]] as [$wall, $isGood]) {
            $this->at($zone, $wall);
            self::assertSame($isGood, $offer->isOpen(), "offer, $wall");
        }
        foreach ([["$next 23:50", true], [CarbonImmutable::parse($next)->addDay()->format('Y-m-d') . ' 00:10', false]] as [$wall, $isGood]) {
            $this->at($zone, $wall);
            self::assertSame($isGood, $pack->isGood(), "link, $wall");
            $this->get($pack->link())->assertStatus($isGood ? 200 : 404);
        }
        $this->post($offer->link('offer.accept'), ['name' => 'Late', 'agreed' => '1'])->assertStatus(409);
    }

    /** 10 A at 12 V, a reading every five minutes as the wall shows it: 120 Wh in each hour that there was. */
    #[DataProvider('days')]
    public function testADayOfALogHasItsHoursAndLosesNothing(string $zone, string $day, int $hours): void
    {
        Workshop::current()->update(['timezone' => $zone]);
        $this->at($zone, "$day 12:00");
        $this->actingAs($this->user());
        $job = $this->job();
        $there = new DateTimeZone($zone);
        $first = (new DateTimeImmutable($day, $there))->modify('-1 day')->getTimestamp();
        $end = (new DateTimeImmutable($day, $there))->modify('+2 days')->getTimestamp();
        foreach ([false, true] as $isBackward) {
            $lines = [];
            for ($s = $first; $s < $end; $s += 300) {
                $lines[] = (new DateTimeImmutable("@$s"))->setTimezone($there)->format('Y-m-d H:i:s') . ',12.0,-10.0';
            }
            $text = "Time,Battery voltage (V),Battery current (A)\n" . implode("\n", $isBackward ? array_reverse($lines) : $lines) . "\n";
            $this->post("/jobs/$job->id/logs", ['log' => UploadedFile::fake()->createWithContent('m.csv', $text)])->assertSessionHasNoErrors();
            $log = LogFile::query()->latest('id')->firstOrFail();
            $log->forceFill(['columns' => LogColumns::guess($log->header)])->save();
            TakeInLog::goOn($log);
            $found = array_column($log->refresh()->days ?? [], null, 'day');
            self::assertEqualsWithDelta($hours, $found[$day]['hours'], 1e-6, $isBackward ? 'newest first' : '');
            self::assertEqualsWithDelta(120.0 * $hours, $found[$day]['out_wh'], 0.1);
            self::assertEqualsWithDelta(120.0 * ($end - $first - 300) / 3600.0, array_sum(array_column($found, 'out_wh')), 0.3);
            [$from, $to] = LogSums::between($day, $day);
            self::assertSame($hours, intdiv($to - $from, 3600));
        }
        $this->get("/jobs/$job->id/logs/$log->id?from=$day")->assertOk();
    }

    /** Against PHP's own clock: a moment of each quarter of an hour of four years, written and read again. */
    #[DataProvider('days')]
    public function testTheWallIsReadAsItWasWritten(string $zone, string $day, int $hours): void
    {
        $there = new DateTimeZone($zone);
        $clock = new WallClock($there);
        $wrong = 0;
        for ($s = 1_735_689_600; $s < 1_735_689_600 + 4 * 365 * 86_400; $s += 2_700) {
            $wall = (new DateTimeImmutable("@$s"))->setTimezone($there)->format('Y-m-d H:i:s');
            $wrong += $clock->read($wall) === [$wall, $s] ? 0 : 1;
        }
        self::assertSame(0, $wrong);
    }

    public function testWhatIsNoMomentIsNone(): void
    {
        $clock = new WallClock(new DateTimeZone('Europe/Oslo'));
        foreach (['', 'a', 'now', 'tomorrow', 'noon', '10:75:00', '2026-02-30 10:00', '2026-11-01 10:75:00', '2026-11-01 24:10', '12', '-5',
            '1999-12-31 10:00:00', '2101-01-01 00:00:00', [], null, true, str_repeat('9', 40)] as $none) {
            self::assertNull($clock->read($none), (string) json_encode($none));
        }
        self::assertSame(['2026-11-01 10:05:00', 1_793_523_900], $clock->read('2026-11-01T09:05:00Z'));
        self::assertSame(['2026-11-01 10:05:00', 1_793_523_900], $clock->read('1793523900'));
        self::assertSame(['2026-11-01 10:05:00', 1_793_523_900], $clock->read('1793523900000'));
        self::assertSame(['2026-11-01 10:05:00', 1_793_523_900], $clock->read('01.11.2026 10:05'));
    }
}
