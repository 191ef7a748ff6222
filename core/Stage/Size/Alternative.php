<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Choice;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** The plan with a choice taken, against the plan without it. */
final readonly class Alternative
{
    /**
     * @param ?InvalidValue $problem why it does not go with the plan any more, or null
     * @param ?Study        $taken   the system with the choice taken
     */
    private function __construct(private Study $without, public Choice $choice, private ?Study $taken, public ?InvalidValue $problem)
    {
    }

    public static function of(Study $study, Choice $choice): self
    {
        try {
            return new self($study, $choice, Study::of(Plan::with($study->system, $choice->changes)), null);
        } catch (InvalidValue $e) {
            return new self($study, $choice, null, $e);
        }
    }

    /** Days without any charge that it adds. */
    public function days(): float
    {
        return $this->difference(static fn(Study $s): float => $s->banks()->planned->days()->value);
    }

    /** Usable Wh that it adds. */
    public function usableWh(): float
    {
        return $this->difference(static fn(Study $s): float => $s->banks()->planned->usable()->value);
    }

    /** Watts of panels that it adds. */
    public function arrayW(): float
    {
        return $this->difference(static fn(Study $s): float => $s->planned()->arrayW());
    }

    /** Weight that it adds, kg. */
    public function massKg(): float
    {
        return $this->difference(static fn(Study $s): float => $s->system->difference()->massKg());
    }

    /**
     * Parts that come in, and that go.
     *
     * @return array{in: list<Part>, out: list<Part>}
     */
    public function parts(): array
    {
        $parts = ['in' => [], 'out' => []];
        foreach ($this->choice->changes as $change) {
            $part = $this->without->system->parts[$change->uid] ?? null;
            if ($change->kind === 'part' && $change->do === Change::ADD) {
                $parts['in'][] = Part::fromArray($change->row);
            } elseif ($change->kind === 'part' && $part !== null
                && ($change->do === Change::REMOVE || $change->value === Fate::Remove->value)) {
                $parts['out'][] = $part;
            }
        }

        return $parts;
    }

    /**
     * @param callable(Study): float $of
     */
    private function difference(callable $of): float
    {
        return $this->taken === null ? 0.0 : $of($this->taken) - $of($this->without);
    }
}
