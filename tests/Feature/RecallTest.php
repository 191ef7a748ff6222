<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\Models\Job;
use App\Models\Part;
use App\Models\Setting;

/** What is called back is found, and nothing else; a discharge becomes a capacity. */
final class RecallTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        DemoShop::lay($this);
        $this->actingAs($this->user());
    }

    /** @return list<string> serials of the worklist */
    private function serials(string $query): array
    {
        $lines = array_filter(explode("\r\n", (string) $this->get("/recall.csv?$query")->assertOk()->getContent()));

        return array_map(
            static fn(string $line): string => (string) (str_getcsv($line, escape: '')[6] ?? ''),
            array_slice(array_values($lines), 1),
        );
    }

    public function testASerialRangeAFirmwareAndASettingFindTheirSystems(): void
    {
        $job = Job::query()->where('title', 'Travelling bakery')->firstOrFail();
        foreach (['ZZ-9' => '1.0', 'ZZ-10' => '1.0', 'ZZ-11' => '1.1', 'ZZ-100' => '1.0'] as $serial => $firmware) {
            (new AddParts())->row(
                $job,
                Part::class,
                'p',
                [
                    'kind' => 'regulator', 'fate' => 'add', 'data' => ['technology' => 'mppt', 'max_charge_a' => 20.0],
                    'make' => 'Test', 'model' => 'Called 20', 'serial' => $serial, 'firmware' => $firmware,
                ],
            );
        }
        // Numbers of one length in their order: 9 comes before 10.
        self::assertSame(['ZZ-9', 'ZZ-10', 'ZZ-11'], $this->serials('model=Called&from=ZZ-9&to=ZZ-99'));
        self::assertSame(['ZZ-10', 'ZZ-100'], $this->serials('model=Called&firmware=1.0&from=ZZ-10'));
        Part::query()->where('serial', 'ZZ-10')->update(['fate' => 'remove']);
        self::assertSame(['ZZ-100'], $this->serials('model=Called&firmware=1.0&from=ZZ-10'), 'what came out is not called back');
        // "Equalise still on": as read back, which goes before as set.
        $part = Part::query()->where('serial', 'ZZ-11')->firstOrFail();
        $row = new Setting(['part_uid' => $part->uid, 'parameter' => 'equalise_v', 'as_set' => 'off', 'read_back' => '15.5']);
        $row->job()->associate($job);
        $row->save();
        self::assertSame(['ZZ-11'], $this->serials('model=Called&parameter=equalise_v&is=on'));
        self::assertSame(['ZZ-11'], $this->serials('model=Called&parameter=equalise_v&is=above&value=15'));
        self::assertSame([], $this->serials('model=Called&parameter=equalise_v&is=off'));
        $this->get('/recall?model=Called')->assertOk()->assertSee('1 system')->assertSee('ZZ-11')->assertSee('Travelling bakery');
        $this->get('/recall?model=100%25')->assertOk()->assertSee('No system has it');
        $this->get('/recall?parameter=nonsense')->assertStatus(422);
        self::assertSame([], $this->serials(''), 'nothing asked, nothing found');
    }

    public function testADischargeBecomesACapacityBesideTheLabel(): void
    {
        $job = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        $battery = $job->parts()->where('kind', 'battery')->where('fate', '!=', 'remove')->firstOrFail();
        $job->measurements()->where('quantity', 'capacity')->delete();
        $log = "minutes;volts;amps\n0;13,3;40\n240;12,8;40\n288;11,0;40\n292;10,0;40\n";
        $send = fn(array $with): \Illuminate\Testing\TestResponse => $this->post(
            "/jobs/$job->id/test/capacity",
            ['part' => $battery->uid, 'end_v' => '10,5', 'celsius' => '18', 'table' => $log, ...$with],
        );
        $send(['end_v' => '9'])->assertSessionHasErrors('table');
        foreach ([
            ['end_v' => 'x'], ['table' => "minutes;volts\n0;1\n"], ['table' => "minutes;volts;amps\n0;13;40\n0;12;40\n"],
            ['table' => "minutes;volts;amps\n0;13;forty\n"], ['part' => 'p999'],
        ] as $bad) {
            $send($bad)->assertSessionHasErrors(array_key_first($bad));
        }
        self::assertSame(0, $job->measurements()->where('quantity', 'capacity')->count());
        $send([])->assertSessionHasNoErrors();
        // 40 A for 290 minutes, where the volts cross 10.5 V half way between 288 and 292: 193.33 Ah.
        self::assertEqualsWithDelta(40.0 * 290.0 / 60.0, (float) $job->measurements()->where('quantity', 'capacity')->value('value'), 0.01);
        $this->get("/jobs/$job->id/test")->assertOk()->assertSee('97')->assertSee('of the label');
    }
}
