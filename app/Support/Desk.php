<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Job;
use App\Models\LibraryPart;
use Closure;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Pebblefell\Sizing\Endurance;
use Pebblefell\Sizing\PvArray;
use Pebblefell\Sizing\RegulatorGain;
use Pebblefell\Sizing\StayOutlook;
use Pebblefell\Sizing\Sums;
use Pebblefell\Sizing\YearOutlook;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;

/**
 * What Size and Sources compute beyond the assessment: simulations and the map. Each is kept for the state of the model that it
 * was computed from.
 */
final readonly class Desk
{
    private function __construct(private Job $job, private Sums $sums)
    {
    }

    public static function of(Workbench $bench): self
    {
        return new self($bench->job, $bench->assessment->sums);
    }

    public function year(): ?YearOutlook
    {
        return $this->kept('year', fn(): ?YearOutlook => YearOutlook::of($this->sums));
    }

    public function stay(): ?StayOutlook
    {
        return $this->kept('stay', fn(): ?StayOutlook => StayOutlook::of($this->sums));
    }

    /**
     * What each planned array would bring in a year through either kind of regulator.
     *
     * @return array<string, ?RegulatorGain> by the regulator's uid
     */
    public function gains(): array
    {
        $gains = [];
        foreach (PvArray::allOf($this->sums->planned) as $array) {
            if ($array->regulator !== null) {
                $gains[$array->regulator->uid] = $this->kept('gain.' . $array->regulator->uid, fn(): ?RegulatorGain => RegulatorGain::of($this->sums, $array));
            }
        }

        return $gains;
    }

    public function endurance(DataSheet $battery, DataSheet $panel, int $month, bool $driving): ?Endurance
    {
        $key = hash('xxh128', serialize([$battery->values, $panel->values, $month, $driving]));

        return $this->kept("map.$key", fn(): ?Endurance => Endurance::of($this->sums, $battery, $panel, $month, $driving));
    }

    /**
     * The library as parts that core can read.
     *
     * @return list<Part>
     */
    public static function library(PartKind ...$kinds): array
    {
        /** @var Collection<int, LibraryPart> $rows */
        $rows = LibraryPart::query()->whereIn('kind', array_map(static fn(PartKind $k): string => $k->value, $kinds))->orderBy('make')->orderBy('model')->get();

        return array_values($rows->map(static fn(LibraryPart $p): Part => new Part((string) $p->id, $p->kind, DataSheet::of($p->kind, $p->data), make: $p->make, model: $p->model))->all());
    }

    /**
     * @template T of object
     *
     * @param Closure(): ?T $compute
     *
     * @return ?T
     */
    private function kept(string $what, Closure $compute): ?object
    {
        $key = implode('.', [$what, $this->job->id, $this->job->revision, $this->job->effectiveRegion()->value, config('pebblefell.rules')]);

        // A null is kept as well: it is an answer.
        return Cache::remember($key, now()->addDays(2), static fn(): array => [$compute()])[0];
    }
}
