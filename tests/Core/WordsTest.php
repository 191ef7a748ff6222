<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\Lexicon;
use App\Words\Show;
use MessageFormatter;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Severity;
use Pebblefell\Finding\Word;
use Pebblefell\Region\Region;
use Pebblefell\Region\Units;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use Pebblefell\System\System;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/** What core decides is said in two languages: both complete, with the same slots, in the reader's numbers and units. */
final class WordsTest extends TestCase
{
    private const LANG = __DIR__ . '/../../lang';

    /** Files that only the interface reads; it speaks English. */
    private const INTERFACE = ['history', 'roles', 'validation'];

    /**
     * @param array<mixed> $words
     *
     * @return array<string, string>
     */
    private static function flat(array $words, string $under = ''): array
    {
        $flat = [];
        foreach ($words as $key => $value) {
            $flat += is_array($value) ? self::flat($value, "$under$key/") : ["$under$key" => (string) $value];
        }
        ksort($flat);

        return $flat;
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function files(): iterable
    {
        foreach (glob(self::LANG . '/en/*.php') ?: [] as $path) {
            if (!in_array(basename($path, '.php'), self::INTERFACE, true)) {
                yield basename($path, '.php') => [basename($path, '.php')];
            }
        }
    }

    #[DataProvider('files')]
    public function testBothLanguagesHaveTheSameKeysAndSlots(string $file): void
    {
        $read = static fn(string $language): array => self::flat(require self::LANG . "/$language/$file.php");
        [$en, $de] = [$read('en'), $read('de')];
        self::assertSame(array_keys($en), array_keys($de));
        $slots = static function (string $line): array {
            preg_match_all('/\{([A-Za-z_]+)(?:, plural|\})/', $line, $found);
            $slots = array_values(array_unique(array_map(strtolower(...), $found[1])));
            sort($slots);

            return $slots;
        };
        foreach ($en as $key => $line) {
            self::assertNotSame('', trim($de[$key]), "$file.$key");
            self::assertSame($slots($line), $slots($de[$key]), "$file.$key");
            if ($file !== 'validation') {
                self::assertNotNull(MessageFormatter::create('de', $de[$key]), "$file.$key");
                self::assertNotNull(MessageFormatter::create('en', $line), "$file.$key");
            }
            self::assertSame(substr_count($line, ', plural,'), substr_count($de[$key], ', plural,'), "$file.$key: counted in both");
            if (preg_match('/^\S+ \S+ \S+/', $line) === 1 && !str_contains($key, 'source') && !str_contains($key, 'earth_leakage') && !str_contains($key, '_rule')) {
                self::assertNotSame($line, $de[$key], "$file.$key is not translated");
            }
        }
    }

    /** Every word of a term's English has its German beside it: lines that speak of a thing call it by one name. */
    /** Every slot is filled, wherever it stands: after a word, and one after another. */
    public function testNoSlotIsLeftOpen(): void
    {
        $open = [];
        foreach (self::files() as [$file]) {
            foreach (self::flat(require self::LANG . "/en/$file.php") as $key => $line) {
                preg_match_all('/\{([A-Za-z_]+)\}/', $line, $slots);
                preg_match_all('/\{([A-Za-z_]+), plural/', $line, $counted);
                $said = Lexicon::plain()->word("$file.$key", [
                    ...array_fill_keys(array_map(lcfirst(...), $slots[1]), Word::typed('x')), ...array_fill_keys($counted[1], 2),
                ]);
                if (preg_match('/[{}#]/', $said) === 1 && !in_array($file, ['validation', 'appliances', 'boxes'], true)) {
                    $open[] = "$file.$key: $said";
                }
            }
        }
        self::assertSame([], $open);
    }

    /** A refusal takes a key, never a sentence, and each has its words. */
    public function testEveryRefusalHasItsWords(): void
    {
        $words = require self::LANG . '/en/refusals.php';
        $asked = $without = [];
        foreach (['core', 'app'] as $folder) {
            foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(
                dirname(__DIR__, 2) . "/$folder",
                RecursiveDirectoryIterator::SKIP_DOTS,
            )) as $file) {
                assert($file instanceof SplFileInfo);
                preg_match_all(
                    '/InvalidValue::at\(\s*(?:[^,()]|\([^()]*\))*,\s*(\'[^\']*\'|"[^"]*")/',
                    (string) file_get_contents($file->getPathname()),
                    $found,
                );
                foreach ($found[1] as $key) {
                    $asked[] = $key = substr($key, 1, -1);
                    if (!isset($words[$key]) && preg_match('/^[a-z]+\.[a-z.-]+$/', $key) !== 1) {
                        $without[] = $file->getFilename() . ': ' . $key;
                    }
                }
            }
        }
        self::assertGreaterThan(150, count($asked));
        self::assertSame([], $without);
    }

    public function testTheGlossaryHolds(): void
    {
        $terms = require self::LANG . '/glossary.php';
        self::assertGreaterThanOrEqual(80, count($terms));
        $broken = [];
        foreach (self::files() as [$file]) {
            $en = self::flat(require self::LANG . "/en/$file.php");
            $de = self::flat(require self::LANG . "/de/$file.php");
            foreach ($en as $key => $line) {
                foreach ($terms as $term => $german) {
                    if (preg_match('/(?<![\w-])' . preg_quote($term, '/') . '(?:s|es)?(?![\w-])/i', $line) === 1 && preg_match(
                        '/' . implode('|', array_map(static fn(string $g): string => preg_quote($g, '/'), (array) $german)) . '/iu',
                        $de[$key],
                    ) !== 1) {
                        $broken[] = "$file.$key: \"$term\" is \"" . implode('" or "', (array) $german) . "\", not \"$de[$key]\"";
                    }
                }
            }
        }
        self::assertSame([], $broken);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function jobs(): iterable
    {
        foreach (glob(dirname(__DIR__) . '/files/v1/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [$path];
        }
    }

    #[DataProvider('jobs')]
    public function testWhatADemoJobIsToldIsWhatItWasTold(string $path): void
    {
        $assess = static function (string $input): array {
            $run = proc_open(
                [PHP_BINARY, dirname(__DIR__, 2) . '/app/Console/calc.php', 'assess'],
                [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
                $pipes,
            );
            assert(is_resource($run));
            fwrite($pipes[0], $input);
            fclose($pipes[0]);
            $out = (string) stream_get_contents($pipes[1]);
            self::assertSame(0, proc_close($run), $out);

            return json_decode($out, true);
        };
        $known = json_decode((string) file_get_contents(dirname(__DIR__) . '/files/assess/' . basename($path)), true);
        self::assertEquals($known, $assess('{"system":' . file_get_contents($path) . '}'));
    }

    #[DataProvider('jobs')]
    public function testEveryFindingIsSaidWholeInBothLanguagesAndInEveryRegionsUnits(string $path): void
    {
        $system = JobFile::fromArray(json_decode((string) file_get_contents($path), true));
        $verdicts = Study::of($system)->assessment()->verdicts;
        self::assertContainsOnlyInstancesOf(Verdict::class, $verdicts);
        foreach ($verdicts as $verdict) {
            foreach (['en', 'de'] as $language) {
                foreach (Region::cases() as $region) {
                    $said = (new Lexicon(new Show($region->units(), locale: $language)))->finding($verdict->finding);
                    $all = implode(' ', [$said->title, $said->message, $said->remedy, $said->source]);
                    self::assertDoesNotMatchRegularExpression('/(?<![\w}]):[a-z]|\b(findings|kinds|settings|months|regions)\./i', $all);
                    if ($region->units() !== Units::Metric) {
                        self::assertDoesNotMatchRegularExpression(
                            '/\d\x{202f}(kg|mm²|mm|°C)\b/u',
                            $said->title . $said->message,
                            'metric in a region that does not read it',
                        );
                    }
                }
            }
        }
    }

    public function testNumbersPluralsAndListsAreWrittenAsTheReaderReadsThem(): void
    {
        $in = static fn(string $language, Units $units = Units::Metric): Lexicon => new Lexicon(new Show($units, locale: $language));
        $nights = static fn(int $months): Word => Word::of(
            'findings.phrases.nights-below',
            ['floor' => Amount::of(0.0, '°C', 0), 'months' => $months],
        );
        self::assertSame("Nights below 0\u{202F}°C in one travelled month", $in('en')->said($nights(1)));
        self::assertSame("Nächte unter 0\u{202F}°C in 4 Reisemonaten", $in('de')->said($nights(4)));
        self::assertSame("Nights below 32\u{202F}°F in 4 travelled months", $in('en', Units::UsCustomary)->said($nights(4)));
        self::assertSame("1\u{202F}234,5\u{202F}Wh", $in('de')->said(Amount::of(1234.5, 'Wh', 1)));
        self::assertSame('a, b und c', $in('de')->said(['a', 'b', 'c']));
        self::assertSame(['', 'a'], [$in('en')->said([]), $in('en')->said(['a'])]);
        // A text that somebody typed is shown as typed, even if it looks like a slot.
        $finding = new Finding('label-misleads', Severity::Note, ['part' => 'Switch', 'says' => '{feeds}', 'feeds' => 'Heater']);
        self::assertStringContainsString('says “{feeds}” and feeds “Heater”', $in('en')->finding($finding)->message);
    }

    /** An answer was given to figures: other words, another language or other units never ask again, another figure does. */
    public function testWordsAreNoPartOfAQuestion(): void
    {
        $system = static fn(array $travel): System => JobFile::fromArray(
            array_replace_recursive(
                json_decode((string) file_get_contents(dirname(__DIR__) . '/files/v1/library-trailer.json'), true),
                ['travel' => $travel],
            ),
        );
        $prints = static fn(System $s): array => array_column(
            array_map(static fn($v): array => [$v->finding->key(), $v->finding->fingerprint()], Study::of($s)->assessment()->verdicts),
            1,
            0,
        );
        $before = $prints($system([]));
        foreach ($before as $print) {
            self::assertDoesNotMatchRegularExpression('/[a-z]{3,} [a-z]/', $print, 'words in ' . $print);
        }
        $after = $prints($system(['wish_days' => 3]));
        self::assertNotSame($before['short-of-wish'], $after['short-of-wish']);
        unset($before['short-of-wish'], $after['short-of-wish']);
        self::assertSame($before, $after);
    }
}
