<?php

declare(strict_types=1);

namespace Tests\Live;

use Symfony\Component\Process\Process;

/** What a whole machine shows: other accounts of it, programs that are killed, archives that were tampered with, a disk that fills. */
final class HardenedTest extends TestCase
{
    private const BACK_S = 3.0;

    /**
     * @param array<string>         $command
     * @param array<string, string> $with environment
     */
    private static function ran(array $command, array $with = [], int $seconds = 240): Process
    {
        // What phpunit.xml sets is for the tests alone.
        $not = array_fill_keys(['APP_ENV', 'CACHE_STORE', 'SESSION_DRIVER', 'BCRYPT_ROUNDS'], false);
        $process = new Process($command, null, [...$not, 'PEBBLEFELL_INSTANCE' => self::instance(), ...$with], null, $seconds);
        $process->run();

        return $process;
    }

    private static function instance(): string
    {
        return (string) getenv('PEBBLEFELL_INSTANCE');
    }

    private static function tool(string ...$arguments): Process
    {
        return self::ran([getenv('PEBBLEFELL_ROOT') . '/pebblefell', ...$arguments]);
    }

    private static function storage(string $path): string
    {
        return self::instance() . "/storage/$path";
    }

    public function testAnotherAccountOfTheMachineReadsNothing(): void
    {
        if (posix_geteuid() !== 0) {
            self::markTestSkipped('only root can be another account');
        }
        $asNobody = static fn(string ...$command): Process => self::ran(['runuser', '-u', 'nobody', '--', ...$command]);
        $env = (string) file_get_contents(self::instance() . '/.env');
        preg_match('/^DB_SOCKET=(.+)$/m', $env, $socket);
        foreach ([self::instance() . '/.env', self::storage('framework/bootstrap/config.php'), self::storage('logs/pebblefell.log'), self::storage('run/nginx.conf')] as $path) {
            self::assertFalse($asNobody('cat', $path)->isSuccessful(), $path);
        }
        foreach (['app/private', 'framework', 'mariadb', 'run', 'logs'] as $folder) {
            self::assertFalse($asNobody('ls', self::storage($folder))->isSuccessful(), $folder);
        }
        $reach = 'exit(@stream_socket_client("unix://" . $argv[1], $n, $e, 2) === false ? 1 : 0);';
        foreach (array_filter([$socket[1] ?? '', dirname($socket[1] ?? '') . '/php-fpm.sock', dirname($socket[1] ?? '') . '/supervisor.sock']) as $path) {
            self::assertFalse($asNobody('php', '-r', $reach, '--', $path)->isSuccessful(), $path);
        }
        $status = self::tool('status');
        self::assertTrue($status->isSuccessful(), $status->getErrorOutput());
        chmod(self::storage('framework/bootstrap/config.php'), 0o644);
        $status = self::tool('status');
        self::assertStringContainsString('other accounts of this machine may read', $status->getErrorOutput());
        self::assertFalse($status->isSuccessful());
        chmod(self::storage('framework/bootstrap/config.php'), 0o640);
        // Whose copy it is, is said to whoever else runs the command.
        self::assertStringContainsString(
            'belongs to root',
            $asNobody(getenv('PEBBLEFELL_ROOT') . '/pebblefell', 'status')->getErrorOutput(),
        );
    }

    public function testWhatIsKilledIsBackAtOnce(): void
    {
        foreach (['nginx', 'php-fpm', 'mariadb'] as $program) {
            $pid = (int) file_get_contents(self::storage("run/$program.pid"));
            posix_kill($pid, SIGKILL);
            $began = microtime(true);
            do {
                usleep(50_000);
                $answers = @file_get_contents(self::url() . '/sign-in', false, stream_context_create(['http' => ['timeout' => 2]])) !== false
                    && is_file(self::storage("run/$program.pid")) && (int) @file_get_contents(self::storage("run/$program.pid")) !== $pid;
            } while (!$answers && microtime(true) - $began < 20.0);
            self::assertLessThan(self::BACK_S + 2.0, microtime(true) - $began, $program);
        }
        $status = self::tool('status');
        self::assertTrue($status->isSuccessful(), $status->getErrorOutput());
    }

    public function testATamperedArchiveChangesNothingAndRunsNothing(): void
    {
        $archive = sys_get_temp_dir() . '/pebblefell-tampered-' . getmypid() . '.tar.gz';
        self::assertTrue(self::tool('backup', $archive)->isSuccessful());
        self::assertSame('0640', substr(sprintf('%o', fileperms($archive)), -4));
        $mark = sys_get_temp_dir() . '/pebblefell-was-here-' . getmypid();
        $tamper = static function (string $how) use ($archive): string {
            $made = "$archive.bad.tar.gz";
            $script = 'set -e; d=$(mktemp -d); tar -C "$d" -xzf "$1"; cd "$d"; ' . $how
                . '; find . -type f ! -name SHA256SUMS ! -name SEAL -print0 | sort -z | xargs -0 sha256sum >SHA256SUMS; tar -C "$d" -czf "$2" .; rm -rf "$d"';
            (new Process(['bash', '-c', $script, 'tamper', $archive, $made]))->mustRun();

            return $made;
        };
        $refused = static function (string $said, string ...$arguments) use ($mark): void {
            $answer = self::tool('restore', ...$arguments);
            self::assertFalse($answer->isSuccessful(), $said);
            self::assertStringContainsString($said, $answer->getErrorOutput());
            self::assertFileDoesNotExist($mark);
            self::assertNotFalse(@file_get_contents(self::url() . '/sign-in'), 'it goes on serving');
        };
        // Another sum of money in one row: the checksums were made anew, the seal was not.
        $refused('was not sealed', $tamper('echo "-- x" >>database.sql'));
        // Even where somebody trusts it, it runs no command of the shell, and touches no other database.
        $shell = $tamper('{ printf "\\\\! touch ' . $mark . '\n"; cat database.sql; } >d2; mv d2 database.sql');
        $refused('failed', $shell, '--unsealed');
        $refused('failed', $tamper('{ echo "CREATE DATABASE elsewhere;"; cat database.sql; } >d2; mv d2 database.sql'), '--unsealed');
        $refused('plain files and folders', $tamper('ln -s ' . self::instance() . '/.env attachments/link.jpg'), '--unsealed');
        foreach (glob("$archive*") ?: [] as $file) {
            unlink($file);
        }
    }

    /** A real disk, made full: what is refused, what is read, and that it serves again as soon as there is room. */
    public function testADiskThatFillsIsReadAndServesAgain(): void
    {
        $disk = '/tmp/pebblefell-disk-' . getmypid();
        mkdir($disk, 0o755);
        if (posix_geteuid() !== 0 || !self::ran(['mount', '-t', 'tmpfs', '-o', 'size=700m,mode=755', 'tmpfs', $disk])->isSuccessful()) {
            rmdir($disk);
            self::markTestSkipped('no disk can be mounted here');
        }
        $small = static fn(string ...$arguments): Process => self::ran(
            [getenv('PEBBLEFELL_ROOT') . '/pebblefell', ...$arguments],
            ['PEBBLEFELL_INSTANCE' => $disk],
        );
        try {
            $port = (int) self::ran(['php', '-r', '$s = stream_socket_server("tcp://127.0.0.1:0"); echo substr(strrchr(stream_socket_get_name($s, false), ":"), 1);'])->getOutput();
            $start = $small('start', '--empty', '--port', (string) $port);
            self::assertTrue($start->isSuccessful(), $start->getErrorOutput());
            preg_match('/First password: (\S+)/', $small('account', 'a@test.example', 'A')->getOutput(), $m);
            $person = new Person("http://127.0.0.1:$port", 'A');
            $person->signIn('a@test.example', $m[1] ?? '');
            $person->send('PUT', '/password', ['current_password' => $m[1] ?? '', 'password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD], '/password');
            $person->page('/customers');
            $write = static fn(string $name): int => $person->send('POST', '/customers', ['name' => $name], '/customers')->getStatusCode();
            self::assertSame(302, $write('Before'));
            self::assertStringContainsString('Before', (string) $person->get('/customers')->getBody());
            // Below the threshold, then to the last byte.
            (new Process(['fallocate', '-l', (string) ((int) disk_free_space($disk) - 120_000_000), "$disk/ballast"]))->mustRun();
            self::assertSame([507, 200], [$write('Nearly full'), $person->get('/customers')->getStatusCode()]);
            self::assertStringContainsString('nearly full', $small('status')->getErrorOutput());
            (new Process(['bash', '-c', "cat /dev/zero >$disk/rest 2>/dev/null || true"]))->run();
            self::assertSame([507, 200], [$write('Full'), $person->get('/customers')->getStatusCode()]);
            unlink("$disk/rest");
            unlink("$disk/ballast");
            $began = microtime(true);
            while ($write('After') !== 302 && microtime(true) - $began < 20.0) {
                usleep(200_000);
            }
            self::assertLessThan(10.0, microtime(true) - $began);
            fwrite(STDERR, sprintf("A disk that was full: writes again %.1f s after there was room\n", microtime(true) - $began));
            $page = (string) $person->get('/customers')->getBody();
            self::assertStringContainsString('After', $page);
            self::assertDoesNotMatchRegularExpression('/Nearly full|>\s*Full/', $page);
        } finally {
            $small('stop');
            self::ran(['umount', $disk]);
            rmdir($disk);
        }
    }
}
