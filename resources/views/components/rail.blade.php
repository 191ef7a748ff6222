@props(['bench', 'stage' => null])
@php($verdicts = $stage === null ? $bench->assessment->verdicts : $bench->assessment->at($stage))
@php($open = collect($verdicts)->filter->isOpen()->countBy(fn ($v) => $v->finding->severity->value))
<aside class="rail" aria-labelledby="rail-title">
    <div class="rail-head">
        <h2 id="rail-title">To decide</h2>
        <span>{{ collect([['stop', 'stop', 'stops'], ['fix', 'fix', 'fixes'], ['note', 'note', 'notes']])->filter(fn ($w) => $open->has($w[0]))->map(fn ($w) => $open[$w[0]] . ' ' . ($open[$w[0]] === 1 ? $w[1] : $w[2]))->implode(' · ') ?: 'nothing' }}</span>
    </div>
    @forelse ($verdicts as $verdict)
        <x-finding :verdict="$verdict" :job="$bench->job" />
    @empty
        <p class="muted mt-3 text-sm">No rule finds anything to say here. Rules speak up as the job fills in.</p>
    @endforelse
    {{ $slot }}
</aside>
