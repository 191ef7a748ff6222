<x-layout title="Balance" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.balance') }}</h1><span class="aside">{{ $page->aside() }}</span></div>
    @if ($page->session)
        @include('stages.balance.gate')
        @foreach (['join', 'charger', 'step', 'finish'] as $field)@error($field)<div class="error mt-1">{{ $message }}</div>@enderror @endforeach
        @if ($page->charges())<p class="mt-3 small">{{ $page->queue() }}</p>@endif
        @if ($sketch = $page->sketch())<div class="mt-3"><x-balance-log :sketch="$sketch" :page="$page" /></div>@endif
        <x-table class="mt-3" caption="Batteries in this session" :head="['Battery', 'Where it is', '#Last reading', '#Charge', 'Ready']">
            @foreach ($page->batteries() as $b)@include('stages.balance.battery')@endforeach
        </x-table>
        @may('record', $job)@include('stages.balance.record', ['session' => $page->session])@endmay
    @else
        <p class="lead">{{ $page->lead() }}</p>
        @if ($page->candidates() === [])
            <div class="mt-4"><x-empty title="No batteries are planned"><p>Size chooses the bank; here they are made alike before they are joined.</p>
                </x-empty></div>
        @else
            @may('record', $job)@include('stages.balance.open')@endmay
        @endif
    @endif
    @if ($series)
        <x-fold id="series" title="In series, block by block" :answer="$series->answer()" :open="$series->isAsked()">@unfolded('series', $series->isAsked())
            @include('stages.balance.series')
        @endunfolded</x-fold>
    @endif
    @if (($past = $page->past())->isNotEmpty())
        <x-fold id="before" title="Before" :answer="$past->count() . ' session' . ($past->count() === 1 ? '' : 's') . ', the last ' .
            $page->at($past->first()->ended_at, 'j M Y')">@unfolded('before')
            <x-table caption="Earlier sessions" :head="['Ended', 'How', 'Result', 'Last volts', 'Next check']">
                @foreach ($past as $old)
                    <tr><td>{{ $page->at($old->ended_at, 'j M Y') }}</td><td data-label="How">{{ $old->protocol->value }}</td>
                        <td data-label="Result">{{ ($old->passed ? 'alike' : 'no result') . ($old->isPractice() ? ', practice' : '') }}</td>
                        <td class="num small" data-label="Last volts"><span>{{ $page->lastVolts($old) }}</span></td>
                            <td data-label="Next check">{{ $page->nextCheck($old) }}</td></tr>
                @endforeach
            </x-table>@endunfolded
        </x-fold>
    @endif
    <x-caution>{{ $say->said($region->bankCaution()) }} Charge where you can watch it; a battery that swells, hisses or grows hot is left alone: everyone out,
        and away.
        Join plus to plus and minus to minus, with a fuse in one lead.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
