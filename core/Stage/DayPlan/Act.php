<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\System\Conductor;
use Pebblefell\System\Part;

/** One thing that a step does to the circuit. */
final readonly class Act
{
    public const OPEN = 'open';
    public const CLOSE = 'close';
    public const ATTACH = 'attach';
    public const DETACH = 'detach';
    public const IN = 'in';
    public const OUT = 'out';
    public const STOP = 'stop';
    public const START = 'start';

    /**
     * @param string $do one of the above
     * @param string $of uid of a part (open, close, in, out) or conductor (attach, detach); or what is stopped: sun, engine, shore,
     *     generator
     */
    public function __construct(public string $do, public string $of)
    {
    }

    /**
     * The same with each of some leads or parts.
     *
     * @param list<Conductor>|list<Part> $of
     *
     * @return list<self>
     */
    public static function each(string $do, array $of): array
    {
        return array_map(static fn(Conductor|Part $one): self => new self($do, $one->uid), $of);
    }
}
