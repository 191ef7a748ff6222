<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** One box of one device in its states: found, planned (only where a person chose otherwise than the profile), as set, read back. */
final readonly class SettingEntry
{
    use Listed;

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

    private static function state(string $key): DataField
    {
        $field = DataField::text($key);

        return DataField::shape(
            $key,
            ['type' => ['string', 'null'], 'pattern' => '^(off|-?[0-9]+(\\.[0-9]+)?)$'],
            SetValue::parse(...),
            static fn(self $s): ?string => $s->{$field->property}?->text(),
        )->orNull();
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::text('part', 20)->as('partUid')->required(),
            DataField::enum('parameter', Parameter::class)->required(),
            self::state('found'),
            self::state('planned'),
            self::state('as_set'),
            self::state('read_back'),
            DataField::text('by', 120)->orElse(''),
            DataField::text('at', 40)->orElse(''),
        ]);
    }
}
