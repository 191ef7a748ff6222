<?php

declare(strict_types=1);

namespace Pebblefell\System;

/** What a person said to a finding. It counts as long as the finding's fingerprint is the same. */
final readonly class Answer
{
    public const KINDS = ['accepted', 'overruled'];

    public function __construct(
        public string $key,
        public string $fingerprint,
        public string $answer,
        public string $reason,
        public string $by,
        public string $at,
    ) {
    }

    /**
     * @return array<string, string>
     */
    public function toArray(): array
    {
        return [
            'finding' => $this->key,
            'fingerprint' => $this->fingerprint,
            'answer' => $this->answer,
            'reason' => $this->reason,
            'by' => $this->by,
            'at' => $this->at,
        ];
    }

    /**
     * @param array<string, string> $a as toArray() gives it
     */
    public static function fromArray(array $a): self
    {
        // Answers of before carried the labels of their figures; what counts is severity and values, in order.
        $fingerprint = implode(
            ';',
            array_map(static fn(string $part): string => substr((string) strrchr('=' . $part, '='), 1), explode(';', $a['fingerprint'])),
        );

        return new self($a['finding'], $fingerprint, $a['answer'], $a['reason'] ?? '', $a['by'] ?? '', $a['at'] ?? '');
    }
}
