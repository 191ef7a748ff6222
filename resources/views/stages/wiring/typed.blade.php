<form method="post" action="{{ route('leads.store', $job) }}" class="mt-2">@csrf<input type="hidden" name="_form" value="leads">
    <x-field form="leads" label="A line each" name="leads" :value="$text" :rows="4" placeholder="p3.plus -> fuse 60A -> p9.in 16mm2 0.6m"
        :help="__('opens.typed.help')" />
    @if (! empty($seen))<input type="hidden" name="seen" value="{{ $seen }}">@endif
    <div class="actions">@if (! empty($seen))<button class="btn" name="keep" value="1">Lay them on the plan</button>@endif
        <button class="btn plain">Read {{ empty($seen) ? 'them' : 'them again' }}</button></div>
</form>
<details class="how mt-2"><summary>Parts and their terminals</summary>
    <ul class="small cols">
        @foreach ($study->planned()->parts as $uid => $part)
            <li><code>{{ $uid }}</code> {{ $say->onePart($part) }}: <code>{{ implode(', ', array_keys($part->kind->terminals())) }}</code></li>
        @endforeach
    </ul>
    <ul class="small cols mt-2">
        @foreach ($study->planned()->conductors as $uid => $c)
            <li><code>{{ $uid }} {{ $c->from }} → {{ $c->to }}</code></li>
        @endforeach
    </ul></details>
