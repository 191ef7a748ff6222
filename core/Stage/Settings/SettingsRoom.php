<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Settings;

use Pebblefell\Stage\Progress;
use Pebblefell\Stage\Room;
use Pebblefell\Study;

/** Answers what is typed into each box. */
final class SettingsRoom implements Room
{
    public function rules(): array
    {
        return [
            new Rules\SetAsPlanned(),
            new Rules\EqualiseOff(),
            new Rules\LayersKeepApart(),
        ];
    }

    public function isDone(Study $study, Progress $progress): bool
    {
        return $study->settings()->devices !== [] && $study->settings()->open() === 0;
    }
}
