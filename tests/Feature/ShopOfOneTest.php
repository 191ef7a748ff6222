<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Handover\IssueHandover;
use App\Actions\Survey\RemovePart;
use App\Models\Handover;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Photo;
use App\Models\Role;
use App\Models\Workshop;
use App\Record\JobFiles;
use App\Record\PhotoStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** One person who holds every role; people who hold one, and are told who may; the workshop's own money; packs that stay as they were. */
final class ShopOfOneTest extends TestCase
{
    public function testOnePersonDoesItAll(): void
    {
        $all = $this->user(Role::Office, Role::Planner, Role::Technician);
        $this->actingAs($all)->post(
            '/jobs',
            [
                'title' => 'Whole shop', 'new_customer' => 'Rúna', 'vehicle_kind' => 'van', 'system_v' => '12', 'wish_days' => '2',
                'hook_up' => 'never', 'driving_h_day' => '1',
            ],
        )->assertSessionHasNoErrors();
        $job = Job::query()->firstOrFail();
        $this->get("/jobs/$job->id/survey")->assertOk()->assertSee('Start with the batteries')->assertDontSee('You read this page');
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $this->libraryBattery()->id, 'count' => 1])->assertSessionHasNoErrors();
        $this->get('/accounts')->assertOk();
        $this->post("/jobs/$job->id/handovers")->assertSessionHasNoErrors();
    }

    public function testWhoeverMayNotIsToldWhoMay(): void
    {
        $planner = $this->user();
        $job = $this->job();
        $this->actingAs($this->user(Role::Office));
        $this->get("/jobs/$job->id/survey")->assertOk()->assertSee('You read this page')->assertSee($planner->name)->assertSee(
            'The vehicle is surveyed next',
        )->assertDontSee('Start with the batteries');
        $this->get("/jobs/$job->id/size")->assertOk()->assertSee('It is worked by a planner (' . $planner->name);
        $this->actingAs($this->user(Role::Technician));
        $this->get("/jobs/$job->id/survey")->assertOk()->assertDontSee('You read this page');
        $this->get("/jobs/$job->id/handover")->assertSee('It is worked by the office or a planner');
        $this->get('/accounts')->assertForbidden()->assertSee('Your account holds: technician');
    }

    public function testEveryPriceStandsInTheWorkshopsCurrency(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user(Role::Office, Role::Planner));
        $workshop = Workshop::query()->firstOrFail();
        $form = [
            'lock_version' => $workshop->lock_version, 'name' => $workshop->name, 'region' => 'europe', 'timezone' => 'Europe/Oslo',
            'first_terminal' => 'negative', 'bays' => 'North, South , North', 'opens' => '07:30', 'closes' => '16:00',
            'work_days' => [1, 2, 3, 4],
        ];
        $this->put('/workshop', [...$form, 'currency' => 'kroner'])->assertSessionHasErrors('currency');
        $this->put('/workshop', [...$form, 'currency' => 'nok', 'hourly_rate' => '845,50'])->assertSessionHasNoErrors();
        $workshop->refresh();
        self::assertSame(['NOK', 845.5, ['North', 'South']], [$workshop->currency, $workshop->hourly_rate, $workshop->bays]);
        $this->get('/jobs/' . Job::query()->firstOrFail()->id . '/size')->assertOk()->assertSee('NOK', false)->assertDontSee('EUR');
        $this->get('/library/' . LibraryPart::query()->where('kind', 'battery')->firstOrFail()->id)->assertSee('NOK');
    }

    public function testAPackStaysAsItWasIssuedWhateverComesAfter(): void
    {
        DemoShop::lay($this);
        $pack = Handover::query()->firstOrFail();
        $page = (string) $this->get($pack->link())->assertOk()->assertHeader('X-Robots-Tag', 'noindex, nofollow, noarchive')->getContent();
        $pdf = $this->get($pack->link('pack.pdf'))->getContent();
        $file = $this->get($pack->link('pack.file'))->getContent();
        preg_match('~/pack/[^"]+/photo/([0-9a-f]{64})[^"]*~', html_entity_decode($page), $m);
        [$link, $hash] = [$m[0] ?? '', $m[1] ?? ''];
        $picture = $this->get($link)->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        self::assertSame($hash, hash('sha256', (string) $picture));
        // The workshop moves, the library is corrected, the parts are taken away, the rules and words are others.
        Workshop::query()->firstOrFail()->update(['name' => 'Another name', 'phone' => '0']);
        foreach ($pack->job?->parts()->get() ?? [] as $part) {
            (new RemovePart())($part);
        }
        config(['pebblefell.rules' => 'others']);
        DB::table('handovers')->where('id', $pack->id)->update(['document' => DB::raw("CONCAT(document, ' ')")]);
        self::assertSame($page, $this->get($pack->link())->assertOk()->getContent());
        self::assertSame($pdf, $this->get($pack->link('pack.pdf'))->assertOk()->getContent());
        self::assertSame($picture, $this->get($link)->assertOk()->getContent());
        self::assertSame($file . ' ', $this->get($pack->link('pack.file'))->getContent());
        // A picture that is not of this pack is not reached through it.
        $this->get($pack->link('pack.photo', ['sha256' => str_repeat('a', 64)]))->assertNotFound();
    }

    public function testAPackFromBeforePacksWereKeptWholeIsLaidOutOnce(): void
    {
        $job = $this->job();
        $pack = (new IssueHandover())($job, $this->user());
        DB::table('handovers')->where('id', $pack->id)->update(['page' => null, 'pdf' => null, 'pictures' => null]);
        $first = $this->get($pack->link())->assertOk()->assertSee('Test trailer')->getContent();
        self::assertNotNull($pack->fresh()?->page);
        Workshop::query()->firstOrFail()->update(['name' => 'Another name']);
        self::assertSame($first, $this->get($pack->link())->getContent());
    }

    public function testAnAmericanReadsPoundsFeetGaugesAndFahrenheit(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $brief = [
            'lock_version' => $job->lock_version, 'title' => 'Dental van', 'customer_id' => $job->customer_id,
            'place_id' => $job->place_id, 'region' => 'north_america', 'vehicle_kind' => 'van', 'system_v' => '12', 'wish_days' => '2',
            'hook_up' => 'mostly', 'driving_h_day' => '1', 'months' => ['1'], 'length_m' => '21', 'payload_kg' => '900',
            'coldest_battery_c' => '14', 'bay_length_mm' => '40', 'bay_width_mm' => '20', 'bay_height_mm' => '12',
        ];
        // The region first: it says in what the rest is read.
        $this->put(
            "/jobs/$job->id/brief",
            array_diff_key(
                $brief,
                [
                    'length_m' => 1, 'payload_kg' => 1, 'coldest_battery_c' => 1, 'bay_length_mm' => 1, 'bay_width_mm' => 1,
                    'bay_height_mm' => 1,
                ],
            ),
        )->assertSessionHasNoErrors();
        $this->put("/jobs/$job->id/brief", [...$brief, 'lock_version' => $job->refresh()->lock_version])->assertSessionHasNoErrors();
        $job->refresh();
        self::assertEqualsWithDelta(
            [6.4008, 408.233, -10.0, 1016.0],
            [$job->length_m, $job->payload_kg, $job->coldest_battery_c, $job->bay_length_mm],
            0.001,
        );
        $this->get("/jobs/$job->id/brief")->assertSee('value="900"', false)->assertSee('value="21"', false)->assertSee('value="14"', false)->assertSee('lb')->assertSee('°F');
        $this->post(
            "/jobs/$job->id/parts",
            [
                'kind' => 'battery',
                'count' => 2,
                'fate' => 'keep',
                'data' => [
                    'chemistry' => 'agm', 'nominal_v' => '12', 'capacity_ah' => '100', 'mass_kg' => '70', 'torque_nm' => '71',
                    'length_mm' => '12',
                ],
            ],
        )->assertSessionHasNoErrors();
        $battery = $job->parts()->firstOrFail();
        // 70 lb and 71 lbf·in: mass 0.45359237 kg/lb, torque 8.02 N·m (common practice figures).
        self::assertEqualsWithDelta(
            [31.751, 8.022, 304.8],
            [$battery->data['mass_kg'], $battery->data['torque_nm'], $battery->data['length_mm']],
            0.001,
        );
        $this->get("/jobs/$job->id/parts/$battery->id")->assertSee('value="70"', false)->assertSee('lbf·in');
        $link = $job->conductors()->firstOrFail();
        $this->put(
            "/jobs/$job->id/conductors/$link->id",
            [
                'lock_version' => $link->lock_version, 'from_terminal' => $link->from_terminal, 'to_terminal' => $link->to_terminal,
                'fate' => 'keep', 'size' => '2/0 AWG', 'length_m' => '1.5',
            ],
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta([67.43, 0.4572], [$link->refresh()->size_mm2, $link->length_m], 0.01);
        $this->get("/jobs/$job->id/survey")->assertSee('2/0 AWG')->assertSee("1.5\u{202F}ft");
        // The file is metric whatever the region shows, and says which region.
        $tree = json_decode(JobFiles::export($job->refresh()), true);
        self::assertEqualsWithDelta(31.751, $tree['parts'][0]['data']['mass_kg'], 0.001);
        self::assertSame('north_america', $tree['region']);
    }

    public function testAPictureIsKeptUprightSmallAndWithoutItsSecrets(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->post(
            "/jobs/$job->id/parts",
            ['kind' => 'fuse', 'count' => 1, 'fate' => 'keep', 'data' => ['rating_a' => '30']],
        )->assertSessionHasNoErrors();
        $part = $job->parts()->firstOrFail();
        // A JPEG of 60 × 40 that says by EXIF orientation 6 that it lies on its side, and where it was taken.
        $jpeg = (string) UploadedFile::fake()->image('x.jpg', 60, 40)->get();
        $tiff = "II*\0\x08\0\0\0\x02\0" . "\x12\x01\x03\0\x01\0\0\0\x06\0\0\0" . "\x0F\x01\x02\0\x04\0\0\0Cam\0" . "\0\0\0\0";
        $exif = "Exif\0\0" . $tiff;
        $jpeg = substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($exif) + 2) . $exif . substr($jpeg, 2);
        $this->post(
            "/jobs/$job->id/parts/$part->id/photos",
            ['photo' => UploadedFile::fake()->createWithContent('x.jpg', $jpeg), 'caption' => 'On its side'],
        )->assertSessionHasNoErrors();
        $photo = $part->photos()->firstOrFail();
        self::assertSame([40, 60], [$photo->width_px, $photo->height_px]);
        $kept = (string) $this->get("/jobs/$job->id/parts/$part->id/photos/$photo->id")->assertOk()->getContent();
        self::assertStringNotContainsString('Exif', $kept);
        self::assertStringNotContainsString('Cam', substr($kept, 0, 200));
        // The same with its secrets comes in from a file without them.
        $tree = json_decode(JobFiles::export($job->refresh()));
        $tree->parts[0]->photos[0] = [
            'sha256' => hash('sha256', $jpeg), 'caption' => '', 'media_type' => 'image/jpeg', 'data_base64' => base64_encode($jpeg),
        ];
        [$system, , $faults] = JobFiles::read((string) json_encode($tree));
        self::assertSame([], $faults);
        self::assertNotNull($system);
        $this->post(
            '/jobs/import',
            ['file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($tree))],
        )->assertSessionHasNoErrors();
        $brought = Photo::query()->latest('id')->firstOrFail();
        self::assertNotSame($photo->id, $brought->id);
        self::assertStringNotContainsString('Exif', PhotoStore::bytes($brought));
    }
}
