@error('choice')<p class="error">{{ $message }}</p>@enderror
<x-table caption="Choices beside the plan, against the plan as it stands" :head="['Choice', 'What it changes', '#Usable', '#Without charge', '#Sun', '#Weight',
    '']">
    @foreach ($page->choices() as ['row' => $row, 'is' => $is])
        <tr><td>{{ $row->name }}@if ($row->group)<div class="small muted">one of: {{ $row->group }}</div>@endif</td>
            <td class="small">{{ $is->problem ? 'no longer goes with the plan: ' . $say->refusal($is->problem) : $answers->exchanged($is) }}</td>
            <td class="n num" data-label="Usable">{{ $answers->more($is->usableWh(), 'Wh') }}</td>
            <td class="n num" data-label="Without charge">{{ $answers->more($is->days(), 'days') }}</td>
            <td class="n num" data-label="Sun">{{ $answers->more($is->arrayW(), 'W') }}</td>
            <td class="n num" data-label="Weight">{{ $answers->more($is->massKg(), 'kg') }}</td>
            <td class="n">@may('plan', $job)
                @if (! $is->problem)
                    <form method="post" action="{{ route('choices.update', [$job, $row->uid]) }}">@csrf @method('put')<input type="hidden" name="lock_version"
                        value="{{ $row->lock_version }}"><button class="btn plain">Take it<span class="sr-only">: {{ $row->name }}</span></button></form>
                @endif
                <x-delete :action="route('choices.destroy', [$job, $row->uid])" :version="$row->lock_version" :what="'the choice ' . $row->name" />
            @endmay</td></tr>
    @endforeach
</x-table>
