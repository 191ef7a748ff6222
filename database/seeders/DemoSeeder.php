<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\ApplyChanges;
use App\Actions\Balance\LogReading;
use App\Actions\Handover\IssueHandover;
use App\Actions\KeepChoice;
use App\Actions\Survey\AddParts;
use App\Logs\TakeInLog;
use App\Models\Answer;
use App\Models\Appliance;
use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use App\Models\Conductor;
use App\Models\Customer;
use App\Models\DayPlan;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\LogColumns;
use App\Models\Measurement;
use App\Models\Part;
use App\Models\Place;
use App\Models\Role;
use App\Models\Scenario;
use App\Models\Setting;
use App\Models\Signal;
use App\Models\Tick;
use App\Models\User;
use App\Models\Workshop;
use App\Record\DayDesk;
use App\Record\Digest;
use App\Record\JobReader;
use App\Record\PhotoStore;
use App\Record\Studies;
use App\Record\YardWaits;
use App\Words\HoursText;
use Carbon\CarbonImmutable;
use Carbon\CarbonInterface;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Balance\BenchBattery;
use Pebblefell\Balance\BenchCharger;
use Pebblefell\Balance\Protocol;
use Pebblefell\Balance\Subject;
use Pebblefell\Bank\Layout;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Stage\Bank\BankWiring;
use Pebblefell\Stage\Size\Chosen;
use Pebblefell\Study;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Spatie\Activitylog\Facades\LogBatch;
use Symfony\Component\Uid\Uuid;

/**
 * A workshop in an invented harbour town at 63° north, with the travelling services of its coast as customers. Everything is invented.
 */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'north-of-sixty';

    private const OPENED_DAYS = 90;

    private Place $town;

    private Place $inland;

    public function run(): void
    {
        DB::transaction(function (): void {
            Workshop::query()->create(['name' => 'Selhavn Vehicle Electrics', 'address' => 'Old Netloft 4, Selhavn', 'phone' => '555 0140', 'email' => 'workshop@selhavn.example', 'region' => 'europe', 'timezone' => 'Europe/Oslo', 'currency' => 'EUR', 'hourly_rate' => 74.0, 'crew' => 4, 'chargers' => 2, 'bays' => ['Quay bay', 'Middle bay', 'Net loft'], 'bench' => true]);
            $this->places();
            $this->people();
            $this->libraryTrailer();
            $this->dentalVan();
            $this->birdCamper();
            $this->horsebox();
            $this->cinema();
            $this->cargoBike();
            $this->raft();
            $this->coach();
            $this->postLaunch();
            $this->bakery();
            $this->days();
            $this->log();
        });
        foreach (BalanceSession::query()->whereNull('ended_at')->get() as $session) {
            YardWaits::ofJob($session->job_id);
        }
        Digest::renew(array_values(Job::query()->pluck('id')->all()));
    }

    /** What the bird station's monitor kept in August, a reading every five minutes: the freezer's door stood ajar for a week. */
    private function log(): void
    {
        $job = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        $lines = ['Time,Battery voltage (V),Battery current (A),State of charge (%),Solar power (W)'];
        $charge = 96.0;
        for ($n = 0; $n < 21 * 288; ++$n) {
            $h = $n % 288 / 12.0;
            $day = intdiv($n, 288);
            $sun = 300.0 * [0.8, 0.5, 0.9, 0.3, 0.6, 0.85, 0.4][$day % 7] * max(0.0, sin(M_PI * ($h - 5.0) / 16.0));
            $load = 46.0 + ($h > 19.0 && $h < 23.0 ? 40.0 : 0.0) + ($day >= 9 && $day < 16 ? 55.0 : 0.0);
            $watts = ($charge >= 100.0 ? min($sun, $load) : $sun) - $load;
            $charge = max(8.0, min(100.0, $charge + 100.0 * $watts / 12.0 / 5120.0));
            $volts = 12.9 + 0.5 * $charge / 100.0 + $watts / 900.0;
            $lines[] = sprintf('%s,%.2f,%.2f,%.1f,%.0f', gmdate('Y-m-d H:i:s', 1_785_542_400 + 300 * $n), $volts, $watts / $volts, $charge, $sun);
        }
        $path = 'logs/' . Uuid::v4() . '.log';
        Storage::disk('private')->put($path, $text = implode("\n", $lines) . "\n");
        $header = explode(',', $lines[0]);
        $log = $job->logFiles()->create(['name' => 'Skerries in August.csv', 'path' => $path, 'form' => 'csv', 'header' => $header, 'columns' => LogColumns::guess($header), 'bytes' => strlen($text), 'by' => 'Jona Sund']);
        TakeInLog::goOn($log);
    }

    /** Who stands in which bay, how far their sheets are, and what was proven of those that went home. */
    private function days(): void
    {
        $now = CarbonImmutable::now('Europe/Oslo');
        $numbered = static fn(int $n): Job => Job::query()->where('number', $n)->firstOrFail();
        $working = $now->isWeekend() ? $now->startOfDay()->next(CarbonInterface::MONDAY) : $now->startOfDay();
        foreach ([[1, 5, 'Middle bay', 2], [2, 0, 'Quay bay', 2], [5, 1, 'Quay bay', 1], [8, 6, 'Net loft', 2]] as [$n, $in, $bay, $people]) {
            $job = $numbered($n);
            $start = $working->addWeekdays($in)->setTime(8, 0)->utc();
            (new DayPlan(['starts_at' => $start, 'ends_at' => $start->addDay(), 'bay' => $bay, 'people' => $people]))->forceFill(['job_id' => $job->id])->save();
            $study = Study::of(JobReader::read($job));
            if ($n === 2) {
                $this->ticked($job, DayDesk::of($job, $study), 6, $now->subHours(5));
            }
            DayDesk::of($job, $study)->keepEnd();
        }
        // Handed over: every step, and every line of the test.
        $camper = $numbered(3);
        $study = Study::of(JobReader::read($camper));
        $this->ticked($camper, DayDesk::of($camper, $study), 999, $now->subDays(20));
        foreach ($study->testSheet()->checks as $i => $check) {
            $amps = $check->reading?->wantsAmps() === true ? 60.0 : null;
            [$low, $high] = $check->reading?->limits($amps) ?? [null, null];
            $value = $check->reading === null ? null : ($check->expected !== null && $amps === null ? $check->expected : ((float) $low + (float) $high) / 2.0);
            $this->tick($camper, Tick::TEST, $check->key, $value === null ? null : round($value, 3), $amps, 'Jona Sund', $now->subDays(18)->addMinutes(4 * $i));
            // Read again since: one joint has grown.
            if (in_array($check->does, ['sag', 'way', 'share', 'source-engine'], true)) {
                $this->tick($camper, Tick::TEST, $check->key, round((float) $value * ($check->does === 'way' ? 1.5 : 1.02), 3), $amps, 'Jona Sund', $now->subDays(1)->addMinutes(4 * $i));
            }
        }
        DB::table('handovers')->where('job_id', $camper->id)->update(['created_at' => $now->subDays(16)->utc()]);
        $battery = $camper->parts()->where('kind', 'battery')->where('fate', '!=', 'remove')->firstOrFail();
        (new AddParts())->row($camper, Measurement::class, 'm', ['part_uid' => $battery->uid, 'quantity' => 'capacity', 'value' => 203.4, 'measured_at' => $now->subDays(17)->utc()->format('Y-m-d\TH:i:s\Z'), 'measured_by' => 'Jona Sund', 'note' => '5.1 h down to 10.8 V, 2610 Wh']);
    }

    private function ticked(Job $job, DayDesk $desk, int $most, CarbonImmutable $from): void
    {
        $at = $from;
        foreach (array_slice($desk->standing->rows, 0, $most) as ['step' => $step]) {
            $at = $at->addMinutes((int) round($step->minutes * (0.8 + 0.4 * (crc32($step->key) % 100) / 100.0)) + 1);
            $reading = $step->reading;
            $value = match (true) {
                $reading === null => null,
                $reading->low !== null && $reading->high !== null => round(($reading->low + $reading->high) / 2.0, 1),
                $reading->low !== null => round($reading->low + 0.4, 1),
                $reading->high !== null => 0.1,
                $reading->quantity === 'volts' => 12.6,
                default => 6.2,
            };
            $this->tick($job, Tick::DAY_PLAN, $step->key, $value, null, 'Jona Sund', $at);
        }
    }

    private function tick(Job $job, string $sheet, string $step, ?float $value, ?float $amps, string $by, CarbonImmutable $at): void
    {
        (new Tick(['client_id' => (string) Uuid::v4(), 'sheet' => $sheet, 'step' => $step, 'state' => 'done', 'value' => $value, 'amps' => $amps, 'by' => $by, 'noted_at' => $at->utc()]))
            ->forceFill(['job_id' => $job->id])->save();
    }

    private function places(): void
    {
        // Clearness and cold such as a wet coast at that latitude has; invented like the town.
        $this->town = Place::query()->create([
            'name' => 'Selhavn coast', 'latitude_deg' => 63.1, 'longitude_deg' => 8.4,
            'clearness' => [0.30, 0.36, 0.42, 0.46, 0.48, 0.46, 0.43, 0.43, 0.40, 0.35, 0.30, 0.27],
            'min_c' => [-3.5, -3.8, -2.4, 0.6, 4.4, 7.6, 9.8, 9.9, 7.1, 3.6, 0.2, -2.4],
        ]);
        $this->inland = Place::query()->create([
            'name' => 'Upper Hvalrygg valley', 'latitude_deg' => 62.6, 'longitude_deg' => 9.6,
            'clearness' => [0.38, 0.44, 0.50, 0.50, 0.50, 0.48, 0.46, 0.46, 0.44, 0.40, 0.36, 0.33],
            'min_c' => [-12.0, -11.2, -7.4, -2.5, 2.4, 6.2, 8.0, 7.1, 3.4, -1.0, -6.5, -10.4],
        ]);
    }

    private function people(): void
    {
        foreach ([['Torvald Eik', 'planner@selhavn.example', Role::Planner], ['Maren Holt', 'office@selhavn.example', Role::Office], ['Jona Sund', 'technician@selhavn.example', Role::Technician]] as [$name, $email, $role]) {
            User::query()->create(['name' => $name, 'email' => $email, 'password' => self::PASSWORD, 'roles' => [$role]]);
        }
        Auth::setUser(User::query()->whereJsonContains('roles', Role::Planner->value)->firstOrFail());
    }

    private function libraryTrailer(): void
    {
        $job = $this->job('Library trailer', 'Hvalrygg District Library', [
            'vehicle_kind' => 'caravan', 'vehicle_description' => '6.4 m caravan, two axles', 'registration' => 'HV 4471', 'length_m' => 6.4, 'axles' => 2, 'payload_kg' => 180.0, 'roof_m2' => 6.0, 'bay_length_mm' => 780.0, 'bay_width_mm' => 560.0, 'bay_height_mm' => 260.0,
            'months' => [3, 4, 5, 6, 7, 8, 9, 10], 'wish_days' => 4.0, 'hook_up' => 'sometimes', 'driving_h_day' => 1.0,
            'shade' => [['from_h' => 14.0, 'to_h' => 20.0, 'factor' => 0.5]],
            'details' => ['travel' => ['wish' => 'lived'], 'vehicle' => ['wheelbase_m' => 4.1, 'front_kg' => 88.0, 'front_max_kg' => 100.0, 'rear_kg' => 1390.0, 'rear_max_kg' => 1500.0, 'roof_length_m' => 4.9, 'roof_width_m' => 2.1, 'roof_things' => 'hatch 0.5 x 0.5 at 1.5, 0.8, 0.12 high; vent 0.3 x 0.3 at 3.9, 0.4, 0.18 high; rail 4.9 x 0.04 at 0, 0, 0.03 high', 'roof_picture' => '-0.35, -0.25, 5.6']],
            'travel_notes' => 'Three villages a week, stands half in the lee of the school wall. Lights and the lending desk die after the second day in October.',
        ]);
        $this->found($job, 'Ostrelund Mat 110', 3, 'front locker', ['age_years' => 5.0, 'along_m' => 1.2]);
        $this->roofFromAbove($this->found($job, 'Brimsdal Sill 100', 2, 'roof, front')[0]);
        $this->found($job, 'Halverin Pulse 20', 1, 'wardrobe');
        $this->found($job, 'Skarnholt Shore 15', 1, 'front locker');
        $this->found($job, 'Pikerel Split 70', 1, 'A-frame box');
        $this->add($job, 'gauge', ['make' => '', 'model' => 'Old panel gauge', 'place' => 'over the door'], ['reads' => 'volts in four lights'], Fate::Keep);
        $this->found($job, 'Hadrelvik Post 200', 1, 'front locker');
        $this->loads($job, [
            ['Reading lights', 'dc', 36, '8-9, 15-19', 100, 0], ['Lending desk computer', 'ac', 65, '9-18', 80, 2], ['Book scanner', 'ac', 12, '9-18', 30, 1],
            ['Router', 'dc', 9, '0-24', 100, 0], ['Compressor fridge', 'dc', 45, '0-24', 32, 0], ['Diesel heater fan', 'dc', 28, '7-18', 55, 0], ['Kettle', 'ac', 1000, '10-10:15, 14-14:15', 100, 0],
        ]);
        $this->planned($job, 'Tindlow Grebe 1200', 1, 'under the desk');
        $summer = (new AddParts())->row($job, Scenario::class, 's', ['name' => 'Summer tour']);
        foreach ($job->appliances()->get() as $appliance) {
            if ($appliance->name !== 'Diesel heater fan') {
                $appliance->changeTo(['hours' => [...$appliance->hours, $summer->uid => $appliance->name === 'Reading lights' ? [['from_h' => 17.0, 'to_h' => 18.0]] : array_values($appliance->hours)[0]]]);
            }
        }
        $this->bank($job, 'Kvellin Slate 200', 2);
        foreach ($job->parts()->where('kind', 'battery')->where('fate', 'add')->get() as $battery) {
            $battery->changeTo(['data' => [...$battery->data, 'along_m' => 1.2]]);
        }
        $this->planned($job, 'Hadrelvik Class T 300', 1, 'front locker');
        $this->planned($job, 'Hadrelvik Tell 500', 1, 'front locker');
    }

    private function dentalVan(): void
    {
        $job = $this->job('Dental van', 'Coastal Dental Service', [
            'vehicle_kind' => 'van', 'vehicle_description' => '7.0 m panel van, treatment room', 'registration' => 'HV 2208', 'length_m' => 7.0, 'axles' => 2, 'payload_kg' => 420.0, 'roof_m2' => 8.0, 'bay_length_mm' => 1060.0, 'bay_width_mm' => 530.0, 'bay_height_mm' => 300.0,
            'months' => [1, 2, 3, 4, 5, 6, 8, 9, 10, 11, 12], 'wish_days' => 1.5, 'hook_up' => 'mostly', 'driving_h_day' => 1.5, 'coldest_battery_c' => 8.0,
            'travel_notes' => 'School yards all winter. The compressor must start at any time; the bay is heated with the room.',
        ]);
        $this->found($job, 'Skarnholt Jel 200', 2, 'under the chair', ['age_years' => 6.0], Fate::Keep);
        $this->found($job, 'Skarnholt Shore 25', 1, 'tech cabinet', [], Fate::Remove);
        $this->loads($job, [
            ['Treatment light', 'dc', 40, '8-15', 60, 0], ['Compressor', 'ac', 750, '8-15', 25, 0, 2100], ['Suction', 'ac', 420, '8-15', 30, 0, 900], ['Steriliser', 'ac', 1400, '12-13, 15-16', 60, 0],
            ['Chair and unit', 'ac', 150, '8-15', 40, 6], ['Computer and X-ray viewer', 'ac', 110, '7:30-15:30', 90, 4], ['Room lights', 'dc', 48, '7-16', 100, 0],
        ]);
        $this->bank($job, 'Kvellin Slate 230 Warm', 4);
        $inverter = $this->planned($job, 'Tindlow Eider 3000 solo', 1, 'tech cabinet', ['serial' => 'E3-118842', 'firmware' => '4.12'])[0];
        $this->planned($job, 'Hadrelvik Guard 16 fine', 2, 'tech cabinet', ['serial' => 'lot 4410']);
        $dcdc = $this->planned($job, 'Tindlow Ferry 50', 1, 'tech cabinet', ['serial' => 'F5-20417', 'firmware' => '2.3'])[0];
        $this->found($job, 'Tindlow Mill 180', 1, 'engine', [], Fate::Keep, 'starter');
        $this->planned($job, 'Brimsdal Sill 210', 3, 'roof');
        $mppt = $this->planned($job, 'Halverin Crest 50 C', 1, 'tech cabinet', ['serial' => 'C1-77120', 'firmware' => '1.61'])[0];
        $fuse = $this->planned($job, 'Hadrelvik Class T 300', 1, 'at the bank')[0];
        $shunt = $this->planned($job, 'Hadrelvik Tell 1000', 1, 'at the bank', ['serial' => 'T10-3391'])[0];
        $batteries = $job->parts()->where('kind', 'battery')->where('fate', 'add')->get()->all();
        foreach ($batteries as $i => $battery) {
            $battery->update(['serial' => 'K230-26-0' . (417 + $i), 'firmware' => '1.9']);
        }
        $this->wire($job, $batteries[0]->uid . '.plus', $fuse->uid . '.in', 95.0, 0.3);
        $switch = $this->planned($job, 'Hadrelvik Turn 300', 1, 'at the bank')[0];
        $this->wire($job, $fuse->uid . '.out', $switch->uid . '.in', 95.0, 0.2, $fuse->uid);
        $this->wire($job, $switch->uid . '.out', $inverter->uid . '.battery_plus', 95.0, 0.9, $fuse->uid);
        $this->wire($job, $batteries[3]->uid . '.minus', $shunt->uid . '.battery_minus', 95.0, 0.3);
        $this->wire($job, $shunt->uid . '.system_minus', $inverter->uid . '.battery_minus', 95.0, 0.8);
        (new AddParts())->row($job, Signal::class, 'g', ['kind' => 'engine_running', 'from_part' => $job->parts()->where('kind', 'alternator')->firstOrFail()->uid, 'to_part' => $dcdc->uid, 'fate' => 'add']);
        foreach ([[$inverter, ['absorption_v' => '14.2', 'float_v' => '13.5', 'equalise_v' => 'off', 'rebulk_v' => '13.3', 'absorption_limit_h' => '1']], [$dcdc, ['absorption_v' => '14.4', 'float_v' => '13.5', 'equalise_v' => 'off']], [$mppt, ['absorption_v' => '14.2', 'float_v' => '13.5']]] as [$part, $values]) {
            $this->asSet($job, $part, $values);
        }
        $this->join($job, [0, 3], 95.0, 0.28, 0.3);
        $this->act(function () use ($job): void {
            $keep = app(KeepChoice::class);
            $system = Studies::of($job->refresh())->system;
            $keep($job, ['name' => 'A fifth battery', 'group' => 'more reserve'], Chosen::bank($system, $this->library('Kvellin Slate 230 Warm')->asPart(), 5));
            $keep($job, ['name' => 'Two more panels', 'group' => 'more reserve'], Chosen::plan($system, $this->library('Kvellin Slate 230 Warm')->asPart(), 4, $this->library('Brimsdal Sill 210')->asPart(), 5));
        });
        // Two are through or nearly, on the chargers that there are; two wait, measured as they came.
        $now = CarbonImmutable::now()->startOfMinute();
        $session = $this->session($job, Protocol::Full, $now->subHours(16), [['name' => 'bench 1', 'amps' => 50.0], ['name' => 'bench 2', 'amps' => 30.0]]);
        $this->benchLog($session, 0, 3, [[BalanceStep::Charging, 16.0, 'bench 1', 50.0], [BalanceStep::Resting, 8.5, '', null]], $now);
        $this->benchLog($session, 1, 8, [[BalanceStep::Charging, 2.5, 'bench 2', 30.0]], $now);
        $this->benchLog($session, 2, 11, [], $now);
        $this->benchLog($session, 3, 4, [], $now);
        $this->picture($batteries[0], ['KVELLIN SLATE 230 WARM', '12.8 V  230 Ah  LFP', 'S/N K230-26-0417'], 'Label of the first battery');
    }

    private function birdCamper(): void
    {
        $job = $this->job('Seabird-survey camper', 'Outer Skerries Bird Station', [
            'vehicle_kind' => 'camper_van', 'vehicle_description' => '5.4 m high-roof camper', 'registration' => 'HV 9015', 'length_m' => 5.4, 'axles' => 2, 'payload_kg' => 260.0, 'roof_m2' => 4.0,
            'months' => [4, 5, 6, 7, 8], 'wish_days' => 3.0, 'hook_up' => 'never', 'driving_h_day' => 0.5, 'details' => ['travel' => ['wish' => 'lived'], 'vehicle' => []],
            'travel_notes' => 'Ten days at a time on the cliffs. Spotting scopes, recorders and a small freezer for samples.',
        ]);
        $this->found($job, 'Marrowgill Wet 110', 2, 'behind the driver', ['age_years' => 3.0], Fate::Keep);
        $this->found($job, 'Halverin Pulse 10', 1, 'over the door', [], Fate::Remove);
        $this->found($job, 'Brimsdal Sill 60', 1, 'roof', [], Fate::Remove);
        $this->loads($job, [['Sample freezer', 'dc', 52, '0-24', 40, 0], ['Recorders and radios', 'dc', 14, '0-24', 100, 0], ['Lights', 'dc', 18, '20-23', 100, 0], ['Heater fan', 'dc', 22, '21-7', 40, 0], ['Laptop charging', 'dc', 60, '19-22', 80, 0]]);
        $this->bank($job, 'Kvellin Slate 200 Warm', 2);
        $batteries = $job->parts()->where('kind', 'battery')->where('fate', 'add')->get()->all();
        foreach ($batteries as $i => $battery) {
            $battery->update(['serial' => 'K200W-25-13' . (31 + $i), 'firmware' => '1.8', 'data' => [...$battery->data, 'warranty_months' => 60, 'warranty_from' => '2026-11-19', 'warranty_by' => 'Jona Sund, Outer Skerries Bird Station']]);
        }
        $this->planned($job, 'Brimsdal Sill 175', 3, 'roof', ['serial' => 'lot 2609']);
        $mppt = $this->planned($job, 'Halverin Crest 50 C', 1, 'behind the driver', ['serial' => 'C1-77004', 'firmware' => '1.61'])[0];
        $dcdc = $this->planned($job, 'Tindlow Ferry 30', 1, 'behind the driver', ['serial' => 'F3-19077', 'firmware' => '2.3'])[0];
        $fuse = $this->planned($job, 'Hadrelvik Class T 200', 1, 'on the bank')[0];
        $shunt = $this->planned($job, 'Hadrelvik Tell 300', 1, 'on the bank', ['serial' => 'T3-8120'])[0];
        $box = $this->planned($job, 'Hadrelvik Box 8', 1, 'over the bank', ['serial' => '–'])[0];
        $this->wire($job, $batteries[0]->uid . '.plus', $fuse->uid . '.in', 35.0, 0.25);
        $switch = $this->planned($job, 'Hadrelvik Turn 150', 1, 'on the bank')[0];
        $this->wire($job, $fuse->uid . '.out', $switch->uid . '.in', 50.0, 0.2, $fuse->uid);
        $this->wire($job, $switch->uid . '.out', $box->uid . '.supply_plus', 50.0, 0.6, $fuse->uid);
        $sun = $this->planned($job, 'Hadrelvik Turn PV 40', 1, 'behind the driver')[0];
        foreach ($job->parts()->where('kind', 'panel')->where('fate', 'add')->get() as $panel) {
            $this->wire($job, $panel->uid . '.plus', $sun->uid . '.in', 6.0, 2.5);
        }
        $this->wire($job, $sun->uid . '.out', $mppt->uid . '.pv_plus', 6.0, 1.5);
        $alternator = $this->found($job, 'Tindlow Mill 120', 1, 'engine', [], Fate::Keep, 'starter')[0];
        (new AddParts())->row($job, Signal::class, 'g', ['kind' => 'engine_running', 'from_part' => $alternator->uid, 'to_part' => $dcdc->uid, 'fate' => 'add']);
        $this->wire($job, $batteries[1]->uid . '.minus', $shunt->uid . '.battery_minus', 35.0, 0.25);
        $this->wire($job, $shunt->uid . '.system_minus', $box->uid . '.supply_minus', 25.0, 0.6);
        $this->setAll($job, [$mppt, $dcdc, $shunt]);
        foreach ([[$batteries[0], 'volts', 13.34, 'rested, before joining'], [$batteries[1], 'volts', 13.35, 'rested, before joining'], [$mppt, 'amps', 8.7, 'thin cloud, noon']] as [$part, $quantity, $value, $note]) {
            (new AddParts())->row($job, Measurement::class, 'm', ['part_uid' => $part->uid, 'quantity' => $quantity, 'value' => $value, 'measured_at' => '2026-10-08T09:40:00Z', 'measured_by' => 'Jona Sund', 'instrument' => 'bench meter 2', 'note' => $note]);
        }
        $this->picture($batteries[0], ['KVELLIN SLATE 200 WARM', '12.8 V  200 Ah  LFP', 'S/N K200W-25-1331'], 'Label, first battery');
        $this->picture($mppt, ['HALVERIN CREST 50 C', '100 V  50 A', 'S/N C1-77004'], 'Label');
        $this->join($job, [0, 1], 35.0, 0.3, 0.25);
        $session = $this->session($job, Protocol::Full, CarbonImmutable::parse('2026-10-06T07:30:00Z'), [['name' => 'bench 1', 'amps' => 50.0], ['name' => 'bench 2', 'amps' => 30.0]]);
        foreach ([[13.18, 13.38, 13.34], [13.05, 13.56, 13.35]] as $k => $volts) {
            foreach ([[0.0, $volts[0], BalanceStep::Waiting], [23.0, $volts[1], BalanceStep::Resting], [46.0, $volts[2], BalanceStep::Joined]] as [$hours, $v, $step]) {
                $this->reading($session, $k, $session->started_at->toImmutable()->addMinutes((int) (60 * $hours)), new BatteryReading(0.0, $v, 0.0, 16.5), $step);
            }
        }
        $session->update(['joined_at' => '2026-10-07 06:40:00', 'ended_at' => '2026-10-08 05:35:00', 'passed' => true]);
        $this->covered($session);
        $this->answerAll($job, 'Agreed with the station: they drive to the jetty every third day.');
        (new IssueHandover())($job->refresh(), User::query()->whereJsonContains('roles', Role::Planner->value)->firstOrFail());
    }

    private function horsebox(): void
    {
        $job = $this->job('Farrier’s horsebox', 'Ragna Moe, farrier', [
            'vehicle_kind' => 'horsebox', 'vehicle_description' => '3.5 t horsebox, forge in the back', 'registration' => 'HV 1183', 'place_id' => $this->inland->id, 'payload_kg' => 310.0,
            'months' => [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], 'wish_days' => 2.0, 'hook_up' => 'never', 'driving_h_day' => 3.0,
            'travel_notes' => 'Grinder and lights until late. The engine battery was flat twice last winter.',
        ]);
        $this->found($job, 'Marrowgill Wet 85', 1, 'under the passenger seat', ['age_years' => 4.0]);
        $this->found($job, 'Marrowgill Wet 85', 1, 'engine bay', ['age_years' => 2.0], Fate::Keep, 'starter');
        $this->found($job, 'Pikerel Sense 140', 1, 'engine bay');
        $this->found($job, 'Tindlow Mill 120', 1, 'engine', [], Fate::Keep, 'starter');
    }

    private function cinema(): void
    {
        $job = $this->job('Cinema caravan', 'Lamplight Film Club', [
            'vehicle_kind' => 'caravan', 'vehicle_description' => '5.1 m caravan, twelve seats', 'registration' => 'HV 6620', 'axles' => 1, 'payload_kg' => 95.0, 'roof_m2' => 3.5,
            'months' => [5, 6, 7, 8, 9], 'wish_days' => 2.0, 'hook_up' => 'sometimes', 'driving_h_day' => 1.0, 'travel_notes' => 'Two screenings an evening. The popcorn machine must run with the film machine.',
        ]);
        $this->found($job, 'Ostrelund Mat 95', 2, 'rear seat box', ['age_years' => 2.0]);
        $this->found($job, 'Pikerel Van Power 20', 1, 'wardrobe');
        $this->add($job, 'gauge', ['model' => 'Control panel', 'place' => 'wardrobe'], ['reads' => 'volts'], Fate::Relabel);
        $this->loads($job, [['Film machine', 'ac', 310, '18-22:30', 100, 1, 420], ['Sound', 'ac', 120, '18-22:30', 60, 3], ['Popcorn machine', 'ac', 850, '17:30-18, 20-20:20', 100, 0], ['Fridge for drinks', 'dc', 48, '0-24', 35, 0], ['House lights', 'dc', 30, '17-18, 20-20:30, 22:30-23', 100, 0], ['Vent fan', 'dc', 24, '17-23', 100, 0]]);
        $this->bank($job, 'Kvellin Slate 150', 2);
        $this->planned($job, 'Tindlow Grebe 1200', 1, 'rear seat box');
        $this->planned($job, 'Hadrelvik Class T 200', 1, 'rear seat box');
    }

    private function cargoBike(): void
    {
        $job = $this->job('Cargo-bike repair trailer', 'Spoke & Keel Cooperative', [
            'vehicle_kind' => 'portable', 'vehicle_description' => 'bike trailer, one carry-out battery', 'chassis_bonded' => false, 'months' => [5, 6, 7, 8, 9], 'wish_days' => 1.0, 'hook_up' => 'mostly', 'driving_h_day' => 0.0, 'coldest_battery_c' => 10.0,
            'travel_notes' => 'Carried up to the flat at night. One small compressor, a lamp, phones.',
        ]);
        $this->loads($job, [['Compressor', 'dc', 120, '10-16', 6, 0, 260], ['Work lamp', 'dc', 15, '8-10, 17-20', 100, 0], ['Phones and card reader', 'dc', 10, '9-18', 60, 0]]);
        $this->bank($job, 'Fennavik Schist Carry 40', 1);
        $charger = $this->planned($job, 'Tindlow Carry 10', 1, 'in the flat', ['serial' => 'CY-5503', 'firmware' => '1.0'])[0];
        $fuse = $this->planned($job, 'Hadrelvik Blade 30', 1, 'in the lid')[0];
        $battery = $job->parts()->where('kind', 'battery')->firstOrFail();
        $battery->update(['serial' => 'SC40-0988', 'place' => 'trailer box']);
        $this->wire($job, $battery->uid . '.plus', $fuse->uid . '.in', 4.0, 0.15);
        $this->setAll($job, [$charger]);
    }

    private function raft(): void
    {
        $job = $this->job('Water-sampling raft', 'Fjord Water Watch', [
            'vehicle_kind' => 'raft', 'vehicle_description' => '6 × 3 m anchored raft', 'system_v' => 48.0, 'chassis_bonded' => false, 'roof_m2' => 12.0, 'months' => [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], 'wish_days' => 10.0, 'hook_up' => 'never', 'driving_h_day' => 0.0, 'coldest_battery_c' => 3.0, 'details' => ['travel' => ['wish' => 'lived'], 'vehicle' => []],
            'travel_notes' => 'Unattended for a month at a time. Pumps once an hour, telemetry always. Batteries sit in a box below the waterline.',
        ]);
        $this->loads($job, [['Sampling pumps', 'dc', 180, '0-24', 8, 0, 420], ['Telemetry', 'dc', 11, '0-24', 100, 0], ['Sondes', 'dc', 6, '0-24', 100, 0], ['Mast light', 'dc', 5, '16-8', 100, 0]]);
        $this->bank($job, 'Fennavik Schist 100 quad', 2);
        $this->planned($job, 'Lumenskar House 400', 4, 'south rack, upright', [], ['tilt_deg' => 70.0, 'azimuth_deg' => 180.0]);
        $this->planned($job, 'Halverin Crest 70 H', 1, 'electronics box');
        $this->planned($job, 'Hadrelvik Class T 200', 1, 'battery box');
    }

    private function coach(): void
    {
        $job = $this->job('Choir’s tour coach', 'Selhavn Harbour Choir', [
            'vehicle_kind' => 'coach', 'vehicle_description' => '12 m coach, galley and berths', 'registration' => 'HV 7700', 'system_v' => 24.0, 'length_m' => 12.0, 'axles' => 3, 'payload_kg' => 900.0, 'roof_m2' => 14.0,
            'months' => [2, 3, 4, 5, 6, 9, 10, 11, 12], 'wish_days' => 2.0, 'hook_up' => 'sometimes', 'driving_h_day' => 4.0, 'coldest_battery_c' => 2.0, 'travel_notes' => 'Forty singers, coffee at every stop, heating by night.',
        ]);
        $this->found($job, 'Ostrelund Mat 230', 8, 'luggage hold, left', ['age_years' => 7.0]);
        $this->found($job, 'Tindlow Quay 25 duo', 1, 'luggage hold, left');
        $this->found($job, 'Tindlow Second 150 duo', 1, 'engine', [], Fate::Keep, 'starter');
        $this->loads($job, [['Coffee machines', 'ac', 1450, '7-7:40, 10-10:30, 15-15:30', 80, 3, null, 2], ['Galley fridges', 'dc', 70, '0-24', 40, 0, null, 2], ['Reading lights', 'dc', 3, '6-8, 17-23', 60, 0, null, 40], ['Heater pumps and fans', 'dc', 160, '20-8', 60, 0], ['Sound system', 'ac', 260, '9-12, 16-18', 70, 8], ['USB sockets', 'dc', 6, '8-22', 50, 0, null, 40], ['Driver’s radio and tachograph', 'dc', 18, '0-24', 100, 0]]);
        $this->bank($job, 'Kvellin Slate 200 duo', 4);
        $this->planned($job, 'Tindlow Eider 3000 duo', 1, 'luggage hold, left');
        // The coach builder's own 12 V, which stays as it is.
        $builders = $this->found($job, 'Ostrelund Mat 95', 1, 'behind the dashboard', ['age_years' => 3.0], Fate::Keep, 'apart')[0];
        $fuse = $this->add($job, 'fuse', ['model' => 'In-line fuse', 'place' => 'behind the dashboard'], ['rating_a' => 15.0], Fate::Keep);
        $this->wire($job, $builders->uid . '.plus', $fuse->uid . '.in', 4.0, 0.4, '', Fate::Keep);
        $this->loads($job, [['Ticket machine and step pump', 'dc', 14, '6-20', 60, 1]]);
        $job->appliances()->where('name', 'Ticket machine and step pump')->firstOrFail()->changeTo(['fed_by' => $fuse->uid]);
    }

    private function postLaunch(): void
    {
        $job = $this->job('Post launch', 'Skerry Post Boats', [
            'vehicle_kind' => 'boat', 'vehicle_description' => '9 m launch, open wheelhouse', 'chassis_bonded' => false, 'target_chemistry' => 'agm', 'months' => [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12], 'wish_days' => 1.0, 'hook_up' => 'mostly', 'driving_h_day' => 5.0,
            'travel_notes' => 'Cold, short trips, plugged in every night. They want it cheap and charging in frost: lead stays.',
        ]);
        $this->found($job, 'Ostrelund Mat 130', 2, 'aft locker', ['age_years' => 1.0]);
        $this->found($job, 'Skarnholt Shore 25', 1, 'aft locker');
        $this->found($job, 'Hadrelvik Post 200', 1, 'aft locker');
        $this->loads($job, [['Radar', 'dc', 34, '6-14', 70, 4], ['Plotter', 'dc', 22, '6-14', 100, 0], ['Navigation lights', 'dc', 25, '6-9', 100, 0], ['Cabin fan', 'dc', 18, '6-14', 50, 0], ['Bilge pump', 'dc', 40, '0-24', 3, 0]]);
        // Straight to the battery, as such a pump should be.
        $pump = $this->add($job, 'fuse', ['model' => 'In-line fuse', 'place' => 'aft locker'], ['rating_a' => 10.0], Fate::Keep);
        $this->wire($job, $job->parts()->where('kind', 'battery')->firstOrFail()->uid . '.plus', $pump->uid . '.in', 2.5, 0.3, '', Fate::Keep);
        $job->appliances()->where('name', 'Bilge pump')->firstOrFail()->changeTo(['fed_by' => $pump->uid]);
        // Nearly a year ago: its yearly check comes due.
        $session = $this->session($job, Protocol::Refresh, CarbonImmutable::now()->subDays(352)->setTime(15, 0), [['name' => 'bench 2', 'amps' => 30.0]]);
        foreach ([[12.78, 13.04], [12.95, 13.08]] as $k => $volts) {
            $this->reading($session, $k, $session->started_at->toImmutable(), new BatteryReading(0.0, $volts[0], 0.0, 9.0), BalanceStep::Waiting);
            $this->reading($session, $k, $session->started_at->toImmutable()->addHours(20), new BatteryReading(0.0, $volts[1], 0.0, 11.0), BalanceStep::Ready);
        }
        $session->update(['ended_at' => $session->started_at->toImmutable()->addHours(20), 'passed' => true]);
        $this->covered($session);
    }

    private function bakery(): void
    {
        $this->job('Travelling bakery', 'Anneke’s Oven', ['vehicle_kind' => 'trailer', 'vehicle_description' => '4.8 m sales trailer', 'registration' => 'HV 3056', 'place_id' => null, 'months' => []]);
    }

    /**
     * @param array<string, mixed> $brief
     */
    private function job(string $title, string $customer, array $brief): Job
    {
        $owner = Customer::query()->firstOrCreate(['name' => $customer], ['phone' => '555 0' . (100 + strlen($customer) * 7), 'email' => 'post@' . Str::slug($customer) . '.example']);
        $job = Job::query()->create(['title' => $title, 'customer_id' => $owner->id, 'place_id' => $this->town->id, ...$brief])->refresh();
        (new AddParts())->row($job, Scenario::class, 's', ['name' => 'Usual day', 'sizing' => true]);
        // Opened before anything was noted at it.
        $job->forceFill(['created_at' => CarbonImmutable::now()->subDays(self::OPENED_DAYS)])->saveQuietly();

        return $job;
    }

    /**
     * @param array<string, mixed> $data
     *
     * @return list<Part>
     */
    private function found(Job $job, string $name, int $count, string $place, array $data = [], Fate $fate = Fate::Keep, string $role = 'house'): array
    {
        return $this->act(function () use ($job, $name, $count, $place, $data, $fate, $role): array {
            $library = $this->library($name);

            return (new AddParts())($job, $library->kind, ['make' => $library->make, 'model' => $library->model, 'place' => $place, 'role' => $role], [...$library->data, ...$data], $count, $fate);
        });
    }

    /**
     * @param array<string, string> $common
     * @param array<string, mixed> $data
     *
     * @return list<Part>
     */
    private function planned(Job $job, string $name, int $count, string $place, array $common = [], array $data = []): array
    {
        return $this->act(function () use ($job, $name, $count, $place, $common, $data): array {
            $library = $this->library($name);

            return (new AddParts())($job, $library->kind, ['make' => $library->make, 'model' => $library->model, 'place' => $place, ...$common], [...$library->data, ...$data], $count, Fate::Add);
        });
    }

    /**
     * @param array<string, string> $common
     * @param array<string, mixed> $data
     */
    private function add(Job $job, string $kind, array $common, array $data, Fate $fate): Part
    {
        return (new AddParts())($job, PartKind::from($kind), $common, $data, 1, $fate)[0];
    }

    private function bank(Job $job, string $name, int $count): void
    {
        $this->act(function () use ($job, $name, $count): void {
            app(ApplyChanges::class)($job, Chosen::bank(Studies::of($job)->system, $this->library($name)->asPart(), $count));
        });
    }

    /**
     * @param array{int, int} $takeoffs
     */
    private function join(Job $job, array $takeoffs, float $mm2, float $linkM, float $leadM): void
    {
        $this->act(static function () use ($job, $takeoffs, $mm2, $linkM, $leadM): void {
            app(ApplyChanges::class)($job, BankWiring::changes(Studies::of($job->refresh()), Layout::Across, $takeoffs, $mm2, $linkM, $leadM));
        });
    }

    private function library(string $name): LibraryPart
    {
        [$make, $model] = explode(' ', $name, 2);

        return LibraryPart::query()->where('make', $make)->where('model', $model)->firstOrFail();
    }

    private function wire(Job $job, string $from, string $to, float $mm2, float $metres, string $protectedBy = '', Fate $fate = Fate::Add): void
    {
        (new AddParts())->row($job, Conductor::class, 'c', ['from_terminal' => $from, 'to_terminal' => $to, 'fate' => $fate, 'size_mm2' => $mm2, 'length_m' => $metres, 'insulation_c' => 90.0, 'protected_by' => $protectedBy]);
    }

    /**
     * @param list<array{0: string, 1: string, 2: int, 3: string, 4: int, 5: int, 6?: ?int, 7?: int}> $rows name, side, watts, hours, duty, standby, surge, quantity
     */
    private function loads(Job $job, array $rows): void
    {
        $this->act(function () use ($job, $rows): void {
            $scenario = $job->scenarios()->firstOrFail()->uid;
            foreach ($rows as $row) {
                (new AddParts())->row($job, Appliance::class, 'a', [
                    'name' => $row[0], 'side' => $row[1], 'watts' => $row[2], 'hours' => [$scenario => HoursText::parse($row[3])], 'duty_pct' => $row[4], 'standby_w' => $row[5], 'surge_w' => $row[6] ?? null, 'quantity' => $row[7] ?? 1,
                ]);
            }
        });
    }

    /**
     * A balance session of all batteries of the plan.
     *
     * @param list<array{name: string, amps: float}> $chargers
     */
    private function session(Job $job, Protocol $protocol, CarbonImmutable $at, array $chargers): BalanceSession
    {
        $session = new BalanceSession(['protocol' => $protocol, 'link_ohm' => 2.0 * BankDrawing::ohm(35.0, 0.5), 'lead_a' => 150.0, 'chargers' => $chargers, 'started_at' => $at]);
        $session->forceFill(['job_id' => $job->id])->save();
        foreach (JobReader::read($job->fresh() ?? $job)->planned()->houseBatteries() as $battery) {
            $session->balanceBatteries()->create(['part_uid' => $battery->uid, 'step' => BalanceStep::Waiting, 'since' => $at]);
        }

        return $session->refresh();
    }

    /** A session that passed says of which batteries. */
    private function covered(BalanceSession $session): void
    {
        foreach ($session->balanceBatteries()->get() as $row) {
            $row->update(['serial' => Part::query()->where('job_id', $session->job_id)->where('uid', $row->part_uid)->value('serial')]);
        }
    }

    /**
     * What a battery of the simulated bench would have read: on delivery, then in each step, begun so many hours ago.
     *
     * @param list<array{BalanceStep, float, string, ?float}> $steps step, hours ago, charger and its A
     */
    private function benchLog(BalanceSession $session, int $k, int $seed, array $steps, CarbonImmutable $now): void
    {
        [$row, $subject] = $this->subject($session, $k);
        $battery = BenchBattery::hidden($seed, $subject->cells);
        $this->reading($session, $k, $session->started_at->toImmutable()->addMinutes(10 + 4 * $k), $battery->read($subject, (float) $k), BalanceStep::Waiting);
        foreach ($steps as $i => [$step, $hours, $charger, $amps]) {
            $at = $now->subMinutes((int) (60 * $hours));
            $until = isset($steps[$i + 1]) ? $now->subMinutes((int) (60 * $steps[$i + 1][1])) : $now;
            $row->update(['step' => $step, 'since' => $at, 'charger' => $charger === '' ? $row->charger : $charger, 'charger_a' => $amps ?? $row->charger_a]);
            while ($at < $until) {
                $battery = $battery->advanced($subject, $row->refresh()->step, 1200.0, BenchCharger::Mains, $row->charger_a ?? 30.0, (float) $at->getTimestamp());
                $at = $at->addMinutes(20);
                if ($at <= $now) {
                    $this->reading($session, $k, $at, $battery->read($subject, (float) $at->getTimestamp()), $row->step);
                }
            }
        }
    }

    /**
     * @return array{BalanceBattery, Subject} the n-th battery of a session, as it stands now
     */
    private function subject(BalanceSession $session, int $k): array
    {
        $row = $session->balanceBatteries()->skip($k)->firstOrFail()->setRelation('session', $session);
        $part = Part::query()->where('job_id', $session->job_id)->where('uid', $row->part_uid)->firstOrFail();

        return [$row, Subject::of($row->part_uid, DataSheet::of($part->kind, $part->data), $session->protocol)];
    }

    private function reading(BalanceSession $session, int $k, CarbonImmutable $at, BatteryReading $reading, BalanceStep $step): void
    {
        [$row, $subject] = $this->subject($session, $k);
        if ($row->step !== $step && $row->step !== BalanceStep::Absorbing) {
            $row->update(['step' => $step, 'since' => $at]);
        }
        (new LogReading())($row, $subject, $at, $reading, 'hand', 'Jona Sund');
    }

    /**
     * @param array<string, string> $values by parameter
     */
    private function asSet(Job $job, Part $part, array $values): void
    {
        foreach ($values as $parameter => $value) {
            $row = new Setting(['part_uid' => $part->uid, 'parameter' => $parameter, 'as_set' => $value, 'entered_by' => 'Jona Sund', 'entered_at' => '2026-11-19T13:20:00Z']);
            $row->job()->associate($job);
            $row->save();
        }
    }

    /**
     * @param list<Part> $parts
     */
    private function setAll(Job $job, array $parts): void
    {
        $this->act(function () use ($job, $parts): void {
            $uids = array_map(static fn(Part $p): string => $p->uid, $parts);
            foreach (Study::of(JobReader::read($job->fresh() ?? $job))->assessment()->study->settings()->devices as $device) {
                if (in_array($device['part']->uid, $uids, true)) {
                    $values = [];
                    foreach ($device['rows'] as $row) {
                        $values[$row->parameter->value] = $row->planned()->text();
                    }
                    $this->asSet($job, $job->parts()->where('uid', $device['part']->uid)->firstOrFail(), $values);
                }
            }
        });
    }

    private function answerAll(Job $job, string $reason): void
    {
        foreach (Study::of(JobReader::read($job->fresh() ?? $job))->assessment()->verdicts as $verdict) {
            $answer = new Answer(['finding' => $verdict->finding->key(), 'fingerprint' => $verdict->finding->fingerprint(), 'answer' => 'accepted', 'reason' => $reason, 'answered_by' => 'Torvald Eik', 'answered_at' => '2026-10-09T08:05:00Z']);
            $answer->job()->associate($job);
            $answer->save();
        }
    }

    /**
     * @param list<string> $lines of a name plate
     */
    private function picture(Part $part, array $lines, string $caption): void
    {
        $image = imagecreatetruecolor(640, 400);
        imagefill($image, 0, 0, (int) imagecolorallocate($image, 84, 92, 94));
        imagefilledrectangle($image, 50, 60, 590, 340, (int) imagecolorallocate($image, 226, 228, 222));
        $small = imagecreatetruecolor(240, max(1, 14 * count($lines)));
        imagefill($small, 0, 0, (int) imagecolorallocate($small, 226, 228, 222));
        foreach ($lines as $i => $line) {
            imagestring($small, 3, 4, 14 * $i, $line, (int) imagecolorallocate($small, 29, 40, 43));
        }
        imagecopyresized($image, $small, 70, 110, 0, 0, 500, 60 * count($lines), 240, 14 * count($lines));
        ob_start();
        imagepng($image);
        PhotoStore::keep($part, (string) ob_get_clean(), $caption);
    }

    /** The trailer's roof as seen from the net loft's gallery: 5.6 m of yard across. */
    private function roofFromAbove(Part $panel): void
    {
        [$image, $metre] = [imagecreatetruecolor(1120, 520), 200.0];
        $paint = static fn(int $r, int $g, int $b): int => ($r << 16) + ($g << 8) + $b;
        imagefill($image, 0, 0, $paint(96, 100, 98));
        $box = static function (float $x, float $y, float $l, float $w, int $colour) use ($image, $metre): void {
            imagefilledrectangle($image, (int) ((0.35 + $x) * $metre), (int) ((0.25 + $y) * $metre), (int) ((0.35 + $x + $l) * $metre), (int) ((0.25 + $y + $w) * $metre), $colour);
        };
        $box(0.0, 0.0, 4.9, 2.1, $paint(214, 214, 206));
        foreach ([0.7, 1.4, 2.1, 2.8, 3.5, 4.2] as $rib) {
            $box($rib, 0.0, 0.01, 2.1, $paint(196, 197, 190));
        }
        $box(1.5, 0.8, 0.5, 0.5, $paint(150, 164, 166));
        $box(3.9, 0.4, 0.3, 0.3, $paint(168, 168, 160));
        $box(0.0, 0.0, 4.9, 0.04, $paint(120, 122, 120));
        ob_start();
        imagepng($image);
        PhotoStore::keep($panel, (string) ob_get_clean(), 'from the gallery', null, 'roof');
    }

    /**
     * What somebody does in one go is one act in the history.
     *
     * @template T
     *
     * @param callable(): T $do
     *
     * @return T
     */
    private function act(callable $do): mixed
    {
        LogBatch::startBatch();
        try {
            return $do();
        } finally {
            LogBatch::endBatch();
        }
    }
}
