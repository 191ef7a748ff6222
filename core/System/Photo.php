<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;

/** A picture of a part: what names it is the hash of its bytes; the bytes themselves live with the application. */
final readonly class Photo
{
    public const PLACE = 'place';
    public const SCREEN = 'screen';
    public const ROOF = 'roof';

    /**
     * @param string $shows '' the part itself; PLACE where it sits; SCREEN its settings, read back; ROOF what it lies on; else the uid of a
     *                      conductor that ends on it
     */
    public function __construct(public string $sha256, public string $caption = '', public string $shows = '')
    {
    }

    /** Lists what a file holds of a picture: its bytes stand beside what the model knows. */
    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::text('sha256', 0)->matching('^[0-9a-f]{64}$')->required(),
            DataField::text('caption')->orElse(''),
            DataField::shape('media_type', ['const' => 'image/jpeg'])->required(),
            DataField::text('data_base64', 0)->required(),
            DataField::text('shows', 20)->optional(''),
        ]);
    }

    public function isOfARun(): bool
    {
        return !in_array($this->shows, ['', self::PLACE, self::SCREEN, self::ROOF], true);
    }
}
