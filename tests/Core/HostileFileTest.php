<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Schema\SchemaCheck;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Sample;

/**
 * A job file in which one thing is wrong: refused with a path that leads to it, or taken in as a model that can be judged and written
 * again. Never an error of the program.
 */
#[Group('sampled')]
final class HostileFileTest extends TestCase
{
    /**
     * @return iterable<string, array{string}>
     */
    public static function files(): iterable
    {
        foreach (glob(dirname(__DIR__) . '/files/v1/*.json') ?: [] as $path) {
            yield basename($path, '.json') => [$path];
        }
    }

    /**
     * @param list<string|int> $way so far
     *
     * @return list<list<string|int>> ways to every value of a tree, its branches too
     */
    private static function ways(mixed $tree, array $way = []): array
    {
        $ways = $way === [] ? [] : [$way];
        foreach (is_array($tree) ? $tree : [] as $key => $value) {
            foreach (self::ways($value, [...$way, $key]) as $further) {
                $ways[] = $further;
            }
        }

        return $ways;
    }

    /**
     * @param array<mixed>     $tree
     * @param list<string|int> $way
     *
     * @return array<mixed>
     */
    private static function changed(array $tree, array $way, mixed $value): array
    {
        $at = &$tree;
        foreach ($way as $step) {
            $at = &$at[$step];
        }
        $at = $value;

        return $tree;
    }

    /**
     * @param array<mixed>     $tree
     * @param list<string|int> $way
     *
     * @return array<mixed>
     */
    private static function without(array $tree, array $way): array
    {
        $last = array_pop($way);
        $at = &$tree;
        foreach ($way as $step) {
            $at = &$at[$step];
        }
        unset($at[$last]);
        if (is_int($last)) {
            $at = array_values($at);
        }

        return $tree;
    }

    /**
     * @param array<mixed> $tree
     *
     * @return ?string the path of the refusal, or null for a model that was judged and written
     */
    private static function taken(array $tree): ?string
    {
        static $schema = null;
        $schema ??= json_decode((string) file_get_contents(dirname(__DIR__, 2) . '/docs/job.schema.json'));
        // PHP's empty list stands for an empty object too: where the schema asks for an object, it gets one.
        $text = (string) json_encode($tree, JSON_PARTIAL_OUTPUT_ON_ERROR);
        $text = (string) preg_replace('/"(data|origins|hours|lengths|days|settings_of|measured)":\[\]/', '"$1":{}', $text);
        $value = json_decode($text);
        $faults = SchemaCheck::faults($value, $schema);
        if ($faults !== []) {
            return $faults[0]['path'];
        }
        try {
            $system = JobFile::fromArray(json_decode((string) json_encode($value), true));
        } catch (InvalidValue $e) {
            return $e->path;
        }
        foreach (Study::of($system)->assessment()->verdicts as $verdict) {
            self::assertNotSame('', $verdict->finding->key());
        }
        $again = JobFile::fromArray(json_decode(JobFile::encode($system), true));
        self::assertSame(JobFile::encode($system), JobFile::encode($again));

        return null;
    }

    #[DataProvider('files')]
    public function testOneWrongThingIsRefusedOrHarmless(string $path): void
    {
        $tree = json_decode((string) file_get_contents($path), true);
        self::assertNull(self::taken($tree));
        $bad = [
            null, '', 'true', true, -1, 0, 1e300, [], ['x'], '__proto__', 'p1', "\u{202E}", str_repeat('x', 5000), 12.5, '12',
            '../../etc', 'p1.plus', 'NaN',
        ];
        $ways = self::ways($tree);
        $refused = $harmless = 0;
        $rounds = Sample::many(15, 50);
        mt_srand(crc32($path) + (Sample::isLong() ? 0 : Sample::seed()));
        for ($n = 0; $n < $rounds; ++$n) {
            $way = $ways[mt_rand(0, count($ways) - 1)];
            $wrong = $n % 5 === 0 ? self::without($tree, $way) : self::changed($tree, $way, $bad[mt_rand(0, count($bad) - 1)]);
            $fault = self::taken($wrong);
            $fault === null ? ++$harmless : ++$refused;
            if ($fault !== null && $n % 5 !== 0) {
                // The path leads to the thing, to what holds it, or to what refers to it.
                self::assertStringStartsWith('/', $fault);
            }
        }
        self::assertGreaterThan(intdiv($rounds, 8), $refused, 'SAMPLE_SEED=' . Sample::seed());
        self::assertTrue(!Sample::isLong() || $harmless > 0);
    }

    #[DataProvider('files')]
    public function testEveryReferenceIsHeldToWhatIsThere(string $path): void
    {
        $tree = json_decode((string) file_get_contents($path), true);
        $points = [];
        foreach ($tree['conductors'] as $i => $conductor) {
            $points[] = [['conductors', $i, 'from'], "/conductors/$i/from"];
            $points[] = [['conductors', $i, 'to'], "/conductors/$i/to"];
        }
        foreach ($tree['signals'] ?? [] as $i => $signal) {
            $points[] = [['signals', $i, 'from'], "/signals/$i/from"];
        }
        foreach ($tree['settings'] ?? [] as $i => $setting) {
            $points[] = [['settings', $i, 'part'], "/settings/$i/part"];
        }
        foreach ($tree['measurements'] ?? [] as $i => $measurement) {
            $points[] = [['measurements', $i, 'part'], "/measurements/$i/part"];
        }
        foreach (Sample::some($points, 8) as [$way, $fault]) {
            foreach (['p999', 'p999.plus', 'p1.nowhere', '.'] as $wrong) {
                self::assertStringStartsWith(
                    $fault,
                    (string) self::taken(self::changed($tree, $way, $wrong)),
                    json_encode($way) . " = $wrong",
                );
            }
        }
        // A part that others refer to cannot just be left out.
        foreach ($tree['conductors'] as $conductor) {
            [$uid] = explode('.', $conductor['from']);
            $index = array_search($uid, array_column($tree['parts'], 'uid'), true);
            if ($index !== false) {
                self::assertNotNull(self::taken(self::without($tree, ['parts', $index])));
                break;
            }
        }
        self::assertNotNull(
            self::taken(self::changed($tree, ['parts'], [...$tree['parts'], $tree['parts'][0] ?? ['uid' => 'x']])),
            'one uid twice',
        );
    }
}
