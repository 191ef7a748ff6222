<?php

declare(strict_types=1);

namespace App\View\Components;

use App\Http\Workbench;
use Illuminate\Contracts\View\View;
use Illuminate\View\Component;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Stage;

/** Shows what is to be decided, beside a page. */
final class Rail extends Component
{
    private const WORDS = ['stop' => ['stop', 'stops'], 'fix' => ['fix', 'fixes'], 'note' => ['note', 'notes']];

    /** @var list<Verdict> */
    public array $verdicts;

    public string $open;

    public function __construct(public Workbench $bench, ?Stage $stage = null)
    {
        $this->verdicts = $stage === null ? $bench->assessment->verdicts : $bench->assessment->at($stage);
        $open = array_count_values(array_map(
            static fn(Verdict $v): string => $v->finding->severity->value,
            array_filter($this->verdicts, static fn(Verdict $v): bool => $v->isOpen()),
        ));
        $said = [];
        foreach (self::WORDS as $severity => [$one, $many]) {
            if (isset($open[$severity])) {
                $said[] = $open[$severity] . ' ' . ($open[$severity] === 1 ? $one : $many);
            }
        }
        $this->open = implode(' · ', $said) ?: 'nothing';
    }

    public function render(): View
    {
        return view('components.rail');
    }
}
