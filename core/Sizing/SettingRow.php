<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

use Pebblefell\Finding\Figure;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\System\SettingEntry;

/** One box of one device: what the profile asks for, what a person planned instead, what was set. */
final readonly class SettingRow
{
    public function __construct(
        public Parameter $parameter,
        public SetValue $profile,
        public Figure $why,
        public ?SettingEntry $entry,
    ) {
    }

    /** What is to be typed into the box. */
    public function planned(): SetValue
    {
        return $this->entry?->planned ?? $this->profile;
    }

    public function isChosenByPerson(): bool
    {
        return $this->entry?->planned !== null;
    }

    public function isSet(): bool
    {
        return $this->entry?->asSet !== null;
    }

    public function isSetAsPlanned(): bool
    {
        return $this->entry?->asSet !== null && $this->entry->asSet->agreesWith($this->planned(), $this->parameter->tolerance());
    }

    /** The worst of what stands in the device now: read back, else as set, else found. */
    public function inDevice(): ?SetValue
    {
        return $this->entry?->readBack ?? $this->entry?->asSet ?? $this->entry?->found;
    }
}
