<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Balance\Bench;
use App\Actions\Balance\LogReading;
use App\Actions\Survey\AddParts;
use App\Models\BalanceBattery;
use App\Models\BalanceReading;
use App\Models\BalanceSession;
use App\Models\Conductor;
use App\Models\Job;
use App\Models\Part;
use App\Models\Role;
use App\Models\Workshop;
use App\Record\BalanceDesk;
use App\Record\JobReader;
use App\Record\Milestones;
use App\Record\Studies;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BatteryReading as CoreReading;
use Pebblefell\Balance\BenchCharger;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;
use Sabre\VObject\Component\VCalendar;
use Sabre\VObject\Component\VEvent;
use Sabre\VObject\Reader;
use Symfony\Component\HttpFoundation\Response;

/** The bank's links in the plan; balance sessions, their log and what comes of them. */
final class BankAndBalanceTest extends TestCase
{
    /** A job with a planned bank and a load that hangs on its first battery. */
    private function bank(int $count = 4): Job
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->put(
            "/jobs/$job->id/bank",
            [
                'library_part_id' => $this->libraryBattery(
                    [
                        'internal_mohm' => 4, 'discharge_limit_a' => 100, 'charge_limit_a' => 100, 'absorption_v' => 14.2,
                        'absorption_h' => 1,
                    ],
                )->id,
                'count' => $count,
            ],
        )->assertSessionHasNoErrors();
        $box = (new AddParts())->row(
            $job,
            Part::class,
            'p',
            ['kind' => PartKind::DistributionBox, 'fate' => Fate::Add, 'data' => ['circuits' => 8], 'origins' => []],
        )->uid;
        $first = $this->batteries($job)[0];
        foreach (['plus', 'minus'] as $pole) {
            (new AddParts())->row(
                $job,
                Conductor::class,
                'c',
                [
                    'from_terminal' => "$first.$pole", 'to_terminal' => "$box.supply_$pole", 'fate' => Fate::Add, 'size_mm2' => 35.0,
                    'length_m' => 1.0,
                ],
            );
        }

        return $job->refresh();
    }

    /** @return list<string> uids in their order */
    private function batteries(Job $job): array
    {
        return array_values($job->parts()->where('kind', 'battery')->get()->map(static fn(Part $p): string => $p->uid)->all());
    }

    public function testTheProposedCircuitIsTakenOnceAndOnlyAsItWasSeen(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->put(
            "/jobs/$job->id/bank",
            ['library_part_id' => $this->libraryBattery(['discharge_limit_a' => 100])->id, 'count' => 1],
        )->assertSessionHasNoErrors();
        $row = fn(PartKind $kind, array $data): string => (new AddParts())->row(
            $job,
            Part::class,
            'p',
            ['kind' => $kind, 'fate' => Fate::Add, 'data' => $data, 'origins' => []],
        )->uid;
        $box = $row(PartKind::DistributionBox, ['circuits' => 8]);
        $seen = fn(): string => preg_match(
            '/name="seen" value="([^"]+)"/',
            (string) $this->get("/jobs/$job->id/wiring")->assertOk()->getContent(),
            $m,
        ) === 1 ? $m[1] : '';
        $first = $seen();
        $monitor = $row(PartKind::Monitor, ['shunt_a' => 300]);
        $this->put("/jobs/$job->id/wiring", ['seen' => $first, 'pieces' => ['trunk', $box]])->assertSessionHasErrors('seen');
        $this->put("/jobs/$job->id/wiring", ['seen' => $seen()])->assertSessionHasErrors('pieces');
        self::assertSame(0, $job->conductors()->count());
        // The negative side alone: the shunt and its bar. Then what is left of the box brings the trunk with it.
        $this->put("/jobs/$job->id/wiring", ['seen' => $seen(), 'pieces' => ['return']])->assertSessionHasNoErrors();
        self::assertSame(0, $job->parts()->where('kind', 'fuse')->count());
        $graph = Studies::of($job->refresh())->planned();
        self::assertSame([false, true], [$graph->isDrawn($graph->parts[$box]), $graph->isDrawn($graph->parts[$monitor])]);
        $this->put("/jobs/$job->id/wiring", ['seen' => $seen(), 'pieces' => [$box]])->assertSessionHasNoErrors()->assertSessionHas('said');
        $graph = Studies::of($job->refresh())->planned();
        self::assertTrue($graph->isDrawn($graph->parts[$box]) && $graph->isDrawn($graph->parts[$monitor]));
        self::assertSame('', $seen(), 'everything hangs');
        $this->get("/jobs/$job->id/wiring")->assertSee('not measured yet');
        $fuse = $job->parts()->where('kind', 'fuse')->firstOrFail()->uid;
        $this->get("/jobs/$job->id/wiring?open[]=$fuse")->assertOk()->assertSee('Goes dark');
        $csv = (string) $this->get("/jobs/$job->id/wiring.csv")->assertOk()->getContent();
        self::assertStringContainsString('what,size,count,open', $csv);
        self::assertStringContainsString('runs not measured: 3', $csv);
    }

    private function drawing(Job $job): BankDrawing
    {
        return BankDrawing::asDrawn(Study::of(JobReader::read($job->refresh()))->assessment()->study) ?? self::fail('no bank');
    }

    /** @return list<string> the box's ends at the bank: plus, minus */
    private function boxHangsAt(Job $job): array
    {
        return array_values(
            $job->conductors()->where('to_terminal', 'like', '%.supply\_%')->orderBy('id')->get()->map(
                static fn(Conductor $c): string => $c->from_terminal,
            )->all(),
        );
    }

    public function testALayoutIsDrawnIntoThePlanAndWhatHangsOnTheBankMovesAlong(): void
    {
        $job = $this->bank();
        [$a, , , $d] = $this->batteries($job);
        $put = fn(array $wires): TestResponse => $this->put(
            "/jobs/$job->id/bank/links",
            ['mm2' => 50, 'link_m' => 0.3, 'lead_m' => 0.5, ...$wires],
        )->assertSessionHasNoErrors();
        self::assertSame(["$a.plus", "$a.minus"], $this->boxHangsAt($job));
        $put(['layout' => 'across']);
        self::assertSame(["$a.plus", "$d.minus"], $this->boxHangsAt($job));
        $drawing = $this->drawing($job);
        self::assertSame([[0, 3], false, 6], [$drawing->takeoffs, $drawing->assumed, count($drawing->links)]);
        $put(['layout' => 'posts']);
        self::assertSame(2, $job->parts()->where('kind', 'busbar')->count());
        self::assertNull($this->drawing($job)->takeoffs);
        self::assertEqualsWithDelta(0.0, $this->drawing($job)->network->share(100.0)->spreadPct() ?? 99.0, 1e-6);
        self::assertEqualsWithDelta(400.0, $this->drawing($job)->trueLimit(true)->value ?? 0.0, 1e-6);
        // Back again: the posts go, with nothing left of them, and the box hangs on batteries.
        $put(['layout' => 'same_end']);
        self::assertSame(["$a.plus", "$a.minus"], $this->boxHangsAt($job));
        self::assertSame([0, 8], [$job->parts()->where('kind', 'busbar')->count(), $job->conductors()->count()]);
        $put(['layout' => 'across', 'plus' => 2, 'minus' => 1]);
        self::assertSame([2, 1], $this->drawing($job)->takeoffs);
        $this->put(
            "/jobs/$job->id/bank/links",
            ['layout' => 'across', 'mm2' => 0, 'link_m' => 0.3, 'lead_m' => 0.5],
        )->assertSessionHasErrors('mm2');
        $this->get("/jobs/$job->id/bank?loose=1&amps[0]=10&amps[1]=")->assertOk()->assertSee(
            'Each battery needs a reading in A; battery 2 has none.',
        );
        $this->get("/jobs/$job->id/bank?amps[0]=10&amps[1]=x")->assertStatus(422)->assertSee('amps of a battery');
    }

    public function testTheOrderOfTheBankIsKeptAndTheTakeOffsStayInTheirPlaces(): void
    {
        $job = $this->bank();
        [$a, $b, $c, $d] = $this->batteries($job);
        $this->put("/jobs/$job->id/bank/links", ['layout' => 'across', 'mm2' => 50, 'link_m' => 0.3, 'lead_m' => 0.5]);
        $this->put("/jobs/$job->id/bank/order", ['order' => '4 1 2'])->assertSessionHasErrors('order');
        $this->put("/jobs/$job->id/bank/order", ['order' => '4 1 2 3'])->assertSessionHasNoErrors();
        self::assertSame([$d, $a, $b, $c], $this->batteries($job));
        self::assertSame(["$d.plus", "$c.minus"], $this->boxHangsAt($job));
        self::assertSame([0, 3], $this->drawing($job)->takeoffs);
        // Links of different sizes, posts and all: a battery takes the place of another, and nothing else changes.
        $this->put("/jobs/$job->id/bank/links", ['layout' => 'posts', 'mm2' => 70, 'link_m' => 0.3, 'lead_m' => 0.5]);
        $job->conductors()->where('from_terminal', "$a.plus")->firstOrFail()->changeTo(['length_m' => 0.9]);
        $wires = static fn(): array => $job->conductors()->get()->map(
            static fn(Conductor $w): array => [$w->id, $w->size_mm2, $w->length_m, $w->to_terminal],
        )->all();
        $before = $wires();
        $this->put("/jobs/$job->id/bank/order", ['order' => '2 1 3 4'])->assertSessionHasNoErrors();
        self::assertSame($before, $wires());
        self::assertSame([$a, $d, $b, $c], $this->batteries($job));
        self::assertEquals(0.9, $job->conductors()->where('from_terminal', "$d.plus")->firstOrFail()->length_m);
        $this->put("/jobs/$job->id/bank/order", ['order' => '2 1 3 4']);
        // The job file has them in that order, and gives the same file again.
        $file = $this->get("/jobs/$job->id/file")->getContent();
        self::assertSame(
            [$d, $a, $b, $c],
            array_values(
                array_filter(
                    array_column(json_decode((string) $file, true)['parts'], 'uid'),
                    static fn(string $uid): bool => in_array($uid, [$a, $b, $c, $d], true),
                ),
            ),
        );
    }

    /**
     * @param array<string, mixed> $more
     */
    private function opened(Job $job, array $more = []): BalanceSession
    {
        $this->post(
            "/jobs/$job->id/balance",
            [
                'protocol' => 'full', 'parts' => $this->batteries($job), 'mm2' => 35, 'lead_m' => 0.5, 'lead_a' => 150,
                'charger' => ['bench 1'], 'charger_a' => ['30'], ...$more,
            ],
        )->assertSessionHasNoErrors();

        return $job->balanceSessions()->whereNull('ended_at')->firstOrFail();
    }

    /**
     * @param array<string, mixed> $fields
     *
     * @return TestResponse<Response>
     */
    private function read(Job $job, BalanceBattery $battery, array $fields): TestResponse
    {
        return $this->postJson("/jobs/$job->id/balance/$battery->balance_session_id/batteries/$battery->id/readings", $fields);
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return TestResponse<Response>
     */
    private function step(Job $job, BalanceBattery $battery, BalanceStep $step, array $more = []): TestResponse
    {
        return $this->put(
            "/jobs/$job->id/balance/$battery->balance_session_id/batteries/$battery->id",
            ['step' => $step->value, 'lock_version' => $battery->refresh()->lock_version, ...$more],
        );
    }

    public function testWhoMayDoWhat(): void
    {
        $job = $this->bank(2);
        $session = $this->opened($job);
        $battery = $session->balanceBatteries()->firstOrFail();
        $this->actingAs($this->user(Role::Office));
        $this->get("/jobs/$job->id/balance")->assertOk()->assertDontSee('Log it');
        $this->read($job, $battery, ['volts' => 13.2])->assertForbidden();
        $this->put("/jobs/$job->id/balance/$session->id/join")->assertForbidden();
        $this->get("/jobs/$job->id/balance/$session->id/live")->assertForbidden();
        $this->actingAs($this->user(Role::Technician));
        $this->read($job, $battery, ['volts' => 13.2])->assertOk();
        $this->put("/jobs/$job->id/bank/links", ['layout' => 'across', 'mm2' => 50, 'link_m' => 0.3, 'lead_m' => 0.5])->assertForbidden();
        // Of another job it is not reached.
        $other = $this->job();
        $this->read($other, $battery, ['volts' => 13.2])->assertNotFound();
        $this->post(
            "/jobs/$job->id/balance",
            [
                'protocol' => 'full', 'parts' => $this->batteries($job), 'mm2' => 35, 'lead_m' => 0.5, 'charger' => ['b'],
                'charger_a' => [30],
            ],
        )->assertSessionHasErrors('protocol');
    }

    public function testASessionNeedsWhatItsMethodNeeds(): void
    {
        $job = $this->bank(2);
        $post = fn(array $more): TestResponse => $this->post(
            "/jobs/$job->id/balance",
            ['protocol' => 'full', 'parts' => $this->batteries($job), 'mm2' => 35, 'lead_m' => 0.5, ...$more],
        );
        $post(['charger' => [''], 'charger_a' => ['']])->assertSessionHasErrors('charger.0');
        $post(['charger' => ['b'], 'charger_a' => ['no']])->assertSessionHasErrors('charger_a.0');
        $post(['charger' => ['b'], 'charger_a' => ['30'], 'parts' => [$this->batteries($job)[0]]])->assertSessionHasErrors('parts');
        $post(['protocol' => 'check', 'parts' => ['p999']])->assertSessionHasErrors('parts.0');
        $post(['protocol' => 'check'])->assertSessionHasNoErrors();
    }

    public function testAReadingIsKeptOnceAndWhatCannotBeIsAskedAbout(): void
    {
        $job = $this->bank(2);
        $battery = $this->opened($job)->balanceBatteries()->firstOrFail();
        $id = (string) Str::uuid();
        $this->read(
            $job,
            $battery,
            ['volts' => '13,21', 'client_id' => $id, 'read_at' => '2026-11-25T06:00:00Z'],
        )->assertOk()->assertJson(['new' => true]);
        $this->read($job, $battery, ['volts' => 13.21, 'client_id' => $id])->assertOk()->assertJson(['new' => false]);
        $this->read($job, $battery, ['volts' => 1.32])->assertStatus(422)->assertJson(['ask' => true]);
        $this->read(
            $job,
            $battery,
            ['volts' => 13.2, 'read_at' => now()->addHour()->toIso8601String()],
        )->assertStatus(422)->assertJsonMissing(['ask' => true])->assertJsonPath('errors.read_at.0', 'It lies in the future: is the clock of the device right?');
        $this->read($job, $battery, ['volts' => 'x'])->assertJsonValidationErrors('volts');
        $this->read($job, $battery, ['volts' => 13.2, 'cells' => '3.3 3,3 three 3.3'])->assertJsonValidationErrors('cells');
        self::assertSame([13.21], BalanceReading::query()->pluck('volts')->all());
        self::assertSame('2026-11-25T06:00:00+00:00', BalanceReading::query()->firstOrFail()->read_at->utc()->toIso8601String());
        // Asked about, and so.
        $this->read($job, $battery, ['volts' => 7.1, 'sure' => true, 'cells' => '1.8 1,8 1.75 1.75'])->assertOk();
        self::assertSame([1.8, 1.8, 1.75, 1.75], BalanceReading::query()->latest('id')->firstOrFail()->cells);
        // Without scripts the question stands at the field, and what was typed stays.
        $this->from("/jobs/$job->id/balance")->followingRedirects()->post(
            "/jobs/$job->id/balance/$battery->balance_session_id/batteries/$battery->id/readings",
            ['_form' => "r$battery->id", 'volts' => '134'],
        )
            ->assertSee('is the decimal point in the right place?')->assertSee('value="134"', false)->assertSee('It is so');
    }

    public function testTheGateIsAskedAgainAndTheResultGoesToTheSerials(): void
    {
        $job = $this->bank(2);
        $session = $this->opened($job);
        [$a, $b] = $session->balanceBatteries()->get()->all();
        $this->step($job, $a, BalanceStep::Charging, ['charger' => 'bench 1'])->assertSessionHasNoErrors();
        self::assertSame(['bench 1', 30.0], [$a->refresh()->charger, $a->charger_a]);
        $this->step($job, $b, BalanceStep::Charging, ['charger' => 'somebody’s'])->assertSessionHasErrors('charger');
        $this->step($job, $b, BalanceStep::Charging, ['charger' => 'bench 1'])->assertSessionHasErrors(
            ['charger' => 'bench 1 is taken by another battery.'],
        );
        $this->step($job, $b, BalanceStep::Charging)->assertSessionHasErrors('charger');
        $session->update(['chargers' => [...$session->chargers, ['name' => 'forklift', 'amps' => 120.0]]]);
        $this->step($job, $b, BalanceStep::Charging, ['charger' => 'forklift'])->assertSessionHasErrors(
            ['charger' => 'forklift gives 120 A; by its data sheet this battery takes 100 A at most.'],
        );
        self::assertSame(BalanceStep::Waiting, $b->refresh()->step);
        // At absorption volts bulk is over, by itself.
        $this->read($job, $a, ['volts' => 14.2, 'amps' => 12])->assertOk();
        self::assertSame(BalanceStep::Absorbing, $a->refresh()->step);
        // Whoever has an older page open is told.
        $this->put(
            "/jobs/$job->id/balance/$session->id/batteries/$a->id",
            ['step' => 'resting', 'lock_version' => 1],
        )->assertStatus(Response::HTTP_CONFLICT);
        $this->put("/jobs/$job->id/balance/$session->id/join")->assertSessionHasErrors('join');
        $this->actingAs($this->user(Role::Technician))->put(
            "/jobs/$job->id/balance/$session->id/join",
            ['reason' => 'I think so'],
        )->assertSessionHasErrors('join');
        $this->actingAs($this->user());
        $this->step($job, $a, BalanceStep::Resting);
        // One step after the other; back where one was pressed too early; ready when it is; joined only by the gate.
        $this->step($job, $b, BalanceStep::Resting)->assertSessionHasErrors('step');
        $this->step($job, $b, BalanceStep::Charging, ['charger' => 'bench 1']);
        $this->step($job, $b, BalanceStep::Absorbing);
        $this->step($job, $b, BalanceStep::Charging)->assertSessionHasNoErrors();
        self::assertSame('bench 1', $b->refresh()->charger);
        $this->step($job, $b, BalanceStep::Absorbing);
        $this->step($job, $b, BalanceStep::Resting)->assertSessionHasNoErrors();
        $this->step($job, $b, BalanceStep::Ready)->assertSessionHasErrors('step');
        $this->step($job, $b, BalanceStep::Joined)->assertSessionHasErrors('step');
        $this->travel(13)->hours();
        $this->read($job, $a, ['volts' => 13.4]);
        $this->read($job, $b, ['volts' => 13.5]);
        $this->get("/jobs/$job->id/balance")->assertSee('data-gate="join"', false);
        // What would flow is said before, and what follows from it once they are joined.
        $this->get("/jobs/$job->id/balance")->assertSee('At the moment of joining');
        $this->put("/jobs/$job->id/balance/$session->id/join")->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/balance")->assertSee('data-gate="joined"', false)->assertSee('Leave them 12 to 16 hours');
        $this->put("/jobs/$job->id/balance/$session->id/finish", ['passed' => 1])->assertSessionHasErrors('finish');
        $this->travel(13)->hours();
        $this->read($job, $a, ['volts' => 13.45]);
        $this->read($job, $b, ['volts' => 13.46]);
        self::assertFalse(Milestones::of($job->refresh(), Studies::of($job))->balanced);
        $this->put("/jobs/$job->id/balance/$session->id/finish", ['passed' => 1])->assertSessionHasNoErrors();
        self::assertTrue(Milestones::of($job->refresh(), Studies::of($job))->balanced);
        self::assertSame([13.45, 13.46], $job->measurements()->where('note', 'balanced, full')->pluck('value')->all());
        $this->read($job, $a, ['volts' => 13.4])->assertStatus(422);
        // Next year it comes due, on the Yard; then last year's volts stand beside the new ones.
        $this->get('/')->assertDontSee('yearly check of the balance');
        $this->travel(350)->days();
        $this->get('/')->assertSee('yearly check of the balance');
        $check = $this->opened($job, ['protocol' => 'check']);
        $this->read($job, $check->balanceBatteries()->firstOrFail(), ['volts' => 13.3])->assertOk();
        $this->get("/jobs/$job->id/balance")->assertSee('last time 13.45 V');
    }

    public function testWhatWaitsIsOnTheYardAndInACalendarFile(): void
    {
        $job = $this->bank(2);
        [$a] = $this->opened($job)->balanceBatteries()->get()->all();
        $this->step($job, $a, BalanceStep::Charging, ['charger' => 'bench 1']);
        $this->read($job, $a, ['volts' => 12.7, 'amps' => 30]);
        $this->get('/')->assertSee('charging, bulk');
        $calendar = Reader::read((string) $this->get('/balance.ics')->assertOk()->getContent());
        self::assertInstanceOf(VCalendar::class, $calendar);
        self::assertSame([], $calendar->validate());
        $event = $calendar->select('VEVENT')[0] ?? null;
        self::assertInstanceOf(VEvent::class, $event);
        self::assertStringContainsString('charging', (string) $event->select('SUMMARY')[0]);
        // 200 Ah from about 17 % to 97 % at 30 A: five to six hours.
        $hours = (strtotime((string) $event->select('DTSTART')[0]) - now()->getTimestamp()) / 3600;
        self::assertTrue($hours > 4.5 && $hours < 6.5, (string) $hours);
    }

    public function testTimesAreSaidAndReadInTheWorkshopsZone(): void
    {
        Workshop::current()->update(['timezone' => 'Asia/Kathmandu']);
        $this->travelTo('2026-11-25 06:00:00');
        $job = $this->bank(2);
        [$a] = $this->opened($job)->balanceBatteries()->get()->all();
        $this->get("/jobs/$job->id/balance")->assertSee('since 25 Nov 11:45');
        $this->post(
            "/jobs/$job->id/balance/$a->balance_session_id/readings",
            ['table' => "battery,time,volts\n1,2026-11-25 11:00,13.2\n2,2026-11-25T05:15:00Z,13.2\n"],
        )->assertSessionHasNoErrors();
        self::assertSame(
            ['2026-11-25 05:15:00', '2026-11-25 05:15:00'],
            BalanceReading::query()->get()->map(static fn(BalanceReading $r): string => $r->read_at->utc()->toDateTimeString())->all(),
        );
        $this->put(
            '/workshop',
            [
                'name' => 'W', 'region' => 'europe', 'first_terminal' => 'negative', 'timezone' => 'Nowhere/Land',
                'lock_version' => Workshop::current()->lock_version,
            ],
        )->assertSessionHasErrors('timezone');
    }

    public function testATableIsLoggedWholeOrNotAtAll(): void
    {
        $job = $this->bank(2);
        $job->parts()->where('uid', $this->batteries($job)[0])->firstOrFail()->changeTo(['serial' => 'S-1']);
        $session = $this->opened($job);
        $post = fn(string $table, array $more = []): TestResponse => $this->post(
            "/jobs/$job->id/balance/$session->id/readings",
            ['table' => $table, ...$more],
        );
        $post(
            "battery;time;volts;celsius\nS-1;2026-11-24 08:00;13,21;9\n2;2026-11-24 08:05;1,31;9\n3;noon;13.2;9\n",
        )->assertSessionHasErrors('table');
        self::assertSame(['line 3, volts', 'line 4, battery'], array_column((array) session('faults'), 'path'));
        self::assertSame(0, BalanceReading::query()->count());
        $table = "battery\ttime\tvolts\tcell1\tcell2\tcell3\tcell4\nS-1\t2026-11-24T08:00:00Z\t13.21\t3.3\t3.3\t3.31\t3.3\n2\t2026-11-24T09:05:00+01:00\t13.11\t\t\t\t\n";
        $post($table)->assertSessionHasNoErrors();
        $post($table)->assertSessionHasNoErrors();
        self::assertSame([13.21, 13.11], BalanceReading::query()->orderBy('id')->pluck('volts')->all());
        // Out again, and in: nothing new.
        $csv = (string) $this->get("/jobs/$job->id/balance/$session->id/readings.csv")->assertOk()->getContent();
        self::assertStringContainsString('S-1,2026-11-24T08:00:00Z,13.21,,,3.3,3.3,3.31,3.3,waiting,file', $csv);
        $post($csv)->assertSessionHasNoErrors();
        self::assertSame(2, BalanceReading::query()->count());
    }

    public function testALongLogIsThinnedAndAnIdIsKeptOnceByTheDatabase(): void
    {
        $job = $this->bank(2);
        $session = $this->opened($job);
        [$a, $b] = $session->balanceBatteries()->get()->all();
        $rows = [];
        foreach (range(0, 1399) as $k) {
            $rows[] = [
                'balance_battery_id' => [$a, $b][$k % 2]->id, 'client_id' => (string) Str::uuid(),
                'read_at' => now()->subDays(2)->addMinutes($k), 'volts' => 13.0 + $k / 10_000, 'step' => 'waiting', 'source' => 'feed',
                'created_at' => now(),
            ];
        }
        BalanceReading::query()->insert($rows);
        $desk = BalanceDesk::of($session, JobReader::read($job->refresh()));
        foreach ($desk->batteries as $k => $battery) {
            $volts = array_map(static fn($r): float => round($r->volts, 4), $battery['readings']);
            self::assertTrue(count($volts) > 300 && count($volts) <= 601, (string) count($volts));
            self::assertSame([round(13.0 + $k / 10_000, 4), round(13.1398 + $k / 10_000, 4)], [$volts[0], $volts[count($volts) - 1]]);
            $sorted = $volts;
            sort($sorted);
            self::assertSame($sorted, $volts);
        }
        // Two that send the same at the same moment: neither sees the other, and the index decides.
        $id = (string) Str::uuid();
        $log = fn(): bool => (new LogReading())(
            $a->setRelation('session', $session),
            $desk->batteries[0]['subject'],
            now(),
            new CoreReading((float) now()->getTimestamp(), 13.2),
            'hand',
            '',
            $id,
        );
        self::assertSame([true, false], [$log(), $log()]);
        self::assertSame(1, BalanceReading::query()->where('client_id', $id)->count());
    }

    public function testTheSimulatedBenchGoesByTheClockNotByTheListeners(): void
    {
        $job = $this->bank(2);
        $session = $this->opened($job);
        [$a] = $session->balanceBatteries()->get()->all();
        $bench = ['speed' => 3600, 'source' => 'mains'];
        $this->put("/jobs/$job->id/balance/$session->id/bench", $bench)->assertSessionHasErrors('form');
        $this->get("/jobs/$job->id/balance")->assertDontSee('Simulated bench');
        Workshop::current()->update(['bench' => true]);
        $this->put("/jobs/$job->id/balance/$session->id/bench", ['speed' => 7, 'source' => 'mains'])->assertSessionHasErrors('speed');
        $this->put(
            "/jobs/$job->id/balance/$session->id/bench",
            ['speed' => 3600, 'source' => 'solar', 'fault' => [$a->part_uid => 'weak_cell']],
        )->assertSessionHasNoErrors();
        $this->step($job, $a, BalanceStep::Charging, ['charger' => 'bench 1']);
        $bench = app(Bench::class);
        $start = $session->refresh()->clock?->getTimestamp() ?? 0;
        $bench->tick($session);
        $bench->tick($session);
        // The second asked at once: no time has gone by, so next to nothing happened.
        self::assertEqualsWithDelta(1800, ($session->refresh()->clock?->getTimestamp() ?? 0) - $start, 600);
        self::assertSame(
            [BenchCharger::Solar->value, 'weak_cell'],
            [$session->bench['charger'] ?? '', $session->bench['states'][$a->part_uid]['fault'] ?? ''],
        );
        self::assertSame('bench', $a->readings()->firstOrFail()->source);
        self::assertLessThanOrEqual(30.1, $a->readings()->firstOrFail()->amps);
    }

    public function testAnInstrumentFeedsJsonLines(): void
    {
        $job = $this->bank(2);
        $this->opened($job);
        $id = (string) Str::uuid();
        $lines = implode(
            "\n",
            [
                json_encode(
                    [
                        'battery' => '1', 'volts' => 13.2, 'amps' => -1.5, 'at' => '2026-11-25T06:00:00Z', 'id' => $id,
                        'cells' => [3.3, 3.3, 3.3, 3.3],
                    ],
                ),
                json_encode(['battery' => 1, 'volts' => 13.2, 'id' => $id]),
                '{"battery":"1","volts":1.32}',
                '{"battery":"9","volts":13.2}',
                'nonsense',
                '{"battery":"1","volts":13.2,"watts":3}',
                '',
            ],
        );
        $file = (string) tempnam(sys_get_temp_dir(), 'pebblefell-feed-');
        file_put_contents($file, $lines);
        self::assertSame(1, Artisan::call('pebblefell:feed', ['job' => $job->number, '--as' => 'shunt 3', '--file' => $file]));
        $answers = array_map(
            static fn(string $l): array => json_decode($l, true),
            array_values(array_filter(explode("\n", Artisan::output()))),
        );
        unlink($file);
        self::assertSame([true, true, false, false, false, false], array_column($answers, 'kept'));
        self::assertSame([true, false], [$answers[0]['new'], $answers[1]['new']]);
        self::assertSame(['/volts', '/battery', '', '/watts'], array_column($answers, 'path'));
        $reading = BalanceReading::query()->where('client_id', $id)->firstOrFail();
        self::assertSame(['feed', 'shunt 3', -1.5], [$reading->source, $reading->getAttribute('by'), $reading->amps]);
        self::assertSame(2, Artisan::call('pebblefell:feed', ['job' => '999999']));
    }

    /** Two blocks in series: read whole, or what is lacking is named; in either language's numbers; and without series there is nothing to read. */
    public function testASeriesStringIsReadBlockByBlock(): void
    {
        $job = $this->job(['system_v' => 24]);
        $this->actingAs($this->user())->post("/jobs/$job->id/parts", [
            'library_part_id' => $this->libraryBattery(['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 110])->id,
            'count' => 4, 'fate' => 'keep', 'role' => 'house',
        ])->assertSessionHasNoErrors();
        $at = fn(string $query): TestResponse => $this->get("/jobs/$job->id/balance?fold=all$query")->assertOk();
        $at('')->assertSee('2 × 2 blocks: parallel first, then in series')->assertSee('Join all 4 blocks in parallel')
            // Full and rested: twice what one block reads.
            ->assertSee("about 25.7\u{202F}V");
        $at('&blocks[0]=12.70&blocks[1]=12.75')->assertSee('alike')->assertSee('25.45');
        // At rest 0.4 V between the two: each 0.2 V from the mean, where 0.15 V per 12 V is borne.
        $at('&blocks[0]=12.4&blocks[1]=12.8')->assertSee('one stands apart')->assertSee('Block 1 holds less than the others');
        $at('&blocks[0]=12,4&blocks[1]=12,8')->assertSee('Block 1 holds less than the others');
        $at('&blocks[0]=14.9&blocks[1]=13.9&amps=-20')->assertSee('Block 1 reaches the top first');
        $at('&blocks[0]=12.4&blocks[1]=11.2&amps=30')->assertSee('Block 2 drops most under load');
        $at('&blocks[0]=12.4&blocks[1]=')->assertSee('Type the other blocks too: 2.')->assertSee('value="12.4"', false)
            ->assertDontSee('one stands apart');
        $this->get("/jobs/$job->id/balance?blocks[0]=12.4&blocks[1]=volts")->assertStatus(422);
        $this->get("/jobs/{$this->bank(2)->id}/balance?fold=all&blocks[0]=12.4&blocks[1]=12.8")->assertOk()
            ->assertDontSee('In series, block by block');
    }

    /** Two hundred thousand readings of a monitor are thinned to what a chart shows; the first and the last stay. */
    public function testALongLogIsThinnedButKeepsItsEnds(): void
    {
        $job = $this->bank(2);
        $this->post("/jobs/$job->id/balance", [
            'protocol' => 'check', 'parts' => $this->batteries($job), 'mm2' => 35, 'lead_m' => 0.5,
        ])->assertSessionHasNoErrors();
        $session = BalanceSession::query()->where('job_id', $job->id)->firstOrFail();
        [$long, $short] = $session->balanceBatteries()->get()->all();
        $at = strtotime('2026-11-20T08:00:00Z');
        $row = static fn(int $k, int $battery): array => [
            'balance_battery_id' => $battery, 'client_id' => (string) Str::uuid(), 'read_at' => date('Y-m-d H:i:s', $at + 10 * $k),
            'volts' => 13.0 + $k / 100_000.0, 'source' => 'file', 'step' => 'resting', 'by' => '', 'created_at' => date('Y-m-d H:i:s'),
        ];
        foreach (array_chunk(range(0, 4999), 1000) as $chunk) {
            BalanceReading::query()->insert(array_map(static fn(int $k): array => $row($k, $long->id), $chunk));
        }
        BalanceReading::query()->insert(array_map(static fn(int $k): array => $row($k, $short->id), range(0, 6)));
        $desk = BalanceDesk::of($session->refresh(), JobReader::read($job->fresh() ?? $job));
        [$many, $few] = array_column($desk->batteries, 'readings');
        self::assertCount(7, $few);
        // Every ninth of 5,000, and the last.
        self::assertCount((int) ceil(5000 / 9) + 1, $many);
        self::assertSame([(float) $at, (float) ($at + 10 * 4999)], [$many[0]->atS, $many[count($many) - 1]->atS]);
        self::assertSame(90.0, $many[1]->atS - $many[0]->atS);
        self::assertEqualsWithDelta(13.04999, $many[count($many) - 1]->volts, 1e-4);
    }

    /** What a clamp reads at each battery names the link that is bad; a reading that is missing is asked for; sound readings name none. */
    public function testABadLinkIsNamedFromWhatAClampReads(): void
    {
        $job = $this->bank(4);
        $this->put("/jobs/$job->id/bank/links", ['layout' => 'across', 'mm2' => 50, 'link_m' => 0.3, 'lead_m' => 0.5])->assertSessionHasNoErrors();
        $drawing = Study::of(JobReader::read($job->fresh() ?? $job))->drawing();
        self::assertNotNull($drawing);
        $reads = static fn(BankDrawing $bank): string => implode(
            '&',
            array_map(static fn(float $a, int $i): string => "amps[$i]=" . round($a, 1), $amps = $bank->network->share(120.0)->amps, array_keys($amps)),
        );
        $at = fn(string $query): string => (string) $this->get("/jobs/$job->id/bank?fold=all&load=120&$query")->assertOk()->getContent();
        $number = static function (string $node) use ($drawing): string {
            $uid = substr($node, 0, -1);
            foreach ($drawing->strings as $i => $string) {
                if ($string[0]->uid === $uid) {
                    return 'battery ' . ($i + 1) . (str_ends_with($node, '+') ? ' plus' : ' minus');
                }
            }

            return 'the take-off';
        };
        $named = 0;
        foreach ($drawing->links as $k => $link) {
            $html = $at($reads($drawing->withLooseLink($k, 0.004)));
            preg_match_all('/The link (battery \d+ (?:plus|minus)|the take-off) to (battery \d+ (?:plus|minus)|the take-off)/', $html, $m);
            $likeliest = array_slice($m[0], 0, 2);
            $named += in_array('The link ' . $number($link->from) . ' to ' . $number($link->to), $likeliest, true) ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(count($drawing->links) - 1, $named, 'among the two likeliest');
        self::assertStringContainsString('Nothing is wrong', $at($reads($drawing)));
        self::assertStringContainsString('battery 2 has none', $at('amps[0]=30&amps[1]=&amps[2]=30&amps[3]=30'));
    }
}
