<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\LibraryPart;
use App\Record\JobFiles;
use App\Record\PhotoStore;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;

/** Files in and out: the job file byte for byte, CSV whole or not at all, pictures without their secrets. */
final class OpenFilesTest extends TestCase
{
    public function testTheSchemaThatShipsIsMadeFromTheLists(): void
    {
        self::assertStringEqualsFile(JobFiles::schemaPath(), JobFiles::schemaJson(), 'php artisan pebblefell:schema');
    }

    public function testEveryDemoJobGoesOutInAndOutAgainByteForByte(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $jobs = Job::query()->get();
        self::assertGreaterThanOrEqual(8, $jobs->count());
        foreach ($jobs as $job) {
            $out = (string) $this->get("/jobs/$job->id/file")->assertOk()->getContent();
            $this->post('/jobs/import', ['file' => UploadedFile::fake()->createWithContent('job.json', $out)])->assertSessionHasNoErrors();
            $again = Job::query()->latest('id')->firstOrFail();
            self::assertNotSame($job->id, $again->id);
            self::assertSame($out, JobFiles::export($again, true), $job->title);
        }
    }

    public function testAFileThatBreaksTheSchemaIsRefusedWithEveryPathAndNothingChanges(): void
    {
        $job = $this->job();
        $this->appliance($job);
        $this->actingAs($this->user());
        $tree = json_decode(JobFiles::export($job->fresh() ?? $job), true);
        $tree['appliances'][0]['watts'] = 'many';
        $tree['vehicle']['system_v'] = 13;
        unset($tree['client']);
        $this->post(
            '/jobs/import',
            ['file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($tree))],
        )->assertSessionHasErrors('file');
        $paths = array_column(session('faults'), 'path');
        self::assertContains('/appliances/0/watts', $paths);
        self::assertContains('/vehicle/system_v', $paths);
        self::assertContains('/client', $paths);
        self::assertSame(1, Job::query()->count());
    }

    public function testWhatTheSchemaCannotSeeCoreRefuses(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $tree = json_decode(JobFiles::export($job->fresh() ?? $job), true);
        $tree['conductors'][] = [
            'uid' => 'c1',
            'from' => 'p9.plus',
            'to' => 'p8.minus',
            'fate' => 'keep',
            'size_mm2' => null,
            'length_m' => null,
            'insulation_c' => null,
            'route' => '',
            'protected_by' => '',
        ];
        [$system, , $faults] = JobFiles::read((string) json_encode($tree));
        self::assertNull($system);
        self::assertSame('/conductors/0/from', $faults[0]['path']);
        self::assertStringContainsString('p9.plus', $faults[0]['message']);
    }

    public function testLoadsGoThroughCsvAndSpreadsheetFormulasStayText(): void
    {
        $job = $this->job();
        $this->appliance($job, ['name' => '=SUM(A1:A9)', 'circuit' => '-12 "V" bus, left']);
        $this->actingAs($this->user());
        $csv = (string) $this->get("/jobs/$job->id/loads.csv")->getContent();
        self::assertStringContainsString("'=SUM(A1:A9)", $csv);
        self::assertStringContainsString('"\'-12 ""V"" bus, left"', $csv);
        $this->post(
            "/jobs/$job->id/loads/csv",
            ['file' => UploadedFile::fake()->createWithContent('loads.csv', $csv)],
        )->assertSessionHasNoErrors();
        [$first, $second] = $job->appliances()->get()->all();
        self::assertSame(
            $first->only(['name', 'circuit', 'watts', 'hours']),
            $second->only(['name', 'circuit', 'watts', 'hours']),
        );
    }

    public function testACsvWithFaultsIsRefusedByLineAndNothingIsHalfDone(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $csv = "name;side;watts\nLamp;dc;12,5\nFan;hot;20\nPump;dc;much\n";
        $this->post(
            "/jobs/$job->id/loads/csv",
            ['file' => UploadedFile::fake()->createWithContent('x.csv', $csv)],
        )->assertSessionHasErrors('file');
        self::assertSame(['line 3, side', 'line 4, watts'], array_column(session('faults'), 'path'));
        self::assertSame(0, $job->appliances()->count());
    }

    public function testAFileComesInWholeOrNotAtAllAndNoMoreThanAJobHolds(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $revision = (int) $job->refresh()->revision;
        $lines = ['name,side,watts,hours: Usual day'];
        for ($i = 1; $i <= 500; ++$i) {
            $lines[] = "load $i,dc," . $i / 10 . ',"7-9, 18:30-23"';
        }
        $broken = $lines;
        $broken[400] = 'load 400,dc,many,';
        $send = fn(array $rows) => $this->post(
            "/jobs/$job->id/loads/csv",
            ['file' => UploadedFile::fake()->createWithContent('x.csv', implode("\n", $rows))],
        );

        $send($broken)->assertSessionHasErrors('file');
        self::assertSame([['path' => 'line 401, watts', 'message' => '"many" is not a number']], session('faults'));
        self::assertSame(0, $job->appliances()->count());

        $send($lines)->assertSessionHasNoErrors();
        // A day of five hundred loads is still a page, one screenful at a time.
        $this->get("/jobs/$job->id/loads")->assertOk()->assertSee('load 60')->assertDontSee('data-name="load 61"', false)->assertSee('500 appliances', false);
        $this->get("/jobs/$job->id/loads?page=2")->assertOk()->assertSee('data-name="load 61"', false);
        $this->get("/jobs/$job->id/loads?page=a")->assertStatus(422);
        self::assertSame(500, $job->appliances()->distinct()->count('uid'));
        // One more than a job holds: told before a row is read.
        $send(['name,side,watts', 'one more,dc,5'])->assertSessionHasErrors('file');
        self::assertSame('brings 1 rows; here 0 can still come', session('faults')[0]['message']);
        $last = $job->appliances()->reorder('id', 'desc')->firstOrFail();
        self::assertSame(['load 500', 50.0], [$last->name, $last->watts]);
        self::assertCount(2, array_values($last->hours)[0]);
        self::assertGreaterThan($revision, (int) $job->refresh()->revision);
        // One act in the history, however many rows.
        $this->get("/jobs/$job->id/history")->assertOk()->assertSee(
            'the load load 1, the load load 2, the load load 3 and 497 more things',
        );
    }

    public function testTheLibraryGoesThroughCsvUnchanged(): void
    {
        $this->seed(\Database\Seeders\LibrarySeeder::class);
        self::assertGreaterThanOrEqual(80, LibraryPart::query()->count());
        self::assertSame(
            5,
            LibraryPart::query()->where('kind', 'battery')->get()->map(
                static fn(LibraryPart $p) => $p->data['chemistry'],
            )->unique()->count(),
        );
        $this->actingAs($this->user());
        $csv = (string) $this->get('/library.csv')->getContent();
        $this->post('/library/csv', ['file' => UploadedFile::fake()->createWithContent('library.csv', $csv)])->assertSessionHasNoErrors();
        self::assertSame($csv, $this->get('/library.csv')->getContent());
        self::assertSame(0, LibraryPart::query()->where('lock_version', '>', 1)->count(), 'what is the same is not written');
    }

    public function testAPictureLosesItsPlaceAndSizeAndIsSeenOnlyWithTheJob(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->post("/jobs/$job->id/parts", ['kind' => 'gauge', 'count' => 1, 'fate' => 'keep']);
        $part = $job->parts()->firstOrFail();
        // A JPEG with an Exif segment that says where it was taken.
        $image = imagecreatetruecolor(2400, 1200);
        ob_start();
        imagejpeg($image);
        $jpeg = (string) ob_get_clean();
        $exif = "Exif\0\0" . str_repeat('GPSLatitude 63.1 N ', 8);
        $withPlace = substr($jpeg, 0, 2) . "\xFF\xE1" . pack('n', strlen($exif) + 2) . $exif . substr($jpeg, 2);
        $this->post(
            "/jobs/$job->id/parts/$part->id/photos",
            ['photo' => UploadedFile::fake()->createWithContent('label.jpg', $withPlace), 'caption' => 'Label'],
        )->assertSessionHasNoErrors();
        $photo = $part->photos()->firstOrFail();
        self::assertSame([1600, 800], [(int) $photo->width_px, (int) $photo->height_px]);
        self::assertStringNotContainsString('GPSLatitude', PhotoStore::bytes($photo));
        $this->get("/jobs/$job->id/parts/$part->id/photos/$photo->id")->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        $this->post(
            "/jobs/$job->id/parts/$part->id/photos",
            ['photo' => UploadedFile::fake()->createWithContent('x.jpg', 'no picture')],
        )->assertSessionHasErrors('photo');
        auth()->logout();
        $this->get("/jobs/$job->id/parts/$part->id/photos/$photo->id")->assertRedirect('/sign-in');
        self::assertStringStartsWith('photos/', $photo->path);
        self::assertTrue(Storage::disk('private')->exists($photo->path));
    }
}
