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
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 3) . '/core', RecursiveDirectoryIterator::SKIP_DOTS),
        ) as $file) {
            assert($file instanceof SplFileInfo);
            $code = (string) file_get_contents($file->getPathname());
            if (!str_contains($file->getPathname(), '/System/Sheet/') && preg_match(
                '/->(?:number|figure|text|flag)\([^()]*\)\s*\?\?/',
                $code,
            ) === 1) {
                $filled[] = $file->getFilename();
            }
        }
        self::assertSame([], $filled);
    }

    /** A view shows what a page object answers: it holds no program and names no class. */
    public function testViewsHoldNoPrograms(): void
    {
        $programs = $long = [];
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 3) . '/resources/views', RecursiveDirectoryIterator::SKIP_DOTS),
        ) as $file) {
            assert($file instanceof SplFileInfo);
            foreach (explode("\n", (string) file_get_contents($file->getPathname())) as $n => $line) {
                $where = $file->getFilename() . ':' . ($n + 1);
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
        foreach (new RecursiveIteratorIterator(
            new RecursiveDirectoryIterator(dirname(__DIR__, 3) . '/core', RecursiveDirectoryIterator::SKIP_DOTS),
        ) as $file) {
            assert($file instanceof SplFileInfo);
            foreach (token_get_all((string) file_get_contents($file->getPathname())) as $token) {
                if (is_array($token) && $token[0] === T_CONSTANT_ENCAPSED_STRING && preg_match(
                    '/[a-z]{3,} [a-z]{2,} [a-z]{2,}/i',
                    $token[1],
                ) === 1) {
                    $said[] = $file->getFilename() . ': ' . $token[1];
                }
            }
        }
        self::assertSame([], $said);
    }

    /** What is wider than this is not read. */
    public function testLinesAreShort(): void
    {
        $long = [];
        foreach (['core', 'app'] as $of) {
            foreach (new RecursiveIteratorIterator(
                new RecursiveDirectoryIterator(dirname(__DIR__, 3) . "/$of", RecursiveDirectoryIterator::SKIP_DOTS),
            ) as $file) {
                assert($file instanceof SplFileInfo);
                foreach (explode("\n", (string) file_get_contents($file->getPathname())) as $n => $line) {
                    if (mb_strlen($line) > 140) {
                        $long[] = $file->getFilename() . ':' . ($n + 1);
                    }
                }
            }
        }
        self::assertSame([], $long);
    }
}
