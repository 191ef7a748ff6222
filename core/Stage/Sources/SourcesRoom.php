<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Sources;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Answers what charges it, and whether it fits. */
final class SourcesRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\InputsGiveWay(),
            new Rules\SunCarriesMonths(),
            new Rules\PanelsHaveRegulator(),
            new Rules\ArrayFitsRegulator(),
            new Rules\ArraysAreCut(),
            new Rules\ArrayAsDrawn(),
            new Rules\NoChargingLoop(),
            new Rules\DcdcSuitsAlternator(),
            new Rules\EngineIsHeard(),
            new Rules\HookUpCarries(),
            new Rules\BmsIsHeard(),
            new Rules\GeneratorCarries(),
            new Rules\PlugsCarry(),
            new Rules\HeatDerates(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $study->planned()->chargers() !== [] && $study->banks()->planned->exists();
    }
}
