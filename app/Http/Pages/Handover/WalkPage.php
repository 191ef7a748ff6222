<?php

declare(strict_types=1);

namespace App\Http\Pages\Handover;

use App\Http\Workbench;
use App\Models\Signature;
use App\Models\Tick as Row;
use App\Models\Workshop;
use App\Record\DayDesk;
use Pebblefell\Stage\Handover\WalkThrough;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Ticks;
use Pebblefell\System\Part;

/** The walk through the vehicle: a point a screen, what is shown and said, what was asked. */
final readonly class WalkPage
{
    /** @var list<array{key: string, does: string, args: array<string, mixed>, parts: list<Part>, place: string}> */
    public array $points;

    private Ticks $ticks;

    public ?Signature $signature;

    public function __construct(private Workbench $bench)
    {
        $this->points = WalkThrough::of($bench->study)->points;
        $this->ticks = DayDesk::ticks($bench->job, Row::WALK);
        $this->signature = $bench->job->signatures()->reorder('id', 'desc')->first();
    }

    public function count(): int
    {
        return count($this->points);
    }

    public function shown(): int
    {
        return count(array_filter($this->points, fn(array $p): bool => $this->tick($p['key']) !== null));
    }

    /** Place of the first point that was not shown yet; the signature's behind them. */
    public function next(): int
    {
        foreach ($this->points as $k => $point) {
            if ($this->tick($point['key']) === null) {
                return $k;
            }
        }

        return $this->count();
    }

    public function tick(string $key): ?NotedTick
    {
        return $this->ticks->on($key);
    }

    /**
     * @param array{does: string, args: array<string, mixed>, parts: list<Part>} $point
     */
    public function what(array $point): string
    {
        return $point['parts'] === [] ? $this->bench->say->word("walk.$point[does].title") : implode(
            ', ',
            array_map($this->bench->say->onePart(...), $point['parts']),
        );
    }

    /**
     * @param array{does: string, args: array<string, mixed>} $point
     */
    public function show(array $point): string
    {
        return $this->bench->say->word("walk.$point[does].show", $point['args']);
    }

    /**
     * @param array{does: string, args: array<string, mixed>} $point
     */
    public function say(array $point): string
    {
        return $this->bench->say->word("walk.$point[does].say", $point['args']);
    }

    public function key(int $k): string
    {
        return 'step-' . ($k >= $this->count() ? 'sign' : $this->points[max(0, $k)]['key']);
    }

    /** "Signed by Ase Holm on 26 Nov 2026 14:02". */
    public function signed(): string
    {
        return $this->signature === null ? '' : 'Signed by ' . $this->signature->name . ' on '
            . Workshop::current()->local($this->signature->signed_at)->format('j M Y H:i');
    }
}
