<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

use Pebblefell\Fault\Diagnosis;
use Pebblefell\Stage\Ticks;

/** From a line that missed to its cause: the causes by how likely they are now, what was answered, and what to look at next. */
final readonly class FaultPath
{
    /** The first cause that the model names is so much likelier than the next, and so on down the list. Chosen. */
    private const FALLS = 0.75;

    /**
     * @param array<string, float> $chances by cause, likeliest first
     * @param array<string, bool>  $answers by question
     * @param ?string              $next    what to look at now; null: nothing tells them further apart
     */
    private function __construct(public Check $check, public array $chances, public array $answers, public ?string $next)
    {
    }

    /** Null where only one cause is known, or none. */
    public static function of(Check $check, Ticks $ticks): ?self
    {
        $diagnosis = count($check->causes) < 2 ? null : self::diagnosis($check->causes);
        if ($diagnosis === null) {
            return null;
        }
        $answers = [];
        foreach (array_keys(Signs::between($check->causes)) as $question) {
            $tick = $ticks->on(self::step($check, $question));
            if ($tick?->value !== null) {
                $answers[$question] = $tick->value > 0.0;
            }
        }

        return new self($check, $diagnosis->chances($answers), $answers, $diagnosis->next($answers));
    }

    /**
     * @param non-empty-list<string> $causes likeliest first
     */
    public static function diagnosis(array $causes): Diagnosis
    {
        $odds = [];
        foreach ($causes as $k => $cause) {
            $odds[$cause] = self::FALLS ** $k;
        }

        return Diagnosis::of($odds, Signs::between($causes));
    }

    /** Under what step an answer is noted: 1 for yes, 0 for no. */
    public static function step(Check $check, string $question): string
    {
        return "ask.$check->key $question";
    }

    /** Whether a step is an answer to a question about a line of the sheet. */
    public static function isAnswer(TestSheet $sheet, string $step): bool
    {
        foreach ($sheet->checks as $check) {
            foreach (array_keys(Signs::between($check->causes)) as $question) {
                if ($step === self::step($check, $question)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** As step(), of this one's own line. */
    public function stepOf(string $question): string
    {
        return self::step($this->check, $question);
    }

    public function isFound(): bool
    {
        return max([0.0, ...array_values($this->chances)]) > Diagnosis::SURE;
    }
}
