<?php

declare(strict_types=1);

namespace App\View\Components;

use Illuminate\Contracts\View\View;
use Illuminate\View\Component;

/** A box to tick; not ticked is sent as well. */
final class Check extends Component
{
    public string $id;

    public bool $on;

    public function __construct(
        public string $label,
        public string $name,
        bool $checked = false,
        ?string $form = null,
        public bool $hideLabel = false,
    ) {
        $dot = trim(str_replace(['[', ']'], ['.', ''], $name), '.');
        $this->id = ($form === null ? '' : $form . '-') . str_replace('.', '-', $dot);
        $mine = $form === null || old('_form') === $form;
        $this->on = (bool) ($mine && old($dot) !== null ? old($dot) : $checked);
    }

    public function render(): View
    {
        return view('components.check');
    }
}
