<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Activity;
use App\Models\Job;
use App\Models\Role;
use App\Models\Tick;
use App\Record\DayDesk;
use App\Record\Studies;
use Illuminate\Testing\TestResponse;
use Pebblefell\Stage\Test\Hunt;
use Pebblefell\Stage\Test\TestSheet;
use Pebblefell\Stage\Test\Way;

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
        $source = array_values(array_filter(Studies::of($job)->testSheet()->checks, static fn($c): bool => $c->does === 'source-engine'))[0];
        $this->note($job, $source->key)->assertStatus(422)->assertJsonFragment(['message' => 'It is to be measured: note the reading, not only a tick.']);
        $this->note($job, $source->key, ['value' => '7,5'])->assertOk();
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee('1 line is not as promised.')->assertSee('The bank is nearly full')->assertSee('7.5');
        $this->note($job, $source->key, ['value' => $source->expected])->assertOk();
        $this->get("/jobs/$job->id/test")->assertOk()->assertDontSee('not as promised.')->assertSee('So far it is as promised.');
        $this->note($job, 'sag', ['value' => '0.1'])->assertStatus(422)->assertJsonFragment(['message' => 'It is measured while a current flows: note the amperes too.']);
        $this->note($job, 'nothing')->assertStatus(422);
        $this->note($job, 'drop.p1 p2.plus p3.in', ['value' => 1, 'amps' => 1])->assertStatus(422);
    }

    public function testTheBadJointIsNamedFromWhatWasMeasured(): void
    {
        $job = $this->van();
        $study = Studies::of($job);
        $way = Way::all($study)[0];
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
            array_combine($names = ['none', '0', '1', '2', '3', '4', '6', '7', '8'], array_map(fn(string $n): string => (string) $this->get("/jobs/$van->id/test/training?seed=$seed&named=$n")->assertOk()->getContent(), $names)),
            static fn(string $page): bool => str_contains($page, '✓ Right.'),
        ));
        $hidden = array_map($right, [4, 5, 6, 7, 8, 9]);
        foreach ($hidden as $one) {
            self::assertCount(1, $one);
        }
        self::assertGreaterThan(1, count(array_unique(array_merge(...$hidden))));
        $this->get("$url&named=none")->assertSee('You measured 0 times');
        $this->get("/jobs/$van->id/test/training?seed=x&named=who")->assertStatus(422);
        $this->get('/jobs/' . Job::query()->where('title', 'Travelling bakery')->value('id') . '/test/training')->assertOk()->assertSee('Nothing to practise on yet');
        self::assertSame($before, [Tick::query()->count(), Activity::query()->count()]);
    }
}
