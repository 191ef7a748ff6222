<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Closure;
use Pebblefell\System\Conductor;
use Pebblefell\System\Part;

/** Tells what a walk passes through besides conductors: nothing, closed parts, or also what charges and inverts one way. */
final readonly class Passage
{
    /**
     * @param ?Closure(Part): bool $open    parts that carry nothing through; null: none is passed
     * @param array<string, true>  $avoided uids of conductors that are not there
     */
    private function __construct(private ?Closure $open, private bool $engine, private bool $carried, private array $avoided = [])
    {
    }

    /** Along conductors only: what is reached stands at one potential, whatever is opened. */
    public static function conductors(): self
    {
        return new self(null, false, false);
    }

    /**
     * Also through what is closed: fuses, breakers, switches, disconnects, and an isolator while the engine runs.
     *
     * @param ?Closure(Part): bool $open
     */
    public static function closed(?Closure $open = null, bool $engine = false): self
    {
        return new self($open ?? static fn(Part $part): bool => false, $engine, false);
    }

    /** And one way, through what charges and inverts. */
    public function carried(): self
    {
        return new self($this->open, $this->engine, true, $this->avoided);
    }

    /**
     * The same, as if some conductors were taken out.
     *
     * @param list<Conductor> $conductors
     */
    public function avoiding(array $conductors): self
    {
        return new self($this->open, $this->engine, $this->carried, array_fill_keys(
            array_map(static fn(Conductor $c): string => $c->uid, $conductors),
            true,
        ));
    }

    public function avoids(Conductor $conductor): bool
    {
        return isset($this->avoided[$conductor->uid]);
    }

    /**
     * @return list<WalkStep> that lead through a part
     */
    public function through(Part $part): array
    {
        if ($this->open === null || ($this->open)($part)) {
            return [];
        }
        $kind = $part->kind->kind();
        $steps = [];
        foreach ([...$kind->joins(), ...($this->engine ? $kind->joinsWithEngine() : [])] as [$a, $b]) {
            $step = new WalkStep(Point::of($part->uid, $a), Point::of($part->uid, $b), $part);
            array_push($steps, $step, $step->back());
        }
        foreach ($this->carried ? [...$kind->carries(), ...($this->engine ? $kind->carriesWithEngine() : [])] : [] as [$a, $b]) {
            $steps[] = new WalkStep(Point::of($part->uid, $a), Point::of($part->uid, $b), $part);
        }

        return $steps;
    }
}
