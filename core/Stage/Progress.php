<?php

declare(strict_types=1);

namespace Pebblefell\Stage;

/** Tells what has been done with a job that its model does not hold. */
final readonly class Progress
{
    /**
     * @param bool $handedOver whether a pack has been issued
     * @param bool $balanced   whether the planned batteries have been through Balance, or need not
     * @param bool $worked     whether every step of the run sheet is done
     * @param bool $proven     whether every line of the test sheet is good
     * @param bool $caredFor   whether it was handed over, and no visit is due
     */
    public function __construct(
        public bool $handedOver,
        public bool $balanced,
        public bool $worked = false,
        public bool $proven = false,
        public bool $caredFor = false,
    ) {
    }

    /** The same on the day on which a visit is due. */
    public function visitDue(): self
    {
        return new self($this->handedOver, $this->balanced, $this->worked, $this->proven, false);
    }
}
