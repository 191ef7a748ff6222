<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/**
 * A verdict of one rule about one subject: data, no wording. Computed, never stored.
 *
 * A person's answer is tied to key() and fingerprint(): it knows what it was given to, and is asked again when that changes.
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
     * @param list<string>         $of      uids of what it was said of besides: the batteries, where it speaks of the whole system
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public array $args = [],
        public array $figures = [],
        public string $subject = '',
        public array $changes = [],
        public string $variant = '',
        public array $of = [],
    ) {
    }

    /**
     * Says of which parts it is said.
     *
     * @param list<string> $uids
     */
    public function saidOf(array $uids): self
    {
        return new self($this->rule, $this->severity, $this->args, $this->figures, $this->subject, $this->changes, $this->variant, $uids);
    }

    /** Names the question: one rule about one subject. */
    public function key(): string
    {
        return $this->rule . ($this->subject === '' ? '' : '@' . $this->subject);
    }

    /**
     * Changes when the case, the severity, a part that it names or an amount changes (to four significant digits); 64 hexadecimal digits.
     *
     * Wording, order of parts and names that people gave are left out: they ask no question again.
     */
    public function fingerprint(): string
    {
        $parts = [$this->subject, ...$this->of];
        $amounts = array_map(static fn(Figure $f): string => sprintf('%.4g', $f->value), $this->figures);
        self::gather($this->args, $parts, $amounts);
        $parts = array_unique($parts);
        sort($parts);
        sort($amounts);

        return hash('sha256', json_encode([$this->variant, $this->severity->value, $parts, $amounts], JSON_THROW_ON_ERROR));
    }

    /**
     * @param array<array-key, mixed> $args
     * @param list<string>            $parts
     * @param list<string>            $amounts
     */
    private static function gather(array $args, array &$parts, array &$amounts): void
    {
        foreach ($args as $arg) {
            if ($arg instanceof Named) {
                $parts[] = $arg->uid;
            } elseif ($arg instanceof Amount) {
                $amounts[] = sprintf('%.4g', $arg->value) . $arg->unit;
            } elseif ($arg instanceof Word || is_array($arg)) {
                self::gather($arg instanceof Word ? $arg->args : $arg, $parts, $amounts);
            }
        }
    }

    /** The fingerprint of releases before 0.3: severity and figures alone. Answers that were given then are found by it once. */
    public function formerFingerprint(): string
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
