<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Symfony\Component\Process\Process;

/** The guards of the house do bark: a class that breaks its rules is named for each of them. */
final class GuardTest extends TestCase
{
    #[Group('long')]
    public function testATrespasserInCoreIsNoticed(): void
    {
        $process = new Process(
            [
                PHP_BINARY,
                '-d',
                'memory_limit=2G',
                'vendor/bin/phpstan',
                'analyse',
                '-c',
                __DIR__ . '/Fixture/phpstan.neon',
                '--no-progress',
                '--error-format=raw',
            ],
            dirname(__DIR__, 3),
        );
        $process->setTimeout(180);
        $process->run();
        $said = $process->getOutput();
        self::assertSame(1, $process->getExitCode(), $said . $process->getErrorOutput());
        foreach ([
            'should not depend on Pebblefell\System\System', 'should not depend on App\Models\Job',
            'should not depend on Illuminate\Support\Str', 'no output', 'no time()', 'no random_int()', 'no file_get_contents()',
        ] as $fault) {
            self::assertStringContainsString($fault, $said);
        }
    }

    /** Where a data sheet is silent, one room says what is usual; nobody else fills a gap. */
    public function testGapsAreFilledInOneRoom(): void
    {
        $filled = [];
        foreach (self::sources('core') as $path => $code) {
            if (!str_contains($path, '/System/Sheet/') && preg_match('/->(?:number|figure|text|flag)\([^()]*\)\s*\?\?/', $code) === 1) {
                $filled[] = basename($path);
            }
        }
        self::assertSame([], $filled);
    }

    /** A view shows what a page object answers: it holds no program and names no class. */
    public function testViewsHoldNoPrograms(): void
    {
        $programs = $long = [];
        foreach (self::sources('resources/views') as $path => $source) {
            foreach (explode("\n", $source) as $n => $line) {
                $where = basename($path) . ':' . ($n + 1);
                if (preg_match('/@php|Pebblefell\\\\|App\\\\(?!View)|@inject|@use\b/', $line) === 1) {
                    $programs[] = $where;
                }
                if (mb_strlen($line) > 160) {
                    $long[] = $where;
                }
            }
        }
        self::assertSame([[], []], [$programs, $long]);
    }

    /** Core decides with keys: no sentence stands in it but what a programmer reads when a promise is broken. */
    public function testCoreSaysNoSentences(): void
    {
        $said = [];
        foreach (self::sources('core') as $path => $source) {
            foreach (token_get_all($source) as $token) {
                if (is_array($token) && $token[0] === T_CONSTANT_ENCAPSED_STRING && preg_match(
                    '/[a-z]{3,} [a-z]{2,} [a-z]{2,}/i',
                    $token[1],
                ) === 1) {
                    $said[] = basename($path) . ': ' . $token[1];
                }
            }
        }
        self::assertSame([], $said);
    }

    /** A rule asks for a family (`Kind\\Family`), a table stands in the kind's class; only who makes a part of one kind names it. */
    public function testKindsAreNamedWhereAPartIsMade(): void
    {
        $named = [];
        foreach (self::sources('core', 'app') as $path => $source) {
            $count = preg_match_all('/PartKind::[A-Z]/', $source);
            if ($count > 0 && !str_starts_with($path, 'core/System/Kind/')) {
                $named[$path] = $count;
            }
        }
        ksort($named);
        // It may only shrink.
        self::assertSame([
            'app/Actions/Balance/Bench.php' => 1,
            'app/Http/Controllers/LibraryController.php' => 1,
            'app/Http/Requests/LibraryPartRequest.php' => 1,
            'app/Http/Requests/Survey/AddPartsRequest.php' => 1,
            'core/Stage/Bank/BankWiring.php' => 2,
            'core/Stage/Loads/LoadSizing.php' => 1,
            'core/Stage/Size/BankProposal.php' => 2,
            'core/Stage/Size/ChemistryChoice.php' => 1,
            'core/Stage/Size/MapDays.php' => 1,
            'core/Stage/Size/MapUnit.php' => 1,
            'core/Stage/Survey/Typed/TypedLines.php' => 3,
            'core/Stage/Wiring/SoundLayout.php' => 4,
            'core/Stage/Wiring/TapMoved.php' => 1,
            'core/Stage/Wiring/Typed/LeadLines.php' => 4,
        ], $named);
    }

    /** A summary line has a verb and its object. */
    public function testNoSummaryLineBeginsWithWhat(): void
    {
        $begin = [];
        foreach (self::sources('core', 'app') as $path => $source) {
            if (preg_match('~/\*\*\s*\*?\s*What\b~', $source) === 1) {
                $begin[] = $path;
            }
        }
        self::assertSame([], $begin);
    }

    /** What is wider than this is not read. */
    public function testLinesAreShort(): void
    {
        $long = [];
        foreach (self::sources('core', 'app') as $path => $source) {
            foreach (explode("\n", $source) as $n => $line) {
                if (mb_strlen($line) > 140) {
                    $long[] = basename($path) . ':' . ($n + 1);
                }
            }
        }
        self::assertSame([], $long);
    }

    /**
     * @return iterable<string, string> by path from the project's folder
     */
    private static function sources(string ...$folders): iterable
    {
        $root = dirname(__DIR__, 3);
        foreach ($folders as $folder) {
            foreach (new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator("$root/$folder", RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file) {
                assert($file instanceof SplFileInfo);
                yield substr($file->getPathname(), strlen($root) + 1) => (string) file_get_contents($file->getPathname());
            }
        }
    }
}
