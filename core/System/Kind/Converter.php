<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;

/** A power converter: a mains supply that also charges. It is a mains charger with fewer boxes to set. */
final class Converter extends MainsCharger
{
    public function settings(): array
    {
        return [Parameter::Absorption, Parameter::Float, Parameter::Equalise];
    }
}
