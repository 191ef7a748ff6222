<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Answers what is there, and what becomes of it. */
final class SurveyRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\ChargerSuitsChemistry(),
            new Rules\IsolatorSuitsLithium(),
            new Rules\StarterApart(),
            new Rules\DisconnectAboveBms(),
            new Rules\OldGaugeLeft(),
            new Rules\LabelsTellTheTruth(),
            new Rules\HourRateKnown(),
            new Rules\EarthLeakageCovers(),
            new Rules\LoadOutputCarries(),
            new Rules\SensorTellsLithium(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $study->system->place !== null && $study->system->travel->months !== [] && $study->system->parts !== [];
    }
}
