<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\DayPlan\MakeOffer;
use App\Actions\Survey\AddParts;
use App\History\Acts;
use App\History\HistoryAct;
use App\Models\Activity;
use App\Models\Answer;
use App\Models\BalanceSession;
use App\Models\Handover;
use App\Models\Job;
use App\Models\Offer;
use App\Models\Part;
use App\Models\Role;
use App\Models\Tick;
use App\Record\Balanced;
use App\Record\DayDesk;
use App\Record\Digest;
use App\Record\JobFiles;
use App\Record\Studies;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Severity;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\System\Fate;
use PHPUnit\Framework\Attributes\DataProvider;

/** An answer, a passed session and a tick know what they were given to; what no page offers is refused. */
final class GivenToTest extends TestCase
{
    /** @return array{Job, BalanceSession} a plan of two batteries that have been made alike */
    private function alike(): array
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $this->libraryBattery()->id, 'count' => 2]);
        $uids = $job->parts()->where('kind', 'battery')->pluck('uid')->all();
        foreach ($job->parts()->where('kind', 'battery')->get() as $i => $part) {
            $part->changeTo(['serial' => "S-$i"]);
        }
        $this->post("/jobs/$job->id/balance", ['protocol' => 'check', 'parts' => $uids, 'mm2' => 35, 'lead_m' => 0.5]);
        $session = $job->balanceSessions()->firstOrFail();
        foreach ($session->balanceBatteries as $battery) {
            $this->post("/jobs/$job->id/balance/$session->id/batteries/$battery->id/readings", ['volts' => '13.3', 'amps' => '0']);
        }
        $this->put("/jobs/$job->id/balance/$session->id/finish", ['passed' => 1, 'reason' => 'seen'])->assertSessionHasNoErrors();

        return [$job, $session->refresh()];
    }

    private static function isBalanced(Job $job): bool
    {
        return Balanced::of($job->refresh(), Studies::of($job));
    }

    public function testAPassedSessionIsThatOfItsBatteries(): void
    {
        [$job, $session] = $this->alike();
        self::assertTrue(self::isBalanced($job));
        self::assertSame(['S-0', 'S-1'], $session->balanceBatteries()->pluck('serial')->all());
        // Another serial in one's place; none any more; noted only after the session.
        $battery = $job->parts()->where('kind', 'battery')->firstOrFail();
        foreach ([['S-9', 'S-0', false], ['', 'S-0', false], ['S-0', 'S-0', true], ['S-0', '', true]] as [$now, $then, $covers]) {
            $battery->changeTo(['serial' => $now]);
            $session->balanceBatteries()->where('part_uid', $battery->uid)->update(['serial' => $then]);
            self::assertSame($covers, self::isBalanced($job), "$then, now $now");
        }
        $session->balanceBatteries()->update(['serial' => null]);
        self::assertFalse(self::isBalanced($job), 'nobody knows which stood there');
        $session->balanceBatteries()->update(['serial' => '']);
        self::assertTrue(self::isBalanced($job));
        // New batteries in place of both: the gate is shut again, and the page says so.
        $new = (new AddParts())->fromLibrary($job, $this->libraryBattery(), 2, Fate::Add);
        foreach ($job->parts()->where('kind', 'battery')->whereNotIn('uid', array_map(static fn(Part $p): string => $p->uid, $new))->get() as $old) {
            $old->changeTo(['fate' => Fate::Remove]);
        }
        self::assertFalse(self::isBalanced($job));
        $gate = array_filter(
            DayDesk::of($job->refresh(), Studies::of($job))->standing->rows,
            static fn(array $r): bool => $r['step']->closedBy === 'balance' && $r['closed'] === null,
        );
        self::assertSame([], array_filter($gate, static fn(array $r): bool => $r['passed'] ?? false));
        $this->get("/jobs/$job->id/balance")->assertSee('was of other batteries than those that are planned now');
    }

    public function testASessionOnTheSimulatedBenchOpensNothingAndLeavesNoReadings(): void
    {
        [$job, $session] = $this->alike();
        self::assertSame(2, $job->measurements()->count());
        $session->forceFill(['bench' => ['speed' => 60.0, 'charger' => 'mains', 'states' => [], 'sheets' => []]])->save();
        self::assertFalse(self::isBalanced($job));
        $this->get("/jobs/$job->id/balance")->assertSee('alike, practice');
        $job->measurements()->delete();
        $session->forceFill(['ended_at' => null, 'passed' => false, 'clock' => now()])->save();
        $this->put("/jobs/$job->id/balance/$session->id/finish", ['passed' => 1, 'reason' => 'seen'])->assertSessionHasNoErrors();
        self::assertSame(0, $job->measurements()->count());
        $this->travel(13)->months();
        $this->get('/')->assertDontSee('yearly check of the balance');
    }

    public function testAnAnswerIsAskedAgainWhenAnotherPartJoins(): void
    {
        $job = $this->job();
        $this->actingAs($this->user(Role::Office, Role::Planner));
        $charger = $this->plannedCharger($job);
        $battery = $job->parts()->where('kind', 'battery')->firstOrFail();
        $join = function (Part $part, string $plus) use ($job, $battery): void {
            $this->post("/jobs/$job->id/conductors", [
                'from_terminal' => "$battery->uid.plus", 'to_terminal' => "$part->uid.$plus", 'size_mm2' => '25', 'length_m' => '0.1', 'fate' => 'add',
            ])->assertSessionHasNoErrors();
        };
        $join($charger, 'output_plus');
        $stop = static fn(): ?Verdict => Studies::of($job->refresh())->assessment()->find('no-main-fuse');
        $finding = $stop()?->finding;
        self::assertSame(Severity::Stop, $finding?->severity);
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', $finding->fingerprint());
        $this->post("/jobs/$job->id/findings", [
            'finding' => $finding->key(), 'fingerprint' => $finding->fingerprint(), 'answer' => 'overruled', 'reason' => '10 cm of lead, covered',
        ])->assertSessionHasNoErrors();
        self::assertFalse($stop()?->isOpen());
        $this->post("/jobs/$job->id/parts", ['kind' => 'inverter', 'fate' => 'add', 'count' => 1, 'data' => ['continuous_w' => '2000']])
            ->assertSessionHasNoErrors();
        $join($job->parts()->where('kind', 'inverter')->firstOrFail(), 'battery_plus');
        $now = $stop();
        self::assertTrue($now->isOpen(), 'the inverter was not there when it was overruled');
        self::assertSame('10 cm of lead, covered', $now->earlier?->reason);
        $this->post("/jobs/$job->id/handovers")->assertSessionHasErrors('form');
    }

    public function testWhatEarlierReleasesKeptGetsItsFingerprintWhereThereIsNoDoubt(): void
    {
        $job = $this->job(['wish_days' => 4.0]);
        $this->actingAs($this->user());
        $this->plannedCharger($job);
        $this->appliance($job);
        $verdicts = Studies::of($job->refresh())->assessment()->verdicts;
        self::assertGreaterThan(1, count($verdicts));
        $give = static fn(string $key, string $print) => (new Answer([
            'finding' => $key, 'fingerprint' => $print, 'answer' => 'overruled', 'reason' => 'of before', 'answered_by' => 'P', 'answered_at' => '',
        ]))->job()->associate($job)->save();
        $give($verdicts[0]->finding->key(), $verdicts[0]->finding->formerFingerprint());
        $give($verdicts[1]->finding->key(), 'fix;1.234');
        $file = JobFiles::export($job->refresh());
        self::assertSame(0, Artisan::call('pebblefell:answers'));
        self::assertStringContainsString('1 answer of an earlier release fits no finding', Artisan::output());
        self::assertSame([$verdicts[0]->finding->fingerprint(), 'fix;1.234'], $job->answers()->pluck('fingerprint')->all());
        $again = Studies::of($job->refresh())->assessment();
        self::assertFalse($again->find($verdicts[0]->finding->key())?->isOpen());
        self::assertSame('of before', $again->find($verdicts[1]->finding->key())?->earlier?->reason);
        // The same in a file of before; and what has been given anew is not told again.
        [$system, $tree] = JobFiles::read($file);
        self::assertNotNull($system);
        self::assertSame([64, 9], array_map(strlen(...), JobFiles::import($system, $tree)->answers()->pluck('fingerprint')->all()));
        $give($verdicts[1]->finding->key(), $verdicts[1]->finding->fingerprint());
        Artisan::call('pebblefell:answers');
        self::assertStringContainsString('1 answer', Artisan::output(), 'that of the import alone');
    }

    public function testTicksGoByTheirArrivalWhateverTheClocksSay(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $say = fn(string $state, array $more = []) => $this->postJson("/jobs/$job->id/ticks", [
            'step' => Standing::FOUND . '.0001', 'state' => $state, 'note' => $state === 'undone' ? '' : 'a crack', ...$more,
        ]);
        $key = static fn(): string => $job->ticks()->get()->last()->step ?? '';
        // A phone 8 minutes ahead notes it; on the desk it is taken back a minute later.
        $this->postJson("/jobs/$job->id/ticks", ['step' => Standing::FOUND, 'state' => 'otherwise', 'note' => 'a crack',
            'read_at' => now()->addMinutes(8)->toIso8601ZuluString()])->assertOk();
        $step = $key();
        $this->travel(1)->minutes();
        $this->delete("/jobs/$job->id/history/ticks/" . Tick::query()->firstOrFail()->id)->assertSessionHasNoErrors();
        self::assertSame([], DayDesk::ticks($job, Tick::DAY_PLAN)->standing());
        self::assertSame(2, $job->ticks()->where('step', $step)->count());
        // By its own clock, put right: 9 hours slow, noted half an hour ago.
        $slow = now()->subHours(9);
        $this->postJson("/jobs/$job->id/ticks", ['step' => Standing::OTHERS, 'state' => 'otherwise', 'note' => 'gas man was here',
            'read_at' => $slow->clone()->subMinutes(30)->toIso8601ZuluString(), 'device_now' => $slow->toIso8601ZuluString()])->assertOk();
        $last = static fn(): Tick => $job->ticks()->get()->last() ?? self::fail('no tick');
        self::assertEqualsWithDelta(now()->subMinutes(30)->getTimestamp(), $last()->noted_at->getTimestamp(), 1);
        // Nothing is noted later than now, nor before there was a job.
        $this->postJson("/jobs/$job->id/ticks", ['step' => Standing::OTHERS, 'state' => 'otherwise', 'note' => 'the roofer too',
            'read_at' => '2001-01-01T00:00:00Z'])->assertOk();
        self::assertSame($job->created_at?->getTimestamp(), $last()->noted_at->getTimestamp());
        $this->postJson("/jobs/$job->id/ticks", ['step' => Standing::OTHERS, 'state' => 'otherwise', 'note' => 'x',
            'read_at' => now()->addMinutes(9)->toIso8601ZuluString()])->assertOk();
        self::assertSame(now()->getTimestamp(), $last()->noted_at->getTimestamp());
        // In the file they stand as they arrived; one of before goes by `at`.
        $tree = json_decode(JobFiles::export($job->refresh()), true);
        self::assertSame($job->ticks()->pluck('step')->all(), array_column($tree['ticks'], 'step'));
        $order = static function (array $tree): array {
            [$system, $read] = JobFiles::read((string) json_encode($tree));
            self::assertNotNull($system);

            return JobFiles::import($system, $read)->ticks()->pluck('note')->all();
        };
        self::assertSame(array_column($tree['ticks'], 'note'), $order($tree));
        $before = $tree;
        $before['ticks'] = array_map(static fn(array $t): array => array_diff_key($t, ['arrived' => 1]), $tree['ticks']);
        self::assertSame('the roofer too', $order($before)[0]);
    }

    public function testWhatDependsOnTheDayIsAskedByTheDay(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $job = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        $said = static fn(): string => Digest::today($job->refresh())['states']['aftercare'] ?? '';
        Digest::renew([$job->id]);
        self::assertSame('done', $said());
        $this->travel(13)->months();
        self::assertSame('todo', $said());
        self::assertTrue(Digest::isFresh($job), 'nothing was written');
        $this->get("/jobs/$job->id/aftercare")->assertOk();
        $this->get("/jobs/$job->id")->assertRedirect(route(Digest::today($job)['stage'], $job));
        $this->post("/jobs/$job->id/aftercare", ['note' => 'seen', 'visited_on' => now()->format('Y-m-d')])->assertSessionHasNoErrors();
        self::assertSame('done', $said());
    }

    /**
     * @return iterable<string, array{callable(self, Job): string}> what makes an act that stays as it was made, and names it
     */
    public static function actsThatStay(): iterable
    {
        $last = static fn(Job $job): string => Acts::last($job)->name ?? '';
        yield 'an offer, made' => [static function (self $test, Job $job) use ($last): string {
            (new MakeOffer())($job, ['tax_pct' => 0.0, 'sundries' => 0.0, 'text' => '', 'valid_until' => '2027-01-01'], 'P');

            return $last($job);
        }];
        yield 'an offer, accepted' => [static function (self $test, Job $job) use ($last): string {
            $offer = (new MakeOffer())($job, ['tax_pct' => 0.0, 'sundries' => 0.0, 'text' => '', 'valid_until' => '2027-01-01'], 'P');
            $test->post($offer->link('offer.accept'), ['name' => 'Ragna', 'agreed' => '1'])->assertSessionHasNoErrors();

            return $last($job);
        }];
        yield 'the job itself' => [static fn(self $test, Job $job): string => (new HistoryAct(
            'line-' . Activity::query()->where('job_id', $job->id)->min('id'),
            collect(),
        ))->name];
        yield 'a pack' => [static function (self $test, Job $job) use ($last): string {
            $test->actingAs($test->user(Role::Office, Role::Planner));
            $test->post("/jobs/$job->id/handovers")->assertSessionHasNoErrors();

            return $last($job);
        }];
        yield 'a signature' => [static function (self $test, Job $job) use ($last): string {
            $test->post("/jobs/$job->id/signatures", [
                'signed_by' => 'Ase Holm', 'strokes' => 'M20 120L60 40L100 130',
            ])->assertSessionHasNoErrors();

            return $last($job);
        }];
        yield 'a day' => [static function (self $test, Job $job) use ($last): string {
            $test->put("/jobs/$job->id/day-plan", ['starts_on' => '2026-12-01', 'starts_at' => '08:00', 'people' => 1, 'bay' => '', 'lock_version' => 0]);

            return $last($job);
        }];
    }

    /**
     * @param callable(self, Job): string $make
     */
    #[DataProvider('actsThatStay')]
    public function testWhatStaysIsNotPutBackByHand(callable $make): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $act = $make($this, $job->refresh());
        self::assertNotSame('', $act);
        $before = [Offer::query()->get()->toArray(), Handover::query()->count(), Job::query()->count(), DB::table('signatures')->count()];
        $this->actingAs($this->user())->put("/jobs/$job->id/history/$act")->assertSessionHasErrors('act');
        self::assertSame(
            $before,
            [Offer::query()->get()->toArray(), Handover::query()->count(), Job::query()->count(), DB::table('signatures')->count()],
        );
    }

    /** Where a page shows a form only in one state, a request made by hand in another is refused, says why, and changes nothing. */
    public function testWhatThePageDoesNotOfferIsRefused(): void
    {
        $this->travelTo('2026-11-26 10:00:00');
        [$job, $session] = $this->alike();
        $this->actingAs($this->user(Role::Office, Role::Planner, Role::Technician));
        $make = fn(string $until): Offer => (new MakeOffer())($job, ['tax_pct' => 0.0, 'sundries' => 0.0, 'text' => '', 'valid_until' => $until], 'P');
        $withdrawn = $make('2027-01-01');
        $withdrawn->changeTo(['withdrawn_at' => now()]);
        $over = $make('2026-11-20');
        $this->post("/jobs/$job->id/handovers");
        $pack = Handover::query()->first();
        $pack?->update(['revoked_at' => now()]);
        $open = new BalanceSession(['protocol' => 'full', 'link_ohm' => 0.001, 'started_at' => now(), 'joined_at' => now()]);
        $open->forceFill(['job_id' => $job->id])->save();
        $log = $job->logFiles()->create(['name' => 'a', 'path' => 'logs/a.log', 'form' => 'csv', 'header' => ['a', 'b'], 'columns' => ['time' => 0],
            'bytes' => 3, 'by' => 'P']);
        $refused = [
            ['DELETE', "/jobs/$job->id/offers/$withdrawn->id", ['lock_version' => $withdrawn->lock_version]],
            ['DELETE', "/jobs/$job->id/offers/$over->id", ['lock_version' => $over->lock_version]],
            ['PUT', "/jobs/$job->id/offers/$over->id", ['lock_version' => $over->lock_version]],
            ['POST', $over->link('offer.accept'), ['name' => 'Late', 'agreed' => '1']],
            ['PUT', "/jobs/$job->id/balance/$session->id/finish", ['passed' => 1]],
            ['PUT', "/jobs/$job->id/balance/$session->id/join", []],
            ['PUT', "/jobs/$job->id/balance/$open->id/join", ['reason' => 'x']],
            ['PUT', "/jobs/$job->id/logs/$log->id", ['lock_version' => $log->lock_version, 'time' => 'a', 'volts' => 'b']],
            ...($pack === null ? [] : [['DELETE', "/jobs/$job->id/handovers/$pack->id", []]]),
            ...($pack === null ? [['POST', "/jobs/$job->id/aftercare", ['note' => 'seen']]] : []),
        ];
        foreach ($refused as [$method, $url, $form]) {
            $rows = self::rows();
            $answer = $this->call($method, $url, $form);
            self::assertSame(409, $answer->getStatusCode(), "$method $url");
            self::assertMatchesRegularExpression('/[a-z]{4}.*\. Nothing was changed/s', strip_tags((string) $answer->getContent()), $url);
            self::assertSame($rows, self::rows(), "$method $url");
        }
    }

    private static function rows(): string
    {
        return serialize(array_map(
            static fn(string $t): string => md5(serialize(DB::table($t)->orderBy('id')->get()->all())),
            ['offers', 'handovers', 'balance_sessions', 'log_files', 'measurements', 'ticks'],
        ));
    }
}
