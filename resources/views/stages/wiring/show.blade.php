<x-layout title="Wiring" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.wiring') }}</h1></div>
    <p class="lead">{{ $page->answer() }}</p>
    @error('seen')<p class="error" role="alert">{{ $message }}</p>@enderror
    @if ($page->line)
        @include('stages.wiring.line', ['line' => $page->line])
    @elseif (! $proposal->isThere())
        <div class="mt-5"><x-empty title="Nothing is drawn yet">
            <p>With a planned bank, joined on Bank, a sound circuit is proposed here. Leads that are there are noted on Survey.</p></x-empty></div>
    @endif
    @if ($proposal->isThere())
        <x-fold id="proposal" title="A sound circuit for what is not drawn" :answer="$proposal->answer()"
            :open="! $page->line">@unfolded('proposal', ! $page->line)
            @include('stages.wiring.proposal')
        @endunfolded</x-fold>
    @endif
    @if ($page->opened->mayOpen !== [])
        <section class="section" id="opens"><div class="stage-head"><h2>What if it opens?</h2><span class="aside">{{ $page->openedAnswer() }}</span></div>
            @include('stages.wiring.opens')</section>
    @endif
    @if ($study->runs()->runs !== [])
        <x-fold id="runs" title="Cables and fuses, run by run" :answer="$page->runsAnswer()">@unfolded('runs')
            @include('stages.wiring.runs')
        @endunfolded</x-fold>
    @endif
    @if ($list->isThere())
        <x-fold id="list" title="To the last lug" :answer="$list->answer()">@unfolded('list')
            @include('stages.wiring.list')
        @endunfolded</x-fold>
    @endif
    <x-caution>{{ $say->said($region->bankCaution()) }} Mains work, and what joins neutral to earth, belongs to licensed people.</x-caution>
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
