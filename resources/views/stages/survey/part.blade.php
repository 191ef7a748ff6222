<tr id="{{ $in['part']->uid }}">
    <td><a href="{{ route('parts.edit', [$in['job'], $in['row']->id]) }}">{{ $in['say']->part($in['part']) }}</a>
        <div class="small muted">{{ $in['say']->name($in['part']->kind) }}{{ $in['part']->role === 'house'
            ? '' : ', ' . $in['say']->sides()[$in['part']->role] }}{{ $in['part']->serial ?
            ' · ' . $in['part']->serial : '' }}</div></td>
    <td data-label="What it is" class="small"><span>@if ($in['part']->data->isAssumed())<abbr class="assumed" title="Assumed: read the label">≈</abbr>
        @endif{{ $in['say']->about($in['part']) }}</span></td>
    <td data-label="Where" class="small">{{ $in['part']->place ?: '–' }}{{ $in['part']->plannedPlace ? ' → ' . $in['part']->plannedPlace : '' }}</td>
    <td data-label="Becomes" class="whitespace-nowrap">
        @if ($in['part']->fate->isFound() && auth()->user()->can('plan', $in['job']))
            <form method="post" action="{{ route('fate.update', [$in['job'], $in['row']->id]) }}" data-live class="inline-flex gap-1 items-center">
                @csrf @method('put')<input type="hidden" name="lock_version" value="{{ $in['row']->version }}">
                <label class="sr-only" for="fate-{{ $in['part']->uid }}">What becomes of {{ $in['say']->part($in['part']) }}</label>
                <select id="fate-{{ $in['part']->uid }}" name="fate" class="w-auto! min-w-36">
                    @foreach ($in['page']->fates() as $fate)<option value="{{ $fate->value }}" @selected($fate ===
                        $in['part']->fate)>{{ $in['say']->name($fate) }}</option>@endforeach
                </select>
                <noscript><button class="btn plain">Save</button></noscript>
            </form>
        @else
            <span @class(['tag', 'in' => ! $in['part']->fate->isFound(), 'out' => !
                $in['part']->fate->isPlanned()])>{{ $in['say']->name($in['part']->fate) }}</span>
        @endif
        @if ($in['verdict'])
            <a href="#{{ $in['verdict']->finding->anchor() }}" class="inline-flex items-center gap-1 align-middle p-1 no-underline! text-ink!"><x-severity
                :of="$in['verdict']->finding->severity" />@if ($in['proposal'])<span class="small">→ {{ $in['say']->name($in['proposal']) }}</span>@endif</a>
        @endif
    </td>
</tr>
