<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\Models\Job;
use App\Models\Measurement;
use App\Models\Tick;

/** A year later on its screen: the visit that is due, what has drifted, and how a battery fades. */
final class AftercareTest extends TestCase
{
    public function testAYearLaterAVisitIsDueAndWhatHasDriftedIsNamed(): void
    {
        $this->travelTo('2026-11-26 10:00:00');
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $van = Job::query()->where('title', 'Dental van')->firstOrFail();
        $this->get("/jobs/$van->id/aftercare")->assertOk()->assertSee('It has not gone home yet');
        $this->post("/jobs/$van->id/aftercare", ['visited_on' => '2026-11-20', 'note' => 'x'])->assertStatus(409);
        $camper = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        Tick::query()->where('job_id', $camper->id)->where('noted_at', '>', '2026-11-12')->delete();
        $camper->measurements()->where('quantity', 'capacity')->delete();
        Job::moved($camper->id);
        $this->get("/jobs/$camper->id/aftercare")->assertOk()->assertSee('The next visit is due')->assertSee('Nothing was read again yet.');
        $this->travelTo('2027-12-20 10:00:00');
        $this->get("/jobs/$camper->id/aftercare")->assertOk()->assertSee('A visit is due');
        $this->get('/')->assertOk()->assertSee('yearly visit')->assertSee("/jobs/$camper->id/aftercare", false);
        // The way loses far more than it did.
        $way = Tick::query()->where('job_id', $camper->id)->where('step', 'like', 'way.%')->firstOrFail();
        $this->postJson(
            "/jobs/$camper->id/test",
            ['step' => $way->step, 'state' => 'done', 'value' => 3.0 * (float) $way->value, 'amps' => $way->amps],
        )->assertOk();
        $this->get("/jobs/$camper->id/aftercare")->assertOk()->assertSee('1 of 1')->assertSee('+200')->assertSee('out of its limits');
        // Two capacities make a line.
        $battery = $camper->parts()->where('kind', 'battery')->where('fate', '!=', 'remove')->firstOrFail();
        foreach (['2026-12-01T10:00:00Z' => 200.0, '2027-12-01T10:00:00Z' => 190.0] as $at => $ah) {
            (new AddParts())->row(
                $camper,
                Measurement::class,
                'm',
                ['part_uid' => $battery->uid, 'quantity' => 'capacity', 'value' => $ah, 'measured_at' => $at, 'measured_by' => 'J'],
            );
        }
        // 190 Ah less 10 a year: 160 Ah three years after.
        $this->get("/jobs/$camper->id/aftercare")->assertOk()->assertSee('95')->assertSee('about Nov 2030');
        foreach ([['visited_on' => '2030-01-01'], ['visited_on' => 'x'], ['note' => '']] as $bad) {
            $this->post(
                "/jobs/$camper->id/aftercare",
                ['visited_on' => '2027-12-20', 'note' => 'lug at the bar torqued', ...$bad],
            )->assertSessionHasErrors(array_key_first($bad));
        }
        $this->post(
            "/jobs/$camper->id/aftercare",
            ['visited_on' => '2027-12-20', 'note' => 'lug at the bar torqued'],
        )->assertSessionHasNoErrors();
        $this->get("/jobs/$camper->id/aftercare")->assertOk()->assertDontSee('A visit is due')->assertSee('lug at the bar torqued');
        $this->get('/')->assertOk()->assertDontSee('yearly visit');
        self::assertSame('done', $camper->refresh()->digest['states']['aftercare'] ?? '');
        self::assertStringContainsString(
            'DTSTART;VALUE=DATE:20281220',
            (string) $this->get("/jobs/$camper->id/aftercare.ics")->assertOk()->getContent(),
        );
    }
}
