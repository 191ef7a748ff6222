<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use App\Models\Role;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Illuminate\Support\Facades\DB;
use Masterminds\HTML5;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * What holds for every page of the demo, whoever reads it: sound HTML, links that open, words for people, and no more queries for more
 * rows.
 */
final class EveryPageTest extends TestCase
{
    /** Most pages that one walk opens. */
    private const MOST = 140;

    protected function setUp(): void
    {
        parent::setUp();
        DemoShop::lay($this);
    }

    /**
     * Every page that is reached from the Yard, by path; rows of one kind count once a job.
     *
     * @return iterable<string, array{DOMXPath, string}>
     */
    private function walk(): iterable
    {
        $queue = ['/'];
        $seen = $kinds = [];
        for ($i = 0; $i < count($queue) && count($seen) < self::MOST; ++$i) {
            $path = $queue[$i];
            $kind = (string) preg_replace(['~\d+~', '~=[^&]*~'], ['#', '='], $path);
            if (isset($seen[$path]) || ($kinds[$kind] ?? 0) >= 12) {
                continue;
            }
            $kinds[$kind] = 1 + ($kinds[$kind] ?? 0);
            $answer = $this->get($path);
            $seen[$path] = true;
            if ($answer->isRedirection()) {
                $queue[] = (string) parse_url((string) $answer->headers->get('Location'), PHP_URL_PATH);
                continue;
            }
            self::assertSame(200, $answer->status(), "$path is linked and does not open");
            if (!str_contains((string) $answer->headers->get('Content-Type'), 'html')) {
                continue;
            }
            $html = (string) $answer->getContent();
            $document = (new HTML5(['disable_html_ns' => true]))->loadHTML($html);
            assert($document instanceof DOMDocument);
            $page = new DOMXPath($document);
            yield $path => [$page, $html];
            foreach (self::all($page, '//a[@href]') as $a) {
                $url = parse_url($a->getAttribute('href'));
                if (($url['host'] ?? 'localhost') === 'localhost' || ($url['host'] ?? '') === '127.0.0.1') {
                    if (($url['path'] ?? '') !== '' && !in_array($url['scheme'] ?? 'http', ['mailto', 'tel'], true)) {
                        $queue[] = $url['path'] . (isset($url['query']) ? '?' . $url['query'] : '');
                    }
                }
            }
        }
    }

    /**
     * @return list<DOMElement>
     */
    private static function all(DOMXPath $page, string $xpath, ?DOMElement $in = null): array
    {
        return array_values(
            array_filter(iterator_to_array($page->query($xpath, $in) ?: []), static fn($n): bool => $n instanceof DOMElement),
        );
    }

    /**
     * @return iterable<string, array{Role}>
     */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    #[DataProvider('roles')]
    public function testEveryLinkThatIsShownOpensForWhoeverSeesIt(Role $role): void
    {
        $this->actingAs($this->user($role));
        $pages = 0;
        foreach ($this->walk() as $path => [$page]) {
            ++$pages;
            // What is offered as a button may be pressed: no form is shown that the role's policy shuts.
            foreach ($path === '/components' ? [] : self::all($page, '//main//form[@method="post"]') as $form) {
                $action = (string) parse_url($form->getAttribute('action'), PHP_URL_PATH);
                $method = strtoupper($page->evaluate('string(.//input[@name="_method"]/@value)', $form) ?: 'post');
                if ($page->evaluate('count(.//button[not(@disabled)])', $form) > 0 && !isset($tried["$method $action"])) {
                    $tried["$method $action"] = true;
                    DB::beginTransaction();
                    $status = $this->call($method, $action, [], [], [], ['HTTP_ACCEPT' => 'text/html'])->status();
                    DB::rollBack();
                    self::assertNotContains($status, [403, 404, 405, 500], "$method $action, offered on $path");
                }
            }
        }
        self::assertGreaterThan(80, $pages);
    }

    public function testEveryPageIsSoundHtml(): void
    {
        $this->actingAs($this->user(Role::Office, Role::Planner, Role::Technician));
        foreach ($this->walk() as $path => [$page]) {
            $ids = array_map(static fn(DOMElement $e): string => $e->getAttribute('id'), self::all($page, '//*[@id]'));
            self::assertSame(
                [],
                array_keys(array_filter(array_count_values($ids), static fn(int $n): bool => $n > 1)),
                "$path: ids that stand twice",
            );
            foreach (['for', 'aria-describedby', 'aria-labelledby', 'aria-controls', 'form', 'list', 'headers'] as $attribute) {
                foreach (self::all($page, "//*[@$attribute]") as $element) {
                    foreach (preg_split('/\s+/', trim($element->getAttribute($attribute))) ?: [] as $id) {
                        self::assertContains($id, $ids, "$path: $attribute of a {$element->nodeName} points at nothing");
                    }
                }
            }
            self::assertCount(1, self::all($page, '//main'), $path);
            self::assertCount(1, self::all($page, '//h1'), "$path: one heading names the page");
            self::assertNotSame('', trim($page->evaluate('string(//title)')), $path);
            self::assertSame([], self::all($page, '//form//form'), "$path: a form in a form");
            self::assertSame(
                [],
                self::all($page, '//p//div | //button//a | //a//a | //a//button | //button//button'),
                "$path: what may not stand in one another",
            );
            foreach (self::all(
                $page,
                '//main//input[not(@type="hidden") and not(@type="submit")] | //main//select | //main//textarea',
            ) as $field) {
                $id = $field->getAttribute('id');
                $named = $field->hasAttribute('aria-label') || $field->hasAttribute('aria-labelledby')
                    || self::all($page, "//label[@for='$id']") !== [] || $page->evaluate('count(ancestor::label)', $field) > 0;
                self::assertTrue($named, "$path: the field {$field->getAttribute('name')} has no name");
            }
            foreach (self::all($page, '//button | //a[@href]') as $element) {
                self::assertNotSame(
                    '',
                    trim(
                        (string) $element->textContent . $element->getAttribute('aria-label') . $page->evaluate(
                            'string(.//@aria-label)',
                            $element,
                        ),
                    ),
                    "$path: a {$element->nodeName} without words",
                );
            }
            foreach (self::all($page, '//table') as $table) {
                self::assertNotSame([], self::all($page, './/th', $table), "$path: a table without headings");
            }
            foreach (self::all($page, '//main//*[local-name()="svg"][@role="img"]') as $drawing) {
                self::assertNotSame(
                    '',
                    trim($drawing->getAttribute('aria-label') . $page->evaluate('string(.//*[local-name()="title"])', $drawing)),
                    "$path: a drawing without a name",
                );
            }
            foreach (self::all($page, '//form[translate(@method,"POST","post")="post"]') as $form) {
                self::assertNotSame([], self::all($page, './/input[@name="_token"]', $form), "$path: a form without its token");
            }
        }
    }

    public function testEveryPageSpeaksToPeople(): void
    {
        $this->actingAs($this->user(Role::Office, Role::Planner, Role::Technician));
        foreach ($this->walk() as $path => [$page, $html]) {
            self::assertDoesNotMatchRegularExpression('/\b(NAN|INF)\b|Undefined|Stack trace|\bArray\b\s*\(/', $html, $path);
            $text = '';
            foreach ($page->query(
                '//main//text()[not(ancestor::script) and not(ancestor::style) and not(ancestor::code)]',
            ) ?: [] as $node) {
                $text .= ' | ' . trim((string) $node->nodeValue);
            }
            // No key, no slot, no name of a row, no word doubled, no full stop after another.
            foreach ([
                '/\b(findings|kinds|settings|stages|history|validation|regions|months)\.[a-z_]+/', '/(?<![\w:\/]):[a-z]{3,}\b|\{[A-Za-z_]+\}/',
                '/\b[a-z]+_[a-z]+(_[a-z]+)*\b(?!\.)/', '/\b(\w{3,}) \1\b(?! [–-])/i', '/[?!.]\.(?!\.)/', '/(?<=[^\s|])\s[,;](?=\s)/',
            ] as $pattern) {
                preg_match_all($pattern, $text, $found);
                $found = array_diff(array_unique($found[0]), ['had had', 'that that']);
                self::assertSame([], array_values($found), "$path: $pattern");
            }
        }
    }

    /** Whatever is edited on a page was seen in some state: sent from an older page it is refused, and the row stands as it was. */
    public function testEveryFormThatEditsARowIsHeldToTheStateItShowed(): void
    {
        $this->actingAs($this->user(Role::Office, Role::Planner, Role::Technician));
        $tried = [];
        foreach ($this->walk() as $path => [$page]) {
            foreach (self::all($page, '//form[.//input[@name="lock_version"]]') as $form) {
                $action = (string) parse_url($form->getAttribute('action'), PHP_URL_PATH);
                $method = strtoupper($page->evaluate('string(.//input[@name="_method"]/@value)', $form) ?: 'post');
                $kind = $method . preg_replace('~\d+~', '#', $action);
                if (($tried[$kind] ?? 0) >= 2) {
                    continue;
                }
                $fields = (new Page((string) $form->ownerDocument?->saveHTML($form)))->form($action);
                if ((int) ($fields['lock_version'] ?? 0) < 1) {
                    continue;
                }
                $tried[$kind] = 1 + ($tried[$kind] ?? 0);
                $text = array_key_first(
                    array_filter(
                        $fields,
                        static fn(string $v, string $k): bool => in_array($k, ['name', 'title', 'note', 'place', 'caption', 'model'], true),
                        ARRAY_FILTER_USE_BOTH,
                    ),
                );
                $sent = [
                    ...$fields, 'lock_version' => (string) ((int) $fields['lock_version'] - 1),
                    ...($text === null ? [] : [$text => 'Changed from an older page']),
                ];
                $answer = $this->from($path)->call(
                    'POST',
                    $action,
                    [...Page::nested($sent), '_method' => $method],
                    [],
                    [],
                    ['HTTP_ACCEPT' => 'text/html'],
                );
                self::assertSame(409, $answer->status(), "$method $action, sent from an older $path");
                self::assertSame(
                    0,
                    (int) DB::table('activity_log')->where('properties', 'like', '%Changed from an older page%')->count(),
                    $action,
                );
            }
        }
        self::assertGreaterThan(8, count($tried));
    }

    /** Twice the rows are no more questions to the database: nothing is asked row by row. */
    public function testNoPageAsksTheDatabaseRowByRow(): void
    {
        $this->actingAs($this->user());
        $ask = function (string $path): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $this->get($path)->assertOk();

            return count(DB::getQueryLog());
        };
        $job = Job::query()->withCount('parts')->orderByDesc('parts_count')->firstOrFail();
        $paths = [
            '/',
            '/library',
            '/customers',
            ...array_map(
                static fn(string $s): string => "/jobs/$job->id/$s",
                ['survey', 'loads', 'size', 'sources', 'bank', 'wiring', 'balance', 'settings', 'handover', 'history'],
            ),
        ];
        $before = array_map($ask, array_combine($paths, $paths));
        foreach (Job::query()->with(['parts', 'appliances'])->get() as $each) {
            $file = (string) $this->get("/jobs/$each->id/file")->getContent();
            $this->post('/jobs/import', ['file' => \Illuminate\Http\UploadedFile::fake()->createWithContent('job.json', $file)]);
        }
        foreach (['Lamp', 'Pump', 'Fan', 'Radio'] as $name) {
            $this->appliance($job, ['name' => $name]);
            $this->post(
                "/jobs/$job->id/parts",
                ['kind' => 'busbar', 'count' => 3, 'fate' => 'keep', 'data' => ['rating_a' => '100']],
            )->assertSessionHasNoErrors();
        }
        foreach ($before as $path => $queries) {
            self::assertLessThanOrEqual($queries + 2, $ask($path), "$path with more rows");
            self::assertLessThan(45, $queries, $path);
        }
    }
}
