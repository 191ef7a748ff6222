<?php

declare(strict_types=1);

namespace Pebblefell\Fault;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Quantity\Guard;

/**
 * Causes of something that is not as promised, and the questions that tell them apart. Each answer is yes or no, and with a cause given no
 * answer depends on another (naive Bayes; Duda, Hart & Stork, Pattern Classification, ch. 2, from memory). What is asked next is the
 * question whose answer is expected to tell most, in bits (Shannon 1948; Lindley 1956).
 */
final readonly class Diagnosis
{
    /** A cause is called found from here. Chosen. */
    public const SURE = 0.85;

    /** A question that tells less is not worth its walk, bits. Chosen. */
    private const WORTH = 0.03;

    /**
     * @param array<string, float>                $odds  by cause, together 1
     * @param array<string, array<string, float>> $signs chance of a yes, by question and cause
     */
    private function __construct(private array $odds, private array $signs)
    {
    }

    /**
     * @param array<string, float>                $odds  how readily each cause happens, against the others
     * @param array<string, array<string, float>> $signs chance of a yes to each question under each cause, 0 to 1, both exclusive
     *
     * @throws InvalidValue
     */
    public static function of(array $odds, array $signs): self
    {
        if ($odds === []) {
            throw InvalidValue::at('/odds', 'empty');
        }
        foreach ($odds as $cause => $o) {
            Guard::positive($o, "/odds/$cause");
            foreach ($signs as $question => $yes) {
                Guard::between($yes[$cause] ?? 0.0, 1e-6, 1.0 - 1e-6, "/signs/$question/$cause");
            }
        }
        $all = array_sum($odds);

        return new self(array_map(static fn(float $o): float => $o / $all, $odds), $signs);
    }

    /**
     * How likely each cause is.
     *
     * @param array<string, bool> $answers by question
     *
     * @return array<string, float> likeliest first, together 1
     */
    public function chances(array $answers): array
    {
        $chances = $this->odds;
        foreach ($answers as $question => $yes) {
            foreach ($chances as $cause => $chance) {
                $p = $this->signs[$question][$cause] ?? 0.5;
                $chances[$cause] = $chance * ($yes ? $p : 1.0 - $p);
            }
        }
        $all = array_sum($chances);
        $chances = array_map(static fn(float $c): float => $c / $all, $chances);
        arsort($chances);

        return $chances;
    }

    /**
     * Returns what the answer to a question is expected to tell, bits: the entropy of the causes now, less what is left after it.
     *
     * @param array<string, bool> $answers so far
     */
    public function tellsBits(string $question, array $answers): float
    {
        $now = $this->chances($answers);
        $yes = array_sum(array_map(fn(string $cause): float => $now[$cause] * $this->signs[$question][$cause], array_keys($now)));

        return self::entropy($now) - $yes * self::entropy($this->chances([...$answers, $question => true]))
            - (1.0 - $yes) * self::entropy($this->chances([...$answers, $question => false]));
    }

    /**
     * The question that tells most; null: a cause is found, or no question tells them further apart.
     *
     * @param array<string, bool> $answers so far
     */
    public function next(array $answers): ?string
    {
        if (max([0.0, ...array_values($this->chances($answers))]) > self::SURE) {
            return null;
        }
        $best = null;
        $most = self::WORTH;
        foreach (array_diff(array_keys($this->signs), array_keys($answers)) as $question) {
            $bits = $this->tellsBits($question, $answers);
            if ($bits > $most + 1e-12) {
                [$best, $most] = [$question, $bits];
            }
        }

        return $best;
    }

    /**
     * @param array<string, float> $chances
     */
    private static function entropy(array $chances): float
    {
        return -array_sum(array_map(static fn(float $c): float => $c > 0.0 ? $c * log($c, 2.0) : 0.0, $chances));
    }
}
