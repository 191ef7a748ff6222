<x-layout title="Bank" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.bank') }}</h1><span class="aside">{{ $page->aside() }}</span></div>
    @if (! $page->desk->drawing)
        <x-empty title="No bank is planned"><p>Size chooses one; its links are drawn here.</p></x-empty>
    @else
        <p class="lead">@include('stages.bank.answer')</p>
        @include('stages.bank.look')
        <div class="mt-3"><x-bank-drawing :drawing="$page->desk->drawing" :share="$page->desk->share" :page="$page" :sketch="$page->sketch()" active /></div>
        @if ($page->canBeReordered())
            @may('plan', $job)
                <form method="post" action="{{ route('bank.order', $job) }}" class="map-form mt-2" data-bank-order>@csrf @method('put')<input type="hidden"
                    name="_form" value="ord">
                    <x-field form="ord" label="Order" name="order" :value="$page->order()" inputmode="numeric" help="Or drag a battery to its place." />
                        <button class="btn plain">Stand them so</button></form>
            @endmay
        @endif
        <div class="figures">@foreach ($page->figures() as $label => $figure)<x-stat :figure="$figure" :label="$label" :left="$loop->last" />@endforeach</div>
        @may('plan', $job)
            @if ($page->canBeDrawn())
                <form method="post" action="{{ route('bank.links', $job) }}" class="mt-2">@csrf @method('put')<input type="hidden" name="layout"
                    value="{{ $page->drawnAs() }}">
                    @if ($page->desk->drawing->takeoffs)<input type="hidden" name="plus" value="{{ $page->desk->drawing->takeoffs[0] }}">
                        <input type="hidden" name="minus" value="{{ $page->desk->drawing->takeoffs[1] }}">@endif
                    <input type="hidden" name="mm2" value="{{ $page->desk->mm2 }}"><input type="hidden" name="link_m" value="{{ $page->desk->linkM }}">
                        <input type="hidden" name="lead_m" value="{{ $page->desk->leadM }}">
                    <button class="btn">Draw it so into the plan</button></form>
            @endif
        @endmay
        @if ($page->isParallel())
            <x-fold id="beside" title="Beside it" :answer="$answers->beside()">@unfolded('beside')
        @include('stages.bank.beside')
    @endunfolded</x-fold>
            @if ($page->desk->drift)
                <x-fold id="drift" :title="$page->desk->loadA > 0 ? 'Through a whole discharge' : 'Through a whole charge'"
                    :answer="$answers->drift()">@unfolded('drift')
        @include('stages.bank.drift', ['sketch' => $page->drifting->driftSketch()])
    @endunfolded</x-fold>
            @endif
            <x-fold id="joint" title="Which joint is it?" :answer="$answers->joint()" :open="$page->desk->suspects !== null || $page->desk->measuredFault !==
                null">@unfolded('joint', (bool) ($page->desk->suspects !== null || $page->desk->measuredFault !== null))
        @include('stages.bank.joint')
    @endunfolded</x-fold>
        @endif
        @if ($study->waking())
            <x-fold id="waking" title="Will it wake?" :answer="$answers->waking()">@unfolded('waking')
                @include('stages.bank.waking', ['page' => $wakes, 'waking' => $study->waking()])
            @endunfolded</x-fold>
        @endif
        <x-fold id="pack" title="Inside a self-built pack" :answer="$answers->pack()" :open="request()->hasAny(['groups',
            'cell_ah'])">@unfolded('pack', (bool) (request()->hasAny(['groups', 'cell_ah'])))
        @include('stages.bank.pack', ['desk' => $page->desk, 'inside' => $page->inside])
    @endunfolded</x-fold>
        <x-caution>{{ $say->said($region->bankCaution()) }} Before a string is closed onto the bar, measure it: strings within a few tenths of a volt, or
            balance first.</x-caution>
        <p class="small muted mt-2">Like with like: one maker, model, age and BMS. Leads that must be equal are of one size and one length; none may chafe
            another.
            {{ $page->gapMm() === null ? '' : 'At least ' . $show->text($page->gapMm(), 'mm') . ' between blocks.' }} Keep the means to take one battery out and
                go on with the rest.</p>
    @endif
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
