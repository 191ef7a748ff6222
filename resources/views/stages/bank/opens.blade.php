<form method="get" action="{{ route('bank', $job) }}#fold-opens">
    <p class="small muted">Thought open:</p>
    <p class="flex flex-wrap gap-x-5 gap-y-1">@foreach ($opened->mayOpen as $part)<label class="inline-flex items-center gap-2 min-h-11"><input type="checkbox"
        name="open[]" value="{{ $part->uid }}" @checked(in_array($part->uid, $opened->open, true))>{{ $say->onePart($part) }}</label>@endforeach</p>
    <p class="small muted">while</p>
    <p class="flex flex-wrap gap-x-5 gap-y-1">@foreach (['sun' => 'the sun shines', 'engine' => 'the engine runs', 'shore' => 'it is hooked up', 'generator' =>
        'a generator runs'] as $key => $words)<label class="inline-flex items-center gap-2 min-h-11"><input type="checkbox" name="{{ $key }}" value="1"
        @checked($running[$key])>{{ $words }}</label>@endforeach</p>
    <div class="actions"><button class="btn plain">Open them, in thought</button></div>
</form>
@if ($opened->endangered !== [])
    @foreach ($opened->endangered as $e)<p class="mt-2"><span @class(['tag', 'out' => $e['rule'] !== 'undrawn', 'look' => $e['rule'] === 'undrawn'])>{{
        $e['rule'] === 'undrawn' ? 'not drawn' : 'in
        danger' }}</span> <strong>{{ $say->onePart($e['part']) }}</strong>:
        {{ $say->word('opens.' . $e['rule']) }}</p>@endforeach
@endif
<p class="mt-2"><strong>Goes dark:</strong> {{ $opened->dark === [] ? 'nothing that is drawn' : implode(', ', array_map($say->onePart(...), $opened->dark))
    }}.</p>
<p class="mt-1"><strong>Stays live:</strong> {{ $opened->live === [] ? 'nothing that is drawn' : implode(', ', array_map($say->onePart(...), $opened->live))
    }}.</p>
<p class="small muted mt-1">Positive and line sides, as drawn; a live part is touched by nobody until it is measured dead.</p>
