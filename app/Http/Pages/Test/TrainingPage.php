<?php

declare(strict_types=1);

namespace App\Http\Pages\Test;

use App\Http\Requests\Test\TrainingQuery;
use App\Http\Workbench;
use Pebblefell\Joint\Drop;
use Pebblefell\Stage\Test\DeviceWay;
use Pebblefell\Stage\Test\Practice;
use Pebblefell\System\Part;

/** The hunt for a bad joint, learnt on this vehicle as it is planned, with a joint that is bad in secret. Nothing of it is kept. */
final readonly class TrainingPage
{
    public ?DeviceWay $way;

    private ?Practice $vehicle;

    public int $seed;

    /** @var list<array{int, int}> */
    private array $measured;

    public function __construct(private Workbench $bench, private TrainingQuery $asked)
    {
        $ways = array_filter(DeviceWay::all($bench->study), static fn(DeviceWay $w): bool => count($w->pieces) >= 3);
        $chosen = array_values(array_filter($ways, static fn(DeviceWay $w): bool => $w->part->uid === $asked->asked('way')));
        $this->way = $chosen[0] ?? array_values($ways)[0] ?? null;
        $this->seed = $asked->seed() ?? random_int(1, 99_999_999);
        // What is bad cannot be read off the address.
        $secret = crc32(hash_hmac('sha256', "{$bench->job->id} {$this->way?->part->uid} $this->seed", (string) config('app.key')));
        $this->vehicle = $this->way === null ? null : Practice::of($this->way->chain, $secret, $this->apart());
        $way = $this->way;
        $this->measured = $way === null ? [] : array_values(array_filter($asked->measured(), fn(array $m): bool => $this->spans($way, $m)));
    }

    /** A that flow while one measures. */
    public function amps(): float
    {
        return Practice::loadA($this->way?->part->data->number('continuous_w'), $this->bench->study->system->vehicle->systemV);
    }

    /**
     * Pieces by their place: where the meter spans one of them.
     *
     * @return list<array{k: int, says: string, url: string, isMeasured: bool}>
     */
    public function pieces(): array
    {
        $pieces = [];
        foreach ($this->way->pieces ?? [] as $k => $piece) {
            if ($k !== $this->apart()) {
                $pieces[] = [
                    'k' => $k, 'says' => $this->piece($k), 'url' => $this->url(['named' => (string) $k]),
                    'isMeasured' => in_array([$k, $k + 1], $this->measured, true),
                ];
            }
        }

        return $pieces;
    }

    /**
     * @return array<int, string> points by their place
     */
    public function points(): array
    {
        $says = [];
        foreach ($this->way->points ?? [] as $k => $point) {
            $part = $this->bench->study->planned()->parts[$point->uid];
            $says[$k] = ($k + 1) . '. ' . $this->bench->say->onePart($part) . ', '
                . $this->bench->say->terminal($part->kind, $point->terminal);
        }

        return $says;
    }

    /**
     * @return list<array{from: string, to: string, read: Drop, promised: float}>
     */
    public function readings(): array
    {
        $points = $this->points();

        return array_map(fn(array $m): array => [
            'from' => $points[$m[0]], 'to' => $points[$m[1]],
            'read' => $this->read($m), 'promised' => ($this->way?->chain->expectedOhm($m[0], $m[1]) ?? 0.0) * $this->amps(),
        ], $this->measured);
    }

    /** The first reading is over the whole way out. */
    public function wholeTo(): string
    {
        return (string) ($this->apart() ?? count($this->way->points ?? []) - 1);
    }

    /** Nothing is named yet: the secret is kept. */
    public function isOpen(): bool
    {
        return $this->asked->asked('named') === '';
    }

    public function isRight(): bool
    {
        return $this->asked->asked('named') === ($this->vehicle?->bad === null ? 'none' : (string) $this->vehicle->bad);
    }

    /** Returns what it was, and how many measurements it took whom. */
    public function told(): string
    {
        $bad = $this->vehicle?->bad;
        $par = $this->vehicle?->par($this->amps(), $this->apart())['count'] ?? 0;
        $count = count($this->measured);

        return ($bad === null ? 'None was bad.' : 'It was ' . $this->piece($bad) . '.') . " You measured $count "
            . ($count === 1 ? 'time' : 'times')
            . "; who halves the suspicion each time needs $par.";
    }

    /**
     * @param array<string, string> $with
     */
    public function url(array $with = [], bool $new = false): string
    {
        return route('test.training', [
            $this->bench->job, 'way' => $this->way?->part->uid, ...($new ? [] : ['seed' => $this->seed, 'm' => $this->pairs()]), ...$with,
        ]);
    }

    /**
     * @return list<string> as the address has them
     */
    public function pairs(): array
    {
        return array_map(static fn(array $m): string => "$m[0]-$m[1]", $this->measured);
    }

    /**
     * @return array<string, string> ways that may be practised on, by the uid of the device at their end
     */
    public function ways(): array
    {
        $ways = array_filter(DeviceWay::all($this->bench->study), static fn(DeviceWay $w): bool => count($w->pieces) >= 3);

        return array_combine(
            array_map(static fn(DeviceWay $w): string => $w->part->uid, $ways),
            array_map(fn(DeviceWay $w): string => $this->bench->say->onePart($w->part), $ways),
        );
    }

    /**
     * @param array{int, int} $m
     */
    private function read(array $m): Drop
    {
        assert($this->vehicle !== null);

        return $this->vehicle->reads($m[0], $m[1], $this->amps());
    }

    private function piece(int $k): string
    {
        $piece = $this->way->pieces[$k] ?? null;
        $points = $this->points();

        return $piece instanceof Part
            ? $this->bench->say->onePart($piece)
            : 'the lead from ' . ($points[$k] ?? '') . ' to ' . ($points[$k + 1] ?? '');
    }

    /** Place of the device, between the way out and the way back; null without a way back. */
    private function apart(): ?int
    {
        return $this->way?->hasBack() === true ? $this->way->device : null;
    }

    /**
     * No meter spans the device itself.
     *
     * @param array{int, int} $m
     */
    private function spans(DeviceWay $way, array $m): bool
    {
        $apart = $this->apart();

        return $m[1] < count($way->points) && ($apart === null || $m[0] > $apart || $m[1] <= $apart);
    }
}
