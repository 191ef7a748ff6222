<?php

declare(strict_types=1);

namespace Tests\Live;

use DOMElement;
use DOMXPath;

/**
 * Nothing typed may break it: every form and every query of the demo's pages gets bad values in one field after the other, seeded. Nothing
 * answers with 5xx, and afterwards every page still opens.
 */
final class FuzzTest extends TestCase
{
    private const SEED = 63;

    /** Pages walked at most. */
    private const PAGES = 260;

    /** Requests, if FUZZ does not say. */
    private const REQUESTS = 1000;

    /** What would end the walk itself: signing out, one's own password and account, a whole job. */
    private const NOT = '~^/(sign-out|password|accounts|jobs/\d+$)~';

    private Person $person;

    /** @var array<string, true> paths of pages that opened */
    private array $pages = [];

    /** @var array<string, array{method: string, path: string, fields: array<array-key, string>, files: list<string>, from: string}> */
    private array $forms = [];

    public function testNothingTypedBreaksIt(): void
    {
        $this->person = self::person('Fuzz Person', 'office,planner,technician');
        $this->walk();
        self::assertGreaterThan(80, count($this->pages));
        self::assertGreaterThan(150, count($this->forms));
        $broken = $this->throwAt((int) (getenv('FUZZ') ?: self::REQUESTS));
        fwrite(
            STDERR,
            sprintf("%d pages, %d forms and queries; answers %s\n", count($this->pages), count($this->forms), json_encode($this->answers)),
        );
        self::assertSame([], $broken, count($broken) . " requests were answered with 5xx. From the log:\n" . self::log());
        $lost = [];
        foreach (array_keys($this->pages) as $path) {
            $status = $this->person->get($path)->getStatusCode();
            // What was deleted by a well-formed request is gone; a page that was there must not be broken.
            if ($status >= 500 || $status === 409) {
                $lost[$path] = $status;
            }
        }
        self::assertSame([], $lost, 'pages lost');
        self::assertSame(200, $this->person->get('/')->getStatusCode());
    }

    /** @var array<int, int> how many by status */
    private array $answers = [];

    private function walk(): void
    {
        $queue = ['/'];
        for ($i = 0; $i < count($queue) && count($this->pages) < self::PAGES; ++$i) {
            $path = $queue[$i];
            if (isset($this->pages[$path])) {
                continue;
            }
            $answer = $this->person->get($path);
            if ($answer->getStatusCode() >= 300 && $answer->getStatusCode() < 400) {
                $queue[] = $this->local($answer->getHeaderLine('Location')) ?? '/';
                continue;
            }
            self::assertLessThan(500, $answer->getStatusCode(), "$path before anything was sent");
            if ($answer->getStatusCode() !== 200 || !str_contains($answer->getHeaderLine('Content-Type'), 'html')) {
                continue;
            }
            $this->pages[$path] = true;
            $page = $this->person->parse((string) $answer->getBody());
            foreach ($page->query('//a[@href]') ?: [] as $a) {
                assert($a instanceof DOMElement);
                $next = $this->local($a->getAttribute('href'));
                if ($next !== null && !str_contains($next, '/live')) {
                    $queue[] = $next;
                    $this->asQuery($next);
                }
            }
            foreach ($page->query('//form') ?: [] as $form) {
                assert($form instanceof DOMElement);
                $this->form($page, $form, $path);
            }
        }
    }

    private function form(DOMXPath $page, DOMElement $form, string $from): void
    {
        $path = $this->local($form->getAttribute('action') ?: $from);
        if ($path === null || preg_match(self::NOT, $path) === 1 && $form->getAttribute('method') === 'post') {
            return;
        }
        $fields = $files = [];
        $method = strtoupper($form->getAttribute('method') ?: 'get');
        foreach ($page->query('.//input[@name] | .//select[@name] | .//textarea[@name] | .//button[@name]', $form) ?: [] as $field) {
            assert($field instanceof DOMElement);
            $name = $field->getAttribute('name');
            if ($name === '_method') {
                $method = strtoupper($field->getAttribute('value'));
            } elseif ($field->getAttribute('type') === 'file') {
                $files[] = $name;
            } elseif ($name !== '_token' && ($field->getAttribute('type') !== 'checkbox' || $field->hasAttribute('checked'))) {
                $fields[$name] = $field->nodeName === 'select'
                    ? $page->evaluate(
                        'string((.//option[@selected] | .//option[not(../option[@selected])])[1]/@value)',
                        $field,
                    ) : ($field->nodeName === 'textarea' ? (string) $field->textContent : $field->getAttribute('value'));
            }
        }
        if ($fields !== [] || $files !== []) {
            // One of a kind from each job is enough: the rows of a long list have the same form.
            $this->forms[$method . ' ' . preg_replace(
                '~(?<=/)\d+(?=/|$)~',
                '#',
                $path,
            ) . ' ' . implode(',', array_keys($fields)) . (preg_match('~^/jobs/(\d+)~', $path, $m) === 1 ? $m[1] : '')]
                = ['method' => $method, 'path' => $path, 'fields' => $fields, 'files' => $files, 'from' => $from];
        }
    }

    /** A link that asks something is a form, too. */
    private function asQuery(string $path): void
    {
        parse_str((string) parse_url($path, PHP_URL_QUERY), $query);
        $fields = array_map(strval(...), array_filter($query, is_scalar(...)));
        if ($fields !== [] && !isset($fields['signature'])) {
            $bare = (string) parse_url($path, PHP_URL_PATH);
            $this->forms["GET $bare?" . implode(',', array_keys($fields))] = [
                'method' => 'GET', 'path' => $bare, 'fields' => $fields, 'files' => [], 'from' => '/',
            ];
        }
    }

    /**
     * @return list<string> requests that were answered with 5xx
     */
    private function throwAt(int $requests): array
    {
        mt_srand(self::SEED);
        $forms = array_values($this->forms);
        $bad = self::bad();
        $broken = [];
        for ($n = 0; $n < $requests; ++$n) {
            $form = $forms[mt_rand(0, count($forms) - 1)];
            $names = [...array_keys($form['fields']), ...$form['files']];
            $name = (string) $names[mt_rand(0, count($names) - 1)];
            $value = $bad[mt_rand(0, count($bad) - 1)];
            $answer = $this->sent($form, $name, $value);
            $this->answers[$answer] = 1 + ($this->answers[$answer] ?? 0);
            if ($answer >= 500) {
                $broken[] = "$answer {$form['method']} {$form['path']} $name=" . substr(
                    (string) json_encode($value, JSON_INVALID_UTF8_SUBSTITUTE),
                    0,
                    60,
                );
            }
        }

        return $broken;
    }

    /**
     * @param array{method: string, path: string, fields: array<array-key, string>, files: list<string>, from: string} $form
     */
    private function sent(array $form, string $name, mixed $value): int
    {
        $query = self::nested([...$form['fields'], $name => $value]);
        if ($form['method'] === 'GET') {
            return $this->person->get($form['path'] . '?' . http_build_query($query))->getStatusCode();
        }
        if ($form['files'] !== []) {
            $parts = [];
            foreach ($form['fields'] as $key => $text) {
                $parts[] = ['name' => (string) $key, 'contents' => (string) $key === $name && is_string($value) ? $value : $text];
            }
            foreach ($form['files'] as $file) {
                $parts[] = [
                    'name' => $file, 'contents' => is_string($value) ? $value : (string) json_encode($value), 'filename' => 'bad.csv',
                ];
            }

            return $this->person->upload($form['path'], $parts)->getStatusCode();
        }

        return $this->person->send($form['method'], $form['path'], $query, $form['from'])->getStatusCode();
    }

    /** What stands in the server's log, first lines of each error. */
    private static function log(): string
    {
        $lines = preg_grep(
            '/\.ERROR: /',
            explode("\n", (string) @file_get_contents(getenv('PEBBLEFELL_INSTANCE') . '/storage/logs/pebblefell.log')),
        ) ?: [];

        return implode("\n", array_map(static fn(string $l): string => substr($l, 0, 700), array_slice($lines, 0, 12)));
    }

    /**
     * Form names ("hours[s1]") as the nested values that they mean.
     *
     * @param array<string, mixed> $fields
     *
     * @return array<array-key, mixed>
     */
    private static function nested(array $fields): array
    {
        $nested = [];
        foreach ($fields as $name => $value) {
            $steps = explode('[', str_replace(']', '', (string) $name));
            $at = &$nested;
            foreach ($steps as $step) {
                $at = is_array($at) ? $at : [];
                if ($step === '') {
                    $step = count($at);
                }
                $at = &$at[$step];
            }
            $at = $value;
            unset($at);
        }

        return $nested;
    }

    /**
     * @return list<mixed>
     */
    private static function bad(): array
    {
        return [
            '', ' ', 'true', 'null', '0', '-0', '-1', '1e309', '-1e309', '1e400000', 'NaN', 'INF', '0x1A', '12,5', '1.2.3', '٣',
            str_repeat('9', 40), '99999999999', '4294967296', '-2147483649',
            str_repeat('x', 70_000), "\0", "a\0b", "\xED\xA0\x80", "\xFF\xFE\x00a", "a\x1Bb", '<script>alert(1)</script>',
            "'; DROP TABLE jobs; --", '../../../etc/passwd', '{{7*7}}', '%00', '%s%n',
            'p9999', 'p1.nowhere', 's9999', 'p1.plus', '..', '.', '2026-13-45', '25:99-3', '7 till late', '[]', '{}', '{"a":', 'ÄÖ☃ 𝄞',
            "\u{202E}abc", ['x'], ['a' => ['b' => ['c' => '1']]], [], [['']],
            "name,side,watts\n\"unclosed,dc,1", "kind\nbattery,\"", "\xFF\xFEn\0a\0m\0e\0", str_repeat("a,b\n", 3000),
        ];
    }

    private function local(string $href): ?string
    {
        $href = str_starts_with($href, self::url()) ? substr($href, strlen(self::url())) : $href;
        $href = (string) preg_replace('/#.*/', '', $href === '' ? '/' : $href);

        return str_starts_with($href, '/') && !str_starts_with($href, '//') && !str_starts_with($href, '/build/') ? $href : null;
    }
}
