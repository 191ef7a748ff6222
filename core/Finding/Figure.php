<?php

declare(strict_types=1);

namespace Pebblefell\Finding;

/**
 * A number with its unit that can be asked *how*: it carries its formula, its inputs and its source.
 */
final readonly class Figure
{
    /**
     * @param string|Word  $label   what it is called: a key of figures.labels, or a word
     * @param string|Word  $formula a key of figures.formulas; '' for none
     * @param list<Figure> $inputs  what the formula was fed with
     * @param string|Word  $source  a key of figures.sources; '' for none
     */
    public function __construct(
        public string|Word $label,
        public float $value,
        public string $unit,
        public string|Word $formula = '',
        public array $inputs = [],
        public string|Word $source = '',
        public Origin $origin = Origin::Computed,
    ) {
    }

    /** A value that went into a sum as it is. */
    public static function given(
        string|Word $label,
        float $value,
        string $unit,
        Origin $origin = Origin::Typed,
        string|Word $source = '',
    ): self {
        return new self($label, $value, $unit, '', [], $source, $origin);
    }

    /** True if this figure, or anything it was computed from, was assumed by a rule. */
    public function restsOnAssumption(): bool
    {
        if ($this->origin === Origin::Assumed) {
            return true;
        }
        foreach ($this->inputs as $input) {
            if ($input->restsOnAssumption()) {
                return true;
            }
        }

        return false;
    }
}
