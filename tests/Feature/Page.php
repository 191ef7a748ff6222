<?php

declare(strict_types=1);

namespace Tests\Feature;

use DOMDocument;
use DOMElement;
use DOMXPath;
use Masterminds\HTML5;

/** A page as a person sees it: its forms with what stands in them, its text. */
final readonly class Page
{
    private DOMXPath $found;

    public function __construct(string $html)
    {
        $document = (new HTML5(['disable_html_ns' => true]))->loadHTML($html);
        assert($document instanceof DOMDocument);
        $this->found = new DOMXPath($document);
    }

    /**
     * What stands in the fields of the form that goes to an address, as a browser would send it.
     *
     * @return array<string, string> by the field's name, as written: "data[watts]"
     */
    public function form(string $action, string $method = ''): array
    {
        foreach ($this->found->query('//form') ?: [] as $form) {
            assert($form instanceof DOMElement);
            $spoofed = $this->found->evaluate('string(.//input[@name="_method"]/@value)', $form);
            if (!str_ends_with(
                (string) parse_url($form->getAttribute('action'), PHP_URL_PATH),
                $action,
            ) || ($method !== '' && strcasecmp($spoofed ?: $form->getAttribute('method'), $method) !== 0)) {
                continue;
            }
            $id = $form->getAttribute('id');
            $fields = [];
            $inside = './/input[@name] | .//select[@name] | .//textarea[@name]';
            $outside = $id === ''
                ? ''
                : " | //input[@name and @form='$id'] | //select[@name and @form='$id'] | //textarea[@name and @form='$id']";
            foreach ($this->found->query($inside . $outside, $form) ?: [] as $field) {
                assert($field instanceof DOMElement);
                if (in_array($field->getAttribute('type'), ['checkbox', 'radio'], true) && !$field->hasAttribute('checked')) {
                    continue;
                }
                $fields[$field->getAttribute('name')] = match ($field->nodeName) {
                    'select' => $this->found->evaluate(
                        'string((.//option[@selected] | .//option[not(../option[@selected])])[1]/@value)',
                        $field,
                    ),
                    'textarea' => (string) $field->textContent,
                    default => $field->getAttribute('value'),
                };
            }
            // A hidden 0 before a ticked box counts for nothing; the last one does, as in a browser.
            return $fields;
        }
        throw new \OutOfBoundsException("no form goes to $action");
    }

    /**
     * The same as nested values, ready to send.
     *
     * @param array<string, string> $fields
     *
     * @return array<string, mixed>
     */
    public static function nested(array $fields): array
    {
        parse_str(http_build_query($fields), $nested);

        /** @var array<string, mixed> $nested */
        return $nested;
    }

    /** The words of an element, spaces as one reads them. */
    public function text(string $xpath = '//main'): string
    {
        $node = ($this->found->query($xpath) ?: throw new \LogicException($xpath))->item(0);

        return trim((string) preg_replace('/\s+/u', ' ', (string) ($node instanceof DOMElement ? $node->textContent : $node?->nodeValue)));
    }

    public function count(string $xpath): int
    {
        return ($this->found->query($xpath) ?: throw new \LogicException($xpath))->length;
    }
}
