<?php

declare(strict_types=1);

namespace Tests\Live;

use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use GuzzleHttp\Pool;
use GuzzleHttp\Psr7\Request;
use PHPUnit\Framework\TestCase as BaseTestCase;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Process\Process;
use Throwable;

/** Against the server as it is deployed: nginx, php-fpm, MariaDB, on the demo data. Run by `./pebblefell test live`. */
abstract class TestCase extends BaseTestCase
{
    protected const PASSWORD = 'a-long-enough-secret';

    protected static function url(): string
    {
        return (string) getenv('PEBBLEFELL_URL');
    }

    protected function setUp(): void
    {
        self::assertNotSame('', self::url(), 'run through ./pebblefell test live');
    }

    /** The one command of the instance under test. */
    protected static function pebblefell(string ...$arguments): string
    {
        $process = new Process(
            [getenv('PEBBLEFELL_ROOT') . '/pebblefell', ...$arguments],
            null,
            ['PEBBLEFELL_INSTANCE' => (string) getenv('PEBBLEFELL_INSTANCE')],
            null,
            120,
        );

        return $process->mustRun()->getOutput();
    }

    /** A new account with these roles, signed in, past its first password. */
    protected static function person(string $name, string $roles): Person
    {
        $email = strtolower(str_replace(' ', '.', $name)) . bin2hex(random_bytes(3)) . '@test.example';
        preg_match('/First password: (\S+)/', self::pebblefell('account', $email, $name, $roles), $m);
        $person = new Person(self::url(), $name);
        $person->signIn($email, $m[1] ?? '');
        $person->send(
            'PUT',
            '/password',
            ['current_password' => $m[1] ?? '', 'password' => self::PASSWORD, 'password_confirmation' => self::PASSWORD],
            '/password',
        );

        return $person;
    }

    /**
     * Requests sent at once.
     *
     * @param array<int, array{Person, string, string, array<string, mixed>}> $all who, method, path, form
     *
     * @return array<int, ?ResponseInterface> null where there was no answer
     */
    protected static function atOnce(array $all, int $together = 50): array
    {
        $answers = array_fill_keys(array_keys($all), null);
        $client = new Client(['http_errors' => false, 'allow_redirects' => false, 'timeout' => 120]);
        $requests = static function () use ($all, $client): iterable {
            foreach ($all as $i => [$person, $method, $path, $form]) {
                yield $i => static fn() => $client->sendAsync(new Request(
                    'POST',
                    self::url() . $path,
                    ['Accept' => 'text/html', 'Referer' => self::url() . '/'],
                ), [
                    'cookies' => new CookieJar(false, $person->cookies()), 'form_params' => [
                        '_token' => $person->token(), '_method' => $method, ...$form,
                    ],
                ]);
            }
        };
        (new Pool($client, $requests(), [
            'concurrency' => $together,
            'fulfilled' => static function (ResponseInterface $answer, int $i) use (&$answers): void {
                $answers[$i] = $answer;
            },
            'rejected' => static function (Throwable $why, int $i): void {
            },
        ]))->promise()->wait();

        return $answers;
    }
}
