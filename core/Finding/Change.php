<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/** One edit of the plan that a remedy proposes: set $field of the row $kind/$uid to $value. */
final readonly class Change
{
    private function __construct(
        public string $kind,
        public string $uid,
        public string $field,
        public string $value,
    ) {
    }

    /** What becomes of a part: keep, remove, reprogram … */
    public static function ofPart(string $uid, string $fate): self
    {
        return new self('part', $uid, 'fate', $fate);
    }

    /** What a device is to be set to. $value is a number or "off". */
    public static function ofSetting(string $partUid, string $parameter, string $value): self
    {
        return new self('setting', $partUid, $parameter, $value);
    }
}
