<?php

declare(strict_types=1);

namespace Tests\Live;

use DOMElement;
use DOMXPath;

/**
 * Every form and every query that a person meets who follows all links: what can be sent, with the values that it is shown with.
 *
 * @phpstan-type Form array{method: string, path: string, fields: array<array-key, string>, files: list<string>, from: string}
 */
final class Forms
{
    /** What would end the walk itself: signing out, one's own password and account, a whole job. */
    private const NOT = '~^/(sign-out|password|accounts|jobs/\d+$)~';

    /** @var array<string, true> paths of pages that opened */
    public array $pages = [];

    /** @var array<string, Form> by what tells one of a kind */
    public array $all = [];

    /** @var list<string> pages that answered with 5xx */
    public array $broken = [];

    private function __construct(private readonly Person $person)
    {
    }

    /** Walks from the Yard, over so many pages at most. */
    public static function walk(Person $person, int $most): self
    {
        $found = new self($person);
        $queue = ['/'];
        for ($i = 0; $i < count($queue) && count($found->pages) < $most; ++$i) {
            if (!isset($found->pages[$queue[$i]])) {
                array_push($queue, ...$found->visit($queue[$i]));
            }
        }

        return $found;
    }

    /**
     * The forms of one page as it is now.
     *
     * @return array<string, Form>
     */
    public static function on(Person $person, string $path): array
    {
        $found = new self($person);
        $found->visit($path);

        return $found->all;
    }

    /**
     * Form names ("hours[s1]") as the nested values that they mean.
     *
     * @param array<array-key, mixed> $fields
     *
     * @return array<array-key, mixed>
     */
    public static function nested(array $fields): array
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
     * @return list<string> where its links lead
     */
    private function visit(string $path): array
    {
        $answer = $this->person->get($path);
        if ($answer->getStatusCode() >= 300 && $answer->getStatusCode() < 400) {
            return [$this->local($answer->getHeaderLine('Location')) ?? '/'];
        }
        if ($answer->getStatusCode() >= 500) {
            $this->broken[] = $answer->getStatusCode() . ' ' . $path;
        }
        if ($answer->getStatusCode() !== 200 || !str_contains($answer->getHeaderLine('Content-Type'), 'html')) {
            return [];
        }
        $this->pages[$path] = true;
        $page = $this->person->parse((string) $answer->getBody());
        $links = [];
        foreach ($page->query('//a[@href]') ?: [] as $a) {
            assert($a instanceof DOMElement);
            $next = $this->local($a->getAttribute('href'));
            if ($next !== null && !str_contains($next, '/live')) {
                $links[] = $next;
                $this->asQuery($next);
            }
        }
        foreach ($page->query('//form') ?: [] as $form) {
            assert($form instanceof DOMElement);
            $this->form($page, $form, $path);
        }

        return $links;
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
            } elseif ($name !== '_token' && (!in_array($field->getAttribute('type'), ['checkbox', 'radio'], true) || $field->hasAttribute('checked'))) {
                $fields[$name] = $field->nodeName === 'select'
                    ? $page->evaluate(
                        'string((.//option[@selected] | .//option[not(../option[@selected])])[1]/@value)',
                        $field,
                    ) : ($field->nodeName === 'textarea' ? (string) $field->textContent : $field->getAttribute('value'));
            }
        }
        if ($fields !== [] || $files !== []) {
            // One of a kind from each job is enough: the rows of a long list have the same form.
            $this->all[$method . ' ' . preg_replace(
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
            $this->all["GET $bare?" . implode(',', array_keys($fields))] = [
                'method' => 'GET', 'path' => $bare, 'fields' => $fields, 'files' => [], 'from' => '/',
            ];
        }
    }

    private function local(string $href): ?string
    {
        $url = (string) getenv('PEBBLEFELL_URL');
        $href = str_starts_with($href, $url) ? substr($href, strlen($url)) : $href;
        $href = (string) preg_replace('/#.*/', '', $href === '' ? '/' : $href);

        return str_starts_with($href, '/') && !str_starts_with($href, '//') && !str_starts_with($href, '/build/') ? $href : null;
    }
}
