<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;

/** One box of one device in its states: found, planned (only where a person chose otherwise than the profile), as set, read back. */
final readonly class SettingEntry
{
    public function __construct(
        public string $partUid,
        public Parameter $parameter,
        public ?SetValue $found = null,
        public ?SetValue $planned = null,
        public ?SetValue $asSet = null,
        public ?SetValue $readBack = null,
        public string $by = '',
        public string $at = '',
    ) {
    }

    /**
     * @return array<string, ?string> values as text; null is "not recorded"
     */
    public function toArray(): array
    {
        return [
            'part' => $this->partUid,
            'parameter' => $this->parameter->value,
            'found' => $this->found?->text(),
            'planned' => $this->planned?->text(),
            'as_set' => $this->asSet?->text(),
            'read_back' => $this->readBack?->text(),
            'by' => $this->by,
            'at' => $this->at,
        ];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        $value = static fn(string $key): ?SetValue => isset($a[$key]) ? SetValue::parse($a[$key]) : null;

        return new self(
            $a['part'],
            Parameter::from($a['parameter']),
            $value('found'),
            $value('planned'),
            $value('as_set'),
            $value('read_back'),
            $a['by'] ?? '',
            $a['at'] ?? '',
        );
    }
}
