<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BusyTime;
use App\Models\DayPlan;
use App\Models\Job;
use App\Models\Tick;
use App\Models\Workshop;
use App\Record\DayDesk;
use App\Record\JobFiles;
use App\Record\Milestones;
use App\Record\Studies;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pebblefell\Stage\DayPlan\RunSheet;
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
        $this->note($job, $after->key)->assertStatus(422)->assertJsonPath('message', static fn(string $m): bool => str_starts_with($m, 'Closed until “Prove it dead” is measured within −0.5'));
        $this->note($job, $gate->key)->assertStatus(422)->assertJsonFragment(['message' => 'It is to be measured: note the reading, not only a tick.']);
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
        foreach ([['step' => 'dance'], ['state' => 'maybe'], ['state' => 'otherwise'], ['value' => 'x'], ['read_at' => '2030-01-01T00:00:00Z']] as $bad) {
            $this->note($job, $gate->key, ['value' => '0', ...$bad])->assertStatus(422);
        }
    }

    public function testWhatIsSentTwiceIsNotedOnceAndOtherwiseIsKeptWithItsReason(): void
    {
        $job = $this->van();
        $step = self::desk($job)->standing->rows[0]['step']->key;
        $id = (string) Str::uuid();
        $before = Tick::query()->count();
        foreach ([true, false] as $new) {
            $this->note($job, $step, ['client_id' => $id, 'read_at' => '2026-11-26T09:30:00Z', 'state' => 'otherwise', 'note' => 'no ignition card, the key was kept'])->assertOk()->assertJson(['new' => $new]);
        }
        self::assertSame($before + 1, Tick::query()->count());
        self::assertSame('2026-11-26 09:30:00', Tick::query()->where('client_id', $id)->firstOrFail()->noted_at->toDateTimeString());
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('no ignition card, the key was kept');
        // The file carries it, and another job has it from there.
        [$system, $tree, $faults] = JobFiles::read(JobFiles::export($job));
        self::assertSame([], $faults);
        self::assertNotNull($system);
        $copy = JobFiles::import($system, $tree);
        self::assertEquals($job->ticks()->get()->map(static fn(Tick $t): array => $t->toFile())->all(), $copy->ticks()->get()->map(static fn(Tick $t): array => $t->toFile())->all());
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
        $balance = array_values(array_filter(self::desk($job)->standing->rows, static fn(array $r): bool => $r['step']->closedBy === 'balance'))[0];
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
        $this->post('/workshop/busy', ['calendar' => UploadedFile::fake()->createWithContent('market.ics', $ics)])->assertSessionHasNoErrors();
        self::assertSame(8, BusyTime::query()->count());
        $this->post('/workshop/busy', ['calendar' => UploadedFile::fake()->createWithContent('x.ics', 'no calendar')])->assertSessionHasErrors('calendar');
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
        DayPlan::query()->whereKeyNot($plan->id)->update(['bay' => 'Net loft', 'people' => 2, 'starts_at' => $plan->starts_at, 'ends_at' => $plan->ends_at->copy()->addDay()]);
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
    }

    public function testTwoInOneBayAreToldAndABetterPlaceIsNamed(): void
    {
        $job = $this->van();
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertSee('Quay bay is wanted twice')->assertSee('Cinema caravan')->assertSee('Middle bay is free all that time.');
        $this->get('/')->assertOk()->assertSee('Quay bay: Dental van until')->assertSee('wants the same bay', false);
        DayPlan::query()->where('job_id', '!=', $job->id)->delete();
        $this->get("/jobs/$job->id/day-plan")->assertOk()->assertDontSee('is wanted twice');
    }
}
