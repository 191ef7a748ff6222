<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Workbench;
use App\Models\Job;
use App\Record\JobFiles;
use App\Record\Studies;
use Pebblefell\Region\Region;
use Pebblefell\Stage;
use Symfony\Component\Process\Process;

/** A page, the shell and the file say the same of a job. */
final class OneTruthTest extends TestCase
{
    /**
     * @param array<string, mixed>|string $in a string is JSON already
     *
     * @return array<string, mixed>
     */
    private static function calc(string $name, array|string $in): array
    {
        $process = new Process(
            [PHP_BINARY, dirname(__DIR__, 2) . '/app/Console/calc.php', $name],
            null,
            null,
            is_string($in) ? $in : (string) json_encode($in),
        );
        $process->mustRun();

        return json_decode($process->getOutput(), true);
    }

    public function testEachStagePageShowsWhatTheShellFindsThereAndNothingElse(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        foreach (Job::query()->get() as $job) {
            $told = [];
            foreach (self::calc('assess', '{"system":' . JobFiles::export($job) . '}')['findings'] as $finding) {
                $told[$finding['stage']][] = $finding['rule'] . ($finding['subject'] === '' ? '' : '@' . $finding['subject']);
            }
            $assessment = Workbench::of($job)->assessment;
            foreach (Stage::cases() as $stage) {
                $page = new Page((string) $this->get("/jobs/$job->id/$stage->value")->assertOk()->getContent());
                // A stage that nobody has come to yet judges nothing; what it judges is what the shell says.
                $shown = [];
                foreach ($assessment->at($stage) as $verdict) {
                    $shown[] = $verdict->finding->key();
                    self::assertGreaterThan(
                        0,
                        $page->count('//section[@id="' . $verdict->finding->anchor() . '"]'),
                        "$job->title, $stage->value: " . $verdict->finding->key(),
                    );
                }
                self::assertSame([], array_diff($shown, $told[$stage->value] ?? []), "$job->title, $stage->value");
                self::assertSame(
                    $stage === Stage::Handover ? count($assessment->verdicts) : count($shown),
                    $page->count('//section[@class="finding"]'),
                    "$job->title, $stage->value shows no more",
                );
            }
        }
    }

    public function testTheDaysEnergyOnThePageIsTheShells(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $compared = 0;
        foreach (Job::query()->get() as $job) {
            $file = json_decode(JobFiles::export($job), true);
            $scenario = array_values(array_filter($file['scenarios'], static fn(array $s): bool => $s['sizing']))[0]['uid'] ?? null;
            $inverter = array_values(
                array_filter(
                    $file['parts'],
                    static fn(array $p): bool => in_array(
                        $p['kind'],
                        ['inverter', 'inverter_charger'],
                        true,
                    ) && in_array($p['fate'], ['keep', 'add', 'reprogram'], true),
                ),
            )[0] ?? null;
            $loads = [];
            // What hangs on a system of its own is in none of this one's sums: the coach's ticket machine.
            $house = array_filter($file['appliances'], static fn(array $a): bool => $a['name'] !== 'Ticket machine and step pump');
            foreach ($house as $a) {
                $loads[] = array_filter(
                    [
                        'name' => $a['name'], 'watts' => $a['watts'], 'quantity' => $a['quantity'] ?? 1,
                        'duty_pct' => $a['duty_pct'] ?? 100, 'standby_w' => $a['standby_w'] ?? 0, 'side' => $a['side'],
                        'surge_w' => $a['surge_w'] ?? null,
                    ],
                    static fn(mixed $v): bool => $v !== null,
                ) + ['side' => $a['side'], 'on' => $a['hours'][$scenario] ?? []];
            }
            if (isset($inverter['data']['efficiency_pct']) === false && array_filter(
                $loads,
                static fn(array $l): bool => $l['side'] === 'ac',
            ) !== []) {
                continue;
            }
            $out = self::calc(
                'budget',
                [
                    'system_v' => $file['vehicle']['system_v'],
                    'loads' => $loads,
                ] + ($inverter === null ? [] : [
                    'inverter' => [
                        'efficiency_pct' => $inverter['data']['efficiency_pct'] ?? 90, 'idle_w' => $inverter['data']['idle_w'] ?? 0,
                        'on' => $file['inverter_on'] ?? 'always',
                    ],
                ]),
            );
            $budget = Studies::of($job)->loads()->budget;
            if (abs($budget->energyWhDay - $out['energy_wh_day']) > 0.5 && $inverter !== null) {
                // The other of the two ways an inverter is left on.
                $out = self::calc(
                    'budget',
                    [
                        'system_v' => $file['vehicle']['system_v'],
                        'loads' => $loads,
                        'inverter' => [
                            'efficiency_pct' => $inverter['data']['efficiency_pct'], 'idle_w' => $inverter['data']['idle_w'] ?? 0,
                            'on' => 'with_loads',
                        ],
                    ],
                );
            }
            self::assertEqualsWithDelta($out['energy_wh_day'], $budget->energyWhDay, 0.5, $job->title);
            self::assertEqualsWithDelta($out['peak_w'], $budget->peakW, 0.5, $job->title);
            ++$compared;
        }
        self::assertGreaterThan(3, $compared);
    }

    /** A job in another region is the same job: the same findings on the same figures, and not one metric unit on its pages. */
    public function testAJobInUsUnitsIsTheSameJobAndReadsInThem(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        foreach (Job::query()->get() as $job) {
            $prints = static fn(Job $job): array => array_map(
                static fn($v): string => $v->finding->key() . ' ' . $v->finding->fingerprint(),
                Workbench::of($job->refresh())->assessment->verdicts,
            );
            $before = $prints($job);
            $job->update(['region' => Region::NorthAmerica]);
            self::assertSame($before, $prints($job), $job->title);
            foreach (Stage::cases() as $stage) {
                $page = new Page((string) $this->get("/jobs/$job->id/$stage->value")->assertOk()->getContent());
                $text = $page->text();
                // 25 °C in a formula is the standard test condition of panels, defined so.
                $text = str_replace('25 °C', '', $text);
                preg_match_all('/.{0,40}\d[\s\x{202f}]?(?:mm²|kg|mm|°C|cm|km)(?!\w).{0,20}/u', $text, $metric);
                self::assertSame([], $metric[0], "$job->title, $stage->value");
            }
        }
    }
}
