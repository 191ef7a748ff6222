<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Job;
use App\Support\ReadingIntake;
use App\Support\Workbench;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Pebblefell\Balance\Reading;
use Pebblefell\Exception\InvalidValue;
use Throwable;

/** Readings of a real instrument, as JSON lines from standard input, into the open balance session of a job. See docs/instruments.md. */
final class FeedReadings extends Command
{
    protected $signature = 'pebblefell:feed {job : number of the job} {--sure : what would be asked about is so} {--as=instrument : who reads} {--file=php://stdin : read from}';

    protected $description = 'Feeds readings, one JSON object a line, into the open balance session of a job';

    public function handle(ReadingIntake $intake): int
    {
        $job = Job::query()->where('number', (string) $this->argument('job'))->first();
        $session = $job?->balanceSessions()->whereNull('ended_at')->latest('id')->first();
        if ($job === null || $session === null) {
            $this->error($job === null ? 'There is no job ' . $this->argument('job') . '.' : 'Job ' . $this->argument('job') . ' has no open balance session.');

            return self::INVALID;
        }
        $from = fopen((string) $this->option('file'), 'r');
        if ($from === false) {
            return self::INVALID;
        }
        $system = Workbench::assessment($job)->sums->system;
        [$line, $refused] = [0, 0];
        while (($text = fgets($from)) !== false) {
            ++$line;
            if (trim($text) === '') {
                continue;
            }
            try {
                $row = self::row($text);
                $session->refresh();
                $battery = ReadingIntake::battery($session, $system, $row['battery']);
                $at = $session->clock ?? $row['at'];
                $new = $intake->take($battery, $system, $at, new Reading((float) $at->getTimestamp(), $row['volts'], $row['amps'], $row['celsius'], $row['cells']), 'feed', mb_substr((string) $this->option('as'), 0, 120), $row['id'], (bool) $this->option('sure'));
                $this->line((string) json_encode(['line' => $line, 'kept' => true, 'new' => $new]));
            } catch (InvalidValue $e) {
                ++$refused;
                $this->line((string) json_encode(['line' => $line, 'kept' => false, 'path' => $e->path, 'message' => $e->getMessage()], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
            }
        }

        return $refused === 0 ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @return array{battery: string, at: CarbonImmutable, volts: float, amps: ?float, celsius: ?float, cells: ?list<float>, id: ?string}
     *
     * @throws InvalidValue
     */
    private static function row(string $text): array
    {
        $a = json_decode($text, true);
        if (!is_array($a) || array_is_list($a)) {
            throw InvalidValue::at('', 'is not a JSON object');
        }
        $unknown = array_diff(array_keys($a), ['battery', 'at', 'volts', 'amps', 'celsius', 'cells', 'id']);
        if ($unknown !== []) {
            throw InvalidValue::at('/' . reset($unknown), 'is not a key of a reading');
        }
        $number = static fn(string $key): ?float => match (true) {
            !isset($a[$key]) => null,
            is_int($a[$key]) || is_float($a[$key]) => (float) $a[$key],
            default => throw InvalidValue::at('/' . $key, 'must be a number'),
        };
        $cells = $a['cells'] ?? null;
        if ($cells !== null && (!is_array($cells) || !array_is_list($cells) || $cells === [] || array_filter($cells, static fn($v): bool => !is_int($v) && !is_float($v)) !== [])) {
            throw InvalidValue::at('/cells', 'must be a list of volts');
        }
        $id = $a['id'] ?? null;
        if ($id !== null && (!is_string($id) || preg_match('/^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i', $id) !== 1)) {
            throw InvalidValue::at('/id', 'must be a UUID');
        }
        try {
            $at = CarbonImmutable::parse(is_string($a['at'] ?? null) ? $a['at'] : 'now', 'UTC');
        } catch (Throwable) {
            throw InvalidValue::at('/at', 'must be a date and time, ISO 8601');
        }

        return [
            'battery' => is_string($a['battery'] ?? null) || is_int($a['battery'] ?? null) ? (string) $a['battery'] : '',
            'at' => $at,
            'volts' => $number('volts') ?? throw InvalidValue::at('/volts', 'is needed'),
            'amps' => $number('amps'),
            'celsius' => $number('celsius'),
            'cells' => $cells === null ? null : array_map(floatval(...), $cells),
            'id' => $id === null ? null : strtolower($id),
        ];
    }
}
