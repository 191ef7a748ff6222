<?php

declare(strict_types=1);

namespace App\Models;

/** Keeps what a person does in the workshop, and so what they may change. */
enum Role: string
{
    case Office = 'office';
    case Planner = 'planner';
    case Technician = 'technician';

    public function label(): string
    {
        return match ($this) {
            self::Office => 'Office: customers, jobs, accounts',
            self::Planner => 'Planner: sizes, decides, overrules',
            self::Technician => 'Technician: surveys, sets, records',
        };
    }
}
