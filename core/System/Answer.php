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

    /** Whether it was given in a release whose fingerprints did not know the parts. */
    public function isFormer(): bool
    {
        return !self::isHash($this->fingerprint);
    }

    private static function isHash(string $fingerprint): bool
    {
        return preg_match('/^[0-9a-f]{64}$/D', $fingerprint) === 1;
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
        // Answers of the first releases carried the labels of their figures; what counted was severity and values, in order.
        $fingerprint = self::isHash($a['fingerprint']) ? $a['fingerprint'] : implode(
            ';',
            array_map(static fn(string $part): string => substr((string) strrchr('=' . $part, '='), 1), explode(';', $a['fingerprint'])),
        );

        return new self($a['finding'], $fingerprint, $a['answer'], $a['reason'] ?? '', $a['by'] ?? '', $a['at'] ?? '');
    }
}
