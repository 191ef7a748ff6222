<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Record\EarlierAnswers;
use Illuminate\Console\Command;

/** Ties answers of earlier releases to what they were given to. */
final class FitAnswers extends Command
{
    protected $signature = 'pebblefell:answers';

    protected $description = 'Ties answers of earlier releases to what they were given to; says how many are asked again';

    public function handle(): int
    {
        $again = EarlierAnswers::fitAll();
        if ($again > 0) {
            $this->line($again === 1
                ? '1 answer of an earlier release fits no finding of today: it is asked again.'
                : "$again answers of an earlier release fit no finding of today: they are asked again.");
        }

        return self::SUCCESS;
    }
}
