<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;

/** A power converter: a mains supply that also charges. It is a mains charger with fewer boxes to set. */
final class ConverterKind extends MainsChargerKind
{
    public function settings(): array
    {
        return [Parameter::Absorption, Parameter::Float, Parameter::Equalise];
    }

    public function hangsAt(): HangsAt
    {
        return new HangsAt('output_plus', 'output_minus', 5);
    }

    public function asked(): array
    {
        return ['output_v', 'hidden_switch', 'lithium', 'absorption_min_v', 'absorption_max_v', 'gives_dead_volts'];
    }
}
