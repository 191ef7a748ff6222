<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\Http\Folds;
use App\Models\Appliance;
use App\Models\Customer;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use App\Models\Place;
use App\Models\Role;
use App\Models\Scenario;
use App\Models\User;
use App\Record\Digest;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

abstract class TestCase extends BaseTestCase
{
    use RefreshDatabase;

    /** What a command prints is not asked for line by line. */
    public $mockConsoleOutput = false;

    private const TODAY = '2026-11-26 19:00:00';

    protected function setUp(): void
    {
        parent::setUp();
        // Dates that a test writes down are ahead, or past, on whatever day it runs.
        $this->travelTo(self::TODAY);
        Storage::fake('private');
        $this->withoutVite();
        // Every fold is sent with what it holds; a test of folds asks for them shut.
        $this->withUnencryptedCookie(Folds::COOKIE, 'all');
        // A browser that has seen a page here.
        $this->withCookie((string) config('session.cookie'), Str::random(40));
    }

    protected function user(Role ...$roles): User
    {
        $role = $roles[0] ?? Role::Planner;

        return User::query()->create(
            [
                'name' => ucfirst($role->value) . ' Person', 'email' => $role->value . uniqid() . '@test.example',
                'password' => 'a long enough secret', 'roles' => $roles === [] ? [$role] : $roles,
            ],
        )->refresh();
    }

    /**
     * @param array<string, mixed> $brief
     */
    protected function job(array $brief = []): Job
    {
        $place = Place::query()->create([
            'name' => 'Testvik',
            'latitude_deg' => 63.0,
            'clearness' => array_fill(0, 12, 0.42),
            'min_c' => array_fill(0, 12, 3.0),
        ]);
        $job = Job::query()->create(
            [
                'title' => 'Test trailer', 'customer_id' => Customer::factory()->create()->id, 'vehicle_kind' => 'caravan',
                'place_id' => $place->id, 'months' => [5, 6, 7], ...$brief,
            ],
        )->refresh();
        $job->forceFill(['created_at' => now()->subDays(3)])->saveQuietly();
        (new AddParts())->row($job, Scenario::class, 's', ['name' => 'Usual day', 'sizing' => true]);
        Digest::renew([$job->id]);

        return $job->refresh();
    }

    /**
     * @param array<string, mixed> $row
     */
    protected function appliance(Job $job, array $row = []): Appliance
    {
        $scenario = $job->scenarios()->firstOrFail()->uid;

        return (new AddParts())->row(
            $job,
            Appliance::class,
            'a',
            ['name' => 'Fridge', 'side' => 'dc', 'watts' => 45.0, 'hours' => [$scenario => [['from_h' => 0.0, 'to_h' => 24.0]]], ...$row],
        )->refresh();
    }

    /** A job whose plan is one LFP battery with a mains charger beside it; returns the charger. Needs a planner signed in. */
    protected function plannedCharger(Job $job): Part
    {
        $this->put("/jobs/$job->id/bank", ['library_part_id' => $this->libraryBattery()->id, 'count' => 1])->assertSessionHasNoErrors();
        $charger = LibraryPart::query()->create(
            [
                'kind' => 'mains_charger', 'make' => 'Testmake', 'model' => 'Quay ' . uniqid(),
                'data' => ['output_a' => 30.0, 'lithium' => 'custom'],
            ],
        );
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $charger->id, 'count' => 1, 'fate' => 'add'])->assertSessionHasNoErrors();

        return $job->parts()->where('kind', 'mains_charger')->firstOrFail();
    }

    /**
     * @param array<string, mixed> $data
     */
    protected function libraryBattery(array $data = []): LibraryPart
    {
        $sheet = DataSheet::of(
            PartKind::Battery,
            [
                'chemistry' => 'lfp',
                'nominal_v' => 12.8,
                'capacity_ah' => 200,
                'bms' => true,
                'low_temp_cutoff' => true,
                'mass_kg' => 22,
                ...$data,
            ],
        );

        return LibraryPart::query()->create([
            'kind' => 'battery',
            'make' => 'Testmake',
            'model' => 'Block ' . uniqid(),
            'data' => $sheet->values,
        ]);
    }
}
