<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Test;

/**
 * Tells what a cause shows: questions that a technician answers at the vehicle with yes or no, and the causes of which a yes is a sign.
 * Their words stand under `asks` in lang/NAME/tests.php. Which sign belongs to which cause: common practice; how surely: chosen.
 */
final class Signs
{
    /** A cause shows its own sign so often, and another's so often. Chosen. */
    private const SHOWS = 0.92;
    private const STRAYS = 0.06;

    /** By question: the causes of which it is a sign; a number where it is a weaker one. */
    private const OF = [
        'at-absorption' => ['nearly-full'],
        'same-elsewhere' => ['cloud'],
        'string-low' => ['panel-out', 'series-wrong' => 0.5, 'cloud' => 0.15],
        'limit-read' => ['set-limit', 'mains-limit'],
        'output-drop' => ['thin-run', 'bad-joint' => 0.6],
        'case-hot' => ['warm'],
        'signal-dead' => ['no-signal'],
        'input-low' => ['input-drop', 'smart-alternator' => 0.2],
        'starter-low' => ['smart-alternator'],
        'flows-without' => ['load-other'],
        'fell-off' => ['heats-up'],
        'clamp-differs' => ['shunt-bypassed'],
        'battery-cold' => ['cold-bank'],
        'link-drops' => ['loose-link'],
        'one-lower' => ['weak-battery', 'loose-link' => 0.15],
        'clamp-off' => ['clamp-direction'],
        'reads-minus' => ['reversed'],
        'block-differs' => ['string-wrong'],
        'app-says-open' => ['bms-open'],
        'plugs-otherwise' => ['series-wrong'],
        'one-lug-warm' => ['bad-joint'],
        'print-thinner' => ['thinner-lead'],
        'measured-longer' => ['longer-lead'],
        'no-air-about' => ['no-air'],
        'earth-open' => ['no-earth'],
        'bonded-twice' => ['bond-wrong'],
        'button-dead' => ['device-dead'],
        'sensor-still' => ['no-sensor'],
        'told-goes-on' => ['not-told'],
        'cutoff-read' => ['cutoff-off'],
    ];

    /**
     * The questions that tell these causes apart.
     *
     * @param list<string> $causes
     *
     * @return array<string, array<string, float>> chance of a yes, by question and cause
     */
    public static function between(array $causes): array
    {
        $signs = [];
        foreach (self::OF as $question => $of) {
            $yes = array_fill_keys($causes, self::STRAYS);
            $told = false;
            foreach ($of as $cause => $sure) {
                [$cause, $sure] = is_string($sure) ? [$sure, self::SHOWS] : [(string) $cause, $sure];
                if (isset($yes[$cause])) {
                    $yes[$cause] = $sure;
                    $told = true;
                }
            }
            if ($told) {
                $signs[$question] = $yes;
            }
        }

        return $signs;
    }

    /**
     * @return list<string> every question
     */
    public static function all(): array
    {
        return array_keys(self::OF);
    }
}
