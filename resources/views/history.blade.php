<x-layout title="History" :bench="$bench">
    <h1>Who did what</h1>
    @error('act')<div class="error mt-2">It {{ lcfirst($message) }}</div>@enderror
    @if ($acts->isEmpty())
        <x-empty title="Nothing has been done yet"></x-empty>
    @endif
    @error('step')<div class="error mt-2">{{ $message }}</div>@enderror
    @if ($noted->count > 0)
        <x-fold id="noted" title="Noted on the sheets" :answer="$noted->count . ($noted->count === 1 ? ' line' : ' lines')" :open="$errors->has('step')">
            @unfolded('noted', $errors->has('step'))
            <ol class="acts">
                @foreach ($noted->lines() as $line)
                    <li class="act"><span class="act-when num">{{ $line['when'] }}</span>
                        <span><strong>{{ $line['tick']->by }}</strong> {{ $line['sheet'] }}, {{ $line['step'] }}: {{ $line['says'] }}</span>
                        @may('record', $job)@if ($line['back'])
                            <form method="post" action="{{ route('history.ticks', [$job, $line['tick']]) }}">@csrf @method('delete')
                                <button class="btn link">Take back<span class="sr-only">: {{ $line['step'] }}</span></button></form>
                        @endif @endmay</li>
                @endforeach
            </ol>
            @endunfolded
        </x-fold>
    @endif
    <x-acts :acts="$acts" :job="$job" />
    <x-pager :of="$acts" />
</x-layout>
