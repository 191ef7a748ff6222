<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Role;
use App\Record\Digest;
use App\Record\JobFiles;
use App\Record\JobReader;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;
use Pebblefell\System\System;

/** The map's pin, the plan that it becomes, the typical stay and the strings of an array. */
final class SizeAndSourcesTest extends TestCase
{
    private const PANEL = [
        'pmax_w' => 100.0, 'voc_v' => 22.4, 'vmp_v' => 18.6, 'isc_a' => 5.75, 'imp_a' => 5.38, 'length_mm' => 1050.0,
        'width_mm' => 540.0, 'mass_kg' => 7.0, 'price' => 100.0,
    ];

    private function panel(string $model = 'Test 100'): LibraryPart
    {
        return LibraryPart::query()->create(['kind' => 'panel', 'make' => 'Testmake', 'model' => $model, 'data' => self::PANEL]);
    }

    /**
     * @return array{Job, LibraryPart, LibraryPart}
     */
    private function sized(): array
    {
        $job = $this->job();
        $this->appliance($job);
        $battery = $this->libraryBattery(['price' => 900]);

        return [$job, $battery, $this->panel()];
    }

    public function testThePinIsAskedWithoutChangingAnything(): void
    {
        [$job, $battery, $panel] = $this->sized();
        $this->actingAs($this->user());
        $ask = fn(int $strings, int $panels, int $month = 6, string $in = 'all'): string => (string) $this->get(
            "/jobs/$job->id/size/pin?battery=$battery->id&panel=$panel->id&month=$month&in=$in&strings=$strings&panels=$panels",
        )->assertOk()->getContent();
        $days = static fn(string $html): float => (float) preg_replace('/.*data-answer>([\d.]+).*/s', '$1', $html);
        self::assertGreaterThan(0.0, $days($ask(1, 1)));
        self::assertGreaterThan($days($ask(1, 1)), $days($ask(2, 1)));
        self::assertStringNotContainsString('<html', $ask(1, 1));
        self::assertStringContainsString('% of days served', $ask(1, 1, 0));
        // The wish is for days with nothing coming in: asked so, the pin speaks of it, and panels do not count; else of as many days.
        self::assertStringContainsString('short of the wish', $ask(1, 1, 6, 'nothing'));
        self::assertSame($days($ask(1, 1, 6, 'nothing')), $days($ask(1, 4, 6, 'nothing')));
        self::assertGreaterThan($days($ask(1, 1, 6, 'sun')), $days($ask(1, 4, 6, 'sun')));
        self::assertStringNotContainsString('the wish', $ask(1, 1));
        $page = fn(string $in): string => strip_tags((string) $this->get("/jobs/$job->id/size?in=$in")->assertOk()->getContent());
        self::assertStringContainsString('The wish is for days with nothing coming in', $page('sun'));
        self::assertStringNotContainsString('The wish is for days', $page(''));
        $job->update(['details' => ['travel' => ['wish' => 'lived']]]);
        self::assertStringContainsString('The wish is for days as they live in ', $page('nothing'));
        $job->update(['details' => null]);
        $revision = $job->fresh()?->revision;
        // Nonsense in the address is named, and the page is there all the same; a point beyond the map stands at its edge.
        $this->get(
            "/jobs/$job->id/size?strings=9999&panels=-4&month=77&battery=no",
        )->assertStatus(422)->assertSee('data-map', false)->assertSee('battery is invalid');
        $this->get("/jobs/$job->id/size?strings=999")->assertOk()->assertSee('data-map', false);
        self::assertSame($revision, $job->fresh()?->revision);
        self::assertSame(0, $job->parts()->count());
    }

    public function testAPointBecomesThePlanAndWhatIsRightStays(): void
    {
        [$job, $battery, $panel] = $this->sized();
        $this->actingAs($this->user());
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $panel->id, 'count' => 3, 'fate' => 'keep'])->assertSessionHasNoErrors();
        $this->put(
            "/jobs/$job->id/plan",
            ['battery' => $battery->id, 'batteries' => 2, 'panel' => $panel->id, 'panels' => 4],
        )->assertRedirect("/jobs/$job->id/size");
        $planned = JobReader::read($job->fresh() ?? $job)->planned();
        self::assertCount(2, $planned->houseBatteries());
        self::assertSame(400.0, $planned->arrayW());
        self::assertSame(3, $job->parts()->where('kind', 'panel')->where('fate', Fate::Keep->value)->count());
        $batteries = $job->parts()->where('kind', 'battery')->pluck('id')->all();
        // Fewer panels: one that was there goes, the bank is left alone.
        $this->put("/jobs/$job->id/plan", ['battery' => $battery->id, 'batteries' => 2, 'panel' => $panel->id, 'panels' => 2]);
        self::assertSame($batteries, $job->parts()->where('kind', 'battery')->pluck('id')->all());
        self::assertSame(200.0, JobReader::read($job->fresh() ?? $job)->planned()->arrayW());
        // Another kind of panel takes their place.
        $other = $this->panel('Test other');
        $this->put("/jobs/$job->id/plan", ['battery' => $battery->id, 'batteries' => 2, 'panel' => $other->id, 'panels' => 1]);
        self::assertSame(100.0, JobReader::read($job->fresh() ?? $job)->planned()->arrayW());
        self::assertSame(300.0, JobReader::read($job->fresh() ?? $job)->found()->arrayW());
        $this->put(
            "/jobs/$job->id/plan",
            ['battery' => $panel->id, 'batteries' => 0, 'panel' => $battery->id, 'panels' => 99],
        )->assertSessionHasErrors(['battery', 'batteries', 'panel', 'panels']);
        $this->actingAs($this->user(Role::Technician))->put(
            "/jobs/$job->id/plan",
            ['battery' => $battery->id, 'batteries' => 1, 'panel' => $panel->id, 'panels' => 1],
        )->assertForbidden();
    }

    public function testAChoiceIsKeptBesideThePlanAndTakenOrDropped(): void
    {
        [$job, $battery, $panel] = $this->sized();
        $this->actingAs($this->user());
        $point = static fn(int $batteries, int $panels): array => [
            'battery' => $battery->id, 'batteries' => $batteries, 'panel' => $panel->id, 'panels' => $panels,
        ];
        $this->put("/jobs/$job->id/plan", $point(1, 1));
        $this->put("/jobs/$job->id/plan", [...$point(2, 1), 'as' => 'choice'])->assertSessionHasErrors('choice');
        $this->put(
            "/jobs/$job->id/plan",
            [...$point(2, 1), 'as' => 'choice', 'choice' => 'Twice the bank', 'choice_group' => 'bank'],
        )->assertRedirect();
        $this->put("/jobs/$job->id/plan", [...$point(1, 3), 'as' => 'choice', 'choice' => 'Thrice the sun', 'choice_group' => 'bank']);
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $battery->id, 'count' => 4, 'as' => 'choice', 'choice' => 'Four']);
        $read = static fn(): System => JobReader::read(Job::query()->findOrFail($job->id));
        // The plan is what it was; the choices stand beside it, and travel in the job's file.
        self::assertSame(
            [1, 100.0],
            [count($read()->planned()->houseBatteries()), $read()->planned()->arrayW()],
        );
        $this->get("/jobs/$job->id/size")->assertOk()->assertSee('Twice the bank')->assertSee('one of: bank')->assertSee('+200');
        $text = $this->get("/jobs/$job->id/file")->assertOk()->getContent();
        [$system, , $faults] = JobFiles::read((string) $text);
        self::assertSame([[], ['Four', 'Twice the bank', 'Thrice the sun']], [$faults, array_column($system->choices ?? [], 'name')]);
        [, , $faults] = JobFiles::read(
            (string) preg_replace('/"uid": "new-1",\s+"kind": "battery"/', '"uid": "new-1", "kind": "kettle"', (string) $text, 1),
        );
        self::assertStringStartsWith('/choices/0/changes/', $faults[0]['path'] ?? '');
        // Who has not seen its latest version does not take it; taken, it is the plan, and the others of its group are gone.
        $twice = $job->choices()->where('name', 'Twice the bank')->firstOrFail();
        $this->put("/jobs/$job->id/choices/$twice->uid", ['lock_version' => 9])->assertConflict();
        $this->put("/jobs/$job->id/choices/$twice->uid", ['lock_version' => 1])->assertSessionHasNoErrors();
        self::assertCount(2, $read()->planned()->houseBatteries());
        self::assertSame(['Four'], $job->choices()->pluck('name')->all());
        // What a choice rests on has gone meanwhile: it says so, and nothing is done.
        $four = $job->choices()->firstOrFail();
        $this->put("/jobs/$job->id/bank", ['keep_found' => 1]);
        $this->get("/jobs/$job->id/size")->assertOk()->assertSee('no longer goes with the plan');
        $this->put("/jobs/$job->id/choices/$four->uid", ['lock_version' => 1])->assertSessionHasErrors('choice');
        self::assertCount(0, $read()->planned()->houseBatteries());
        $this->actingAs($this->user(Role::Technician))->delete(
            "/jobs/$job->id/choices/$four->uid",
            ['lock_version' => 1],
        )->assertForbidden();
        $this->actingAs($this->user())->delete("/jobs/$job->id/choices/$four->uid", ['lock_version' => 1])->assertRedirect();
        self::assertSame(0, $job->choices()->count());
    }

    public function testPanelsAreLaidOnTheRoofAndFindTheirPlaceAgain(): void
    {
        [$job, $battery, $panel] = $this->sized();
        $panel->update(['data' => [...$panel->data, 'length_mm' => 1000, 'width_mm' => 600]]);
        $this->actingAs($this->user());
        $this->put("/jobs/$job->id/plan", ['battery' => $battery->id, 'batteries' => 1, 'panel' => $panel->id, 'panels' => 2]);
        $this->get("/jobs/$job->id/size")->assertOk()->assertDontSee('The roof, to scale');
        $job->refresh()->changeTo(
            ['details' => [
                'travel' => [],
                'vehicle' => [
                    'roof_length_m' => 3.0, 'roof_width_m' => 1.5, 'roof_things' => 'hatch 0.4 x 0.4 at 1.4, 0.5',
                    'wheelbase_m' => 3.2,
                ],
            ]],
        );
        Digest::renew([$job->id]);
        $this->get("/jobs/$job->id/size")->assertOk()->assertSee('The roof, to scale')->assertSee('hatch')->assertSee('On the axles');
        [$one, $two] = $job->parts()->where('kind', 'panel')->pluck('uid')->all();
        $lay = static fn(float $x): array => ['at' => [$one => ['x' => $x, 'y' => '0,1'], $two => ['x' => 1.9, 'y' => 0.1, 'turned' => 1]]];
        $this->put("/jobs/$job->id/roof", $lay(0.2))->assertRedirect();
        $roof = JobReader::read(Job::query()->findOrFail($job->id));
        self::assertSame(
            [0.2, 0.1, true],
            [
                $roof->parts[$one]->data->number('roof_x_m'), $roof->parts[$one]->data->number('roof_y_m'),
                $roof->parts[$two]->data->flag('roof_turned'),
            ],
        );
        $this->put("/jobs/$job->id/roof", $lay(1.2));
        $this->get("/jobs/$job->id/size")->assertSee('lie where they cannot');
        $this->put("/jobs/$job->id/roof", ['free' => 1]);
        self::assertNull(JobReader::read(Job::query()->findOrFail($job->id))->parts[$one]->data->number('roof_x_m'));
        $this->put(
            "/jobs/$job->id/roof",
            ['at' => [$one => ['x' => 'far', 'y' => 99]]],
        )->assertSessionHasErrors(["at.$one.x", "at.$one.y"]);
        // What the brief cannot read it names; what it reads it keeps, in the file too.
        [, , $faults] = JobFiles::read(
            str_replace('hatch 0.4 x 0.4 at 1.4, 0.5', 'hatch somewhere', (string) $this->get("/jobs/$job->id/file")->getContent()),
        );
        self::assertSame('/vehicle/roof_things', $faults[0]['path'] ?? '');
        // Typed a line each on Size; the brief, saved after it as it is shown, loses none.
        $things = "hatch 0.4 x 0.4 at 1.4, 0.5\r\nvent 0.3 x 0.3 at 2.4, 0.2";
        $this->put("/jobs/$job->id/roof", ['things' => $things, 'lock_version' => $job->refresh()->lock_version])->assertSessionHasNoErrors();
        $brief = new Page((string) $this->get("/jobs/$job->id/brief")->assertOk()->getContent());
        parse_str(http_build_query($brief->form("/jobs/$job->id/brief")), $form);
        $this->put("/jobs/$job->id/brief", $form)->assertSessionHasNoErrors();
        self::assertSame(str_replace("\r", '', $things), $job->refresh()->details['vehicle']['roof_things'] ?? '');
        $long = implode("\r\n", array_fill(0, 40, 'hatch 0.1 x 0.1 at 0.4, 0.5'));
        foreach (["/jobs/$job->id/roof" => ['things' => $long], "/jobs/$job->id/brief" => ['details' => ['vehicle' => ['roof_things' => $long]] + $form['details']] + $form] as $url => $said) {
            $this->put($url, ['lock_version' => $job->lock_version, ...$said])->assertSessionHasErrors();
        }
    }

    public function testWhatStandsOnTheRoofIsKeptFromTheDrawingWithItsPicture(): void
    {
        [$job, , $panel] = $this->sized();
        $job->refresh()->changeTo(
            ['details' => ['travel' => [], 'vehicle' => ['roof_length_m' => 3.0, 'roof_width_m' => 1.5, 'wheelbase_m' => 3.2]]],
        );
        $part = (new AddParts())(
            $job,
            PartKind::Panel,
            ['model' => 'Slab'],
            [...$panel->data, 'length_mm' => 1000, 'width_mm' => 600],
            1,
            Fate::Add,
        )[0];
        $this->actingAs($this->user());
        $say = fn(string $things, string $picture, ?int $version = null): TestResponse => $this->put(
            "/jobs/$job->id/roof",
            ['things' => $things, 'picture' => $picture, 'lock_version' => $version ?? $job->refresh()->lock_version],
        );
        $say('box 0.6 x 0.6 at 1.2, 0.1, 0.35 high', '-0.1, 0, 3.4')->assertRedirect()->assertSessionHasNoErrors();
        self::assertEquals(
            [
                'roof_length_m' => 3.0, 'roof_width_m' => 1.5, 'wheelbase_m' => 3.2,
                'roof_things' => 'box 0.6 x 0.6 at 1.2, 0.1, 0.35 high', 'roof_picture' => '-0.1, 0, 3.4',
            ],
            $job->refresh()->details['vehicle'] ?? [],
        );
        // The box takes sun of the panel beside it; the picture, once there is one, lies beneath, and is of that panel in the file too.
        $this->get("/jobs/$job->id/size")->assertSee('%, by box')->assertDontSee('<image', false);
        $this->post(
            "/jobs/$job->id/parts/$part->id/photos",
            ['photo' => UploadedFile::fake()->image('roof.png', 340, 150), 'shows' => 'roof'],
        )->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/size")->assertSee('<image', false);
        self::assertSame('roof', JobReader::read(Job::query()->findOrFail($job->id))->parts[$part->uid]->photos[0]->shows);
        self::assertStringContainsString('"shows": "roof"', (string) $this->get("/jobs/$job->id/file")->getContent());
        // Only what ends there, and only what can be read; two at one roof are told.
        $this->post(
            "/jobs/$job->id/parts/$part->id/photos",
            ['photo' => UploadedFile::fake()->image('roof.png', 34, 15), 'shows' => 'c99'],
        )->assertSessionHasErrors('shows');
        $say('somewhere', 'there')->assertSessionHasErrors(['things', 'picture']);
        $say('', '', 1)->assertConflict();
    }

    public function testAStayIsKeptCutToItsDaysAndGuardedAgainstTwoWriters(): void
    {
        [$job, $battery] = $this->sized();
        $this->actingAs($this->user())->put("/jobs/$job->id/bank", ['library_part_id' => $battery->id, 'count' => 1]);
        $job->refresh();
        $stay = ['lock_version' => $job->lock_version, 'month' => '5', 'days' => '6', 'drive' => ['2', '4', '9'], 'hook_up' => ['6']];
        $this->put("/jobs/$job->id/stay", $stay)->assertSessionHasNoErrors()->assertRedirect();
        self::assertSame(
            ['month' => 5, 'days' => 6, 'drive' => [2, 4], 'hook_up' => [6], 'bright' => [], 'grey' => []],
            $job->fresh()?->stay,
        );
        $this->get("/jobs/$job->id/size")->assertSee('Over 6 days');
        $this->put("/jobs/$job->id/stay", $stay)->assertStatus(409);
        // A bright day that is called grey has become grey, and the other way round.
        $sky = fn(array $bright, array $grey): array => [
            $this->put(
                "/jobs/$job->id/stay",
                [...$stay, 'lock_version' => $job->refresh()->lock_version, 'bright' => $bright, 'grey' => $grey],
            )->assertSessionHasNoErrors() ? $job->refresh()->stay['bright'] ?? null : null,
            $job->stay['grey'] ?? null,
        ];
        self::assertSame([[1, 3], [2]], $sky([1, 3], [2]));
        self::assertSame([[3], [1, 2]], $sky([1, 3], [1, 2]));
        self::assertSame([[1, 3], [2]], $sky([1, 3], [1, 2]));
        $this->put(
            "/jobs/$job->id/stay",
            ['lock_version' => $job->refresh()->lock_version, 'month' => '13', 'days' => '40'],
        )->assertSessionHasErrors(['month', 'days']);
    }

    public function testTheStringsOfAnArrayAreChosenOnSources(): void
    {
        [$job, $battery, $panel] = $this->sized();
        $this->actingAs($this->user());
        $this->put("/jobs/$job->id/plan", ['battery' => $battery->id, 'batteries' => 1, 'panel' => $panel->id, 'panels' => 4]);
        $regulator = LibraryPart::query()->create(
            [
                'kind' => 'regulator', 'make' => 'Testmake', 'model' => 'R',
                'data' => ['technology' => 'mppt', 'max_charge_a' => 30.0, 'max_pv_v' => 75.0, 'lithium' => 'custom'],
            ],
        );
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $regulator->id, 'count' => 1, 'fate' => 'add']);
        $part = $job->parts()->where('kind', 'regulator')->firstOrFail();
        $this->get("/jobs/$job->id/sources")->assertOk()->assertSee('2 in series, 2 strings')->assertSee(
            'Too many volts on a cold morning',
        );
        $this->put("/jobs/$job->id/arrays/$part->id", ['lock_version' => $part->lock_version, 'series' => 2])->assertSessionHasNoErrors();
        self::assertEquals(2.0, $part->refresh()->data['array_series']);
        $old = $part->lock_version - 1;
        $this->get("/jobs/$job->id/sources")->assertSee('2 in series, 2 strings ◆', false);
        $this->put("/jobs/$job->id/arrays/$part->id", ['lock_version' => $old, 'series' => 4])->assertStatus(409);
        $this->put(
            "/jobs/$job->id/arrays/{$job->parts()->where('kind', 'battery')->firstOrFail()->id}",
            ['lock_version' => 1, 'series' => 2],
        )->assertNotFound();
    }

    public function testAPlaceTakesItsSkyFromAWeatherFileWholeOrNotAtAll(): void
    {
        [$job] = $this->sized();
        $this->actingAs($this->user(Role::Office));
        $place = $job->place()->firstOrFail();
        $send = fn(string $text) => $this->post(
            "/places/$place->id/weather",
            ['_form' => 'epw', 'file' => UploadedFile::fake()->createWithContent('x.epw', $text)],
        );
        $send('not weather')->assertSessionHasErrors('file');
        self::assertSame(0.42, $place->refresh()->clearness[0]);
        $lines = ['LOCATION,Outer Skerry,-,-,T,0,63.0,8.0,1.0,5.0', ...array_fill(0, 7, 'X')];
        foreach ([31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31] as $m => $days) {
            for ($h = 0; $h < 24 * $days; ++$h) {
                $lines[] = implode(
                    ',',
                    [2020, $m + 1, intdiv($h, 24) + 1, $h % 24 + 1, 60, '?', $m - 4.0, 0, 80, 101000, 0, 0, 300, $h % 24 === 12 ? 100 : 0],
                );
            }
        }
        $revision = $job->fresh()?->revision;
        $send(implode("\n", $lines))->assertSessionHasNoErrors();
        self::assertEquals(-4.0, $place->refresh()->min_c[0]);
        self::assertNotSame(0.42, $place->clearness[5]);
        self::assertGreaterThan($revision, $job->fresh()?->revision);
    }

    public function testEmptyJobsAndOtherRegionsOpen(): void
    {
        $this->actingAs($this->user());
        $empty = $this->job(['region' => 'north_america', 'place_id' => null, 'months' => []]);
        foreach (['size', 'sources'] as $stage) {
            $this->get("/jobs/$empty->id/$stage")->assertOk();
        }
        $this->appliance($empty);
        $this->get("/jobs/$empty->id/size")->assertOk()->assertSee('Without a place');
    }
}
