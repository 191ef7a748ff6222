<x-table caption="Runs of the positive side, nearest the bank first"
    :head="['From', 'To', '#Fuse', '#Lasts', '#Worst', '#Size', '#Length', '#Carries', '#Lost', '#Wanted', '']">
    @foreach ($page->runs() as $r)
        <tr><td class="small">{{ $r['from'] }}</td><td class="small" data-label="To"><span>{{ $r['to'] }}</span></td>
            <td class="n num" data-label="Fuse">{{ $r['fuse'] }}</td><td class="n num"
                data-label="Lasts">{{ $show->text($r['run']->lasting->value, 'A', 0) }}</td>
            <td class="n num" data-label="Worst">{{ $show->text($r['run']->worst->value, 'A', 0) }}</td>
            <td class="n num" data-label="Size">{{ $r['size'] }}</td><td class="n num" data-label="Length">{{ $r['length'] }}</td>
            <td class="n num" data-label="Carries"><span @class(['text-rust' => $r['thin']])>{{ $r['carries'] }}</span></td>
            <td class="n num" data-label="Lost">{{ $r['lost'] }}</td><td class="n num" data-label="Wanted">{{ $r['wanted'] }}@if ($r['or'] !== '–')
                <span class="block small muted">{{ $r['or'] }}</span>@endif</td>
            <td class="no-print">@can('survey', $job)<a class="linkish" href="{{ route('wiring', [$job, 'edit' => $r['uid']]) }}#fold-runs">Change<span
                class="sr-only"> {{ $r['uid'] }}</span></a>@endcan</td></tr>
    @endforeach
</x-table>
<p class="small muted mt-1">Lasts: an hour and more, charging included; worst: everything on at once. Carries: by the insulation that is noted, else the hottest
    class.
    Lost: out and back, copper at {{ $show->text(50, '°C') }}. Wanted: carries the current and the fuse before it, and loses 3 % at most on this run alone.
        Bundles and warm places carry less;
        local
    codes have the last word.</p>
@if (empty($onPaper) && $page->edited())
    @can('survey', $job)
        <h3 class="mt-4">Lead {{ $page->edited()->uid }}</h3>
        <div class="thumbs mb-3">@foreach ($page->pictures() as $photo)<figure><a href="{{ route('photos.show', [$job, $photo->part, $photo]) }}"><img
            src="{{ route('photos.show', [$job, $photo->part, $photo]) }}" alt="{{ $photo->caption ?: 'Picture of run ' . $photo->shows }}" loading="lazy"></a>
            <figcaption class="small">{{ $photo->caption }}</figcaption></figure>@endforeach</div>
        @if ($page->begins())<x-upload id="photo-run" name="photo" :action="route('photos.store', [$job, $page->begins()])" label="Picture of this run"
            button="Keep it" accept="image/jpeg,image/png,image/webp"><input type="hidden" name="shows" value="{{ $page->edited()->uid }}">
            <input type="hidden" name="back" value="{{ route('wiring', [$job, 'edit' => $page->edited()->uid], false) }}"></x-upload>@endif
        <x-conductor-form :job="$job" :wiring="$page->choices()" :row="$page->edited()" :back="route('wiring', $job, false) . '#fold-runs'" />
    @endcan
@endif
