<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use App\Models\Role;
use App\Models\User;
use App\Record\Digest;
use App\Record\Studies;
use App\Words\HoursText;
use App\Words\Show;
use Illuminate\Support\Facades\Artisan;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Severity;
use Pebblefell\Region\Units;

/** What is kept beside a job never outlives what it was computed from; numbers are shown as a technician reads them. */
final class KeptAndShownTest extends TestCase
{
    private function energy(Job $job): float
    {
        return Studies::of(Job::query()->findOrFail($job->id))->loads()->budget->energyWhDay;
    }

    public function testEveryChangeOfTheModelIsSeenAtOnce(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        self::assertSame(0.0, $this->energy($job));
        $load = $this->appliance($job, ['watts' => 10]);
        self::assertEqualsWithDelta(240.0, $this->energy($job), 1e-9);
        $load->changeTo(['watts' => 20]);
        self::assertEqualsWithDelta(480.0, $this->energy($job), 1e-9);
        $load->delete();
        self::assertSame(0.0, $this->energy($job));

        $sun = fn(): float => Studies::of(Job::query()->findOrFail($job->id))->simulations->sun()->months[5]->planeKwh ?? 0.0;
        $before = $sun();
        $place = $job->place()->firstOrFail();
        $this->put(
            "/places/$place->id",
            [
                'lock_version' => $place->lock_version, 'name' => 'Testvik', 'latitude_deg' => '40',
                'clearness' => array_fill(0, 12, '0.6'), 'min_c' => array_fill(0, 12, ''),
            ],
        )->assertSessionHasNoErrors();
        self::assertGreaterThan($before, $sun());

        $customer = $job->customer()->firstOrFail();
        $this->put(
            "/customers/$customer->id",
            ['lock_version' => $customer->lock_version, 'name' => 'Renamed'],
        )->assertSessionHasNoErrors();
        self::assertSame('Renamed', Studies::of(Job::query()->findOrFail($job->id))->system->client->name);
        $this->put(
            "/jobs/$job->id/target",
            ['lock_version' => $job->refresh()->lock_version, 'wish_days' => '7'],
        )->assertSessionHasNoErrors();
        self::assertSame(7.0, Studies::of(Job::query()->findOrFail($job->id))->system->travel->wishDays);
    }

    public function testTheYardShowsWhatTheJobSaysNow(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->get('/')->assertSee('List what is there and where it travels');
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $this->libraryBattery()->id, 'count' => 1]);
        $this->get('/')->assertSee('3 fixes')->assertDontSee('stop');
        $fresh = Job::query()->findOrFail($job->id);
        self::assertTrue(Digest::isFresh($fresh));
        self::assertSame($fresh->revision, $fresh->digest_revision);
        self::assertSame(Studies::of($fresh)->assessment()->count(Severity::Stop), $fresh->digest['stops'] ?? null);
    }

    public function testALibrarySheetIsCorrectedOnceAndJobsKeepTheirCopies(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->post(
            '/library',
            ['kind' => 'fuse', 'make' => 'Test', 'model' => 'F60', 'data' => ['rating_a' => '60', 'family' => 'sf30', 'max_v' => '58']],
        )->assertSessionHasNoErrors();
        $model = LibraryPart::query()->where('model', 'F60')->firstOrFail();
        $this->post(
            '/library',
            ['kind' => 'fuse', 'make' => 'Test', 'model' => 'F60', 'data' => ['rating_a' => '60']],
        )->assertSessionHasErrors('model');
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $model->id, 'count' => 1, 'fate' => 'keep']);
        $form = [
            'kind' => 'fuse',
            'make' => 'Test',
            'model' => 'F60',
            'data' => ['rating_a' => '80', 'max_v' => '58'],
            'lock_version' => 1,
        ];
        $this->put("/library/$model->id", $form)->assertSessionHasNoErrors();
        $this->put("/library/$model->id", ['data' => ['rating_a' => '70']] + $form)->assertConflict()->assertSee('rating_a');
        self::assertSame(
            [80, 60],
            [(int) $model->refresh()->data['rating_a'], (int) Part::query()->firstOrFail()->data['rating_a']],
        );
        $this->put("/library/$model->id", ['data' => ['rating_a' => '9000']] + $form)->assertSessionHasErrors('data.rating_a');
        $this->actingAs($this->user(Role::Technician))->put("/library/$model->id", $form)->assertForbidden();
    }

    public function testTheFirstAccountComesFromTheShellAndHoldsEveryRole(): void
    {
        $make = static fn(string $email, ?string $roles = null): int => Artisan::call(
            'pebblefell:account',
            ['email' => $email, 'name' => 'First', 'roles' => $roles],
        );
        self::assertSame(0, $make('First@Test.example'));
        self::assertMatchesRegularExpression('/First password: \w{14}/', Artisan::output());
        $first = User::query()->where('email', 'first@test.example')->firstOrFail();
        self::assertSame(['office, planner, technician', true], [$first->roleWords(), $first->must_change_password]);
        self::assertSame(0, $make('second@test.example'));
        self::assertSame(0, $make('third@test.example', 'planner, technician'));
        self::assertSame(
            ['office', 'planner, technician'],
            [
                User::query()->where('email', 'second@test.example')->firstOrFail()->roleWords(),
                User::query()->where('email', 'third@test.example')->firstOrFail()->roleWords(),
            ],
        );
        self::assertSame(1, $make('first@test.example'), 'an address has one account');
        self::assertSame(2, $make('no address'));
        self::assertSame(2, $make('x@test.example', 'king'));
    }

    public function testNumbersAreWrittenAsTheyAreRead(): void
    {
        $metric = new Show(Units::Metric);
        $us = new Show(Units::UsCustomary);
        foreach ([
            ["2\u{202F}324\u{202F}Wh", $metric->text(2324.4, 'Wh')],
            ["11.2\u{202F}kWh", $metric->text(11_234, 'Wh')],
            ["−2.4\u{202F}°C", $metric->text(-2.4, '°C')],
            ["14.4\u{202F}V", $metric->text(14.4, 'V')],
            ["13.34\u{202F}V", $metric->text(13.34, 'V')],
            ["0.55\u{202F}days", $metric->text(0.554, 'days')],
            ["106\u{202F}A", $metric->text(106.4, 'A')],
            ['∞', $metric->text(INF)],
            ['0', $metric->text(-0.0001)],
            ["27.7\u{202F}°F", $us->text(-2.4, '°C')],
            ["70\u{202F}lb", $us->text(31.75, 'kg')],
            ["71\u{202F}lbf·in", $us->text(8.02, 'N·m')],
            ["2\u{202F}AWG", $us->text(33.63, 'mm²')],
            ["≈ 2\u{202F}AWG", $us->text(35, 'mm²')],
        ] as [$expected, $shown]) {
            self::assertSame($expected, $shown);
        }
        self::assertSame(['12.5', ''], [$metric->field(12.5), $metric->field(null)]);
    }

    public function testHoursGoBothWays(): void
    {
        foreach ([
            '7-9, 18:30-23' => '7-9, 18:30-23', '0-24' => '0-24', '22–6;12.5 to 13' => '22-6, 12:30-13', '' => '',
        ] as $typed => $written) {
            self::assertSame($written, HoursText::write(HoursText::parse($typed)));
        }
        foreach (['25-26', '7', 'noon-13', '5-5'] as $bad) {
            try {
                HoursText::parse($bad);
                self::fail("\"$bad\" was taken");
            } catch (InvalidValue $e) {
                self::assertNotSame('', $e->getMessage());
            }
        }
    }
}
