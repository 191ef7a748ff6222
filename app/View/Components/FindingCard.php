<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Models\Job;
use App\Words\Lexicon;
use App\Words\Spoken;
use Illuminate\Contracts\View\View;
use Illuminate\Support\Facades\View as Views;
use Illuminate\View\Component;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Finding as Found;
use Pebblefell\Finding\Severity;

/** A finding on the rail, with what can be done about it. */
final class FindingCard extends Component
{
    public Found $finding;

    public string $id;

    public Spoken $said;

    /** Its answer was being written when the form came back. */
    public bool $mine;

    public bool $mayBeAccepted;

    public function __construct(public Verdict $verdict, public Job $job)
    {
        $this->finding = $verdict->finding;
        $this->id = $this->finding->anchor();
        $say = Views::shared('say');
        $this->said = ($say instanceof Lexicon ? $say : Lexicon::plain())->finding($this->finding);
        $this->mine = old('_form') === $this->id;
        $this->mayBeAccepted = $this->finding->severity !== Severity::Stop;
    }

    public function render(): View
    {
        return view('components.finding');
    }
}
