<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** The database server is ended with SIGKILL in the middle of a stream of writes; what was acknowledged is there afterwards. */
final class DurabilityTest extends TestCase
{
    private function writer(string $what): Process
    {
        $process = new Process(
            [PHP_BINARY, dirname(__DIR__) . '/outside/writer.php', $what],
            null,
            ['DB_DATABASE' => 'pebblefell_crash', 'APP_ENV' => 'testing', 'LOG_CHANNEL' => 'null'],
        );
        $process->setTimeout(120);

        return $process;
    }

    public function testEveryAcknowledgedWriteOutlivesTheServersDeath(): void
    {
        $root = (string) getenv('PEBBLEFELL_ROOT');
        $pidFile = getenv('PEBBLEFELL_RUN') . '/mariadb.pid';
        self::assertFileExists($pidFile, 'run through ./pebblefell test');
        $database = static fn(string $sql): int => (new Process(['mariadb', '--no-defaults', '--socket=' . self::env('DB_SOCKET'), '--user=' . self::env('DB_USERNAME'), '--password=' . self::env('DB_PASSWORD'), '-e', $sql]))->mustRun()->getExitCode() ?? 1;
        $database('CREATE DATABASE IF NOT EXISTS pebblefell_crash');
        $this->writer('prepare')->mustRun();

        $writer = $this->writer('write');
        $writer->start();
        while ($writer->isRunning() && substr_count($writer->getOutput(), "\n") < 150) {
            usleep(5_000);
        }
        $pid = (int) file_get_contents($pidFile);
        posix_kill($pid, SIGKILL);
        $writer->wait();
        // The writer's loop has no end of its own: that it ended is that its server died.
        $acknowledged = preg_grep('/^\d+ \d+$/', explode("\n", $writer->getOutput())) ?: [];
        self::assertGreaterThanOrEqual(150, count($acknowledged));

        while (is_dir("/proc/$pid")) {
            usleep(20_000);
        }
        (new Process(["$root/pebblefell", 'database', 'start'], null, null, null, 120))->mustRun();
        $present = array_filter(explode("\n", $this->writer('read')->mustRun()->getOutput()));
        self::assertSame([], array_diff($acknowledged, $present), 'an acknowledged write is gone');
        self::assertLessThanOrEqual(1, count(array_diff($present, $acknowledged)), 'at most the one in flight is there besides');
    }

    private static function env(string $key): string
    {
        preg_match('/^' . $key . '=(.*)$/m', (string) file_get_contents(getenv('PEBBLEFELL_INSTANCE') . '/.env'), $m);

        return $m[1] ?? '';
    }
}
