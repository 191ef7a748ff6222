<?php

declare(strict_types=1);

namespace Tests\Core\Architecture;

use PHPUnit\Framework\TestCase;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;
use Symfony\Component\Process\Process;

/** The guards of the house do bark: a class that breaks its rules is named for each of them. */
final class GuardTest extends TestCase
{
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
        foreach (['should not depend on Pebblefell\System\System', 'should not depend on App\Models\Job', 'should not depend on Illuminate\Support\Str', 'no output', 'no time()', 'no random_int()', 'no file_get_contents()'] as $fault) {
            self::assertStringContainsString($fault, $said);
        }
    }

    /** Where a data sheet is silent, one room says what is usual; nobody else fills a gap. */
    public function testGapsAreFilledInOneRoom(): void
    {
        $filled = [];
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 3) . '/core', RecursiveDirectoryIterator::SKIP_DOTS)) as $file) {
            assert($file instanceof SplFileInfo);
            $code = (string) file_get_contents($file->getPathname());
            if (!str_contains($file->getPathname(), '/System/Sheet/') && preg_match('/->(?:number|figure|text|flag)\([^()]*\)\s*\?\?/', $code) === 1) {
                $filled[] = $file->getFilename();
            }
        }
        self::assertSame([], $filled);
    }
}
