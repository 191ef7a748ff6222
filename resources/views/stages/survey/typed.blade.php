<x-layout title="As it was read" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('survey', $job) }}">← Survey, without keeping them</a></p>
    <div class="stage-head"><h1>As it was read</h1><span class="aside">{{ count($page->lines) }} line{{ count($page->lines) === 1 ? '' : 's' }}</span></div>
    <x-table caption="Lines as they were read" :head="['Typed', '#How many', 'What it is', 'Where']">
        @foreach ($page->lines as $line)
            <tr><td class="small">{{ $line->text }}</td>
                @if ($line->part)
                    <td class="n num" data-label="How many">{{ $line->count }}</td>
                    <td data-label="What it is"><span>{{ $line->part->typedName() ?: $say->name($line->part->kind) }}{{ $line->part->role === 'starter' ?
                        ', starter side' : '' }}<span class="block small muted">@if ($line->part->data->isAssumed())<abbr class="assumed"
                            title="Partly assumed">≈</abbr> @endif{{ $say->about($line->part) }}</span></span></td>
                    <td class="small" data-label="Where">{{ $line->part->place ?: '–' }}{{ $line->part->note ? ' · ' . $line->part->note : '' }}</td>
                @else
                    <td class="n">–</td><td colspan="2"><span class="error">{{ $page->problem($line) }}</span></td>
                @endif
            </tr>
        @endforeach
    </x-table>
    <form method="post" action="{{ route('typed.store', $job) }}" class="mt-4">
        @csrf<input type="hidden" name="_form" value="typed">
        <x-field form="typed" label="Change what was typed" name="lines" :value="$text" :rows="6" />
        @may('plan', $job)
            <x-field form="typed" label="They are" name="fate" :value="$fate->value" :options="['keep' => 'found in the vehicle', 'add' => 'new, to be fitted']"
                />
        @endmay
        <div class="actions">@if ($page->allRead())<button class="btn" name="keep" value="1" data-add>Keep them</button>@endif<button class="btn plain">Read it
            again</button></div>
    </form>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
