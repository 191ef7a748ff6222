<?php

declare(strict_types=1);

namespace Tests\Live;

use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use Tests\Sample;

/**
 * Nothing typed may break it: every form and every query of the demo's pages gets bad values in one field after the other, seeded. Nothing
 * answers with 5xx, and afterwards every page still opens.
 *
 * @phpstan-import-type Form from Forms
 */
#[Group('sampled')]
final class FuzzTest extends TestCase
{
    private const SEED = 63;

    /** Pages walked at most. */
    private const PAGES = 260;

    /** Requests in each role, if FUZZ does not say, in `test` and in `test long`. */
    private const REQUESTS = 250;
    private const ALL_REQUESTS = 5_000;

    private Person $person;

    private Forms $found;

    /** What the demo's pages offer each role at least: pages and forms. */
    #[TestWith(['office', 80, 100])]
    #[TestWith(['planner', 80, 150])]
    #[TestWith(['technician', 80, 80])]
    public function testNothingTypedBreaksIt(string $role, int $pages, int $forms): void
    {
        $this->person = self::person("Fuzz $role", $role);
        $this->found = Forms::walk($this->person, self::PAGES);
        self::assertSame([], $this->found->broken, 'before anything was sent');
        self::assertGreaterThan($pages, count($this->found->pages));
        self::assertGreaterThan($forms, count($this->found->all));
        $broken = $this->throwAt((int) (getenv('FUZZ') ?: Sample::many(self::REQUESTS, self::ALL_REQUESTS)));
        fwrite(
            STDERR,
            sprintf("%s: %d pages, %d forms and queries; answers %s\n", $role, count($this->found->pages), count($this->found->all), json_encode($this->answers)),
        );
        self::assertSame([], $broken, count($broken) . " requests were answered with 5xx. From the log:\n" . self::log());
        $lost = [];
        foreach (array_keys($this->found->pages) as $path) {
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

    /**
     * @return list<string> requests that were answered with 5xx
     */
    private function throwAt(int $requests): array
    {
        mt_srand(self::SEED + (Sample::isLong() ? 0 : Sample::seed()));
        $forms = array_values($this->found->all);
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
     * @param Form $form
     */
    private function sent(array $form, string $name, mixed $value): int
    {
        $query = Forms::nested([...$form['fields'], $name => $value]);
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
}
