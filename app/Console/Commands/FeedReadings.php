<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Actions\Balance\ReadingIntake;
use App\Actions\Balance\Waits;
use App\Models\Job;
use App\Record\Studies;
use App\Schema\SchemaCheck;
use App\Words\Lexicon;
use Carbon\CarbonImmutable;
use Illuminate\Console\Command;
use Pebblefell\Balance\Reading;
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
        $system = Studies::of($job)->system;
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
                $new = $intake->take(
                    $battery,
                    $system,
                    $at,
                    new Reading((float) $at->getTimestamp(), $row['volts'], $row['amps'], $row['celsius'], $row['cells']),
                    'feed',
                    mb_substr((string) $this->option('as'), 0, 120),
                    $row['id'],
                    (bool) $this->option('sure'),
                );
                $this->line((string) json_encode(['line' => $line, 'kept' => true, 'new' => $new]));
            } catch (InvalidValue $e) {
                ++$refused;
                $this->line((string) json_encode(
                    ['line' => $line, 'kept' => false, 'path' => $e->path, 'message' => Lexicon::plain()->refusal($e)],
                    JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES,
                ));
            }
        }
        Waits::keep($session->refresh(), $system);

        return $refused === 0 ? self::SUCCESS : self::FAILURE;
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
            throw InvalidValue::at('', 'is not a JSON object');
        }
        foreach (SchemaCheck::faults($value, self::SCHEMA) as $fault) {
            throw InvalidValue::at($fault['path'], $fault['message']);
        }
        $a = (array) $value;
        try {
            $at = CarbonImmutable::parse($a['at'] ?? 'now', 'UTC');
        } catch (Throwable) {
            throw InvalidValue::at('/at', 'must be a date and time, ISO 8601');
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
