<?php

declare(strict_types=1);

namespace Tests\Live;

use DOMDocument;
use DOMXPath;
use GuzzleHttp\Client;
use GuzzleHttp\Cookie\CookieJar;
use Masterminds\HTML5;
use Psr\Http\Message\ResponseInterface;

/** Somebody with a browser: a session, a form token, pages. */
final class Person
{
    private readonly Client $client;

    private readonly CookieJar $jar;

    private string $token = '';

    public function __construct(private readonly string $url, public readonly string $name)
    {
        $this->jar = new CookieJar();
        $this->client = new Client(
            ['base_uri' => $url, 'cookies' => $this->jar, 'http_errors' => false, 'allow_redirects' => false, 'timeout' => 120],
        );
    }

    public function signIn(string $email, string $password): void
    {
        $this->page('/sign-in');
        $this->send('POST', '/sign-in', ['email' => $email, 'password' => $password], '/sign-in');
        $this->page('/password');
    }

    public function get(string $path): ResponseInterface
    {
        return $this->client->get($path, ['headers' => ['Accept' => 'text/html']]);
    }

    /** A page, parsed; its form token is the one that is sent from now on. */
    public function page(string $path): DOMXPath
    {
        return $this->parse((string) $this->get($path)->getBody());
    }

    public function parse(string $html): DOMXPath
    {
        $document = (new HTML5(['disable_html_ns' => true]))->loadHTML($html);
        assert($document instanceof DOMDocument);
        $found = new DOMXPath($document);
        $token = $found->evaluate('string(//input[@name="_token"]/@value)');
        if ($token !== '') {
            $this->token = $token;
        }

        return $found;
    }

    /**
     * @param array<string, mixed> $form
     */
    public function send(string $method, string $path, array $form, string $from = '/'): ResponseInterface
    {
        return $this->client->post(
            $path,
            [
                'headers' => ['Accept' => 'text/html', 'Referer' => $this->url . $from],
                'form_params' => ['_token' => $this->token, '_method' => $method, ...$form],
            ],
        );
    }

    /**
     * @param list<array{name: string, contents: string, filename?: string}> $parts
     */
    public function upload(string $path, array $parts): ResponseInterface
    {
        return $this->client->post(
            $path,
            [
                'headers' => ['Accept' => 'text/html', 'Referer' => $this->url . '/'],
                'multipart' => [['name' => '_token', 'contents' => $this->token], ...$parts],
            ],
        );
    }

    public function token(): string
    {
        return $this->token;
    }

    /**
     * @return array<int, array<string, mixed>>
     */
    public function cookies(): array
    {
        return $this->jar->toArray();
    }
}
