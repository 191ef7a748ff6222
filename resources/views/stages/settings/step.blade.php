<x-layout title="One by one" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('settings', $job) }}">← Settings</a></p>
    @if ($page->boxes === [])
        <x-empty title="No boxes yet"><p>With a planned bank and a device beside it, each box gets its value.</p></x-empty>
    @else
        <h1 class="sr-only">One by one</h1>
        <p class="muted">{{ $page->open() === 0 ? 'Every box is noted.' : $page->open() . ' to type' }}</p>
        @error('as_set')<p class="wrong">{{ $message }}</p>@enderror
        <div class="run" data-run-sheet data-keep-page data-next="{{ $page->next() }}">
            @foreach ($page->boxes as $k => ['part' => $part, 'row' => $row])
                <section class="run-step" id="step-{{ $page->key($k) }}" data-step="{{ $k }}" data-picture="{{ $page->screen($part) }}"
                    aria-labelledby="run-{{ $k }}">
                    <p class="muted">{{ $k + 1 }} of {{ $page->count() }}</p>
                    <h2 id="run-{{ $k }}" tabindex="-1">{{ $say->part($part) }}</h2>
                    @if ($page->path($part, $row) !== '')<p class="muted mt-2" data-aloud>{{ $page->path($part, $row) }}</p>@endif
                    <p class="text-xl mt-2" data-aloud>@if ($page->word($part, $row) !== '')“{{ $page->word($part, $row) }}”, @endif
                        {{ $say->name($row->parameter) }}</p>
                    <p class="step-value" data-aloud><strong class="num">{{ $page->value($row) }}</strong> {{ $page->unit($row) }}</p>
                    <p class="small">{{ $say->how($row->why) }}</p>
                    @if ($page->words($row))<p class="small muted">It may be called: {{ $page->words($row) }}.</p>@endif
                    @if ($page->noted($row) !== '')<p class="mt-2">Noted: <span class="num">{{ $page->noted($row) }}</span>
                        <span class="tag {{ $row->isSetAsPlanned() ? 'good' : 'out' }}">{{ $row->isSetAsPlanned() ? 'as planned' : 'otherwise' }}</span></p>
                    @endif
                    @if ($page->mayRecord)
                        <form method="post" action="{{ $page->typed($part) }}" class="mt-4"
                            data-outbox="{{ $say->part($part) }}, {{ $say->name($row->parameter) }}" data-outbox-says="{as_set}" data-who="{{ $page->who }}"
                            data-keeps-value>@csrf
                            <input type="hidden" name="_form" value="b{{ $k }}">@clientid
                            <input type="hidden" name="parameter" value="{{ $row->parameter->value }}">
                            <input type="hidden" name="back" value="{{ $page->here }}#step-{{ $page->key($k + 1) }}">
                            <x-field :form="'b' . $k" label="Typed into the device" name="as_set" :value="$page->value($row)" :unit="$page->unit($row)"
                                autocomplete="off" required />
                            <div class="actions"><button class="btn large w-full">Typed so, next</button></div>
                            <span class="small muted" data-outbox-said data-keep="yes" role="status"></span>
                        </form>
                        @if ($page->pictures($part) > 0)<p class="small muted">{{ $page->pictures($part) === 1 ? 'One picture of its screen is kept.' :
                            $page->pictures($part) . ' pictures of its screen are kept.' }}</p>@endif
                    @endif
                </section>
            @endforeach
            @if ($page->mayRecord)
                {{-- One for all boxes: the script stands it at the device that is shown. Without it a picture is added at its part. --}}
                <x-snap id="step-picture" :action="$page->screen($page->boxes[0]['part'])" what="" :caption="__('boxes.screen')" shows="screen"
                    label="Photograph its screen, as read back" :who="$page->who" :back="$page->here" class="mt-3" hidden />
            @endif
            <p class="run-nav" hidden data-run-nav><button type="button" class="linkish" data-run="back">‹ Back</button>
                <button type="button" class="linkish" data-run="aloud" hidden>Read aloud</button>
                <button type="button" class="linkish" data-run="on">Leave it, on ›</button></p>
        </div>
    @endif
</x-layout>
