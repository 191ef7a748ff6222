<?php

declare(strict_types=1);

namespace Pebblefell\Stage;

/** Tells what somebody noted at one step of a sheet that is worked through: the run sheet, or the test sheet. */
final readonly class NotedTick
{
    public const DONE = 'done';
    /** Done, but not as planned: the note says why. */
    public const OTHERWISE = 'otherwise';
    /** Taken back. */
    public const UNDONE = 'undone';

    public const STATES = [self::DONE, self::OTHERWISE, self::UNDONE];

    /**
     * @param string $step  key of the step
     * @param string $state one of STATES
     * @param ?float $value what was measured, in the unit that the step asks for
     * @param ?float $amps  A that flowed meanwhile, where that matters
     * @param float  $atS   s since 1970
     */
    public function __construct(
        public string $step,
        public string $state,
        public ?float $value = null,
        public string $note = '',
        public string $by = '',
        public float $atS = 0.0,
        public ?float $amps = null,
    ) {
    }

    public function isDone(): bool
    {
        return $this->state !== self::UNDONE;
    }
}
