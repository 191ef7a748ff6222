<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\History\Acts;
use App\Http\Folds;
use App\Models\Activity;
use App\Models\Job;
use App\Models\Role;
use App\Record\JobFiles;
use App\Record\JobReader;
use Illuminate\Http\UploadedFile;
use PHPUnit\Framework\Attributes\TestWith;

/** Who did what, in words; and any act put back, as a new one. */
final class HistoryTest extends TestCase
{
    public function testAnActIsOneLineInWords(): void
    {
        $job = $this->job();
        $planner = $this->user();
        $battery = $this->libraryBattery();
        $this->actingAs($planner)->post(
            "/jobs/$job->id/parts",
            ['library_part_id' => $battery->id, 'count' => 2, 'fate' => 'add', 'place' => 'under the desk'],
        )->assertSessionHasNoErrors();
        $this->post(
            "/jobs/$job->id/parts",
            ['kind' => 'fuse', 'count' => 1, 'fate' => 'keep', 'data' => ['rating_a' => '30']],
        )->assertSessionHasNoErrors();
        $fuse = $job->parts()->where('kind', 'fuse')->firstOrFail();
        $this->put(
            "/jobs/$job->id/parts/$fuse->id/fate",
            ['fate' => 'remove', 'lock_version' => $fuse->lock_version],
        )->assertSessionHasNoErrors();
        $sentences = Acts::page($job)->map(static fn($act): string => $act->sentence())->all();
        self::assertSame('decided to take out fuse', $sentences[0]);
        self::assertSame('noted fuse', $sentences[1]);
        self::assertSame("planned 2 × {$battery->name()}, under the desk; drew 2 conductors", $sentences[2]);
        // What changed in each row is told where it is asked for.
        $this->get("/jobs/$job->id/history")->assertOk()->assertSee('fate: add')->assertDontSee('lock_version')->assertDontSee('{&quot;', false);
        $this->withUnencryptedCookie(Folds::COOKIE, '');
        $this->get("/jobs/$job->id/history")->assertOk()->assertSee($planner->name)->assertSee('planned 2 ×')->assertDontSee('fate: keep');
        $this->get("/jobs/$job->id/history?fold=act-{$this->lastAct($job)}")->assertOk()->assertSee('fate: keep → remove')
            ->assertDontSee('fate: add');
    }

    public function testPuttingBackIsAnActThatCanBePutBackAndNeverOverwritesWhatCameLater(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $load = $this->appliance($job, ['name' => 'Fridge', 'watts' => 45.0]);
        $form = fn(): array => ['name' => 'Fridge', 'side' => 'dc', 'lock_version' => $load->refresh()->lock_version];
        $this->put("/jobs/$job->id/appliances/$load->id", [...$form(), 'watts' => '60'])->assertSessionHasNoErrors();
        $sixty = $this->lastAct($job);
        $this->put("/jobs/$job->id/history/$sixty")->assertSessionHasNoErrors();
        self::assertSame(45.0, $load->refresh()->watts);
        $this->put("/jobs/$job->id/history/{$this->lastAct($job)}")->assertSessionHasNoErrors();
        self::assertSame(60.0, $load->refresh()->watts, 'the putting back is put back');
        $this->put("/jobs/$job->id/appliances/$load->id", [...$form(), 'watts' => '75'])->assertSessionHasNoErrors();
        $this->put("/jobs/$job->id/history/$sixty")->assertSessionHasErrors('act');
        self::assertSame(75.0, $load->refresh()->watts);
        // Another has a form open: he is told.
        $this->put("/jobs/$job->id/appliances/$load->id", [...$form(), 'lock_version' => 1, 'watts' => '1'])->assertConflict();
    }

    public function testADeletedPartComesBackWithAllThatHungOnIt(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $charger = $this->plannedCharger($job);
        $this->put(
            "/jobs/$job->id/settings/$charger->id",
            ['box' => ['absorption_v' => ['as_set' => '14.2']], 'versions' => ['absorption_v' => 0]],
        )->assertSessionHasNoErrors();
        $this->post(
            "/jobs/$job->id/parts/$charger->id/photos",
            ['photo' => UploadedFile::fake()->image('label.jpg', 60, 40), 'caption' => 'Label'],
        )->assertSessionHasNoErrors();
        $before = JobFiles::export($job->refresh());
        $this->delete(
            "/jobs/$job->id/parts/$charger->id",
            ['lock_version' => $charger->refresh()->lock_version],
        )->assertSessionHasNoErrors();
        self::assertNotSame($before, JobFiles::export(Job::query()->findOrFail($job->id)));
        $this->put("/jobs/$job->id/history/{$this->lastAct($job)}")->assertSessionHasNoErrors();
        self::assertSame($before, JobFiles::export(Job::query()->findOrFail($job->id)));
    }

    public function testAnIssuedPackIsNotPutBackAndOnlyAPlannerPutsBack(): void
    {
        $job = $this->job();
        $office = $this->user(Role::Office);
        $this->actingAs($office)->post("/jobs/$job->id/handovers")->assertSessionHasNoErrors();
        $act = $this->lastAct($job);
        $this->put("/jobs/$job->id/history/$act")->assertForbidden();
        $this->actingAs($this->user())->put("/jobs/$job->id/history/$act")->assertSessionHasErrors('act');
        self::assertSame(1, $job->handovers()->count());
        $this->put("/jobs/$job->id/history/line-999999999")->assertSessionHasErrors('act');
        // Another job's act is not in this one's history.
        $this->put("/jobs/{$this->job()->id}/history/$act")->assertSessionHasErrors('act');
    }

    /**
     * Any sequence of edits keeps a model that can be read; and put back one after the other they leave the job as it was, byte for byte.
     */
    #[TestWith([11])]
    #[TestWith([12])]
    #[TestWith([13])]
    public function testAnySequenceOfEditsCanBeReadAndCanBePutBack(int $seed): void
    {
        mt_srand($seed);
        $job = $this->job();
        $this->actingAs($this->user());
        $this->libraryBattery();
        (new AddParts())(
            $job,
            \Pebblefell\System\PartKind::Battery,
            [],
            ['chemistry' => 'agm', 'nominal_v' => 12.0, 'capacity_ah' => 100.0],
            2,
        );
        $start = JobFiles::export(Job::query()->findOrFail($job->id));
        $acts = [];
        for ($n = 0; $n < 24; ++$n) {
            $last = (int) Activity::query()->where('job_id', $job->id)->max('id');
            $this->edit(Job::query()->findOrFail($job->id));
            JobReader::read(Job::query()->findOrFail($job->id));
            if ((int) Activity::query()->where('job_id', $job->id)->max('id') > $last) {
                $acts[] = $this->lastAct($job);
            }
        }
        self::assertGreaterThan(8, count($acts));
        foreach (array_reverse($acts) as $act) {
            $this->put("/jobs/$job->id/history/$act")->assertSessionHasNoErrors();
        }
        self::assertSame($start, JobFiles::export(Job::query()->findOrFail($job->id)));
    }

    /** One edit, as a person might make it; some are refused, and that is as good. */
    private function edit(Job $job): void
    {
        $part = $job->parts()->inRandomOrder(mt_rand())->first();
        $load = $job->appliances()->inRandomOrder(mt_rand())->first();
        $scenario = $job->scenarios()->firstOrFail();
        $base = "/jobs/$job->id";
        match (mt_rand(0, 9)) {
            0 => $this->post(
                "$base/appliances",
                [
                    'name' => 'Lamp ' . mt_rand(), 'side' => 'dc', 'watts' => (string) mt_rand(1, 90), 'hours' => '18-23',
                    'scenario' => $scenario->uid,
                ],
            ),
            1 => $load === null ? null : $this->put(
                "$base/appliances/$load->id",
                [
                    'name' => $load->name, 'side' => 'dc', 'watts' => (string) mt_rand(1, 90), 'hours' => '7-9',
                    'scenario' => $scenario->uid, 'lock_version' => $load->lock_version,
                ],
            ),
            2 => $load === null ? null : $this->delete("$base/appliances/$load->id", ['lock_version' => $load->lock_version]),
            3 => $this->post(
                "$base/parts",
                [
                    'kind' => 'fuse', 'count' => mt_rand(1, 2), 'fate' => mt_rand(0, 1) === 1 ? 'keep' : 'add',
                    'data' => ['rating_a' => (string) mt_rand(5, 200)],
                ],
            ),
            4 => $part === null ? null : $this->put(
                "$base/parts/$part->id/fate",
                ['fate' => ['keep', 'remove', 'relabel'][mt_rand(0, 2)], 'lock_version' => $part->lock_version],
            ),
            5 => $part === null ? null : $this->delete("$base/parts/$part->id", ['lock_version' => $part->lock_version]),
            6 => $this->put(
                "$base/bank",
                ['library_part_id' => \App\Models\LibraryPart::query()->firstOrFail()->id, 'count' => mt_rand(1, 4)],
            ),
            7 => $this->put(
                "$base/bank/links",
                ['layout' => ['across', 'posts', 'same_end'][mt_rand(0, 2)], 'mm2' => 50, 'link_m' => 0.3, 'lead_m' => 0.5],
            ),
            8 => $this->put("$base/target", ['wish_days' => (string) mt_rand(1, 9), 'lock_version' => $job->lock_version]),
            default => $part === null ? null : $this->post(
                "$base/parts/$part->id/measurements",
                ['quantity' => 'volts', 'value' => (string) (mt_rand(110, 146) / 10)],
            ),
        };
    }

    private function lastAct(Job $job): string
    {
        return Activity::query()->where('job_id', $job->id)->latest('id')->firstOrFail()->act();
    }
}
