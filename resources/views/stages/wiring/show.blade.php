<x-layout title="Wiring" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.wiring') }}</h1></div>
    <p class="lead">{{ $page->answer() }}</p>
    @error('seen')<p class="error" role="alert">{{ $message }}</p>@enderror
    @error('pieces')<p class="error" role="alert">{{ $message }}</p>@enderror
    @if ($page->drawing->line || $page->drawing->returns)
        <div class="line-tabs">
            @foreach ($page->tabs() as $group)
                <nav class="tabs" aria-label="{{ $group['says'] }}"><span class="muted">{{ $group['says'] }}</span>
                    @foreach ($group['choices'] as $c)<a href="{{ $c['url'] }}" @if ($c['on']) aria-current="true" @endif>{{ $c['says'] }}</a>@endforeach</nav>
            @endforeach
        </div>
        @if ($page->drawing->line)@include('stages.wiring.line', ['drawing' => $page->drawing])
        @else<p class="mt-3">Nothing of the negative side is drawn yet.</p>@endif
        <p class="small"><a class="linkish" href="{{ route('wiring.paper', [$job, ...$page->shows()]) }}">On paper</a>
            <a class="linkish" href="{{ route('wiring.svg', [$job, ...$page->shows()]) }}">As SVG</a></p>
    @elseif (! $proposal->isThere())
        <div class="mt-5"><x-empty title="Nothing is drawn yet">
            <p>With a planned bank, joined on Bank, a sound circuit is proposed here. Leads that are there are noted on Survey.</p></x-empty></div>
    @endif
    @if ($page->join())
        <section class="section" id="join"><div class="stage-head"><h2>Join two parts</h2><span class="aside">{{ $page->join()->answer() }}</span></div>
            @include('stages.wiring.join', ['join' => $page->join()])</section>
    @endif
    @if ($page->safe)
        <section class="section" id="safe"><div class="stage-head"><h2>Where is it safe?</h2><span class="aside">{{ $page->safe->title() }}</span></div>
            @include('stages.wiring.safe', ['safe' => $page->safe])</section>
    @endif
    @if ($proposal->isThere())
        <x-fold id="proposal" title="A sound circuit for what is not drawn" :answer="$proposal->answer()"
            :open="! $page->drawing->line">@unfolded('proposal', ! $page->drawing->line)
            @include('stages.wiring.proposal')
        @endunfolded</x-fold>
    @endif
    @if ($page->opened->mayOpen !== [])
        <x-fold id="opens" title="What if it opens?" :answer="$page->openedAnswer()" :open="$page->opened->open !== []">
            @unfolded('opens', $page->opened->open !== [])
            @include('stages.wiring.opens')
        @endunfolded</x-fold>
        <x-fold id="matrix" title="Each part that opens, in each state" :answer="__('opens.matrix-answer')">@unfolded('matrix')
            @include('stages.wiring.matrix')
        @endunfolded</x-fold>
    @endif
    @if ($study->cables()->runs()->runs !== [])
        <x-fold id="runs" title="Cables and fuses, run by run" :answer="$page->runsAnswer()" :open="$page->edited() !== null">
            @unfolded('runs', $page->edited() !== null)
            @include('stages.wiring.runs')
        @endunfolded</x-fold>
    @endif
    @if ($outlets->isThere())
        <x-fold id="outlets" title="Who guards the outlets?" :answer="$outlets->answer()">@unfolded('outlets')
            @include('stages.wiring.outlets')
        @endunfolded</x-fold>
    @endif
    @if ($selective->isThere())
        <x-fold id="selective" title="Which fuse opens first?" :answer="$selective->answer()">@unfolded('selective')
            @include('stages.wiring.selective')
        @endunfolded</x-fold>
    @endif
    @if ($later->isThere())
        <x-fold id="later" title="Promised for later" answer="a larger inverter, one more battery: from the start, or then"
            :open="$later->isAsked()">@unfolded('later', $later->isAsked())
            @include('stages.wiring.later')
        @endunfolded</x-fold>
    @endif
    @may('plan', $job)
        <x-fold id="leads" title="Leads, typed" answer="p3.plus -> p9.in 35mm2 0.6m" :open="$errors->has('leads')">@unfolded('leads', $errors->has('leads'))
            @include('stages.wiring.typed', ['text' => ''])
        @endunfolded</x-fold>
    @endmay
    @if ($list->isThere())
        <x-fold id="list" title="To the last lug" :answer="$list->answer()">@unfolded('list')
            @include('stages.wiring.list')
        @endunfolded</x-fold>
    @endif
    <x-caution>{{ $say->said($region->bankCaution()) }} Mains work, and what joins neutral to earth, belongs to licensed people.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
