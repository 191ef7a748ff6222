<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\Models\Customer;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use App\Models\Role;
use App\Models\Scenario;
use App\Models\Tick;
use App\Record\JobReader;
use App\Record\TypicalLayouts;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Once;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pebblefell\Load\LoadSide;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\SignalKind;

/** The way of one job through the server: what is typed reaches core, and what core says reaches the page. */
final class SliceTest extends TestCase
{
    public function testABriefIsOpenedWithANewCustomerInTheRegionsUnits(): void
    {
        $this->actingAs($this->user())->post('/jobs', [
            'title' => 'Mobile smithy', 'new_customer' => 'Ragna', 'region' => '', 'vehicle_kind' => 'horsebox', 'system_v' => '12',
            'chassis_bonded' => '1',
            'payload_kg' => '310,5', 'months' => ['5', '6'], 'wish_days' => '2', 'hook_up' => 'never', 'driving_h_day' => '1',
            'shade' => [['from_h' => '14', 'to_h' => '20', 'percent' => '50'], ['from_h' => '', 'to_h' => '', 'percent' => '']],
        ])->assertSessionHasNoErrors();
        $job = Job::query()->firstOrFail();
        self::assertSame(310.5, $job->payload_kg);
        self::assertSame('Ragna', $job->customer?->name);
        self::assertEquals([['from_h' => 14, 'to_h' => 20, 'factor' => 0.5]], $job->shade);
        self::assertSame(1, $job->scenarios()->count());
    }

    public function testBadInputIsNamedAtTheFieldAndNothingTypedIsLost(): void
    {
        $user = $this->user();
        $this->actingAs($user)->from('/jobs/create')->post(
            '/jobs',
            [
                'title' => 'Keep me',
                'vehicle_kind' => 'spaceship',
                'system_v' => '13',
                'wish_days' => '-1',
                'hook_up' => 'never',
                'driving_h_day' => 'x',
            ],
        )
            ->assertSessionHasErrors(['vehicle_kind', 'system_v', 'wish_days', 'driving_h_day', 'customer_id']);
        $this->get('/jobs/create')->assertSee('value="Keep me"', false);
        self::assertSame(0, Job::query()->count());
        self::assertSame(0, Customer::query()->count());
    }

    public function testPoundsAndFahrenheitAreReadInNorthAmerica(): void
    {
        $job = $this->job(['region' => 'north_america']);
        $this->actingAs($this->user())->put(
            "/jobs/$job->id/target",
            ['lock_version' => $job->lock_version, 'coldest_battery_c' => '50'],
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(10.0, $job->fresh()?->coldest_battery_c, 1e-6);
        $this->get("/jobs/$job->id/size")->assertSee('°F')->assertSee('50');
    }

    public function testBatteriesComeInWithTheirLinks(): void
    {
        $job = $this->job(['system_v' => 24]);
        $battery = $this->libraryBattery(['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 110]);
        $this->actingAs($this->user())->post(
            "/jobs/$job->id/parts",
            ['library_part_id' => $battery->id, 'count' => 4, 'fate' => 'keep', 'role' => 'house'],
        )->assertSessionHasNoErrors();
        // Two strings of two: a series link in each, and plus to plus, minus to minus.
        self::assertSame(4, $job->parts()->count());
        self::assertSame(4, $job->conductors()->count());
        $bank = Study::of(JobReader::read($job->fresh() ?? $job))->assessment()->study->banks()->found->bank;
        self::assertSame([2, 2, 220.0], [$bank?->series, $bank?->parallel, $bank?->ratedAh()]);
    }

    public function testADataSheetSlipComesBackAtItsField(): void
    {
        $job = $this->job();
        $this->actingAs($this->user())->post(
            "/jobs/$job->id/parts",
            [
                'kind' => 'battery',
                'count' => 1,
                'fate' => 'keep',
                'data' => ['chemistry' => 'agm', 'nominal_v' => '12', 'capacity_ah' => '110000'],
            ],
        )
            ->assertSessionHasErrors(['data.capacity_ah']);
        self::assertSame(0, $job->parts()->count());
    }

    public function testChoosingABankTakesTheOldOneOutAndReplacesAnEarlierPlan(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $agm = $this->libraryBattery(['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 110]);
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $agm->id, 'count' => 2, 'fate' => 'keep', 'role' => 'house']);
        $lfp = $this->libraryBattery();
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $lfp->id, 'count' => 3])->assertSessionHasNoErrors();
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $lfp->id, 'count' => 2])->assertSessionHasNoErrors();
        $fates = $job->parts()->get()->countBy(static fn(Part $p): string => $p->fate->value)->all();
        self::assertSame(['remove' => 2, 'add' => 2], $fates);
        $this->put("/jobs/$job->id/bank", ['keep_found' => 1])->assertSessionHasNoErrors();
        self::assertSame(['keep' => 2], $job->parts()->get()->countBy(static fn(Part $p): string => $p->fate->value)->all());
    }

    public function testAStopIsShownItsRemedyAppliedInOnePressAndAnOverruleKeptWithItsReason(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $this->libraryBattery()->id, 'count' => 1]);
        $pwm = LibraryPart::query()->create([
            'kind' => 'regulator',
            'make' => 'Testmake',
            'model' => 'Pulse',
            'data' => ['technology' => 'pwm', 'max_charge_a' => 20.0, 'lithium' => 'none'],
        ]);
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $pwm->id, 'count' => 1, 'fate' => 'keep']);
        $this->get("/jobs/$job->id/survey")->assertSee('Lead-only solar regulator beside lithium')->assertSee(
            'Take it out; fit one with a lithium profile',
        );

        $finding = fn() => Study::of(JobReader::read($job->fresh() ?? $job))->assessment()->find(
            'lead-only-charger@' . $job->parts()->where('kind', 'regulator')->firstOrFail()->uid,
        )?->finding;
        $question = $finding();
        self::assertNotNull($question);
        $this->post(
            "/jobs/$job->id/findings",
            ['finding' => $question->key(), 'fingerprint' => $question->fingerprint(), 'answer' => 'overruled', 'reason' => ''],
        )->assertSessionHasErrors('reason');
        $this->post(
            "/jobs/$job->id/findings",
            [
                'finding' => $question->key(), 'fingerprint' => $question->fingerprint(), 'answer' => 'overruled',
                'reason' => 'Fused off, for looks only',
            ],
        )->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/survey")->assertSee('Overruled')->assertSee('Fused off, for looks only')->assertSee('Planner Person');

        // What was answered is not offered any more; the answer is put back first.
        $apply = fn() => $this->post(
            "/jobs/$job->id/findings/apply",
            ['finding' => $question->key(), 'fingerprint' => $question->fingerprint()],
        );
        $apply()->assertSessionHas('said', static fn(string $said): bool => str_starts_with($said, 'That finding has gone'));
        self::assertSame(Fate::Keep, $job->parts()->where('kind', 'regulator')->firstOrFail()->fate);
        $job->answers()->firstOrFail()->delete();
        $apply()->assertSessionHasNoErrors();
        self::assertSame(Fate::Remove, $job->parts()->where('kind', 'regulator')->firstOrFail()->fate);
        self::assertNull($finding());
    }

    public function testATechnicianRecordsButDoesNotPlan(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $part = $this->plannedCharger($job);
        $this->actingAs($this->user(Role::Technician))->put(
            "/jobs/$job->id/settings/$part->id",
            ['box' => ['absorption_v' => ['as_set' => '14,2', 'planned' => '15'], 'equalise_v' => ['as_set' => 'off']], 'versions' => []],
        )->assertSessionHasNoErrors();
        $row = $job->settings()->where('parameter', 'absorption_v')->firstOrFail();
        self::assertSame(['14.2', null, 'Technician Person'], [$row->as_set, $row->planned, $row->entered_by]);
        $this->put(
            "/jobs/$job->id/settings/$part->id",
            ['box' => ['float_v' => ['as_set' => 'fourteen']]],
        )->assertSessionHasErrors('box.float_v.as_set');
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $this->libraryBattery()->id, 'count' => 1, 'fate' => 'add']);
        self::assertSame(
            Fate::Keep,
            $job->parts()->reorder('id', 'desc')->firstOrFail()->fate,
            'a technician records what is there',
        );
    }

    public function testHoursAreReadAsPeopleWriteThemAndAmpsBecomeWatts(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $scenario = $job->scenarios()->firstOrFail()->uid;
        $this->post(
            "/jobs/$job->id/appliances",
            ['name' => 'Fridge', 'watts' => '3,8 A', 'side' => 'dc', 'hours' => '22-6, 12:30-13', 'scenario' => $scenario],
        )->assertSessionHasNoErrors();
        $row = $job->appliances()->firstOrFail();
        self::assertEqualsWithDelta(45.6, $row->watts, 1e-9);
        self::assertEquals([['from_h' => 22, 'to_h' => 6], ['from_h' => 12.5, 'to_h' => 13]], $row->hours[$scenario]);
        $this->post(
            "/jobs/$job->id/appliances",
            ['name' => 'Fan', 'watts' => '20', 'side' => 'dc', 'hours' => '7 till late', 'scenario' => $scenario],
        )->assertSessionHasErrors('hours');
        $this->post("/jobs/$job->id/scenarios", ['name' => 'Winter', 'copy_of' => $scenario])->assertSessionHasNoErrors();
        $winter = $job->scenarios()->where('name', 'Winter')->firstOrFail()->uid;
        self::assertEquals($row->hours[$scenario], $row->fresh()?->hours[$winter] ?? null);
    }

    /** One scenario sizes the system, whatever is switched or deleted; hours of a deleted one are gone, and nobody overwrites another. */
    public function testOneScenarioSizesWhateverIsDeleted(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $load = $this->appliance($job);
        $summer = $job->scenarios()->firstOrFail();
        $this->post("/jobs/$job->id/scenarios", ['name' => 'Winter', 'copy_of' => $summer->uid])->assertSessionHasNoErrors();
        $winter = $job->scenarios()->where('name', 'Winter')->firstOrFail();
        $put = fn(Scenario $s, array $more): TestResponse => $this->put(
            "/jobs/$job->id/scenarios/$s->id",
            ['lock_version' => $s->fresh()?->lock_version, 'name' => $s->name, 'sizing' => '1', 'inverter_always_on' => '0', ...$more],
        );
        $sizes = fn(): array => $job->scenarios()->where('sizing', true)->pluck('name')->all();
        $put($winter, [])->assertSessionHasNoErrors();
        self::assertSame(['Winter'], $sizes());
        $put($summer, [])->assertSessionHasNoErrors();
        self::assertSame([$summer->name], $sizes());
        $put($winter, ['name' => ''])->assertSessionHasErrors('name');
        $put($winter, ['lock_version' => 0, 'name' => 'Deep winter', 'sizing' => '0'])->assertStatus(409);
        self::assertSame('Winter', $winter->fresh()?->name);
        $delete = fn(Scenario $s): TestResponse => $this->delete(
            "/jobs/$job->id/scenarios/$s->id",
            ['lock_version' => $s->fresh()?->lock_version],
        );
        // The one that sizes goes: the one that is left sizes, and its hours stand.
        $delete($summer)->assertRedirect();
        self::assertSame([$winter->uid], array_keys($load->fresh()->hours ?? []));
        $this->get("/jobs/$job->id/loads")->assertOk()->assertSee('Winter');
        self::assertSame($winter->uid, Study::of(JobReader::read($job->fresh() ?? $job))->system->sizingScenario()?->uid);
    }

    /** A signal is noted on Survey, changes what is judged, and goes again; what nobody knows, or tells itself, is refused. */
    public function testASignalIsNotedJudgedAndDeleted(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $part = static fn(string $kind, array $data): Part => (new AddParts())->row(
            $job,
            Part::class,
            'p',
            ['kind' => $kind, 'fate' => 'add', 'data' => $data],
        );
        $dcdc = $part('dcdc', ['output_a' => 30, 'lithium' => 'custom', 'engine_signal' => 'ignition_wire']);
        $alternator = $part('alternator', ['rated_a' => 120]);
        $this->get("/jobs/$job->id/survey?edit=signal&fold=all")->assertOk()->assertSee('Who knows')->assertSee('Note the signal');
        $url = "/jobs/$job->id/signals";
        $signal = ['kind' => 'engine_running', 'from_part' => $alternator->uid, 'to_part' => $dcdc->uid, 'fate' => 'add'];
        $this->post($url, ['from_part' => $dcdc->uid] + $signal)->assertSessionHasErrors('to_part');
        $this->post($url, ['from_part' => 'p999'] + $signal)->assertSessionHasErrors('from_part');
        $this->post($url, ['kind' => 'whistle'] + $signal)->assertSessionHasErrors('kind');
        $hears = static fn(): bool => Study::of(JobReader::read(Job::query()->findOrFail($job->id)))->planned()
            ->hasSignal(SignalKind::EngineRunning, $dcdc->uid);
        self::assertFalse($hears());
        $this->post($url, $signal)->assertSessionHasNoErrors();
        self::assertTrue($hears());
        $row = $job->signals()->firstOrFail();
        $this->delete("$url/$row->id", ['lock_version' => $row->lock_version])->assertSessionHasNoErrors();
        self::assertFalse($hears());
    }

    /** What three jobs took is what is promised next; two say nothing yet. */
    public function testDurationsSpeakOnceThreeJobsHaveDoneIt(): void
    {
        $this->actingAs($this->user());
        $at = CarbonImmutable::parse('2026-11-20T08:00:00Z');
        foreach ([10, 14, 30] as $k => $minutes) {
            if ($k === 2) {
                $this->get('/measured')->assertOk()->assertSee('Each speaks once three jobs have done it.');
            }
            $job = $this->job();
            foreach (['guard' => 0, 'pictures' => $minutes] as $step => $after) {
                $job->ticks()->create([
                    'sheet' => Tick::DAY_PLAN, 'step' => $step, 'state' => 'done', 'by' => 'M',
                    'noted_at' => $at->addDays($k)->addMinutes($after), 'client_id' => (string) Str::uuid(),
                ]);
            }
            Once::flush();
        }
        $this->get('/measured')->assertOk()->assertSee("14\u{202F}min")->assertSee("12\u{202F}min – 22\u{202F}min");
    }

    public function testTheAuditTrailSaysWhoChangedWhat(): void
    {
        $job = $this->job();
        $planner = $this->user();
        $load = $this->appliance($job);
        $scenario = $job->scenarios()->firstOrFail()->uid;
        $this->actingAs($planner)->put(
            "/jobs/$job->id/appliances/$load->id",
            [
                'lock_version' => $load->lock_version, 'name' => 'Fridge', 'watts' => '60', 'side' => 'dc', 'hours' => '0-24',
                'scenario' => $scenario,
            ],
        )->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/history")->assertOk()->assertSee($planner->name)->assertSee('watts: 45 → 60');
    }

    public function testAUsualCaravanStartsAsAssumedUntilALabelIsRead(): void
    {
        foreach (array_keys(TypicalLayouts::all()) as $layout) {
            $job = $this->job();
            $this->actingAs($this->user(Role::Technician))->post(
                "/jobs/$job->id/layout",
                ['layout' => $layout],
            )->assertSessionHasNoErrors();
            $system = JobReader::read($job->fresh() ?? $job);
            self::assertNotSame([], $system->found()->houseBatteries(), $layout);
            self::assertTrue(Study::of($system)->assessment()->study->banks()->found->exists());
            self::assertNull(Study::of($system)->assessment()->find('main-fuse-not-placed'), "$layout: the fuse is joined to the bank");
            self::assertNull(Study::of($system)->assessment()->find('shunt-bypassed'), $layout);
            $this->post("/jobs/$job->id/layout", ['layout' => $layout])->assertSessionHasErrors('layout');
        }
        $battery = Part::query()->where('kind', 'battery')->firstOrFail();
        self::assertSame('assumed', $battery->origins['capacity_ah']);
        $job = $battery->job()->firstOrFail();
        $this->get("/jobs/$job->id/survey")->assertSee('≈', false);
        $sheet = array_map(static fn($v): string => is_bool($v) ? ($v ? '1' : '0') : (string) $v, $battery->data);
        $this->put(
            "/jobs/$job->id/parts/$battery->id",
            ['lock_version' => 1, 'role' => 'house', 'serial' => 'S1', 'data' => ['capacity_ah' => '95'] + $sheet],
        )->assertSessionHasNoErrors();
        $battery->refresh();
        self::assertSame(['typed', 'assumed'], [$battery->origins['capacity_ah'], $battery->origins['rate_h']]);
    }

    public function testRestedVoltsSayHowFullABatteryIsAndWhenTheyCannot(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        foreach ([['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 110, 'rate_h' => 10], ['chemistry' => 'lfp']] as $data) {
            $this->post(
                "/jobs/$job->id/parts",
                ['library_part_id' => $this->libraryBattery($data)->id, 'count' => 1, 'fate' => 'keep'],
            );
        }
        [$agm, $lfp] = $job->parts()->get()->all();
        $this->post(
            "/jobs/$job->id/parts/$agm->id/measurements",
            ['quantity' => 'volts', 'value' => '12,2', 'instrument' => 'meter'],
        )->assertSessionHasNoErrors();
        $this->post("/jobs/$job->id/parts/$lfp->id/measurements", ['quantity' => 'volts', 'value' => '13.2'])->assertSessionHasNoErrors();
        // 12.2 V is half of an AGM (common practice); 110 Ah at 10 h are more at 20 h.
        $this->get("/jobs/$job->id/parts/$agm->id")->assertSeeInOrder(
            ['Charge, by the last rested volts', '50', 'Capacity at the 20-hour rate'],
        )->assertDontSee('tell almost nothing');
        $this->get("/jobs/$job->id/parts/$lfp->id")->assertSee('tell almost nothing');
        $this->post(
            "/jobs/$job->id/parts/$agm->id/measurements",
            ['quantity' => 'volts', 'value' => 'twelve'],
        )->assertSessionHasErrors('value');
    }

    public function testATrialStayIsJudgedAndWhatNobodyListedBecomesALoad(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->appliance($job, ['watts' => 10.0]);
        $this->get("/jobs/$job->id/trial")->assertOk()->assertSee('No bank yet');
        $this->post(
            "/jobs/$job->id/parts",
            [
                'library_part_id' => $this->libraryBattery(
                    ['chemistry' => 'agm', 'nominal_v' => 12, 'capacity_ah' => 100, 'rate_h' => 20],
                )->id,
                'count' => 1,
                'fate' => 'keep',
            ],
        );
        $ask = static fn(array $q): string => "/jobs/$job->id/trial/judged?" . http_build_query([
            ...[
                'arrive_h' => 17,
                'arrive_pct' => 95,
                'morning_h' => 7,
                'morning_pct' => 40,
                'afternoon_pct' => 90,
                'error_pct' => 2,
            ],
            ...$q,
        ]);
        $this->get($ask([]))->assertOk()->assertSee('Both were short')->assertSee('that nobody listed')->assertSee(
            'value="17-7"',
            false,
        );
        $this->get($ask(['morning_pct' => 90, 'afternoon_pct' => 96]))->assertSee('Neither was short');
        $this->get($ask(['morning_pct' => 99]))->assertSee('something charged in the night');
        $this->get($ask(['arrive_pct' => 'much']))->assertStatus(422)->assertSee('charge on arrival');
    }

    public function testAUsualApplianceFillsItsFiguresIn(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->post(
            "/jobs/$job->id/appliances",
            ['name' => 'Air conditioner, small', 'watts' => '', 'side' => 'dc', 'duty_pct' => '50'],
        )->assertSessionHasNoErrors();
        self::assertSame(
            ['ac', 650.0, 50.0, 3.0, 2600.0],
            array_values(array_map(
                static fn($v) => $v instanceof LoadSide ? $v->value : $v,
                $job->appliances()->firstOrFail()->only(['side', 'watts', 'duty_pct', 'standby_w', 'surge_w']),
            )),
        );
        $this->post(
            "/jobs/$job->id/appliances",
            ['name' => 'Cheese grater', 'watts' => '', 'side' => 'dc'],
        )->assertSessionHasErrors('watts');
        $this->get("/jobs/$job->id/loads")->assertSee('What would save most');
    }

    public function testAMonitorsLogGivesTheReadingsAndItsColumnsAreRemembered(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->appliance($job);
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $this->libraryBattery()->id, 'count' => 1, 'fate' => 'keep']);
        $log = static fn(string $names): string => $names
            . "\n2026-06-05 17:30;13,3;98\n2026-06-05 23:00;13,1;80\n2026-06-06 06:45;13,0;61\n2026-06-06 08:00;13,1;64\n2026-06-06 15:00;13,4;92\n";
        $send = fn(string $csv, array $more = []) => $this->post(
            "/jobs/$job->id/trial/csv",
            ['file' => UploadedFile::fake()->createWithContent('log.csv', $csv), ...$more],
        );

        $send($log('Zeit;U;Ladung'))->assertSessionHasErrors('time_column');
        $send($log('Zeit;U;Ladung'), ['time_column' => 'Zeit', 'charge_column' => 'Nope'])->assertSessionHasErrors('charge_column');
        $read = [
            'arrive_h' => '17.5',
            'arrive_pct' => '98',
            'morning_h' => '6.75',
            'morning_pct' => '61',
            'afternoon_pct' => '92',
            'error_pct' => '2',
        ];
        $send($log('Zeit;U;Ladung'), ['time_column' => 'Zeit', 'charge_column' => 'Ladung'])->assertRedirect(route(
            'trial.show',
            [$job, ...$read],
        ));
        $send($log('Zeit;U;Ladung'))->assertRedirect(route('trial.show', [$job, ...$read]));
        $send($log('Timestamp;Volts;SoC %'))->assertRedirect(route('trial.show', [$job, ...$read]));
        $this->get(route('trial.show', [$job, ...$read]))->assertSee('The sun was short');
        $send("Time,SoC\nyesterday-ish,50\n")->assertSessionHasErrors('file');
        $send("Time,SoC\n2026-06-05 17:30,90\n")->assertSessionHasErrors('file');
    }
}
