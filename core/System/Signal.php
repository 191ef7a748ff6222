<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** A signal wire or link from the part that knows to the part that obeys. */
final readonly class Signal
{
    /**
     * @param string $from part uid
     * @param string $to part uid
     */
    public function __construct(
        public string $uid,
        public SignalKind $kind,
        public string $from,
        public string $to,
        public Fate $fate = Fate::Keep,
    ) {
    }

    /**
     * @return array<string, string>
     */
    public function toArray(): array
    {
        return ['uid' => $this->uid, 'kind' => $this->kind->value, 'from' => $this->from, 'to' => $this->to, 'fate' => $this->fate->value];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        return new self($a['uid'], SignalKind::from($a['kind']), $a['from'], $a['to'], Fate::from($a['fate'] ?? 'keep'));
    }
}
