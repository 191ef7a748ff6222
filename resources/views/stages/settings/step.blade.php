<x-layout title="One by one" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('settings', $job) }}">← Settings</a></p>
    @if (! $page->isThere())
        <x-empty title="No boxes yet"><p>With a planned bank and a device beside it, each box gets its value.</p></x-empty>
    @else
        <p class="muted mt-2">{{ $page->at + 1 }} of {{ $page->count() }} · {{ $page->open() === 0 ? 'every box is noted' : $page->open() . ' to type' }}</p>
        <h1>{{ $say->part($page->part()) }}</h1>
        <p class="text-xl mt-2">{{ $say->name($page->row()->parameter) }}</p>
        <p class="step-value"><strong class="num">{{ $page->value() }}</strong> {{ $page->unit() }}</p>
        <p class="small">{{ $say->how($page->row()->why) }}</p>
        @if ($page->words())<p class="small muted">It may be called: {{ $page->words() }}.</p>@endif
        @if ($page->noted() !== '')<p class="mt-2">Noted: <span class="num">{{ $page->noted() }}</span>
            <span class="tag {{ $page->row()->isSetAsPlanned() ? 'good' : 'out' }}">{{ $page->row()->isSetAsPlanned() ? 'as planned' : 'otherwise' }}</span></p>
        @endif
        @can('record', $job)
            <form method="post" action="{{ route('settings.update', [$job, $page->model()]) }}" class="mt-4">@csrf @method('put')
                <input type="hidden" name="_form" value="step"><input type="hidden" name="versions[{{ $page->row()->parameter->value }}]"
                    value="{{ $page->version() }}">
                <input type="hidden" name="back" value="{{ route('settings.step', [$job, 'at' => $page->next()], false) }}">
                <x-field form="step" label="Typed into the device" name="box[{{ $page->row()->parameter->value }}][as_set]" :value="$page->value()"
                    :unit="$page->unit()" autocomplete="off" />
                <div class="actions"><button class="btn large">Typed so, next</button></div>
            </form>
        @endcan
        <p class="flex gap-6 mt-4"><a class="linkish" href="{{ route('settings.step', [$job, 'at' => $page->before()]) }}">← Back</a>
            <a class="linkish" href="{{ route('settings.step', [$job, 'at' => $page->after()]) }}">Leave it, next →</a></p>
    @endif
</x-layout>
