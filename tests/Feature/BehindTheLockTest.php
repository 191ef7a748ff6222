<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\LogFile;
use App\Models\Measurement;
use App\Models\Photo;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Record\Studies;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\System\System;

/** What is locked is what is used: rows, and files beside them. */
final class BehindTheLockTest extends TestCase
{
    /** Somebody else's write ends just before this request gets the lock. */
    private function meanwhile(callable $write): void
    {
        $done = false;
        DB::connection()->beforeExecuting(static function (string $sql) use ($write, &$done): void {
            if (!$done && str_starts_with($sql, 'update `jobs` set `turn`')) {
                $done = true;
                $write();
            }
        });
    }

    private static function keptOf(Job $job): ?System
    {
        $row = DB::table('kept_studies')->where('job_id', $job->id)->where('state', Studies::state($job->fresh() ?? $job))->first();
        [$system] = $row === null ? [null] : (array) unserialize((string) gzinflate($row->model));

        return $system instanceof System ? $system : null;
    }

    public function testWhatIsKeptIsMadeOfTheRowsOfItsRevision(): void
    {
        $job = $this->job(['wish_days' => 2.0, 'system_v' => 12.0]);
        $this->actingAs($this->user());
        $this->meanwhile(static fn() => DB::table('jobs')->where('id', $job->id)->update(
            ['wish_days' => 5.0, 'system_v' => 24.0, 'revision' => DB::raw('revision + 1')],
        ));
        $this->post("/jobs/$job->id/ticks", ['step' => Standing::FOUND, 'state' => 'otherwise', 'note' => 'rust under the tray'])
            ->assertSessionHasNoErrors();
        $kept = self::keptOf($job);
        self::assertSame([5.0, 24.0], [$kept?->travel->wishDays, $kept?->vehicle->systemV]);
        // Rows, and the page after it, are of one revision too.
        DB::table('jobs')->where('id', $job->id)->update(['wish_days' => 6.0, 'revision' => DB::raw('revision + 1')]);
        self::assertSame(6.0, Studies::of($job)->system->travel->wishDays, 'an old copy of the row is brought up to what is read');
        self::assertSame(6.0, $job->wish_days);
    }

    public function testAChildThatWasClosedMeanwhileIsClosed(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $this->libraryBattery()->id, 'count' => 2]);
        $this->post("/jobs/$job->id/balance", [
            'protocol' => 'check', 'parts' => $job->parts()->where('kind', 'battery')->pluck('uid')->all(), 'mm2' => 35, 'lead_m' => 0.5,
        ])->assertSessionHasNoErrors();
        $session = $job->balanceSessions()->firstOrFail();
        $battery = $session->balanceBatteries()->firstOrFail();
        $this->post("/jobs/$job->id/balance/$session->id/batteries/$battery->id/readings", ['volts' => '13.3', 'amps' => '0']);
        $this->meanwhile(static fn() => DB::table('balance_sessions')->where('id', $session->id)->update(['ended_at' => now()]));
        $this->put("/jobs/$job->id/balance/$session->id/finish", ['passed' => 1, 'reason' => 'seen'])->assertStatus(409);
        self::assertSame(0, Measurement::query()->where('job_id', $job->id)->count());
    }

    public function testAPartThatHasGoneMeanwhileIsNotThere(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $charger = $this->plannedCharger($job);
        $this->meanwhile(static fn() => DB::table('parts')->where('id', $charger->id)->delete());
        $this->put("/jobs/$job->id/parts/$charger->id", ['lock_version' => $charger->lock_version, 'role' => 'house', 'make' => 'Late'])
            ->assertNotFound();
    }

    public function testARefusedWriteLeavesNothing(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $load = $this->appliance($job);
        // An answer with errors takes back what was written on the way to it.
        $this->app['router']->middleware(['web', 'auth', 'active', 'whole'])->put('/half/{job}', static function (Job $job) {
            $job->appliances()->firstOrFail()->update(['name' => 'Half done']);

            return back()->withErrors(['name' => 'Not so.']);
        });
        $this->put("/half/$job->id")->assertSessionHasErrors('name');
        self::assertSame('Fridge', $load->refresh()->name);
        // What was refused earlier refuses nothing now.
        $this->post("/jobs/$job->id/appliances", ['name' => 'Lamp', 'side' => 'dc', 'watts' => '4'])->assertSessionHasNoErrors();
        self::assertSame(2, $job->appliances()->count());
    }

    public function testAFileIsThereAsLongAsItsRow(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $part = $this->plannedCharger($job);
        $disk = Storage::disk('private');
        $picture = fn() => $this->post("/jobs/$job->id/parts/$part->id/photos", ['photo' => UploadedFile::fake()->image('plate.png', 40, 30)]);
        // The model can no longer be read after it: the write is taken back, and its file with it.
        $this->meanwhile(static fn() => DB::table('conductors')->insert([
            'job_id' => $job->id, 'uid' => 'c99', 'from_terminal' => 'p98.plus', 'to_terminal' => 'p99.plus', 'fate' => 'keep',
        ]));
        $picture();
        self::assertSame([0, []], [Photo::query()->count(), $disk->allFiles()]);
        DB::table('conductors')->where('uid', 'c99')->delete();
        $picture()->assertSessionHasNoErrors();
        $photo = Photo::query()->firstOrFail();
        self::assertSame([$photo->path], $disk->allFiles());
        // Taken away, it may be put back; its job deleted, it is gone, and with it what others sent.
        $this->delete("/jobs/$job->id/parts/$part->id/photos/$photo->id");
        $act = 'line-' . DB::table('activity_log')->where('subject_type', Photo::class)->where('event', 'deleted')->value('id');
        $act = (string) (DB::table('activity_log')->where('subject_type', Photo::class)->where('event', 'deleted')->value('batch_uuid') ?? $act);
        $this->put("/jobs/$job->id/history/$act")->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/parts/$part->id/photos/" . Photo::query()->firstOrFail()->id)->assertOk();
        $this->post("/jobs/$job->id/logs", ['log' => UploadedFile::fake()->createWithContent('m.csv', "Time,Volts\n2026-11-01 10:00:00,13\n")])
            ->assertSessionHasNoErrors();
        $this->post("/jobs/$job->id/logs", ['log' => UploadedFile::fake()->createWithContent('m.csv', "no table\n")])->assertSessionHasErrors('log');
        self::assertSame([LogFile::query()->firstOrFail()->path, $photo->path], $disk->allFiles(), 'a refused log leaves no file');
        $other = $this->job();
        $this->actingAs($this->user(Role::Office));
        $this->delete("/jobs/$job->id", ['lock_version' => 99])->assertConflict();
        self::assertCount(2, $disk->allFiles());
        $this->delete("/jobs/$job->id", ['lock_version' => $job->refresh()->lock_version])->assertRedirect();
        self::assertSame([], $disk->allFiles());
        self::assertGreaterThan($other->number, $this->job()->number);
    }

    public function testANumberIsGivenOnce(): void
    {
        $numbers = [$this->job()->number];
        $last = $this->job();
        $numbers[] = $last->number;
        $last->delete();
        $numbers[] = $this->job()->number;
        self::assertSame([$numbers[0], $numbers[0] + 1, $numbers[0] + 2], $numbers);
    }

    public function testAShelfIsKeptASecondTime(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $said = static fn(string $price, int $version): array => ['item' => [0 => 'fuse:200'], 'price' => [0 => $price], 'stock' => [0 => '2'],
            'place' => [0 => 'B4'], 'version' => [0 => $version]];
        $this->put("/jobs/$job->id/wiring/shelf", $said('9.5', 0))->assertSessionHasNoErrors();
        $this->put("/jobs/$job->id/wiring/shelf", $said('9.8', (int) ShelfItem::query()->value('lock_version')))->assertRedirect();
        self::assertSame(9.8, (float) ShelfItem::query()->firstOrFail()->price);
        $this->put("/jobs/$job->id/wiring/shelf", $said('7', 1))->assertConflict();
    }
}
