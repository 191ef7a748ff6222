<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Activity;
use App\Models\BoxWord;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\ModelBox;
use App\Models\Part;
use App\Models\Secret;
use App\Models\Setting;
use App\Record\Studies;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;

/** The ladder on its screen: a rung moved, the school chosen, a word on the box looked up. */
final class LadderTest extends TestCase
{
    private function van(): Job
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());

        return Job::query()->where('title', 'Dental van')->firstOrFail();
    }

    /** The first device of the plan that has a float. */
    private function charger(Job $job): Part
    {
        return $job->parts()->where('uid', Studies::of($job)->settings()->devices[0]['part']->uid)->firstOrFail();
    }

    /** @return array<string, string> planned values by "parameter uid" */
    private function planned(Job $job): array
    {
        return $job->settings()->whereNotNull('planned')->get()->mapWithKeys(
            static fn(Setting $s): array => [$s->parameter->value . ' ' . $s->part_uid => (string) $s->planned],
        )->all();
    }

    public function testARungIsMovedForAllThatShareItAndOnlyFromWhereItWasSeen(): void
    {
        $job = $this->van();
        $move = fn(array $with): TestResponse => $this->put("/jobs/$job->id/ladder", $with);
        $html = (string) $this->get("/jobs/$job->id/settings")->assertOk()->assertSee('The voltage ladder')->getContent();
        preg_match_all('/data-rung="(float_v [^"]+)"\s+data-was="[^"]+"\s+data-planned="([^"]+)"/', $html, $m);
        [$rung, $was] = [$m[1][0] ?? '', (float) ($m[2][0] ?? 0)];
        $uids = array_slice(explode(' ', $rung), 1);
        self::assertGreaterThan(1, count($uids), 'several devices share it');
        $before = $this->planned($job);
        $move(['rung' => $rung, 'volts' => '13,4', 'was' => $was])->assertSessionHasNoErrors();
        $after = array_diff_assoc($this->planned($job), $before);
        self::assertSame(
            array_combine(array_map(static fn(string $u): string => "float_v $u", $uids), array_fill(0, count($uids), '13.4')),
            $after,
        );
        // Somebody who still sees it where it was is told.
        $move(['rung' => $rung, 'volts' => '13.6', 'was' => $was])->assertSessionHasErrors('rung');
        self::assertSame('13.4', $this->planned($job)["float_v $uids[0]"]);
        // Back where the profile has it, nothing is planned otherwise.
        $move(['rung' => $rung, 'volts' => (string) $was, 'was' => 13.4])->assertSessionHasNoErrors();
        self::assertSame($before, $this->planned($job));
        foreach ([['rung' => 'tail_current_a ' . $uids[0]], ['rung' => 'float_v nobody'], ['rung' => 'x'], ['volts' => 'high']] as $bad) {
            $move(['rung' => $rung, 'volts' => '13.4', ...$bad])->assertSessionHasErrors(array_key_first($bad));
        }
    }

    public function testTheSchoolChangesWhatIsPlannedAndSaysItsPrice(): void
    {
        $job = $this->van();
        $absorption = static fn(): ?float => Studies::of($job->refresh())->settings()->profile?->value(Parameter::Absorption)->number;
        self::assertSame(14.2, $absorption());
        $this->put("/jobs/$job->id/school", ['school' => 'long_life'])->assertSessionHasNoErrors();
        self::assertSame(13.6, $absorption(), '3.40 V a cell');
        $this->get("/jobs/$job->id/settings")->assertSee('charge it full once a month')->assertSee('80');
        $this->put("/jobs/$job->id/school", ['school' => 'fast'])->assertSessionHasErrors('school');
        $this->put("/jobs/$job->id/school", ['school' => 'everyday'])->assertSessionHasNoErrors();
        self::assertSame(14.2, $absorption());
    }

    public function testAWordOnTheBoxIsFoundAndTheWorkshopsOwnBesideIt(): void
    {
        $job = $this->van();
        $at = "/jobs/$job->id/settings";
        $this->get("$at?word=Improved%20charge")->assertOk()->assertSee('is Absorption')->assertSee('14.2');
        $this->get("$at?word=equalisation")->assertOk()->assertSee('is Absorption')->assertSee('is Equalise')->assertSee('The word misleads');
        $this->get("$at?word=green%20phase")->assertOk()->assertSee('Nobody has noted');
        $this->post(
            "/jobs/$job->id/box-words",
            ['_form' => 'box-word', 'word' => 'green phase', 'parameter' => 'volts'],
        )->assertSessionHasErrors('parameter');
        $this->post(
            "/jobs/$job->id/box-words",
            ['_form' => 'box-word', 'word' => 'green phase', 'parameter' => 'absorption_v'],
        )->assertSessionHasNoErrors();
        $this->get("$at?word=GREEN%20phase")->assertSee('is Absorption');
        $this->delete("/jobs/$job->id/box-words/" . BoxWord::query()->firstOrFail()->id)->assertRedirect();
        $this->get("$at?word=green%20phase")->assertSee('Nobody has noted');
    }

    public function testTheEarlierSystemWithTheSameDeviceIsOffered(): void
    {
        $job = $this->van();
        $part = collect(Studies::of($job)->settings()->devices)->first(static fn(array $d): bool => $d['part']->model !== '');
        self::assertNotNull($part);
        $other = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        $twin = $other->parts()->where('kind', 'dcdc')->firstOrFail();
        $twin->changeTo(['make' => $part['part']->make, 'model' => $part['part']->model]);
        Setting::query()->where('job_id', $other->id)->where('part_uid', $twin->uid)->where('parameter', 'float_v')->update(['as_set' => '13.9']);
        $this->get("/jobs/$job->id/settings")->assertOk()->assertSee('last set in “Seabird-survey camper”')->assertSee('13.9');
    }

    public function testSettingsGoOutAndComeInAsATableOrNotAtAll(): void
    {
        $job = $this->van();
        $csv = (string) $this->get("/jobs/$job->id/settings.csv")->assertOk()->getContent();
        [$head, $first] = array_map(static fn(string $l): array => str_getcsv($l, ',', '"', ''), array_slice(explode("\r\n", $csv), 0, 2));
        self::assertSame(['part', 'device', 'box', 'unit', 'planned', 'found', 'as_set', 'read_back', 'by', 'at'], $head);
        $upload = fn(string $text): TestResponse => $this->post(
            "/jobs/$job->id/settings/csv",
            ['file' => UploadedFile::fake()->createWithContent('s.csv', $text)],
        );
        $before = $job->settings()->count();
        $upload("part,box,as_set\n$first[0],$first[2],14.1\nnobody,float_v,13.5\n")->assertSessionHasErrors('file');
        self::assertSame($before, $job->settings()->count(), 'all or nothing');
        $upload("part;box;as_set;read_back\n$first[0];$first[2];14,1;off\n")->assertSessionHasNoErrors();
        $row = $job->settings()->where('part_uid', $first[0])->where('parameter', $first[2])->firstOrFail();
        self::assertSame(['14.1', 'off'], [$row->as_set, $row->read_back]);
        $upload("part,box,as_set,read_back\n$first[0],$first[2],,14.1\n")->assertSessionHasNoErrors();
        $row->refresh();
        self::assertSame(['14.1', '14.1'], [$row->as_set, $row->read_back], 'an empty cell takes nothing away');
        self::assertNotSame('', $row->entered_by);
    }

    public function testTheBoxesAreTypedOneByOneAndWhatArrivesLateTakesNothingAway(): void
    {
        $this->travelTo('2026-11-26 10:00:00');
        $job = $this->van();
        $html = (string) $this->get("/jobs/$job->id/settings/step")->assertOk()->getContent();
        preg_match_all('~action="[^"]*(/jobs/\d+/settings/\d+/typed)"~', $html, $actions);
        preg_match_all('/name="parameter" value="([^"]+)"/', $html, $parameters);
        self::assertSame(Studies::of($job)->settings()->open() > 0 ? count($actions[1]) : -1, count($parameters[1]));
        $open = static fn(): int => Studies::of($job->refresh())->settings()->open();
        $before = $open();
        [$url, $parameter] = [$actions[1][0], $parameters[1][0]];
        $type = fn(array $with): TestResponse => $this->postJson($url, ['parameter' => $parameter, ...$with]);
        $row = static fn(): Setting => $job->settings()->where('parameter', $parameter)->orderByDesc('entered_at')->firstOrFail();
        foreach ([true, false] as $new) {
            $type(
                ['as_set' => '14,1', 'read_at' => '2026-11-26T09:30:00Z', 'client_id' => '5a1f3c8e-0000-4000-8000-000000000001'],
            )->assertOk()->assertJson(['new' => $new]);
        }
        self::assertSame(['14.1', '2026-11-26T09:30:00Z'], [$row()->as_set, $row()->entered_at]);
        self::assertLessThanOrEqual($before, $open());
        // Typed before that, without a network, and arriving after: it is asked about.
        $type(['as_set' => '13.9', 'read_at' => '2026-11-26T09:00:00Z'])->assertStatus(422)->assertJson(['ask' => true]);
        self::assertSame('14.1', $row()->as_set);
        $type(['as_set' => '13.9', 'read_at' => '2026-11-26T09:00:00Z', 'sure' => true])->assertOk();
        self::assertSame('13.9', $row()->as_set);
        foreach ([['parameter' => 'x'], ['as_set' => 'high'], ['as_set' => ''], ['read_at' => '2027-01-01T00:00:00Z']] as $bad) {
            $type(['as_set' => '14', ...$bad])->assertStatus(422);
        }
    }

    public function testAnEarlierSystemsSheetIsTakenOverInOnePress(): void
    {
        $job = $this->van();
        $camper = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        // That one was programmed for long life.
        $camper->settings()->whereNotNull('as_set')->where('parameter', 'absorption_v')->update(['as_set' => '13.8']);
        $html = (string) $this->get("/jobs/$job->id/settings")->assertOk()->getContent();
        self::assertSame(1, preg_match('~settings/(?<part>\d+)/earlier".*?name="seen" value="(?<mark>[^"]+)"~s', $html, $seen));
        $part = $job->parts()->findOrFail((int) ($seen['part'] ?? 0));
        $earlier = $camper->settings()->whereNotNull('as_set')->where(
            'part_uid',
            $camper->parts()->where('model', $part->model)->firstOrFail()->uid,
        )->pluck('as_set', 'parameter');
        $this->put("/jobs/$job->id/settings/$part->id/earlier", ['seen' => 'something else'])->assertSessionHasErrors('form');
        $this->put("/jobs/$job->id/settings/$part->id/earlier", ['seen' => $seen['mark'] ?? ''])->assertSessionHasNoErrors();
        $planned = Studies::of($job->refresh())->settings();
        foreach ($planned->devices as ['part' => $device, 'rows' => $rows]) {
            foreach ($device->uid === $part->uid ? $rows : [] as $row) {
                if (isset($earlier[$row->parameter->value])) {
                    self::assertTrue(
                        $row->planned()->agreesWith(
                            SetValue::parse((string) $earlier[$row->parameter->value]),
                            $row->parameter->tolerance(),
                        ),
                        $row->parameter->value,
                    );
                }
            }
        }
        $this->put("/jobs/$job->id/settings/$part->id/earlier", ['seen' => $seen['mark'] ?? ''])->assertSessionHasErrors('form');
    }

    public function testAModelHasItsOwnWordsOrderAndBoxesForEveryJob(): void
    {
        $job = $this->van();
        $charger = $this->charger($job);
        $page = "/jobs/$job->id/settings/$charger->id/model";
        $this->get($page)->assertOk()->assertSee('What ' . $charger->name() . ' calls its boxes')->assertSee('Absorption');
        $box = ['has' => '1', 'word' => '', 'path' => '', 'place' => ''];
        $this->put($page, ['box' => [
            'float_v' => [...$box, 'word' => 'Holding level', 'path' => 'Menu 3 > Charge', 'place' => '1'],
            'absorption_v' => [...$box, 'place' => '2'],
            'equalise_v' => [...$box, 'has' => '0'],
        ]])->assertSessionHasNoErrors();
        $boxes = fn(): array => array_values(array_filter(
            Studies::of($job->refresh())->settings()->devices,
            static fn(array $d): bool => $d['part']->uid === $charger->uid,
        ))[0]['rows'];
        self::assertNotContains(Parameter::Equalise, array_map(static fn($r) => $r->parameter, $boxes()));
        self::assertSame(
            'equalise_v',
            LibraryPart::query()->where('make', $charger->make)->where('model', $charger->model)->firstOrFail()->data['boxes_missing']
                ?? '',
            'those that come have it neither',
        );
        $this->get(
            "/jobs/$job->id/settings/paper",
        )->assertOk()->assertSee('“Holding level”', false)->assertSee('………')->assertSee($charger->name());
        // Its own order and words, on the sheet and one by one.
        $html = strip_tags(
            (string) $this->get("/jobs/$job->id/settings")->assertSee('“Holding level” under Menu 3 &gt; Charge', false)->getContent(),
        );
        $sheet = substr($html, (int) strpos($html, 'Settings of ' . $charger->name()));
        self::assertLessThan(strpos($sheet, 'Absorption'), strpos($sheet, 'Float'));
        $this->get("/jobs/$job->id/settings/step")->assertSee('“Holding level”', false)->assertSee('Menu 3');
        // Somebody who saw it before is told, and nothing is overwritten.
        $this->put(
            $page,
            ['versions' => ['float_v' => 0], 'box' => ['float_v' => [...$box, 'word' => 'Other']]],
        )->assertConflict()->assertSee('Holding level')->assertSee('Other');
        self::assertSame('Holding level', ModelBox::query()->where('parameter', 'float_v')->value('word'));
        $this->put($page, ['box' => ['float_v' => ['place' => 'first']]])->assertSessionHasErrors('box.float_v.place');
    }

    public function testFirmwareGoesOnInRoundsUntilNoneIsNewer(): void
    {
        $job = $this->van();
        $charger = $this->charger($job);
        $charger->changeTo(['firmware' => '1.04']);
        $note = fn(array $with): TestResponse => $this->put(
            "/jobs/$job->id/settings/$charger->id/programming",
            ['lock_version' => $charger->refresh()->lock_version, ...$with],
        );
        $note(['firmware' => '1.10', 'set_with' => 'app', 'account' => 'the owner'])->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/settings")->assertSee('1.04 → 1.10, look for a newer one')->assertSee('account: the owner');
        $note(['firmware' => '1.12', 'firmware_newest' => '1', 'set_with' => 'app', 'account' => 'the owner'])->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/settings")->assertSee('1.04 → 1.12, none newer');
        $note(['set_with' => 'telepathy'])->assertSessionHasErrors('set_with');
        $this->put(
            "/jobs/$job->id/settings/$charger->id/programming",
            ['lock_version' => 1, 'firmware' => '9'],
        )->assertConflict()->assertSee('1.12');
        self::assertSame('1.12', $charger->refresh()->firmware);
    }

    public function testACodeIsSealedShownOnPurposeAndNowhereElse(): void
    {
        $job = $this->van();
        $charger = $this->charger($job);
        $this->post("/jobs/$job->id/settings/$charger->id/secrets", ['label' => 'pairing'])->assertSessionHasErrors('code');
        $this->post(
            "/jobs/$job->id/settings/$charger->id/secrets",
            ['label' => 'pairing', 'code' => 'zx-81934'],
        )->assertSessionHasNoErrors();
        $secret = Secret::query()->firstOrFail();
        self::assertStringNotContainsString('zx-81934', (string) $secret->getRawOriginal('sealed'));
        foreach (['settings', 'settings/step', 'file', 'settings.csv', 'parts.csv', 'history', "parts/$charger->id"] as $page) {
            self::assertStringNotContainsString('zx-81934', (string) $this->get("/jobs/$job->id/$page")->assertOk()->getContent(), $page);
        }
        self::assertStringNotContainsString('zx-81934', (string) json_encode(Activity::query()->get()));
        $shown = $this->post("/jobs/$job->id/secrets/$secret->id")->assertOk()->assertSee('zx-81934');
        self::assertStringContainsString('no-store', (string) $shown->headers->get('Cache-Control'));
        $this->get("/jobs/$job->id/history")->assertSee('looked at the code “pairing”');
        $other = $this->job();
        $this->post("/jobs/$other->id/secrets/$secret->id")->assertNotFound();
        $this->delete("/jobs/$job->id/secrets/$secret->id")->assertSessionHasNoErrors();
        self::assertSame(0, Secret::query()->count());
    }

    /**
     * As a form it knows no true and false; however often it is sent it is there once, and another person's device does not take its place.
     */
    public function testAPictureFromTheOutboxIsKeptOnce(): void
    {
        $job = $this->van();
        $charger = $this->charger($job);
        $send = fn(string $id, array $with = []): TestResponse => $this->post(
            "/jobs/$job->id/parts/$charger->id/photos",
            [
                'photo' => UploadedFile::fake()->image('screen.jpg', 60, 40), 'caption' => 'as read back', 'client_id' => $id,
                'sure' => 'false', 'read_at' => now()->toIso8601String(), ...$with,
            ],
            ['Accept' => 'application/json'],
        );
        $before = $charger->photos()->count();
        $send('7a0b8a3e-1c9d-4a51-8a77-0f6f4f6c9a01')->assertOk()->assertJson(['kept' => true]);
        $send('7a0b8a3e-1c9d-4a51-8a77-0f6f4f6c9a01')->assertOk();
        $send('7a0b8a3e-1c9d-4a51-8a77-0f6f4f6c9a02')->assertOk();
        self::assertSame($before + 2, $charger->photos()->count());
        $send('not-an-id')->assertStatus(422);
        $send(
            '7a0b8a3e-1c9d-4a51-8a77-0f6f4f6c9a03',
            ['photo' => UploadedFile::fake()->createWithContent('screen.jpg', 'no picture')],
        )->assertStatus(422);
    }
}
