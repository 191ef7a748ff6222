<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BusyTime;
use App\Models\DayPlan;
use App\Models\Job;
use App\Models\Role;
use App\Models\Tick;
use App\Models\Workshop;
use App\Record\DayDesk;
use App\Record\JobFiles;
use App\Record\Milestones;
use App\Record\Studies;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pebblefell\Stage\DayPlan\Deviation;
use Pebblefell\Stage\DayPlan\RunSheet;
use Pebblefell\Stage\Reading;
use Pebblefell\Study;
use Sabre\VObject\Reader;

/** The day on its screens: what is noted once, what stays closed, when it runs, and who else wants the bay. */
final class DayPlanTest extends TestCase
{
    private function van(): Job
    {
        CarbonImmutable::setTestNow('2026-11-26 10:00:00');
        $this->travelTo('2026-11-26 10:00:00');
        DemoShop::lay($this);
        $this->actingAs($this->user());

        return Job::query()->where('title', 'Dental van')->firstOrFail();
    }

    private static function desk(Job $job): DayDesk
    {
        return DayDesk::of($job->refresh(), Studies::of($job));
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function note(Job $job, string $step, array $with = []): TestResponse
    {
        return $this->postJson("/jobs/$job->id/ticks", ['step' => $step, 'state' => 'done', ...$with]);
    }

    public function testAStepStaysClosedUntilItIsMeasuredAndATickDoesNotOpenIt(): void
    {
        $job = $this->van();
        $rows = self::desk($job)->standing->rows;
        $gate = array_values(array_filter($rows, static fn(array $r): bool => $r['step']->does === 'prove-dead'))[0]['step'];
        $after = $rows[1 + (int) array_search($gate->key, array_map(static fn(array $r): string => $r['step']->key, $rows), true)]['step'];
        $this->note($job, $after->key)->assertStatus(422)->assertJsonPath(
            'message',
            static fn(string $m): bool => str_starts_with($m, 'Closed until “Prove it dead” is measured within −0.5'),
        );
        $this->note($job, $gate->key)->assertStatus(422)->assertJsonFragment(
            ['message' => 'It is to be measured: note the reading, not only a tick.'],
        );
        // Measured live: noted, and it stays closed.
        $this->note($job, $gate->key, ['value' => '12,7'])->assertOk();
        $this->note($job, $after->key)->assertStatus(422);
        $this->get("/jobs/$job->id/day-plan/steps")->assertOk()->assertSee('not within limits')->assertSee('12.7');
        $this->note($job, $gate->key, ['value' => '0.02'])->assertOk();
        $this->note($job, $after->key)->assertOk();
        // Taken back, it is open again, and what was noted since stands.
        $this->note($job, $gate->key, ['state' => 'undone'])->assertOk();
        $this->note($job, $after->key)->assertStatus(422);
        self::assertNotNull(DayDesk::ticks($job, Tick::DAY_PLAN)->on($after->key));
        foreach ([
            ['step' => 'dance'], ['state' => 'maybe'], ['state' => 'otherwise'], ['value' => 'x'],
            ['read_at' => '2030-01-01T00:00:00Z'],
        ] as $bad) {
            $this->note($job, $gate->key, ['value' => '0', ...$bad])->assertStatus(422);
        }
    }

    /** The phone's gate and the server's are one: tests/Browser holds the other to the same table. */
    public function testTheServersGateOpensAsThePhonesDoes(): void
    {
        $job = $this->van();
        $gate = array_values(array_filter(
            self::desk($job)->standing->rows,
            static fn(array $r): bool => $r['step']->reading?->isGate() === true && $r['closed'] === null,
        ))[0]['step'];
        foreach ((array) json_decode((string) file_get_contents(base_path('tests/files/gates.json')), true) as $case) {
            $reading = new Reading('volts', 'V', $case['low'], $case['high']);
            $answer = $this->note($job, $gate->key, ['value' => $case['typed']]);
            $value = $answer->getStatusCode() === 200 ? Tick::query()->latest('id')->firstOrFail()->value : null;
            self::assertSame($case['opens'], $value !== null && $reading->isGood($value), (string) json_encode($case));
        }
    }

    public function testWhatIsSentTwiceIsNotedOnceAndOtherwiseIsKeptWithItsReason(): void
    {
        $job = $this->van();
        $step = self::desk($job)->standing->rows[0]['step']->key;
        $id = (string) Str::uuid();
        $before = Tick::query()->count();
        foreach ([true, false] as $new) {
            $this->note(
                $job,
                $step,
                [
                    'client_id' => $id, 'read_at' => '2026-11-26T09:30:00Z', 'state' => 'otherwise',
                    'note' => 'no ignition card, the key was kept',
                ],
            )->assertOk()->assertJson(['new' => $new]);
        }
        self::assertSame($before + 1, Tick::query()->count());
        self::assertSame('2026-11-26 09:30:00', Tick::query()->where('client_id', $id)->firstOrFail()->noted_at->toDateTimeString());
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('no ignition card, the key was kept');
        // The file carries it, and another job has it from there.
        [$system, $tree, $faults] = JobFiles::read(JobFiles::export($job));
        self::assertSame([], $faults);
        self::assertNotNull($system);
        $copy = JobFiles::import($system, $tree);
        self::assertEquals(
            $job->ticks()->get()->map(Tick::fields()->write(...))->all(),
            $copy->ticks()->get()->map(Tick::fields()->write(...))->all(),
        );
    }

    public function testWhatIsBuiltOtherwiseChangesThePlanAndSaysWhatThatChanges(): void
    {
        $job = $this->van();
        $this->actingAs($this->user(Role::Technician));
        $rows = self::desk($job)->standing->rows;
        $study = Studies::of($job);
        // As far as the first step that lays positives, everything is done.
        $lay = null;
        foreach ($rows as $k => ['step' => $step]) {
            $sizes = array_values(
                array_filter(
                    Deviation::of($study, $step),
                    static fn(Deviation $d): bool => str_ends_with($d->key(), '.size_mm2') && (float) $d->was >= 50.0,
                ),
            );
            if ($sizes !== [] && $step->reading === null) {
                [$lay, $before, $deviation] = [$step, array_slice($rows, 0, $k), $sizes[0]];
                break;
            }
        }
        self::assertTrue(isset($lay, $before, $deviation));
        foreach ($before as ['step' => $step]) {
            $this->note($job, $step->key, ['value' => $step->reading === null ? null : ($step->reading->low ?? 0.0)])->assertOk();
        }
        $uid = strtok($deviation->key(), '.');
        $keys = static fn(Study $s): array => array_map(static fn($v): string => $v->finding->key(), $s->assessment()->verdicts);
        $note = fn(array $with): TestResponse => $this->note(
            $job,
            $lay->key,
            ['state' => 'otherwise', 'note' => 'the reel was empty', ...$with],
        );
        $note(['what' => "$uid.size_mm2|1", 'is' => '4'])->assertStatus(422)->assertJsonFragment(
            ['message' => "It was changed meanwhile, to $deviation->was: look at it again."],
        );
        $note(['what' => 'c999.size_mm2|', 'is' => '4'])->assertStatus(422);
        $note(['what' => "$uid.size_mm2|$deviation->was", 'is' => 'thick'])->assertStatus(422);
        self::assertSame(
            $deviation->was,
            (string) $job->conductors()->where('uid', $uid)->value('size_mm2'),
            'nothing of what is refused is kept',
        );
        $note(['what' => "$uid.size_mm2|$deviation->was", 'is' => '6'])->assertOk();
        self::assertSame(6.0, (float) $job->conductors()->where('uid', $uid)->value('size_mm2'));
        $tick = DayDesk::ticks($job, Tick::DAY_PLAN)->on($lay->key);
        self::assertStringStartsWith('the reel was empty Size of the lead from', $tick->note ?? '');
        self::assertStringContainsString('now 6', $tick->note ?? '');
        // The plan follows, and says on the sheet what it means.
        $new = array_values(array_diff($keys(Studies::of($job->refresh())), $keys($study)));
        self::assertContains("cable-too-thin@$uid", $new);
        $this->get("/jobs/$job->id/day-plan/steps")->assertOk()->assertSee("#finding-cable-too-thin-$uid", false);
        // What is not fitted after all goes from the plan; the word of it stays, though its step is gone.
        $mount = array_values(
            array_filter(
                self::desk($job)->standing->rows,
                static fn(array $r): bool => $r['step']->does === 'mount' && $r['closed'] === null,
            ),
        )[0]['step'];
        $this->note(
            $job,
            $mount->key,
            ['state' => 'otherwise', 'note' => 'it came broken', 'what' => "{$mount->parts[0]}.left-out|", 'is' => ''],
        )->assertOk();
        self::assertFalse($job->parts()->where('uid', $mount->parts[0])->exists());
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('it came broken');
        // Damage, and what is left to others, belong to no step; they stand on the sheet, in the history and in the pack.
        $this->note($job, 'others', ['state' => 'otherwise', 'note' => 'gas fitter moves the pipe'])->assertOk();
        $this->note($job, 'found', ['state' => 'otherwise', 'note' => ''])->assertStatus(422);
        $this->note($job, 'found', ['state' => 'otherwise', 'note' => 'floor rotten under the old bank'])->assertOk();
        $this->get("/jobs/$job->id/day-plan/steps")->assertOk()->assertSee('floor rotten under the old bank');
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('Left to somebody else:')->assertSee('gas fitter moves the pipe');
        // From the history the last word on a step is taken back, and only that.
        $last = $job->ticks()->where('step', $lay->key)->orderByDesc('id')->firstOrFail();
        $this->get("/jobs/$job->id/history?fold=noted")->assertOk()->assertSee('Noted on the sheets')->assertSee('the reel was empty');
        $this->delete("/jobs/$job->id/history/ticks/$last->id")->assertSessionHasNoErrors();
        self::assertNull(DayDesk::ticks($job, Tick::DAY_PLAN)->on($lay->key));
        $this->delete("/jobs/$job->id/history/ticks/$last->id")->assertSessionHasErrors(['step' => 'It was noted anew since: look again.']);
        $this->actingAs($this->user(Role::Office));
        $this->note($job, $lay->key, ['state' => 'otherwise', 'note' => 'x'])->assertForbidden();
    }

    public function testTheYardProposesABetterOrderAndPlansIt(): void
    {
        $this->van();
        $plans = DayPlan::query()->orderBy('id')->get();
        $start = CarbonImmutable::parse('2026-12-01 07:00:00', 'UTC');
        foreach ($plans as $plan) {
            $plan->changeTo(['starts_at' => $start, 'ends_at' => $start->addHours(9), 'bay' => 'Quay bay', 'people' => 1]);
        }
        Workshop::current()->update(['crew' => 2]);
        $page = (string) $this->get('/?fold=order')->assertOk()->assertSee('A better order')->assertSee('Plan them so')->getContent();
        self::assertSame(1, preg_match('/name="seen" value="(?<mark>[^"]+)"/', $page, $seen));
        $this->put('/yard', ['seen' => 'older'])->assertSessionHasErrors('seen');
        $this->put('/yard', ['seen' => $seen['mark'] ?? ''])->assertSessionHasNoErrors()->assertSessionHas('said');
        $after = DayPlan::query()->get();
        // Never more than two at one time, never two in one bay, nobody before the day that was said.
        foreach ($after as $a) {
            self::assertTrue($a->starts_at->greaterThanOrEqualTo($start));
            foreach ($after as $b) {
                if ($a->id < $b->id && $a->starts_at < $b->starts_at->addHours(9) && $b->starts_at < $a->starts_at->addHours(9)) {
                    self::assertNotSame($a->bay, $b->bay);
                }
            }
        }
        $this->put('/yard', ['seen' => $seen['mark'] ?? ''])->assertSessionHasErrors('seen');
        $this->actingAs($this->user(Role::Technician));
        $this->put('/yard', ['seen' => 'x'])->assertForbidden();
    }

    public function testTheStageIsDoneWhenEveryStepIs(): void
    {
        $job = $this->van();
        $camper = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        self::assertTrue(Milestones::of($camper, Studies::of($camper))->worked);
        self::assertSame('done', $camper->digest['states']['day-plan'] ?? '');
        self::assertFalse(Milestones::of($job, Studies::of($job))->worked);
        // The last one waits for all the others.
        $this->note($job, RunSheet::LAST)->assertStatus(422);
        $this->note($camper, RunSheet::LAST, ['state' => 'undone'])->assertOk();
        self::assertFalse(Milestones::of($camper->refresh(), Studies::of($camper))->worked);
        self::assertSame('done', $camper->digest['states']['day-plan'] ?? '', 'what is handed over has been worked');
        // Balance's word opens what it closes.
        $balance = array_values(
            array_filter(self::desk($job)->standing->rows, static fn(array $r): bool => $r['step']->closedBy === 'balance'),
        )[0];
        self::assertSame('balance', $balance['step']->does);
        self::assertNotNull($balance['closed']);
    }

    public function testItIsPlannedWithinTheWorkshopsHoursAndKeepsClearOfWhatIsBusy(): void
    {
        $job = Job::query()->where('title', 'Library trailer')->first() ?? $this->van();
        $job = Job::query()->where('title', 'Library trailer')->firstOrFail();
        $plan = ['starts_on' => '2026-11-30', 'starts_at' => '08:00', 'bay' => 'Net loft', 'people' => 2];
        $this->put("/jobs/$job->id/day-plan", [...$plan, 'lock_version' => 1])->assertSessionHasNoErrors();
        $end = DayPlan::query()->where('job_id', $job->id)->firstOrFail()->ends_at;
        // Somebody who has not seen that is told.
        $this->put("/jobs/$job->id/day-plan", [...$plan, 'people' => 1, 'lock_version' => 1])->assertStatus(409);
        foreach ([['bay' => 'Moon'], ['people' => 0], ['starts_on' => 'soon'], ['starts_at' => '25:00']] as $bad) {
            $this->put("/jobs/$job->id/day-plan", [...$plan, 'lock_version' => 2, ...$bad])->assertSessionHasErrors(array_key_first($bad));
        }
        // The whole Monday is busy, every week: the work moves to Tuesday.
        $ics = "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\nBEGIN:VEVENT\r\nUID:1\r\nDTSTAMP:20261101T000000Z\r\nDTSTART;VALUE=DATE:20261102\r\nRRULE:FREQ=WEEKLY;COUNT=8\r\nSUMMARY:Market day\r\nEND:VEVENT\r\nBEGIN:VEVENT\r\nUID:2\r\nDTSTAMP:20261101T000000Z\r\nDTSTART:20261201T120000Z\r\nDTEND:20261201T130000Z\r\nTRANSP:TRANSPARENT\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";
        $this->post(
            '/workshop/busy',
            ['calendar' => UploadedFile::fake()->createWithContent('market.ics', $ics)],
        )->assertSessionHasNoErrors();
        self::assertSame(8, BusyTime::query()->count());
        $this->post(
            '/workshop/busy',
            ['calendar' => UploadedFile::fake()->createWithContent('x.ics', 'no calendar')],
        )->assertSessionHasErrors('calendar');
        self::assertSame(8, BusyTime::query()->count(), 'what was there stays');
        self::desk($job)->keepEnd();
        $moved = DayPlan::query()->where('job_id', $job->id)->firstOrFail()->ends_at;
        self::assertSame(1, (int) $end->copy()->startOfDay()->diffInDays($moved->copy()->startOfDay()));
        foreach (Reader::read((string) $this->get("/jobs/$job->id/day-plan.ics")->assertOk()->getContent())->select('VEVENT') as $event) {
            $start = CarbonImmutable::instance($event->DTSTART->getDateTime())->setTimezone('Europe/Oslo');
            self::assertFalse($start->isMonday() && (string) $event->TRANSP === 'OPAQUE', (string) $event->SUMMARY);
        }
        // Away for two years: the pages stand, and say that it is left out.
        BusyTime::query()->create(['from' => '2026-11-01', 'to' => '2028-11-01', 'what' => 'away']);
        $this->get('/')->assertOk();
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('leave no hour in a quarter of a year');
        $this->delete('/workshop/busy')->assertRedirect();
        self::assertSame(0, BusyTime::query()->count());
    }

    public function testJobsInDifferentBaysShareThePeople(): void
    {
        $job = $this->van();
        $plan = DayPlan::query()->where('job_id', $job->id)->firstOrFail();
        DayPlan::query()->whereKeyNot($plan->id)->update(
            ['bay' => 'Net loft', 'people' => 2, 'starts_at' => $plan->starts_at, 'ends_at' => $plan->ends_at->copy()->addDay()],
        );
        $plan->update(['people' => 2]);
        $others = DayPlan::query()->whereKeyNot($plan->id)->count();
        Workshop::current()->update(['crew' => null]);
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertDontSee('More people wanted');
        Workshop::current()->update(['crew' => 2 * $others]);
        $page = (string) $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('More people wanted than there are')->assertSee('want ' . (2 * $others + 2) . ' at one time')->getContent();
        // When the others have gone there are enough: the bay is free from then as well.
        self::assertMatchesRegularExpression('/is free from \w{3} \d+ \w{3}, \d\d:\d\d/', $page);
        $this->get('/')->assertOk()->assertSee((2 * $others + 2) . ' people wanted, ' . 2 * $others . ' there.');
        Workshop::current()->update(['crew' => 2 * $others + 2]);
        $this->get("/jobs/$job->id/day-plan")->assertDontSee('More people wanted');
        $this->get('/')->assertDontSee('people wanted,');
        // Chargers are shared in the same way: each job's charge is forecast, and one too many is told with when one is free.
        $own = DayPlan::query()->where('job_id', $job->id)->firstOrFail();
        self::assertNotNull($own->charges_from, 'its batteries are charged before they are joined');
        DayPlan::query()->whereKeyNot($own->id)->toBase()->update(
            [
                'charges_from' => $own->charges_from, 'charges_to' => $own->charges_to, 'ends_at' => $own->ends_at,
                'starts_at' => $own->starts_at,
            ],
        );
        $all = DayPlan::query()->count();
        Workshop::current()->update(['chargers' => $all - 1]);
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee(
            'More chargers wanted than there are',
        )->assertSee("want $all; there")->assertSee('One is free from');
        $this->get('/')->assertOk()->assertSee("$all chargers wanted");
        // With room and people enough, the better order is for the chargers' sake.
        $on = static fn(?CarbonInterface $at): ?CarbonInterface => $at?->copy()->addDays(4);
        DayPlan::query()->toBase()->update([
            'bay' => '', 'starts_at' => $on($own->starts_at), 'ends_at' => $on($own->ends_at),
            'charges_from' => $on($own->charges_from), 'charges_to' => $on($own->charges_to),
        ]);
        Workshop::current()->update(['crew' => null]);
        $this->get('/?fold=order')->assertOk()->assertDontSee('people wanted,')->assertSee('Plan them so');
        Workshop::current()->update(['chargers' => $all]);
        $this->get("/jobs/$job->id/day-plan")->assertDontSee('More chargers wanted');
    }

    public function testTwoInOneBayAreToldAndABetterPlaceIsNamed(): void
    {
        $job = $this->van();
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('Quay bay is wanted twice')->assertSee('Cinema caravan')->assertSee(
            'Middle bay is free all that time.',
        );
        $this->get('/')->assertOk()->assertSee('Quay bay: Dental van until')->assertSee('wants the same bay', false);
        DayPlan::query()->where('job_id', '!=', $job->id)->delete();
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertDontSee('is wanted twice');
    }
}
