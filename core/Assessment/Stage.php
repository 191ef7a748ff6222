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
}
