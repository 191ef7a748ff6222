@if ($proposals = $page->proposals($batteries))
    <x-table caption="Proposed banks" :head="['Battery', '#How many', '#Lasts', '#Usable', '#Weight', '']">
        @foreach ($proposals as ['part' => $part, 'proposal' => $p])
            <tr><td><a href="{{ route('library.edit', $part) }}">{{ $part->name() }}</a></td><td class="n num" data-label="How many">{{ $p->count }}</td>
                <td class="n num" data-label="Lasts">{{ $show->text($p->days, 'days') }}</td>
                    <td class="n num" data-label="Usable">{{ $show->text($p->usableWh, 'Wh') }}</td>
                <td class="n num" data-label="Weight">{{ $show->text($p->massKg, 'kg') }}</td>
                <td class="n"><form method="post" action="{{ route('bank.update', $job) }}">@csrf @method('put')
                    <input type="hidden" name="library_part_id" value="{{ $part->id }}"><input type="hidden" name="count" value="{{ $p->count }}">
                    <button class="btn plain">Plan it<span class="sr-only">: {{ $p->count }} × {{ $part->name() }}</span></button></form></td></tr>
        @endforeach
    </x-table>
@else
    <p class="muted">{{ $page->energyWh() <= 0 ? 'None yet: the loads are empty.' : 'None in the library: fewer days, another chemistry, or another part.'
        }}</p>
@endif
<form method="post" action="{{ route('bank.update', $job) }}" class="mt-4">
    @csrf @method('put')<input type="hidden" name="_form" value="bank">
    <div class="form-grid">
        <x-field form="bank" label="Battery" name="library_part_id" :options="$batteries->mapWithKeys(fn ($b) => [$b->id => $b->name() . ' · ' .
            $say->choice($b->data['chemistry'])])" blank="choose" />
        <x-field form="bank" label="How many" name="count" value="2" inputmode="numeric" />
    </div>
    <div class="actions"><button class="btn" data-add>Plan this bank</button></div>
    <x-keep-choice form="bank" />
</form>
@if ($page->banks->found->exists())
    <form method="post" action="{{ route('bank.update', $job) }}">@csrf @method('put')<input type="hidden" name="keep_found" value="1">
        <button class="btn link mt-2">Keep the bank that is there</button></form>
@endif
