<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** A signal wire or link from the part that knows to the part that obeys. */
final readonly class Signal
{
    use Listed;

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

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::uid(),
            DataField::enum('kind', SignalKind::class)->required(),
            DataField::text('from', 20)->required(),
            DataField::text('to', 20)->required(),
            DataField::enum('fate', Fate::class)->orElse(Fate::Keep),
        ]);
    }
}
