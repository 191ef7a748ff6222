<?php

declare(strict_types=1);

namespace Pebblefell;

use LogicException;
use Pebblefell\Stage\Room;

/**
 * The register of the stages of a job, in the order in which the work is done. Each has one screen, a room of its name in every layer, and
 * its words in lang/NAME/stages.php.
 */
enum Stage: string
{
    case Survey = 'survey';
    case Loads = 'loads';
    case Size = 'size';
    case Sources = 'sources';
    case Bank = 'bank';
    case Wiring = 'wiring';
    case DayPlan = 'day-plan';
    case Balance = 'balance';
    case Settings = 'settings';
    case Test = 'test';
    case Handover = 'handover';
    case Aftercare = 'aftercare';

    public function room(): Room
    {
        $room = __NAMESPACE__ . "\\Stage\\$this->name\\{$this->name}Room";
        if (!is_subclass_of($room, Room::class)) {
            throw new LogicException("$room is no room");
        }

        return new $room();
    }

    /** The letter that leads to it, after g. */
    public function key(): string
    {
        return match ($this) {
            self::Survey => 's',
            self::Loads => 'l',
            self::Size => 'z',
            self::Sources => 'o',
            self::Bank => 'b',
            self::Wiring => 'w',
            self::DayPlan => 'd',
            self::Balance => 'e',
            self::Settings => 't',
            self::Test => 'v',
            self::Handover => 'h',
            self::Aftercare => 'c',
        };
    }

    /** Names what one must be allowed to do with a job to work there. */
    public function ability(): string
    {
        return match ($this) {
            self::Survey, self::Loads => 'survey',
            self::Size, self::Sources, self::Bank, self::Wiring => 'plan',
            self::DayPlan, self::Balance, self::Settings, self::Test, self::Aftercare => 'record',
            self::Handover => 'handOver',
        };
    }
}
