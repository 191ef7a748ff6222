<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\Handover;
use App\Models\Job;
use App\Models\Part;
use App\Models\Place;
use App\Models\Role;
use App\Record\Studies;
use Illuminate\Support\Facades\DB;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Severity;
use Pebblefell\System\ApplianceUse;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Process\Process;

/** What was entered is found again by any piece of it, and what is issued holds all of it: page, print and file alike. */
final class FoundAndKeptTest extends TestCase
{
    /**
     * @return iterable<string, array{string, bool}> asked, and whether the trailer is found by it
     */
    public static function asked(): iterable
    {
        yield 'a piece of the title' => ['brary tra', true];
        yield 'in capitals' => ['LIBRARY', true];
        yield 'the customer' => ['søn & co', true];
        yield 'the plate' => ['TV 00', true];
        yield 'a serial' => ['K-77', true];
        yield 'something else' => ['horsebox', false];
        yield 'a wildcard of the database is a letter' => ['%', false];
        yield 'another one' => ['L_brary', false];
        yield 'a quote' => ["'", false];
        yield 'half of a statement' => ["' OR 1=1 -- ", false];
    }

    #[DataProvider('asked')]
    public function testAJobIsFoundByAnyPieceOfIt(string $asked, bool $found): void
    {
        $customer = Customer::factory()->create(['name' => 'Lund, Søn & Co']);
        $job = $this->job(['title' => 'Library trailer', 'registration' => 'TV 00 042', 'customer_id' => $customer->id]);
        $this->actingAs($this->user());
        $this->post(
            "/jobs/$job->id/parts",
            ['kind' => 'fuse', 'count' => 1, 'fate' => 'keep', 'make' => 'Testmake', 'model' => 'Strip 5', 'data' => ['rating_a' => '100']],
        )->assertSessionHasNoErrors();
        $job->parts()->firstOrFail()->update(['serial' => 'K-77 <b>']);
        $page = new Page((string) $this->get('/search?' . http_build_query(['q' => $asked]))->assertOk()->getContent());
        self::assertSame($found, str_contains($page->text(), 'Library trailer'), $page->text());
        self::assertSame(0, $page->count('//main//b[text()=""]'), 'what was typed is text');
    }

    public function testEachRoleFindsOnlyWhatIsThereAndLongListsAreCut(): void
    {
        $this->actingAs($this->user(Role::Technician));
        foreach (range(1, 30) as $i) {
            Job::query()->create(
                ['title' => "Alike $i", 'customer_id' => Customer::factory()->create()->id, 'vehicle_kind' => 'van', 'months' => []],
            );
        }
        $page = new Page((string) $this->get('/search?q=Alike')->assertOk()->getContent());
        self::assertSame(25, preg_match_all('/Alike \d+/', $page->text()));
        $this->get('/search?q=')->assertOk();
        $this->get('/search')->assertOk();
    }

    /**
     * A pack of every demo job: what is fitted, with serials and places, what was set, what was measured, stands in the page, the print and
     * the file.
     */
    public function testAPackOfEveryJobHoldsAllOfIt(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user(Role::Office, Role::Planner));
        $issued = 0;
        foreach (Job::query()->get() as $job) {
            $fitted = $job->parts()->get()->filter(static fn(Part $p): bool => $p->fate->value !== 'remove');
            if ($fitted->isEmpty()) {
                continue;
            }
            $stops = array_filter(
                Studies::of($job)->assessment()->verdicts,
                static fn(Verdict $v): bool => $v->isOpen() && $v->finding->severity === Severity::Stop,
            );
            if ($stops !== []) {
                $this->post("/jobs/$job->id/handovers")->assertSessionHasErrors('form');
            }
            foreach ($stops as $stop) {
                $this->post(
                    "/jobs/$job->id/findings",
                    [
                        'finding' => $stop->finding->key(), 'fingerprint' => $stop->finding->fingerprint(), 'answer' => 'overruled',
                        'reason' => 'Agreed with the owner',
                    ],
                )->assertSessionHasNoErrors();
            }
            $this->post("/jobs/$job->id/handovers")->assertSessionHasNoErrors();
            $pack = Handover::query()->where('job_id', $job->id)->latest('id')->firstOrFail();
            ++$issued;
            $page = (new Page((string) $this->get($pack->link())->assertOk()->getContent()))->text('//body');
            $file = json_decode((string) $this->get($pack->link('pack.file'))->assertOk()->getContent(), true);
            $print = new Process(
                ['pdftotext', '-raw', '-', '-'],
                null,
                null,
                (string) $this->get($pack->link('pack.pdf'))->assertOk()->getContent(),
            );
            $print->mustRun();
            // A line of the print may break anywhere: what counts are its letters.
            $letters = static fn(string $t): string => (string) preg_replace('/[^\p{L}\p{N}]/u', '', $t);
            $printed = $letters($print->getOutput());
            foreach ($fitted as $part) {
                foreach (array_filter([$part->model, $part->serial]) as $words) {
                    self::assertStringContainsString($words, $page, "$job->title: page");
                    self::assertStringContainsString($letters($words), $printed, "$job->title: print");
                }
            }
            self::assertEqualsCanonicalizing($job->parts()->pluck('uid')->all(), array_column($file['parts'], 'uid'), $job->title);
            foreach ($job->settings()->get() as $setting) {
                if ($setting->as_set !== null && $setting->as_set !== '' && $fitted->contains('uid', $setting->part_uid)) {
                    self::assertStringContainsString((string) $setting->as_set, $page, "$job->title: a setting");
                }
            }
            // Whoever has the link reads it and nothing else; nobody indexes it.
            auth()->forgetUser();
            $this->get($pack->link())->assertOk()->assertHeader('X-Robots-Tag');
            $this->get("/jobs/$job->id/survey")->assertRedirect('/sign-in');
            $this->actingAs($this->user(Role::Office, Role::Planner));
        }
        self::assertGreaterThanOrEqual(8, $issued);
    }

    public function testLinesAreShownBackAsTheyWereReadAndKeptAllOrNone(): void
    {
        $job = $this->job();
        $battery = $this->libraryBattery();
        $this->actingAs($this->user());
        $typed = "3 AGM 110 Ah 20 h, front locker, 5 y\n2 x {$battery->name()}, under the bed\nregulator 20 A";
        $this->post(
            "/jobs/$job->id/typed",
            ['lines' => $typed, 'keep' => 1],
        )->assertOk()->assertSee('solar regulator: technology is required')->assertSee('front locker')->assertDontSee('Keep them');
        self::assertSame(0, $job->parts()->count(), 'a line that could not be read holds all of them back');
        $typed = str_replace('regulator 20 A', 'MPPT regulator 20 A', $typed);
        $this->post("/jobs/$job->id/typed", ['lines' => $typed])->assertOk()->assertSee('Keep them');
        self::assertSame(0, $job->parts()->count());
        $this->post("/jobs/$job->id/typed", ['lines' => $typed, 'keep' => 1])->assertRedirect("/jobs/$job->id/survey");
        $parts = $job->parts()->get();
        self::assertSame(
            ['battery' => 5, 'regulator' => 1],
            array_count_values($parts->map(static fn(Part $p): string => $p->kind->value)->all()),
        );
        $agm = $parts->firstWhere('place', 'front locker');
        self::assertSame(
            ['assumed', 110, 'typed'],
            [$agm?->origins['nominal_v'] ?? '', $agm->data['capacity_ah'] ?? 0, $agm->origins['capacity_ah'] ?? ''],
        );
        self::assertSame('under the bed', $parts->firstWhere('make', $battery->make)?->place);
        $this->post("/jobs/$job->id/typed", ['lines' => str_repeat("fuse 5 A\n", 41), 'keep' => 1])->assertSessionHasErrors('lines');
        // What its sheet leaves open is asked of the supplier, in his language.
        $this->get("/jobs/$job->id/letter")->assertOk()->assertSee($battery->name())->assertSee('may be called');
        $this->get("/jobs/$job->id/letter?language=de")->assertOk()->assertSee('kann heißen');
        $this->get("/jobs/$job->id/letter?language=xx")->assertStatus(422);
    }

    public function testALibraryPartIsAddedByTypingItsName(): void
    {
        $job = $this->job();
        $battery = $this->libraryBattery();
        $this->actingAs($this->user());
        $add = fn(string $name) => $this->post(
            "/jobs/$job->id/parts",
            ['kind' => 'battery', 'library' => $name, 'count' => 1, 'fate' => 'keep'],
        );
        $add('nothing like it')->assertSessionHasErrors('library');
        $add(mb_strtoupper($battery->model))->assertSessionHasNoErrors();
        self::assertSame([$battery->make, $battery->model], [$job->parts()->firstOrFail()->make, $job->parts()->firstOrFail()->model]);
    }

    public function testANewPlaceStartsFromTheClimateOfItsLatitude(): void
    {
        $this->actingAs($this->user(Role::Office));
        $this->post('/places', ['name' => 'Southern bay', 'latitude_deg' => -35, 'longitude_deg' => 18])->assertSessionHasNoErrors();
        $place = Place::query()->where('name', 'Southern bay')->firstOrFail();
        self::assertSame('mediterranean', $place->climate?->value);
        $this->get("/places/$place->id")->assertOk()->assertSee('≈ 0.6', false)->assertSee('dry summer, mild winter');
        $this->put(
            "/places/$place->id",
            [
                'lock_version' => $place->lock_version, 'name' => 'Southern bay', 'latitude_deg' => -35, 'longitude_deg' => 18,
                'climate' => 'tundra',
            ],
        )->assertSessionHasErrors('climate');
        $this->put(
            "/places/$place->id",
            [
                'lock_version' => $place->lock_version, 'name' => 'Southern bay', 'latitude_deg' => -35, 'longitude_deg' => 18,
                'climate' => 'desert',
            ],
        )->assertSessionHasNoErrors();
        self::assertSame('desert', $place->refresh()->climate?->value);
    }

    public function testWhatAWriteReadBackIsKeptForThePageAfterIt(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $kept = static fn(): ?object => DB::table('kept_studies')->where('job_id', $job->id)->first();
        $add = fn(string $name) => $this->post("/jobs/$job->id/appliances", ['name' => $name, 'side' => 'dc', 'watts' => '40']);
        $names = static function (?object $row): array {
            [$system] = unserialize((string) gzinflate($row->model ?? ''));

            return $system instanceof System ? array_values(array_map(static fn(ApplianceUse $a): string => $a->name, $system->appliances)) : [];
        };
        $add('Berth lamp')->assertSessionHasNoErrors();
        self::assertSame(['Berth lamp'], $names($kept()), 'kept before a page asked for it');
        $first = $kept()->state ?? '';
        $add('')->assertSessionHasErrors('name');
        // What is refused is not kept.
        $seen = [$kept()->state ?? ''];
        // Read, and written to once more before it is done: what was read is not what is there.
        DB::transaction(static function () use ($job): void {
            $job->appliances()->firstOrFail()->update(['name' => 'Galley lamp']);
            Studies::of($job->refresh())->system;
            $job->appliances()->firstOrFail()->update(['name' => 'Bow lamp']);
        });
        $seen[] = $kept()->state ?? '';
        // Taken back: nothing of it is kept.
        DB::beginTransaction();
        $job->appliances()->firstOrFail()->update(['name' => 'Aft lamp']);
        Studies::of($job->refresh())->system;
        DB::rollBack();
        $seen[] = $kept()->state ?? '';
        self::assertSame([$first, $first, $first], $seen);
        $add('Deck lamp')->assertSessionHasNoErrors();
        self::assertSame(['Bow lamp', 'Deck lamp'], $names($kept()));
    }
}
