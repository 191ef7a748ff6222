<?php

declare(strict_types=1);

namespace Pebblefell\System\Graph;

use Pebblefell\System\Conductor;
use Pebblefell\System\Part;

/** One step of a way: along a conductor, or through a part from one of its terminals to another. */
final readonly class WalkStep
{
    public function __construct(public Point $from, public Point $to, public Conductor|Part $by)
    {
    }

    public function conductor(): ?Conductor
    {
        return $this->by instanceof Conductor ? $this->by : null;
    }

    public function part(): ?Part
    {
        return $this->by instanceof Part ? $this->by : null;
    }

    public function back(): self
    {
        return new self($this->to, $this->from, $this->by);
    }
}
