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

    public function __construct(public string $label, public string $name, bool $checked = false, ?string $form = null)
    {
        $this->id = ($form === null ? '' : $form . '-') . $name;
        $mine = $form === null || old('_form') === $form;
        $this->on = (bool) ($mine && old($name) !== null ? old($name) : $checked);
    }

    public function render(): View
    {
        return view('components.check');
    }
}
