<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Logs\TakeInLog;
use App\Models\Job;
use App\Models\LogColumns;
use App\Models\LogFile;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** A monitor's log: sent, read, summed as its own integral says, and never read twice. */
final class LogTest extends TestCase
{
    /** A bench of its own: two sines of amps at steady volts, a reading a minute; its integral is known. */
    private static function bench(int $days, string $separator = ',', bool $outPositive = false): string
    {
        $lines = [implode($separator, ['Date/Time', 'Battery voltage (V)', 'Battery current (A)', 'SOC %'])];
        for ($m = 0; $m < $days * 1440; ++$m) {
            $amps = 10.0 * sin(2.0 * M_PI * $m / 1440.0) * ($outPositive ? -1.0 : 1.0);
            $cells = [
                gmdate('Y-m-d H:i:s', 1_780_272_000 + 60 * $m), '13.2', sprintf('%.4f', $amps),
                sprintf('%.1f', 70.0 - 20.0 * cos(2.0 * M_PI * $m / 1440.0)),
            ];
            $lines[] = implode($separator, $separator === ';' ? str_replace('.', ',', $cells) : $cells);
        }

        return implode("\n", $lines) . "\n";
    }

    private function sent(Job $job, string $text, string $name = 'season.csv'): LogFile
    {
        $this->post("/jobs/$job->id/logs", ['log' => UploadedFile::fake()->createWithContent($name, $text)])->assertSessionHasNoErrors();

        return LogFile::query()->latest('id')->firstOrFail();
    }

    /** 10 A sine at 13.2 V: half a day in is 10 · 24/π · 13.2 Wh, the other half out. */
    #[DataProvider('forms')]
    public function testItsSumsAreItsIntegral(string $separator, bool $outPositive): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $log = $this->sent($job, self::bench(4, $separator, $outPositive));
        $this->get("/jobs/$job->id/logs/$log->id")->assertOk()->assertSee('Which column is which?')->assertSee('Battery voltage (V)');
        $this->put(
            "/jobs/$job->id/logs/$log->id",
            ['lock_version' => 1, 'time' => 'SOC %', 'volts' => 'SOC %'],
        )->assertSessionHasErrors('time');
        $this->put("/jobs/$job->id/logs/$log->id", ['lock_version' => 1, 'time' => 'nothing'])->assertSessionHasErrors('time');
        $this->put(
            "/jobs/$job->id/logs/$log->id",
            [
                'lock_version' => 1, 'time' => 'Date/Time', 'volts' => 'Battery voltage (V)', 'amps' => 'Battery current (A)',
                'charge' => 'SOC %', 'out_is_positive' => $outPositive ? '1' : '0',
            ],
        )->assertSessionHasNoErrors();
        TakeInLog::goOn($log->refresh());
        self::assertSame([4 * 1440, 0, 100], [$log->rows, $log->refused, $log->percent()]);
        $wh = 10.0 * 24.0 / M_PI * 13.2;
        foreach (array_slice($log->days ?? [], 0, 3) as $day) {
            self::assertEqualsWithDelta($wh, $day['in_wh'], 0.002 * $wh);
            self::assertEqualsWithDelta($wh, $day['out_wh'], 0.002 * $wh);
            self::assertEquals([50.0, 90.0, 24.0], [$day['low_pct'], $day['high_pct'], $day['hours']]);
        }
        $this->get(
            "/jobs/$job->id/logs/$log->id?from=" . (array_column($log->days ?? [], 'day')[1] ?? ''),
        )->assertOk()->assertSee('4 days')->assertSee('wider');
        $this->get("/jobs/$job->id/logs/$log->id?from=tomorrow")->assertStatus(422);
        // The next one with the same columns knows them, also in another encoding.
        $next = $this->sent(
            $job,
            "\xFF\xFE" . mb_convert_encoding(self::bench(1, $separator, $outPositive), 'UTF-16LE', 'UTF-8'),
            'next.csv',
        );
        $this->get("/jobs/$job->id/logs/$next->id")->assertSee('<option value="Battery current (A)" selected>', false);
    }

    /**
     * @return iterable<string, array{string, bool}>
     */
    public static function forms(): iterable
    {
        yield 'as the standard has it' => [',', false];
        yield 'as a German spreadsheet saves it' => [';', false];
        yield 'out counted as positive' => ["\t", true];
    }

    /** A reader that dies in the middle of a piece leaves nothing of it; the next one goes on, and every row is there once. */
    public function testAKilledReaderLeavesNoRowTwice(): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $log = $this->sent($job, self::bench(30));
        $log->forceFill(['columns' => LogColumns::guess($log->header)])->save();
        $deaths = 0;
        DB::listen(static function ($query) use (&$deaths): void {
            if (str_starts_with($query->sql, 'INSERT INTO log_rows') && ++$deaths % 4 === 0 && $deaths < 40) {
                throw new RuntimeException('killed');
            }
        });
        for ($k = 0; $k < 60 && !$log->refresh()->isRead(); ++$k) {
            try {
                TakeInLog::goOn($log, 0.001);
            } catch (RuntimeException) {
                // Another takes over.
            }
        }
        self::assertGreaterThan(4, $deaths);
        self::assertTrue($log->isRead());
        self::assertSame(30 * 1440, $log->rows);
        self::assertSame(
            [30 * 1440, 30 * 1440, 30 * 1440],
            array_map(
                intval(...),
                array_values(
                    (array) DB::selectOne(
                        'SELECT COUNT(*) a, COUNT(DISTINCT n) b, COUNT(DISTINCT at) c FROM log_rows WHERE log_file_id = ?',
                        [$log->id],
                    ),
                ),
            ),
        );
    }

    public function testObjectsALineAndWhatCannotBeRead(): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $this->post(
            "/jobs/$job->id/logs",
            ['log' => UploadedFile::fake()->createWithContent('x.csv', "only one column\n1\n")],
        )->assertSessionHasErrors('log');
        $log = $this->sent($job, implode("\n", [
            '{"ts":1780272000,"voltage":13.1,"current":-5}', '{"ts":1780272060,"voltage":13.1,"current":-5}', 'not an object',
            '{"ts":"some day","voltage":13}', '',
        ]), 'log.jsonl');
        self::assertSame(['time' => 'ts', 'volts' => 'voltage', 'amps' => 'current'], LogColumns::guess($log->header));
        $log->forceFill(['columns' => LogColumns::guess($log->header)])->save();
        TakeInLog::goOn($log);
        self::assertSame([2, 2, 'line 3'], [$log->rows, $log->refused, $log->first_fault]);
        $this->get("/jobs/$job->id/logs/$log->id")->assertOk()->assertSee('2 lines refused');
        // Empty lines are lines; what is no reading, or lies decades away, is refused and counted; so is a line without end.
        $odd = $this->sent($job, implode("\n", [
            'Time,Volts', '', '', '2026-11-01 10:00:00,13', '2026-11-01 10:75:00,13', 'now,13', '2026-11-01 10:05:00,999999',
            str_repeat('x', 3_000_000), '', '2026-11-01 10:10:00,13.1', '2055-01-01 00:00:00,13',
        ]), 'odd.csv');
        $odd->forceFill(['columns' => ['time' => 'Time', 'volts' => 'Volts']])->save();
        TakeInLog::goOn($odd);
        self::assertTrue($odd->refresh()->isRead());
        self::assertSame([2, 5, 'line 5'], [$odd->rows, $odd->refused, $odd->first_fault]);
        $this->delete("/jobs/$job->id/logs/$log->id", ['lock_version' => 1])->assertSessionHasNoErrors();
        self::assertSame(2, DB::table('log_rows')->count());
        Storage::disk('private')->assertMissing($log->path);
    }
}
