<?php

declare(strict_types=1);

namespace App\Http\Pages\Test;

use App\Http\Requests\Test\VehicleQuery;
use App\Http\Workbench;
use App\Models\Job;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Test\Proof;
use Pebblefell\Stage\Test\ProofCircuit;
use Pebblefell\Stage\Test\SimulatedVehicle;
use Pebblefell\Stage\Ticks;

/**
 * The ten-minute proof learnt on this vehicle as it is planned, with a loose lug, a tired battery or a dead sensor in it in secret. Nothing
 * of it is kept.
 *
 * @phpstan-import-type Asked from ProofCircuit
 */
final readonly class VehiclePage
{
    public ?SimulatedVehicle $vehicle;

    public int $seed;

    /** @var list<string> */
    private array $read;

    private ProofPage $proof;

    public function __construct(private Workbench $bench, private VehicleQuery $asked)
    {
        $this->seed = $asked->seed() ?? random_int(1, 99_999_999);
        $this->vehicle = SimulatedVehicle::of($bench->study, self::secret($bench->job, $this->seed));
        $known = [...array_keys($this->vehicle?->readings() ?? []), SimulatedVehicle::SENSOR];
        $this->read = array_values(array_intersect($asked->read(), $known));
        $ticks = [];
        foreach ($this->vehicle?->readings() ?? [] as $step => ['value' => $value, 'amps' => $amps]) {
            if (in_array($step, $this->read, true)) {
                $ticks[] = new NotedTick($step, NotedTick::DONE, $value, amps: $amps);
            }
        }
        $this->proof = new ProofPage($bench, Proof::of($bench->study, Ticks::of($ticks)));
    }

    /** Hides the seed, so that what is bad cannot be read off the address. */
    public static function secret(Job $job, int $seed): int
    {
        return crc32(hash_hmac('sha256', "vehicle $job->id $seed", (string) config('app.key')));
    }

    /**
     * Readings that can be taken, by what is switched on before them.
     *
     * @return list<array{title: string, rows: list<array{says: string, step: string, read: string, promised: string}>}>
     */
    public function steps(): array
    {
        return array_map(fn(array $step): array => [
            'title' => $step['title'],
            'rows' => array_map(fn(array $ask): array => [
                'says' => $this->proof->asks($ask), 'step' => $ask['step'], 'read' => $this->proof->reading($ask),
                'promised' => $this->proof->promised($ask),
            ], $step['asks']),
        ], $this->proof->steps());
    }

    /** "14.2 °C, and 27 °C after five minutes"; '' while nobody has laid a hand about it. */
    public function sensor(): string
    {
        [$before, $after] = $this->vehicle?->sensorC() ?? [0.0, 0.0];

        return in_array(SimulatedVehicle::SENSOR, $this->read, true) ? $this->bench->say->word('tests.training.sensor', [
            'before' => $this->bench->show->text($before, '°C', 1), 'after' => $this->bench->show->text($after, '°C', 1),
        ]) : '';
    }

    /**
     * @return list<array{says: string, url: string}> what can be named
     */
    public function names(): array
    {
        $names = [];
        foreach ($this->vehicle->pieces ?? [] as $k => $piece) {
            $names[] = ['says' => $this->proof->piece($piece), 'url' => $this->url(['named' => (string) $k])];
        }

        return [
            ...$names,
            ['says' => $this->bench->say->word('tests.training.the-sensor'), 'url' => $this->url(['named' => SimulatedVehicle::SENSOR])],
            ['says' => $this->bench->say->word('tests.training.nothing'), 'url' => $this->url(['named' => SimulatedVehicle::NONE])],
        ];
    }

    public function isOpen(): bool
    {
        return $this->asked->asked('named') === '';
    }

    public function isRight(): bool
    {
        return $this->asked->asked('named') === $this->vehicle?->bad;
    }

    /** Returns what it was, how many readings it took whom, and what the readings that were taken say by least squares. */
    public function told(): string
    {
        $bad = (string) $this->vehicle?->bad;
        $was = match ($bad) {
            SimulatedVehicle::SENSOR => $this->bench->say->word('tests.training.was-sensor'),
            SimulatedVehicle::NONE => $this->bench->say->word('tests.training.was-nothing'),
            default => $this->bench->say->word(
                'tests.training.was',
                ['piece' => isset($this->vehicle->pieces[(int) $bad]) ? $this->proof->piece($this->vehicle->pieces[(int) $bad]) : ''],
            ),
        };

        return $was . ' ' . $this->bench->say->word(
            'tests.training.count',
            ['yours' => count($this->read), 'par' => (int) $this->vehicle?->par()],
        );
    }

    public function says(): string
    {
        return $this->read === [] ? '' : $this->proof->answer();
    }

    /**
     * @return list<string>
     */
    public function taken(): array
    {
        return $this->read;
    }

    /**
     * @param array<string, string> $with
     */
    public function url(array $with = [], bool $new = false): string
    {
        return route('test.vehicle', [$this->bench->job, ...($new ? [] : ['seed' => $this->seed, 'r' => $this->read]), ...$with]);
    }
}
