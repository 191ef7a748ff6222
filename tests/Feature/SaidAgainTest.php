<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Customer;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Place;
use App\Models\Role;
use App\Models\Workshop;
use Pebblefell\Region\Region;
use Pebblefell\Region\Units;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataField;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * What was typed stands on the page again, in every field of every form, in every region's units; what is wrong is said at its own field
 * and nothing beside it is lost.
 */
final class SaidAgainTest extends TestCase
{
    /**
     * @return iterable<string, array{PartKind, Region}>
     */
    public static function sheets(): iterable
    {
        foreach (PartKind::cases() as $kind) {
            foreach ([Region::Europe, Region::NorthAmerica] as $region) {
                yield "$kind->value, $region->value" => [$kind, $region];
            }
        }
    }

    /** A value that may stand there, as somebody would type it in those units. */
    private static function typed(DataField $field, Units $units, int $nth): string
    {
        // Volts of a panel rank: open-circuit above those at power, short-circuit above current at power.
        $at = match ($field->key) {
            'voc_v', 'isc_a', 'surge_w', 'peak_w' => 0.04,
            default => 0.02 + 0.0003 * $nth,
        };

        return match ($field->type) {
            'number' => (string) round($units->show($field->low + $at * ($field->high - $field->low), $field->unit), 2),
            'choice' => (string) $field->choices[$nth % count($field->choices)],
            'flag' => (string) ($nth % 2),
            'date' => sprintf('2026-%02d-%02d', 1 + $nth % 12, 1 + $nth % 28),
            default => "as written <$nth> & “so”",
        };
    }

    /**
     * @return array<string, string>
     */
    private static function sheet(PartKind $kind, Units $units, bool $ofThisOne, int $shift = 0): array
    {
        $fields = [];
        foreach (array_values($kind->fields()) as $nth => $field) {
            if (!$field->ofThisOne || $ofThisOne) {
                $fields["data[$field->key]"] = self::typed($field, $units, $nth + $shift);
            }
        }

        return $fields;
    }

    #[DataProvider('sheets')]
    public function testEveryLineOfASheetIsKeptInTheUnitsItWasTypedIn(PartKind $kind, Region $region): void
    {
        Workshop::current()->update(['region' => $region]);
        $this->actingAs($this->user());
        $typed = ['make' => 'Testmake', 'model' => 'Sheet 1', ...self::sheet($kind, $region->units(), false)];
        $this->post('/library', ['kind' => $kind->value, ...Page::nested($typed)])->assertSessionHasNoErrors();
        $part = LibraryPart::query()->where('model', 'Sheet 1')->firstOrFail();
        $shown = (new Page((string) $this->get("/library/$part->id")->assertOk()->getContent()))->form("/library/$part->id", 'put');
        self::assertEquals($typed, array_intersect_key($shown, $typed));
        // Saved again as shown, nothing moves.
        $before = $part->data;
        $this->put("/library/$part->id", Page::nested($shown))->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($before, $part->refresh()->data, 1e-3);
    }

    #[DataProvider('sheets')]
    public function testEveryLineOfAPartIsKeptAndItsOriginIsThatItWasTyped(PartKind $kind, Region $region): void
    {
        $this->actingAs($this->user());
        $job = $this->job(['region' => $region]);
        $this->post(
            "/jobs/$job->id/parts",
            ['kind' => $kind->value, 'count' => 1, 'fate' => 'keep', ...Page::nested(self::sheet($kind, $region->units(), true, 5))],
        )->assertSessionHasNoErrors();
        $part = $job->parts()->firstOrFail();
        $before = $part->data;
        $page = "/jobs/$job->id/parts/$part->id";
        $shown = (new Page((string) $this->get($page)->assertOk()->getContent()))->form($page, 'put');
        $typed = [
            ...self::sheet($kind, $region->units(), true), 'make' => 'Test & make', 'model' => 'One', 'serial' => 'S<1>',
            'place' => 'under the bench', 'note' => "two\nlines",
        ];
        $this->put($page, Page::nested([...$shown, ...$typed]))->assertSessionHasNoErrors();
        $again = (new Page((string) $this->get($page)->assertOk()->getContent()))->form($page, 'put');
        self::assertEquals($typed, array_intersect_key($again, $typed));
        foreach (array_filter(
            $part->refresh()->data,
            static fn(mixed $value, string $key): bool => ($before[$key] ?? null) != $value,
            ARRAY_FILTER_USE_BOTH,
        ) as $key => $value) {
            self::assertSame($key === 'measured_ah' ? 'measured' : 'typed', $part->origins[$key] ?? null, $key);
        }
    }

    /**
     * @return iterable<string, array{PartKind, string}>
     */
    public static function slips(): iterable
    {
        foreach (PartKind::cases() as $kind) {
            foreach ($kind->fields() as $field) {
                if ($field->type === 'number' && !$field->ofThisOne) {
                    yield $kind->value => [$kind, $field->key];
                    break;
                }
            }
        }
    }

    #[DataProvider('slips')]
    public function testASlipOfThePenIsSaidAtItsFieldAndTheRestStandsAsTyped(PartKind $kind, string $key): void
    {
        $this->actingAs($this->user());
        $typed = ['make' => 'Testmake', 'model' => 'Sheet 1', ...self::sheet($kind, Units::Metric, false)];
        foreach (['twelve', '1e9', '-99999', '1,2,3'] as $slip) {
            $typed["data[$key]"] = $slip;
            $answer = $this->from("/library/create?kind=$kind->value")->followingRedirects()->post(
                '/library',
                ['kind' => $kind->value, ...Page::nested($typed)],
            );
            $page = new Page((string) $answer->getContent());
            self::assertSame(1, $page->count("//*[@id='data-{$key}-error']"), "$slip in $key");
            self::assertEquals($typed, array_intersect_key($page->form('/library', 'post'), $typed));
            self::assertSame(0, LibraryPart::query()->where('model', 'Sheet 1')->count());
        }
    }

    /** A bound is told in the units that were typed in, not in those of the file. */
    public function testABoundIsToldInTheReadersUnits(): void
    {
        $this->actingAs($this->user());
        $job = $this->job(['region' => Region::NorthAmerica]);
        $add = fn(array $sheet): mixed => $this->post(
            "/jobs/$job->id/parts",
            ['kind' => 'busbar', 'count' => 1, 'fate' => 'keep', 'data' => ['rating_a' => '100', ...$sheet]],
        );
        // A stud of 3 to 16 mm: a tenth of an inch is too little, a quarter is a stud.
        $add(['stud_mm' => '0.1'])->assertSessionHasErrors(['data.stud_mm' => "Must be between 0.12\u{202F}in and 0.63\u{202F}in."]);
        $add(['mass_kg' => '9999'])->assertSessionHasErrors(
            ['data.mass_kg' => "Must be between 0.002\u{202F}lb and 2\u{202F}205\u{202F}lb."],
        );
        $add(['stud_mm' => '0.25'])->assertSessionHasNoErrors();
        self::assertEqualsWithDelta(6.35, $job->parts()->firstOrFail()->data['stud_mm'], 1e-9);
    }

    /**
     * @return iterable<string, array{Region, array<string, string>}> a brief as typed in the region's units
     */
    public static function briefs(): iterable
    {
        $words = [
            'title' => 'Library trailer & co <2>', 'vehicle_description' => 'six metres, “cold bridge”', 'registration' => 'TV 00 042',
            'travel_notes' => "Stands by the quay.\nSeldom hooked up.", 'vehicle_kind' => 'trailer', 'system_v' => '24',
            'hook_up' => 'sometimes',
        ];
        yield 'metric' => [
            Region::Europe,
            [
                ...$words, 'length_m' => '6.4', 'payload_kg' => '480', 'axle_kg' => '310.5', 'roof_m2' => '9.75',
                'bay_length_mm' => '820', 'bay_width_mm' => '410', 'bay_height_mm' => '300', 'wish_days' => '3.5',
                'driving_h_day' => '1.25', 'coldest_battery_c' => '-7.5',
            ],
        ];
        yield 'US customary' => [
            Region::NorthAmerica,
            [
                ...$words, 'length_m' => '21.5', 'payload_kg' => '1050', 'axle_kg' => '685', 'roof_m2' => '104.9',
                'bay_length_mm' => '32.25', 'bay_width_mm' => '16.1', 'bay_height_mm' => '11.8', 'wish_days' => '3.5',
                'driving_h_day' => '1.25', 'coldest_battery_c' => '18.5',
            ],
        ];
    }

    /**
     * @param array<string, string> $typed
     */
    #[DataProvider('briefs')]
    public function testABriefIsReadInTheUnitsOfItsRegion(Region $region, array $typed): void
    {
        $this->actingAs($this->user(Role::Office, Role::Planner));
        $job = $this->job(['region' => $region]);
        $page = "/jobs/$job->id/brief";
        $shown = (new Page((string) $this->get($page)->assertOk()->getContent()))->form($page, 'put');
        self::assertSame([], array_diff_key($typed, $shown), 'fields that the page lacks');
        $this->put($page, Page::nested([...$shown, ...$typed]))->assertSessionHasNoErrors();
        $again = (new Page((string) $this->get($page)->getContent()))->form($page, 'put');
        self::assertEquals($typed, array_intersect_key($again, $typed));
        // What the survey then says is the same quantity, not the same digits.
        if ($region === Region::NorthAmerica) {
            $job->refresh();
            // 1 ft = 0.3048 m, 1 lb = 0.45359237 kg, 1 in = 25.4 mm, exact by the international yard and pound agreement of 1959.
            self::assertEqualsWithDelta(21.5 * 0.3048, $job->length_m, 1e-3);
            self::assertEqualsWithDelta(104.9 * 0.3048 ** 2, $job->roof_m2, 1e-3);
            self::assertEqualsWithDelta(1050 * 0.45359237, $job->payload_kg, 1e-3);
            self::assertEqualsWithDelta(32.25 * 25.4, $job->bay_length_mm, 1e-2);
            self::assertEqualsWithDelta((18.5 - 32) / 1.8, $job->coldest_battery_c, 1e-3);
        }
    }

    public function testALoadsRowIsKeptWhole(): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $appliance = $this->appliance($job);
        $page = "/jobs/$job->id/loads?more=$appliance->uid";
        $row = (new Page((string) $this->get($page)->assertOk()->getContent()))->form("/appliances/$appliance->id", 'put');
        $typed = [
            'name' => 'Steriliser <hot>', 'side' => 'ac', 'watts' => '640', 'quantity' => '2', 'duty_pct' => '35',
            'standby_w' => '1.5', 'surge_w' => '900', 'hours' => '7:30–8:15, 22–1',
        ];
        $this->put("/jobs/$job->id/appliances/$appliance->id", Page::nested([...$row, ...$typed]))->assertSessionHasNoErrors();
        $appliance->refresh();
        self::assertSame(
            ['Steriliser <hot>', 'ac', 640.0, 2, 35.0, 1.5, 900.0],
            [
                $appliance->name, $appliance->side->value ?? $appliance->side, $appliance->watts, (int) $appliance->quantity,
                $appliance->duty_pct, $appliance->standby_w, $appliance->surge_w,
            ],
        );
        self::assertEquals([[['from_h' => 7.5, 'to_h' => 8.25], ['from_h' => 22.0, 'to_h' => 1.0]]], array_values($appliance->hours));
        $again = (new Page((string) $this->get($page)->getContent()))->form("/appliances/$appliance->id", 'put');
        self::assertSame(['Steriliser <hot>', '640', '2', '35'], [$again['name'], $again['watts'], $again['quantity'], $again['duty_pct']]);
        // What it said of its hours is read again as the same hours.
        $this->put("/jobs/$job->id/appliances/$appliance->id", Page::nested($again))->assertSessionHasNoErrors();
        self::assertEquals(
            [[['from_h' => 7.5, 'to_h' => 8.25], ['from_h' => 22.0, 'to_h' => 1.0]]],
            array_values($appliance->refresh()->hours),
        );
    }

    public function testPlacesAndCustomersAreKeptWhole(): void
    {
        $this->actingAs($this->user(Role::Office, Role::Planner));
        $customer = Customer::factory()->create();
        $page = "/customers/$customer->id";
        $shown = (new Page((string) $this->get($page)->assertOk()->getContent()))->form($page, 'put');
        $typed = array_intersect_key(
            [
                'name' => 'Selhavn & Søn <A>', 'phone' => '+00 55 01', 'email' => 'post@selhavn.example',
                'address' => "Kai 4\nSelhavn", 'notes' => 'prefers “mornings”',
            ],
            $shown,
        );
        self::assertArrayHasKey('name', $typed);
        $this->put($page, Page::nested([...$shown, ...$typed]))->assertSessionHasNoErrors();
        self::assertEquals($typed, array_intersect_key((new Page((string) $this->get($page)->getContent()))->form($page, 'put'), $typed));
        $place = Place::query()->create(
            ['name' => 'Ytre Skjær', 'latitude_deg' => 63.4, 'clearness' => range(0.21, 0.43, 0.02), 'min_c' => range(-5, 6)],
        );
        $page = "/places/$place->id";
        $form = (new Page((string) $this->get($page)->assertOk()->getContent()))->form($page, 'put');
        $this->put($page, Page::nested($form))->assertSessionHasNoErrors();
        $again = $place->refresh();
        self::assertEqualsWithDelta(
            [63.4, range(0.21, 0.43, 0.02), range(-5, 6)],
            [$again->latitude_deg, $again->clearness, $again->min_c],
            1e-9,
        );
    }

    /** A sheet in the library is copied to a job, line by line; changed in the job, the library's stays. */
    public function testAJobsCopyIsItsOwn(): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $battery = $this->libraryBattery(['capacity_ah' => 200]);
        $this->post("/jobs/$job->id/parts", ['library_part_id' => $battery->id, 'count' => 2, 'fate' => 'add'])->assertSessionHasNoErrors();
        [$one, $other] = $job->parts()->get()->all();
        self::assertEquals($battery->data, $one->data);
        $page = "/jobs/$job->id/parts/$one->id";
        $this->put(
            $page,
            Page::nested([...(new Page((string) $this->get($page)->getContent()))->form($page, 'put'), 'data[capacity_ah]' => '180']),
        )->assertSessionHasNoErrors();
        self::assertEquals(
            [180, 200, 200],
            [$one->refresh()->data['capacity_ah'], $other->refresh()->data['capacity_ah'], $battery->refresh()->data['capacity_ah']],
        );
    }
}
