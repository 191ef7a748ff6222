<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/**
 * A verdict of one rule about one subject. Computed, never stored.
 *
 * A person's answer is tied to key() and fingerprint(): when the figures change, the question is asked again.
 */
final readonly class Finding
{
    /**
     * @param string       $rule    name of the rule, in kebab case
     * @param string       $subject uid of the part, or '' for the whole system
     * @param list<Figure> $figures what the verdict rests on
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $title,
        public string $message,
        public Remedy $remedy,
        public string $source,
        public array $figures = [],
        public string $subject = '',
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
        $parts = [$this->severity->value];
        foreach ($this->figures as $figure) {
            $parts[] = sprintf('%s=%.4g', $figure->label, $figure->value);
        }

        return implode(';', $parts);
    }

    /**
     * @return array{rule: string, severity: string, message: string, remedy: string, source: string} the shape of calc.md
     */
    public function toArray(): array
    {
        return [
            'rule' => $this->rule,
            'severity' => $this->severity->value,
            'message' => $this->title . '. ' . $this->message,
            'remedy' => $this->remedy->label,
            'source' => $this->source,
        ];
    }
}
