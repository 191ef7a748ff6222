<section class="check-line" id="check-{{ $check->key }}">
    <h3>{{ $page->title($check) }} @if ($verdict === 'good')<span class="tag good">good</span>@elseif ($verdict === 'miss')<span class="tag out">not as
        promised</span>@endif</h3>
    <p>{{ $page->do($check) }} <span class="muted">{{ $page->why($check) }}</span></p>
    @if ($tick)<p class="small">@if ($page->reading($check, $tick))<strong class="num">{{ $page->reading($check, $tick) }}</strong>;
        {{ $page->limits($check, $tick) }}. @endif {{ $page->noted($tick) }} @if ($tick->note)<span class="block">{{ $tick->note }}</span>@endif</p>@endif
    @if ($verdict === 'miss')
        @if ($path = $page->path($check))
            @include('stages.test.path')
        @else
            <ol class="steps small">@foreach ($page->causes($check) as $cause)<li>{{ $cause }}</li>@endforeach</ol>
        @endif
        @if (str_starts_with($check->key, 'way.'))<p class="small"><a href="{{ route('test', [$job, 'way' => $check->parts[0]]) }}#fold-hunt">Hunt the
            joint</a></p>@endif
    @endif
    @may('record', $job)
        <div class="flex flex-wrap gap-x-4 gap-y-2 items-end mt-2">
            <form method="post" action="{{ route('test.store', $job) }}" class="flex flex-wrap gap-3 items-end" data-outbox="{{ $page->title($check) }}"
                data-outbox-says="{{ $check->reading ? '{value} ' . $check->reading->unit : 'seen' }}" data-who="{{ auth()->id() }}">@csrf
                <input type="hidden" name="_form" value="t{{ $check->key }}">@clientid
                <input type="hidden" name="step" value="{{ $check->key }}"><input type="hidden" name="state" value="done">
                @if ($check->reading)
                    <x-field class="narrow" :form="'t' . $check->key" label="Measured" name="value" :unit="$check->reading->unit"
                        :help="$tick ? '' : $page->limits($check)" inputmode="text" autocomplete="off" required />
                    @if ($check->reading->wantsAmps())<x-field class="narrow" :form="'t' . $check->key" label="at" name="amps" unit="A" inputmode="decimal"
                        autocomplete="off" required />@endif
                @endif
                <button class="btn plain" aria-label="{{ $check->reading ? 'Note it' : 'It is so' }}: {{ $page->title($check) }}">{{ $check->reading ?
                    'Note it' :
                    'It is so' }}</button><span class="small muted" data-outbox-said data-keep="yes" role="status"></span>
            </form>
            <details><summary class="linkish">Not so …</summary>
                <form method="post" action="{{ route('test.store', $job) }}" class="flex flex-wrap gap-3 items-end" data-outbox="{{ $page->title($check) }}"
                    data-outbox-says="not so: {note}" data-who="{{ auth()->id() }}">@csrf
                    <input type="hidden" name="_form" value="x{{ $check->key }}">@clientid
                    <input type="hidden" name="step" value="{{ $check->key }}"><input type="hidden" name="state" value="otherwise">
                    <x-field :form="'x' . $check->key" label="What is not so" name="note" autocomplete="off" required />
                    <button class="btn plain">Note it</button></form></details>
        </div>
    @endmay
</section>
