<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

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
        return $this->entry === null ? $this->profile : $this->entry->planned ?? $this->profile;
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

    /** What stands in the device as far as it was noted: read back, else as set. */
    public function noted(): ?SetValue
    {
        return $this->entry === null ? null : $this->entry->readBack ?? $this->entry->asSet;
    }
}
