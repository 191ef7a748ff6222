<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

use Pebblefell\Finding\Severity;
use Pebblefell\Stage;
use Pebblefell\Study;
use Pebblefell\System\Answer;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;
use Pebblefell\System\System;

/** Every rule over one system. */
final readonly class Assessment
{
    /**
     * @param list<Verdict> $verdicts worst first
     */
    private function __construct(public Study $study, public array $verdicts)
    {
    }

    public static function of(Study $study): self
    {
        return new self($study, $study->judged()->verdicts);
    }

    /**
     * Asks every rule of every stage.
     *
     * @return list<Verdict> worst first
     */
    public static function judge(Study $study): array
    {
        $verdicts = [];
        $batteries = array_map(static fn(Part $p): string => $p->uid, $study->planned()->houseBatteries());
        foreach (Stage::cases() as $stage) {
            foreach ($stage->room()->rules() as $rule) {
                foreach ($rule->judge($study) as $finding) {
                    $finding = $finding->subject === '' ? $finding->saidOf($batteries) : $finding;
                    [$answer, $earlier] = self::answers($study->system->answers, $finding->key(), $finding->fingerprint());
                    $verdicts[] = new Verdict($finding, $stage, $answer, $earlier);
                }
            }
        }
        $order = static fn(Verdict $v): array => [$v->isOpen() ? 0 : 1, $v->finding->severity->order()];
        usort($verdicts, static fn(Verdict $a, Verdict $b): int => $order($a) <=> $order($b));

        return $verdicts;
    }

    /**
     * @return list<Verdict>
     */
    public function at(Stage $stage): array
    {
        return array_values(array_filter($this->verdicts, static fn(Verdict $v): bool => $v->stage === $stage));
    }

    /** Open findings of a severity, in one stage or in all. */
    public function count(Severity $severity, ?Stage $stage = null): int
    {
        return count(array_filter(
            $this->verdicts,
            static fn(Verdict $v): bool => $v->isOpen() && $v->finding->severity === $severity && ($stage === null || $v->stage === $stage),
        ));
    }

    /** Returns what the rules would do with a part: the fate that the worst open finding about it proposes; null where they are content. */
    public function proposalFor(string $partUid): ?Fate
    {
        foreach ($this->verdicts as $verdict) {
            foreach ($verdict->isOpen() ? $verdict->finding->changes : [] as $change) {
                if ($change->kind === 'part' && $change->field === 'fate' && $change->uid === $partUid) {
                    return Fate::from($change->text());
                }
            }
        }

        return null;
    }

    public function find(string $key): ?Verdict
    {
        foreach ($this->verdicts as $verdict) {
            if ($verdict->finding->key() === $key) {
                return $verdict;
            }
        }

        return null;
    }

    /**
     * @param list<Answer> $answers
     *
     * @return array{?Answer, ?Answer} the last that fits, and the last to other figures if none fits
     */
    private static function answers(array $answers, string $key, string $fingerprint): array
    {
        $fits = $earlier = null;
        foreach ($answers as $answer) {
            if ($answer->key === $key) {
                $answer->fingerprint === $fingerprint ? $fits = $answer : $earlier = $answer;
            }
        }

        return [$fits, $fits === null ? $earlier : null];
    }
}
