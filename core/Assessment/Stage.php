<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

/** The stages of a job, in the order in which the work is done. Each has one screen. */
enum Stage: string
{
    case Survey = 'survey';
    case Loads = 'loads';
    case Size = 'size';
    case Sources = 'sources';
    case Bank = 'bank';
    case Balance = 'balance';
    case Settings = 'settings';
    case Handover = 'handover';

    public function label(): string
    {
        return ucfirst($this->value);
    }

    /** The question that its screen answers. */
    public function question(): string
    {
        return match ($this) {
            self::Survey => 'What is there, what becomes of it?',
            self::Loads => 'What is used, and when?',
            self::Size => 'How long does it last?',
            self::Sources => 'What charges it, and is it enough?',
            self::Bank => 'Does every battery carry its share?',
            self::Balance => 'May they be joined yet?',
            self::Settings => 'What do I type into each box?',
            self::Handover => 'What does the customer keep?',
        };
    }

    /** What one must be allowed to do with a job to work there. */
    public function ability(): string
    {
        return match ($this) {
            self::Survey, self::Loads => 'survey',
            self::Size, self::Sources, self::Bank => 'plan',
            self::Balance, self::Settings => 'record',
            self::Handover => 'handOver',
        };
    }

    /** What to do there next, for the Yard. */
    public function nextAction(): string
    {
        return match ($this) {
            self::Survey => 'List what is there and where it travels',
            self::Loads => 'Enter what is used, and when',
            self::Size => 'Choose the new bank',
            self::Sources => 'Settle what charges it',
            self::Bank => 'Draw the links of the bank, with sizes',
            self::Balance => 'Balance the batteries before they are joined',
            self::Settings => 'Program the chargers and note what was set',
            self::Handover => 'Issue the handover pack',
        };
    }
}
