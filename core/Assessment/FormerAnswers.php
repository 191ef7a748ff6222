<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

use Pebblefell\Study;

/** Finds what the answers of releases before 0.3 were given to: these knew severity and figures alone. */
final class FormerAnswers
{
    /**
     * Returns the fingerprints of today of those that fit exactly one finding.
     *
     * @return array<int, string> by place in the system's answers; what is left out stays an earlier answer, and is asked again
     */
    public static function fitted(Study $study): array
    {
        $fitted = [];
        foreach ($study->system->answers as $i => $answer) {
            $findings = $answer->isFormer() ? array_values(array_filter(
                $study->assessment()->verdicts,
                static fn(Verdict $v): bool => $v->finding->key() === $answer->key
                    && $v->finding->formerFingerprint() === $answer->fingerprint,
            )) : [];
            if (count($findings) === 1) {
                $fitted[$i] = $findings[0]->finding->fingerprint();
            }
        }

        return $fitted;
    }
}
