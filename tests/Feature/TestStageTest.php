<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Activity;
use App\Models\Job;
use App\Models\Role;
use App\Models\Tick;
use App\Record\DayDesk;
use App\Record\Studies;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Pebblefell\Stage\Test\DeviceWay;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Test\Proof;
use Pebblefell\Stage\Test\ProofCircuit;
use Pebblefell\Stage\Test\TestSheet;

/** Promised against measured on its screen, and the joint that is hunted there. */
final class TestStageTest extends TestCase
{
    private function van(): Job
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());

        return Job::query()->where('title', 'Dental van')->firstOrFail();
    }

    /**
     * @param array<string, mixed> $with
     *
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function note(Job $job, string $step, array $with = []): TestResponse
    {
        return $this->postJson("/jobs/$job->id/test", ['step' => $step, 'state' => 'done', ...$with]);
    }

    public function testAMissNamesItsUsualCausesAndAGoodReadingIsGood(): void
    {
        $job = $this->van();
        $source = array_values(
            array_filter(Studies::of($job)->testSheet()->checks, static fn($c): bool => $c->does === 'source-engine'),
        )[0];
        $this->note($job, $source->key)->assertStatus(422)->assertJsonFragment(
            ['message' => 'It is to be measured: note the reading, not only a tick.'],
        );
        $this->note($job, $source->key, ['value' => '7,5'])->assertOk();
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee('1 line is not as promised.')->assertSee('The bank is nearly full')->assertSee('7.5');
        $this->note($job, $source->key, ['value' => $source->expected])->assertOk();
        $this->get("/jobs/$job->id/test")->assertOk()->assertDontSee('not as promised.')->assertSee('So far it is as promised.');
        $this->note($job, 'sag', ['value' => '0.1'])->assertStatus(422)->assertJsonFragment(
            ['message' => 'It is measured while a current flows: note the amperes too.'],
        );
        $this->note($job, 'nothing')->assertStatus(422);
        $this->note($job, 'drop.p1 p2.plus p3.in', ['value' => 1, 'amps' => 1])->assertStatus(422);
    }

    public function testAMissIsFollowedToItsCauseByYesAndNo(): void
    {
        $job = $this->van();
        $source = array_values(
            array_filter(Studies::of($job)->testSheet()->checks, static fn($c): bool => $c->does === 'source-engine'),
        )[0];
        $ask = "ask.$source->key ";
        $this->note($job, $source->key, ['value' => 3])->assertOk();
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee('Likeliest:')->assertSee('Look at this next');
        $this->note($job, $ask . 'at-absorption', ['value' => 0])->assertOk();
        $this->note($job, $ask . 'case-hot', ['value' => 1])->assertOk();
        $this->note($job, $ask . 'signal-dead', ['value' => 0])->assertOk();
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee('It is most likely this: It is warm and gives less');
        $this->note($job, $ask . 'case-hot', ['value' => 0.4])->assertStatus(422)->assertJsonFragment(
            ['message' => 'It is answered with yes or no.'],
        );
        $this->note($job, $ask . 'sensor-still', ['value' => 1])->assertStatus(422);
        $this->note($job, $ask . 'case-hot', ['state' => 'undone'])->assertOk();
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee('Likeliest:')->assertDontSee('It is most likely this');
    }

    public function testTheBadJointIsNamedFromWhatWasMeasured(): void
    {
        $job = $this->van();
        $study = Studies::of($job);
        $way = DeviceWay::all($study)[0];
        // A lug on the second piece of the way out has 6 mΩ too many.
        $bad = 1;
        $true = array_map(static fn($s): float => $s->ohm, $way->chain->segments);
        $true[$bad] += 0.006;
        $amps = 80.0;
        for ($k = 0; $k < 8; ++$k) {
            $hunt = Hunt::of($way, DayDesk::ticks($job, Tick::TEST));
            if ($hunt->next === null) {
                break;
            }
            $points = array_map(strval(...), $way->points);
            [$from, $to] = array_map(static fn($p): int => (int) array_search((string) $p, $points, true), $hunt->next);
            $volts = array_sum(array_slice($true, $from, $to - $from)) * $amps;
            $this->note($job, Hunt::step($way, ...$hunt->next), ['value' => round($volts, 4), 'amps' => $amps])->assertOk();
        }
        $hunt = Hunt::of($way, DayDesk::ticks($job, Tick::TEST));
        self::assertTrue($hunt->isFound());
        self::assertSame($way->pieces[$bad], $hunt->suspects[0]['piece']);
        self::assertEqualsWithDelta($true[$bad], $hunt->suspects[0]['ohm'], 3.0 * $hunt->suspects[0]['sigmaOhm'] + 0.0002);
        $this->get("/jobs/$job->id/test?way={$way->part->uid}")->assertOk()->assertSee('The bad joint:')->assertSee('mΩ promised');
    }

    public function testTheStageIsDoneWhenEveryLineIsGood(): void
    {
        $this->van();
        $camper = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        self::assertSame('done', $camper->digest['states']['test'] ?? '');
        $this->note($camper, TestSheet::LAST, ['state' => 'otherwise', 'note' => 'one alarm in the night'])->assertOk();
        self::assertSame('todo', $camper->refresh()->digest['states']['test'] ?? '');
        $this->get("/jobs/$camper->id/test")->assertOk()->assertSee('one alarm in the night');
    }

    public function testTheHuntIsPractisedOnASimulatedVehicleAndNothingIsNoted(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user(Role::Technician));
        $van = Job::query()->where('title', 'Dental van')->firstOrFail();
        $before = [Tick::query()->count(), Activity::query()->count()];
        $url = "/jobs/$van->id/test/training?seed=4";
        $first = (string) $this->get("$url&from=0&to=4")->assertOk()->assertSee('Name it')->assertSee('mV')->getContent();
        self::assertSame(1, preg_match('/name="m\[\]" value="0-4"/', $first), 'what was read is carried on');
        // Two readings stand.
        self::assertSame(2, substr_count((string) $this->get("$url&m[]=0-4&from=2&to=1")->getContent(), 'data-label="Shows"'));
        // Exactly one answer is right, whoever asks; the address does not give it away, and another seed hides another.
        $right = fn(int $seed): array => array_keys(array_filter(
            array_combine(
                $names = ['none', '0', '1', '2', '3', '4', '6', '7', '8'],
                array_map(
                    fn(string $n): string => (string) $this->get(
                        "/jobs/$van->id/test/training?seed=$seed&named=$n",
                    )->assertOk()->getContent(),
                    $names,
                ),
            ),
            static fn(string $page): bool => str_contains($page, '✓ Right.'),
        ));
        $hidden = array_map($right, [4, 5, 6, 7, 8, 9]);
        foreach ($hidden as $one) {
            self::assertCount(1, $one);
        }
        self::assertGreaterThan(1, count(array_unique(array_merge(...$hidden))));
        $this->get("$url&named=none")->assertSee('You measured 0 times');
        $this->get("/jobs/$van->id/test/training?seed=x&named=who")->assertStatus(422);
        $this->get(
            '/jobs/' . Job::query()->where('title', 'Travelling bakery')->value('id') . '/test/training',
        )->assertOk()->assertSee('Nothing to practise on yet');
        self::assertSame($before, [Tick::query()->count(), Activity::query()->count()]);
    }

    public function testTheTenMinuteProofNamesTheBadPieceFromWhatIsNoted(): void
    {
        $job = $this->van();
        $study = Studies::of($job);
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee("/jobs/$job->id/test/proof");
        $this->get("/jobs/$job->id/test/proof")->assertOk()->assertSee('readings, and each run, joint and battery is known.');
        $circuit = ProofCircuit::of($study) ?? self::fail('no circuit');
        $pieces = $circuit->pieces;
        $ohm = array_map(static fn(array $u): float => $u['segment']->ohm, $pieces);
        $battery = (int) array_search(
            "battery {$study->planned()->houseBatteries()[1]->uid}",
            array_map(static fn(array $u): string => $u['segment']->id, $pieces),
            true,
        );
        $ohm[$battery] += 0.02;
        foreach ($circuit->readings(array_values($ohm), 26.4) as $step => $read) {
            $this->note($job, $step, ['value' => round($read['value'], 3), 'amps' => round($read['amps'], 1)])->assertOk();
        }
        $proof = Proof::of(Studies::of($job), DayDesk::ticks($job, Tick::TEST));
        self::assertSame($pieces[$battery]['segment']->id, $proof?->faults[0][0]['unknown']['segment']->id);
        $this->get("/jobs/$job->id/test/proof?fold=proof-runs")->assertOk()->assertSee('Bad: ')->assertSee('sure that nothing more is bad')->assertDontSee('to read.');
        $this->note($job, 'proof.0 bank', ['value' => 26.4])->assertStatus(422)->assertJsonFragment(
            ['message' => 'It is measured while a current flows: note the amperes too.'],
        );
        $this->note($job, 'proof.9 bank', ['value' => 26.4, 'amps' => 1])->assertStatus(422);
    }

    public function testAnInstrumentsReadingsComeInWholeOrNotAtAllAndOnce(): void
    {
        $job = $this->van();
        $file = static fn(string $text, string $name = 'r.jsonl'): UploadedFile => UploadedFile::fake()->createWithContent($name, $text);
        $post = fn(string $text, string $name = 'r.jsonl'): TestResponse => $this->post(
            "/jobs/$job->id/test/readings",
            ['file' => $file($text, $name)],
        );
        $lines = '{"line": "sag", "value": 0.31, "amps": 92, "at": "2026-11-25T10:15:00Z", "instrument": "meter 2"}' . "\n"
            . '{"line": "warmth", "state": "done"}';
        $post($lines)->assertSessionHasNoErrors()->assertSessionHas('said', '2 rows are in.');
        $post($lines)->assertSessionHas('said', '0 rows are in.');
        $sag = DayDesk::ticks($job, Tick::TEST)->on('sag');
        self::assertSame([0.31, 92.0, '(meter 2)'], [$sag?->value, $sag?->amps, $sag?->note]);
        // One bad line, and nothing of the file is kept.
        $post(
            '{"line": "sag", "value": 0.4, "amps": 90}' . "\n" . '{"line": "nothing", "value": 1}' . "\nno json",
        )->assertSessionHasErrors('file')
            ->assertSessionHas('faults', static fn(array $faults): bool => array_column($faults, 'path') === ['line 3', 'line 2, step']);
        self::assertSame(0.31, DayDesk::ticks($job, Tick::TEST)->on('sag')?->value);
        $post('{"line": "sag", "value": "much", "amps": 90}')->assertSessionHasErrors('file');
        $post('{"line": "sag", "value": 1, "amps": 90, "at": "2099-01-01"}')->assertSessionHasErrors('file');
        // A note is kept whole, or refused.
        $post('{"line": "warmth", "state": "done", "note": "' . str_repeat('n', 500) . '", "instrument": "ir"}')->assertSessionHas(
            'faults',
            static fn(array $faults): bool => array_column($faults, 'path') === ['line 1, note'],
        );
        // The sheet as a table goes out, is filled in, and comes back; lines left empty say nothing.
        $csv = (string) $this->get("/jobs/$job->id/test/readings")->assertOk()->getContent();
        self::assertStringContainsString('proof.0 bank', $csv);
        $before = $job->ticks()->count();
        $post("line,value,amps,note\npolarity,26.4,,\ntight,,,\n", 'r.csv')->assertSessionHas('said', '1 rows are in.');
        self::assertSame($before + 1, $job->ticks()->count());
        // A simulated vehicle's readings are an instrument's.
        $bench = (string) $this->get("/jobs/$job->id/test/vehicle/readings?seed=7")->assertOk()->getContent();
        $post($bench)->assertSessionHasNoErrors();
        self::assertTrue(Proof::of(Studies::of($job), DayDesk::ticks($job, Tick::TEST))?->isDone());
    }

    public function testAWholeVehicleCanBePractisedOn(): void
    {
        $job = $this->van();
        $url = "/jobs/$job->id/test/vehicle?seed=11";
        $this->get($url)->assertOk()->assertSee('Lay a hand about it')->assertDontSee('By what was read');
        $this->get("$url&r[]=proof.0+bank&read=sensor")->assertOk()->assertSee('five minutes later')->assertDontSee('By what was read');
        $this->get("$url&r[]=proof.0+bank&named=none")->assertOk()->assertSee('By what was read');
        $count = count(ProofCircuit::of(Studies::of($job))->pieces ?? []);
        $told = array_map(
            fn(string $name): string => (string) $this->get("$url&r[]=sensor&named=$name")->assertOk()->getContent(),
            ['none', 'sensor', ...array_map(strval(...), range(0, $count - 1))],
        );
        self::assertCount(1, array_filter($told, static fn(string $html): bool => str_contains($html, '✓ Right.')), 'one name is right');
        self::assertStringContainsString('You took 1 readings', $told[0]);
        $this->get("$url&named=who&seed=x")->assertStatus(422);
        self::assertSame(0, $job->ticks()->where('sheet', Tick::TEST)->count(), 'nothing of it is kept');
    }

    public function testACapacityIsReadWhileItRuns(): void
    {
        $job = $this->van();
        $battery = Studies::of($job)->planned()->houseBatteries()[0];
        $read = fn(float $hours, float $volts, float $amps): TestResponse => $this->note($job, "capacity.$battery->uid", [
            'value' => $volts, 'amps' => $amps, 'read_at' => now()->subHours(6)->addMinutes((int) round(60 * $hours))->toIso8601ZuluString(),
        ]);
        $read(0.0, 13.2, 40.0)->assertOk();
        $read(2.0, 13.0, 40.0)->assertOk();
        // 40 A for two hours: 80 Ah; 150 more of the label's 230 last 3.75 h.
        $page = (string) $this->get("/jobs/$job->id/test")->assertOk()->assertSee('By its label it ends about')->getContent();
        self::assertMatchesRegularExpression('/80.Ah so far, in 2.h; it stands at 13.V/u', $page);
        $keep = fn(): TestResponse => $this->post("/jobs/$job->id/test/capacity", ['live' => 1, 'part' => $battery->uid, 'end_v' => 10.8]);
        $keep()->assertSessionHasErrors('part');
        $read(5.0, 11.8, 40.0)->assertOk();
        $read(5.5, 9.8, 40.0)->assertOk();
        // The volts cross 10.8 in the middle of the last half hour: 5.25 h at 40 A.
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee('Keep it as its capacity');
        $keep()->assertSessionHasNoErrors();
        self::assertSame(210.0, (float) $job->measurements()->where('part_uid', $battery->uid)->where('quantity', 'capacity')->value('value'));
        $this->get("/jobs/$job->id/test")->assertOk()->assertDontSee('so far, in');
        $this->note($job, 'capacity.p999', ['value' => 13, 'amps' => 4])->assertStatus(422);
        $read(5.6, 13.0, 0.0)->assertStatus(422);
    }
}
