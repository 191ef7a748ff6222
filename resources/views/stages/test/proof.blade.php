<x-layout title="Ten-minute proof" :bench="$bench" :stage="$stage">
    <p class="small"><a href="{{ route('test', $job) }}">← Test</a></p>
    <div class="stage-head"><h1>{{ __('tests.proof.title') }}</h1><span class="aside">{{ __('tests.proof.with') }}</span></div>
    <p class="lead max-sm:min-h-[4lh]"><strong>{{ $page->answer() }}</strong></p>
    @if ($page->proof)
        @error('step')<p class="wrong">{{ $message }}</p>@enderror
        <div data-keep-page>
        @foreach ($page->steps() as $step)
            <section class="check-line">
                <h2>{{ $step['title'] }}</h2><p class="small muted">{{ $step['do'] }}</p>
                @foreach ($step['asks'] as $ask)
                    <div class="flex flex-wrap gap-x-4 gap-y-1 items-end py-2" id="proof-{{ $loop->parent->index }}-{{ $loop->index }}">
                        <p class="grow min-w-56">{{ $page->asks($ask) }}
                            <strong class="num block">{{ $ask['value'] === null ? '–' : $page->reading($ask) }}</strong>
                            @if ($page->promised($ask))<span class="small muted block">promised {{ $page->promised($ask) }}</span>@endif</p>
                        @may('record', $job)
                            <form method="post" action="{{ route('test.store', $job) }}" class="flex flex-wrap gap-3 items-end"
                                data-outbox="{{ $step['title'] . ': ' . $page->asks($ask) }}" data-outbox-says="{value} {{ $page->unit($ask) }}, {amps} A"
                                data-who="{{ auth()->id() }}">@csrf
                                <input type="hidden" name="_form" value="{{ $ask['step'] }}">
                                @clientid
                                <input type="hidden" name="step" value="{{ $ask['step'] }}"><input type="hidden" name="state" value="done">
                                <input type="hidden" name="back" value="{{ route('test.proof', $job, false) }}">
                                <x-field class="narrow" :form="$ask['step']" label="Read" name="value" :unit="$page->unit($ask)" inputmode="text"
                                    autocomplete="off" required />
                                <x-field class="narrow" :form="$ask['step']" label="main lead" name="amps" unit="A" inputmode="decimal"
                                    :value="$page->amps($ask)" autocomplete="off" required />
                                <button class="btn plain">Note it<span class="sr-only">: {{ $step['title'] }}, {{ $page->asks($ask) }}</span></button>
                                <span class="small muted" data-outbox-said data-keep="yes" role="status"></span></form>
                        @endmay
                    </div>
                @endforeach
            </section>
        @endforeach
        </div>
        {{-- Below what is typed: what is found moves nothing under a finger. --}}
        @if ($page->proof->faults !== [] || $page->proof->suspects !== [])
            <x-table caption="What it is" :head="['Joint or battery', '#How likely', '#It has', '#Promised']">
                @foreach ($page->proof->faults as $line)@foreach ($line as $f)<tr><td>{{ $page->piece($f['unknown']) }}
                        @if ($loop->first)<span class="tag out">bad</span>@else<span class="small muted">or this</span>@endif</td>
                    <td class="n num" data-label="How likely">{{ $show->text(100 * $f['chance'], '%', 0) }}</td>
                    <td class="n num" data-label="It has">{{ $page->ohm($f['ohm'], $f['sigmaOhm']) }}</td>
                    <td class="n num" data-label="Promised">{{ $show->text(1000 * $f['unknown']['segment']->ohm, 'mΩ', 2) }}</td></tr>@endforeach @endforeach
                @foreach ($page->proof->suspects as $f)<tr><td>{{ $page->piece($f['unknown']) }}</td>
                    <td class="n num" data-label="How likely">{{ $show->text(100 * $f['chance'], '%', 0) }}</td>
                    <td class="n num" data-label="It has">–</td>
                    <td class="n num" data-label="Promised">{{ $show->text(1000 * $f['unknown']['segment']->ohm, 'mΩ', 2) }}</td></tr>@endforeach
            </x-table>
        @endif
        @if ($page->proof->runs !== [])
            <x-fold id="proof-runs" title="Each run as measured" :answer="count($page->proof->runs) . ' pieces; ' .
                $show->text(100 * $page->proof->sound, '%', 0) . ' sure that nothing more is bad'">
                @unfolded('proof-runs')
                <x-table caption="Each run as measured" :head="['Piece', '#It has', '#Promised']">
                    @foreach ($page->proof->runs as $r)<tr><td class="small">{{ $page->piece($r['unknown']) }}</td>
                        <td class="n num" data-label="It has">{{ $page->ohm($r['ohm'], $r['sigmaOhm']) }}</td>
                        <td class="n num" data-label="Promised">{{ $show->text(1000 * $r['unknown']['segment']->ohm, 'mΩ', 2) }}</td></tr>@endforeach
                </x-table>
                <p class="small muted">{{ __('tests.proof.how') }}</p>
                @endunfolded
            </x-fold>
        @endif
    @endif
    <x-caution>The meter stands on live posts: insulated probes, one hand, nothing loose. No measuring on mains.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
