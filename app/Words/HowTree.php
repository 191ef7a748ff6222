<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\HtmlString;
use Pebblefell\Finding\Figure;
use Pebblefell\Finding\Origin;

/** The inputs of a figure, and theirs, as a nested list. Written out here because a page holds hundreds of its lines. */
final readonly class HowTree
{
    private function __construct(private Show $show, private Lexicon $say)
    {
    }

    /** @param list<Figure> $figures */
    public static function of(array $figures, Show $show, Lexicon $say): HtmlString
    {
        return new HtmlString((new self($show, $say))->list($figures));
    }

    /** A figure's formula, inputs and source, behind the word "how". Written out here because a page holds many. */
    public static function opened(Figure $figure, Show $show, Lexicon $say, bool $left): HtmlString
    {
        $label = e($say->label($figure));
        $formula = $figure->formula === '' ? '' : '<div class="formula">= ' . e($say->formula($figure)) . '</div>';
        $source = $figure->source === '' ? '' : '<div class="source">Source: ' . e($say->source($figure)) . '</div>';

        return new HtmlString('<details class="how' . ($left ? ' left' : '') . '">'
            . '<summary>how<span class="sr-only"> is ' . $label . ' found</span></summary>'
            . '<div class="how-box"><strong>' . mb_strtoupper(mb_substr($label, 0, 1)) . mb_substr($label, 1)
                . '</strong> <span class="num">' . e($show->figure($figure)) . '</span>'
            . $formula . (new self($show, $say))->list($figure->inputs) . $source . '</div></details>');
    }

    /** @param list<Figure> $figures */
    private function list(array $figures): string
    {
        return $figures === [] ? '' : '<ul>' . implode('', array_map($this->line(...), $figures)) . '</ul>';
    }

    private function line(Figure $figure): string
    {
        return '<li>' . e($this->say->label($figure)) . ': <span class="num">' . e($this->show->figure($figure)) . '</span>'
            . self::origin($figure->origin)
            . ($figure->formula === '' ? '' : '<span class="formula"> = ' . e($this->say->formula($figure)) . '</span>')
            . ($figure->source === '' || $figure->source === 'first-principles'
                ? ''
                : '<span class="muted small"> (' . e($this->say->source($figure)) . ')</span>')
            . $this->list($figure->inputs) . '</li>';
    }

    private static function origin(Origin $origin): string
    {
        return match ($origin) {
            Origin::Assumed => ' <span class="assumed">assumed</span>',
            Origin::DataSheet => ' <span class="muted">data sheet</span>',
            Origin::Measured => ' <span class="muted">measured</span>',
            default => '',
        };
    }
}
