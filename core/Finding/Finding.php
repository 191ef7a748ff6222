<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/**
 * A verdict of one rule about one subject: data, no wording. Computed, never stored.
 *
 * A person's answer is tied to key() and fingerprint(): when the figures change, the question is asked again; new wording never asks it.
 */
final readonly class Finding
{
    /**
     * @param string               $rule    name of the rule, in kebab case; its words stand in lang/…/findings.php
     * @param array<string, mixed> $args    what stands in the words: Amount, Named, Word, a text as typed, or a list of them
     * @param list<Figure>         $figures what the verdict rests on, in fixed order
     * @param string               $subject uid of the part, or '' for the whole system
     * @param list<Change>         $changes the remedy, where one press applies it
     * @param string               $variant of the rule's words, where there is more than one case; '' for the only one
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public array $args = [],
        public array $figures = [],
        public string $subject = '',
        public array $changes = [],
        public string $variant = '',
    ) {
    }

    /** Names the question: one rule about one subject. */
    public function key(): string
    {
        return $this->rule . ($this->subject === '' ? '' : '@' . $this->subject);
    }

    /** Changes when the severity or any figure changes (to four significant digits). */
    public function fingerprint(): string
    {
        return implode(
            ';',
            [$this->severity->value, ...array_map(static fn(Figure $f): string => sprintf('%.4g', $f->value), $this->figures)],
        );
    }

    /** Where it stands on a page. */
    public function anchor(): string
    {
        return 'finding-' . trim((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($this->key())), '-');
    }

    /** One press does what the remedy says. */
    public function appliesItself(): bool
    {
        return $this->changes !== [];
    }
}
