<form method="get" action="{{ route('settings', $job) }}#fold-words" class="flex flex-wrap items-end gap-x-4 mt-1">
    <x-field label="What stands on the box, or in its app" name="word" :value="$words->asked" class="w-72" />
    <button class="btn plain">What does it mean?</button>
</form>
@if ($words->asked !== '')
    @forelse ($words->meanings() as $m)
        <p class="mt-2">{{ $m['says'] }} @if ($m['values'])<span class="num">{{ $m['values'] }}</span>@endif</p>
        @if ($m['misleads'])<p class="small"><span class="tag look">misleads</span> {{ $m['misleads'] }}</p>@endif
    @empty
        <p class="mt-2">{{ $words->unknown() }}</p>
    @endforelse
@endif
@may('record', $job)
    <form method="post" action="{{ route('box-words.store', $job) }}" class="flex flex-wrap items-end gap-x-4 mt-3">@csrf
        <input type="hidden" name="_form" value="box-word">
        <x-field form="box-word" label="A word of our own" name="word" :value="$words->asked" />
        <x-field form="box-word" label="means" name="parameter" :options="$words->parameters()" blank="choose" />
        <button class="btn plain">Note it</button>
    </form>
    @if ($words->own()->isNotEmpty())
        <ul class="plain small mt-2">
            @foreach ($words->own() as $own)
                <li class="flex items-center gap-3">{{ $own->word }}: {{ $say->name($own->parameter) }}
                    <form method="post" action="{{ route('box-words.destroy', [$job, $own]) }}">@csrf @method('delete')<button
                        class="btn link">Take it away<span class="sr-only">: {{ $own->word }}</span></button></form></li>
            @endforeach
        </ul>
    @endif
@endmay
