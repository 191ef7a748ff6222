<?php

declare(strict_types=1);

namespace App\Models;

use Pebblefell\Load\Does;

/** Keeps what the name of an appliance tells, in any of our languages: lang/NAME/appliances.php. */
final class ApplianceNames
{
    private const LANGUAGES = ['en', 'de'];

    private const TELLS = ['cool' => Does::Cools, 'fridge' => Does::KeepsCold, 'heat' => Does::Heats];

    /** Tells what something of that name does. */
    public static function does(string $name): Does
    {
        foreach (self::LANGUAGES as $language) {
            foreach (self::TELLS as $tell => $does) {
                if (preg_match('/' . self::words($language)['tells'][$tell] . '/iu', $name) === 1) {
                    return $does;
                }
            }
        }

        return Does::Other;
    }

    /** The usual appliance of that name; null: none is called so. */
    public static function usual(string $name): ?string
    {
        foreach (self::LANGUAGES as $language) {
            $key = array_search(trim($name), self::words($language)['names'], true);
            if (is_string($key)) {
                return $key;
            }
        }

        return null;
    }

    /**
     * @return array{names: array<string, string>, tells: array<string, string>}
     */
    private static function words(string $language): array
    {
        return require lang_path("$language/appliances.php");
    }
}
