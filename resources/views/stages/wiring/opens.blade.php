<form method="get" action="{{ route('wiring', $job) }}#fold-opens">
    <p class="small muted">Thought open:</p>
    <p class="flex flex-wrap gap-x-5 gap-y-1">
        @foreach ($page->opened->mayOpen as $part)
            <label class="inline-flex items-center gap-2 min-h-11"><input type="checkbox" name="open[]" value="{{ $part->uid }}"
                @checked(in_array($part->uid, $page->opened->open, true))>{{ $say->onePart($part) }}</label>
        @endforeach
    </p>
    @foreach ($page->kept() as $key => $value)<input type="hidden" name="{{ $key }}" value="{{ $value }}">@endforeach
    <div class="actions"><button class="btn plain">Open them, in thought</button></div>
</form>
@foreach ($page->opened->endangered as $e)
    <p class="mt-2"><span class="tag {{ $page->dangerClass($e) }}">{{ $e['rule'] === 'undrawn' ? 'not drawn' : 'in danger' }}</span>
        <strong>{{ $say->onePart($e['part']) }}</strong>: {{ $say->word('opens.' . $e['rule']) }}</p>
@endforeach
@if ($page->opened->open !== [])
    <p class="mt-2"><strong>Goes dark:</strong> {{ $page->named($page->opened->dark) }}.</p>
@endif
<p class="mt-1"><strong>Stays live:</strong> {{ $page->named($page->opened->live) }}.</p>
<p class="small muted mt-1">Positive and line sides, as drawn; a live part is touched by nobody until it is measured dead.</p>
