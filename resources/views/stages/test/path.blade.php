<p class="mt-2"><strong>{{ $page->pathSays($path) }}</strong></p>
<x-table :caption="'Causes: ' . $page->title($check)" :head="['What it usually is', '#How likely']" quiet>
    @foreach ($path->chances as $cause => $chance)<tr><td class="small">{{ __('tests.causes.' . $cause) }}</td>
        <td class="n num" data-label="How likely">{{ $show->text(100 * $chance, '%', 0) }}</td></tr>@endforeach
</x-table>
@foreach ($path->answers as $question => $yes)
    <p class="small mt-1"><span class="tag">{{ $yes ? 'yes' : 'no' }}</span> {{ $page->asks($question) }}
        @may('record', $job)<x-answer :job="$job" :step="$path->stepOf($question)" state="undone" says="Ask again" :what="$page->asks($question)" />@endmay</p>
@endforeach
@if ($path->next !== null)
    <div class="mt-2 flex flex-wrap gap-3 items-center"><span>{{ $page->asks($path->next) }}</span>
        @may('record', $job)
            <x-answer :job="$job" :step="$path->stepOf($path->next)" value="1" says="Yes" :what="$page->asks($path->next)" />
            <x-answer :job="$job" :step="$path->stepOf($path->next)" value="0" says="No" :what="$page->asks($path->next)" />
        @endmay</div>
    <p class="small muted">{{ __('tests.path.next') }}</p>
@endif
