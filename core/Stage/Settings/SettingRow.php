<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

use Pebblefell\Finding\Figure;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\System\SettingEntry;

/** One box of one device: what the profile asks for, what a person planned instead, what was set; and what its own sheet has it at. */
final readonly class SettingRow
{
    public function __construct(
        public Parameter $parameter,
        public SetValue $profile,
        public Figure $why,
        public ?SettingEntry $entry,
        public ?SetValue $own = null,
    ) {
    }

    /** Returns what is to be typed into the box. */
    public function planned(): SetValue
    {
        return $this->entry === null ? $this->profile : $this->entry->planned ?? $this->profile;
    }

    /** Returns what it acts at as far as is known: as noted, as a person plans it, by its own sheet, else as the profile asks. */
    public function acting(): SetValue
    {
        return $this->said() ?? $this->profile;
    }

    /** Returns what somebody says that it acts at: noted, planned by a person, or its own sheet. */
    public function said(): ?SetValue
    {
        return $this->noted() ?? $this->entry->planned ?? $this->own;
    }

    public function isChosenByPerson(): bool
    {
        return $this->entry?->planned !== null;
    }

    public function isSet(): bool
    {
        return $this->entry?->asSet !== null;
    }

    /** It is still to be typed. */
    public function isOpen(): bool
    {
        return !$this->isSet() && !$this->parameter->isOptional();
    }

    public function isSetAsPlanned(): bool
    {
        return $this->entry?->asSet !== null && $this->entry->asSet->agreesWith($this->planned(), $this->parameter->tolerance());
    }

    /** Returns what stands in the device as far as it was noted: read back, else as set. */
    public function noted(): ?SetValue
    {
        return $this->entry === null ? null : $this->entry->readBack ?? $this->entry->asSet;
    }
}
