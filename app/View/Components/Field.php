<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Stringable;

/** A labelled field: as it was typed where the form comes back with a fault, else as it is kept. */
final class Field extends Component
{
    /** The field's name with dots, as rules and old input know it. */
    public string $dot;

    public string $id;

    public string $now;

    public string $error;

    /**
     * @param ?iterable<array-key, string> $options of a choice
     * @param ?int                         $rows    of a long text
     * @param ?string                      $form    which of the page's forms it belongs to
     */
    public function __construct(
        public string $label,
        public string $name,
        mixed $value = null,
        public string $unit = '',
        public string $type = 'text',
        public string $help = '',
        ?string $form = null,
        public ?iterable $options = null,
        public ?int $rows = null,
        public bool $hideLabel = false,
        public bool $required = false,
        public ?string $blank = null,
    ) {
        $this->dot = trim(str_replace(['[', ']'], ['.', ''], $name), '.');
        $this->id = ($form === null ? '' : $form . '-') . str_replace('.', '-', $this->dot);
        $mine = old('_form') === $form;
        $now = $mine ? old($this->dot, $value) : $value;
        $this->now = is_scalar($now) || $now instanceof Stringable ? (string) $now : '';
        $this->error = $mine ? (string) (session('errors')?->first($this->dot) ?? '') : '';
    }

    /** Returns what says more about it, for those who do not see the page. */
    public function described(): string
    {
        return match (true) {
            $this->error !== '' => 'aria-invalid="true" aria-describedby="' . e($this->id) . '-error"',
            $this->help !== '' => 'aria-describedby="' . e($this->id) . '-help"',
            default => '',
        };
    }

    public function render(): View
    {
        return view('components.field');
    }
}
