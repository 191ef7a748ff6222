<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Balance\ReadingIntake;
use App\Models\BalanceSession;
use App\Models\Job;
use App\Record\Studies;
use App\Record\YardWaits;
use App\Schema\SchemaCheck;
use App\Words\Lexicon;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Pebblefell\Balance\BatteryReading;
use Pebblefell\Exception\InvalidValue;
use Throwable;

/** Readings of a real instrument, as JSON lines from standard input, into the open balance session of a job. See docs/instruments.md. */
final class FeedReadings extends Command
{
    /** One line; see docs/instruments.md. */
    private const SCHEMA = [
        'type' => 'object',
        'properties' => [
            'battery' => ['type' => ['string', 'integer']],
            'at' => ['type' => 'string', 'minLength' => 1],
            'volts' => ['type' => 'number'],
            'amps' => ['type' => ['number', 'null']],
            'celsius' => ['type' => ['number', 'null']],
            'cells' => ['type' => ['array', 'null'], 'items' => ['type' => 'number'], 'minItems' => 1],
            'id' => ['type' => ['string', 'null'], 'pattern' => '^[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}$'],
        ],
        'required' => ['volts'],
        'additionalProperties' => false,
    ];

    protected $signature = 'pebblefell:feed {job : number of the job} {--sure : what would be asked about is so}'
        . ' {--as=instrument : who reads} {--file=php://stdin : read from}';

    protected $description = 'Feeds readings, one JSON object a line, into the open balance session of a job';

    public function handle(ReadingIntake $intake): int
    {
        $job = Job::query()->where('number', (string) $this->argument('job'))->first();
        $session = $job?->balanceSessions()->whereNull('ended_at')->latest('id')->first();
        if ($job === null || $session === null) {
            $this->error($job === null
                ? 'There is no job ' . $this->argument('job') . '.'
                : 'Job ' . $this->argument('job') . ' has no open balance session.');

            return self::INVALID;
        }
        $from = fopen((string) $this->option('file'), 'r');
        if ($from === false) {
            return self::INVALID;
        }
        [$line, $refused] = [0, 0];
        while (($text = fgets($from)) !== false) {
            ++$line;
            if (trim($text) === '') {
                continue;
            }
            try {
                $row = self::row($text);
                $new = DB::transaction(fn(): bool => $this->take($intake, Job::held($job->id), $session, $row));
                $this->line((string) json_encode(['line' => $line, 'kept' => true, 'new' => $new]));
            } catch (InvalidValue $e) {
                ++$refused;
                $this->line((string) json_encode(
                    ['line' => $line, 'kept' => false, 'path' => $e->path, 'message' => Lexicon::plain()->refusal($e)],
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                ));
            }
        }
        YardWaits::ofJob($job->id);

        return $refused === 0 ? self::SUCCESS : self::FAILURE;
    }

    /**
     * @param array{battery: string, at: CarbonImmutable, volts: float, amps: ?float, celsius: ?float, cells: ?list<float>,
     *     id: ?string} $row
     *
     * @throws InvalidValue
     */
    private function take(ReadingIntake $intake, Job $held, BalanceSession $session, array $row): bool
    {
        $system = Studies::of($held)->system;
        $battery = ReadingIntake::battery($session->refresh(), $system, $row['battery']);
        $at = $session->clock ?? $row['at'];

        return $intake->take(
            $battery,
            $system,
            $at,
            new BatteryReading((float) $at->getTimestamp(), $row['volts'], $row['amps'], $row['celsius'], $row['cells']),
            'feed',
            mb_substr((string) $this->option('as'), 0, 120),
            $row['id'],
            (bool) $this->option('sure'),
        );
    }

    /**
     * @return array{battery: string, at: CarbonImmutable, volts: float, amps: ?float, celsius: ?float, cells: ?list<float>, id: ?string}
     *
     * @throws InvalidValue
     */
    private static function row(string $text): array
    {
        $value = json_decode($text);
        if (!is_object($value)) {
            throw InvalidValue::at('', 'no-object');
        }
        foreach (SchemaCheck::faults($value, self::SCHEMA) as $fault) {
            throw InvalidValue::at($fault['path'], 'as-said', ['text' => $fault['message']]);
        }
        $a = (array) $value;
        try {
            $at = CarbonImmutable::parse($a['at'] ?? 'now', 'UTC');
        } catch (Throwable) {
            throw InvalidValue::at('/at', 'iso-8601');
        }

        return [
            'battery' => (string) ($a['battery'] ?? ''),
            'at' => $at,
            'volts' => (float) $a['volts'],
            'amps' => isset($a['amps']) ? (float) $a['amps'] : null,
            'celsius' => isset($a['celsius']) ? (float) $a['celsius'] : null,
            'cells' => isset($a['cells']) ? array_map(floatval(...), array_values($a['cells'])) : null,
            'id' => isset($a['id']) ? strtolower($a['id']) : null,
        ];
    }
}
