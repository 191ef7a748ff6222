<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** Tells what a person said to a finding. It counts as long as the finding's fingerprint is the same. */
final readonly class Answer
{
    use Listed;

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

    /** Answers of the first releases carried the labels of their figures; what counted was severity and values, in order. */
    private static function withoutLabels(string $fingerprint): string
    {
        return self::isHash($fingerprint) ? $fingerprint : implode(
            ';',
            array_map(static fn(string $part): string => substr((string) strrchr('=' . $part, '='), 1), explode(';', $fingerprint)),
        );
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::text('finding', 120)->as('key')->required(),
            DataField::shape('fingerprint', ['type' => 'string', 'maxLength' => 400], self::withoutLabels(...))->required(),
            DataField::choice('answer', self::KINDS)->required(),
            DataField::text('reason', 500)->orElse(''),
            DataField::text('by', 120)->orElse(''),
            DataField::text('at', 40)->orElse(''),
        ]);
    }
}
