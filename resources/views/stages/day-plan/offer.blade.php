<x-layout title="Offer" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('day-plan', $job) }}">← Day plan</a></p>
    <div class="stage-head"><h1>What does it cost, and what does it give?</h1></div>
    <p class="lead">As the plan stands: <strong>{{ $page->draft->sums()[2]['amount'] }}</strong>, tax included.
        @if (! $page->hasRate())The workshop has no hourly rate yet, so labour costs nothing here: <a href="{{ route('workshop.edit') }}">set it</a>.@endif
        @if ($page->draft->hasOpenPrices())Some parts have no price yet: note it on the part, or the offer says that it follows.@endif</p>
    @error('offer')<p class="wrong">{{ $message }}</p>@enderror
    @foreach ($page->offers as $offer)
        <div class="check-line"><h3>Offer {{ $offer->number }} @if ($offer->withdrawn_at)<span class="tag out">withdrawn</span>
                @elseif ($offer->taken_at)<span class="tag good">in the plan</span>@elseif ($offer->accepted_at)<span class="tag good">accepted</span>
                @elseif (! $offer->isOpen())<span class="tag look">no longer good</span>@else<span class="tag">open</span>@endif</h3>
            <p>{{ $page->gross($offer) }}, made {{ $page->at($offer->created_at) }} by {{ $offer->issued_by }}.
                @if ($offer->accepted_at)Accepted by <strong>{{ $offer->accepted_by }}</strong>, {{ $page->at($offer->accepted_at) }},
                    {{ $page->taken($offer) }}. <span class="small muted break-all">{{ $offer->accepted_hash }}</span>@endif</p>
            @if (! $offer->withdrawn_at)<p class="flex flex-wrap gap-4 items-center"><a href="{{ $offer->link() }}">Open as the customer</a>
                <a href="{{ $offer->link('offer.pdf') }}">PDF</a><button type="button" class="linkish" data-copy="{{ $offer->link() }}">Copy
                    link</button></p>@endif
            @may('plan', $job)
                @if ($offer->accepted_at && ! $offer->taken_at)
                    <form method="post" action="{{ route('offers.update', [$job, $offer]) }}">@csrf @method('put')<input type="hidden" name="lock_version"
                        value="{{ $offer->lock_version }}"><div class="actions"><button class="btn">Make it the plan</button></div></form>
                @elseif ($offer->isOpen())<x-delete :action="route('offers.destroy', [$job, $offer])" :version="$offer->lock_version"
                    what="the offer" />@endif
            @endmay
        </div>
    @endforeach
    @may('plan', $job)
        <div class="section"><h2>Make offer {{ $page->nextNumber() }}</h2>
            <form method="post" action="{{ route('offers.store', $job) }}" class="mt-2">@csrf<input type="hidden" name="_form" value="offer">
                <input type="hidden" name="number" value="{{ $page->nextNumber() }}">
                <div class="form-grid">
                    <x-field form="offer" label="Tax" name="tax_pct" unit="%" :value="(string) $page->taxPct()" inputmode="decimal" required />
                    <x-field form="offer" label="Cables and small parts, net" name="sundries" :value="(string) $page->sundries()" inputmode="decimal" />
                    <x-field form="offer" label="Good until" name="valid_until" type="date" :value="$page->validUntil()" required />
                    <x-field form="offer" class="wide" label="A few words" name="text" :rows="2" />
                </div><div class="actions"><button class="btn" data-add>Make the offer</button></div></form></div>
    @endmay
    <div class="section"><h2>As it would read now</h2>@include('offer.body', ['offer' => $page->draft])
        @if ($page->draft->options() !== [])<h3 class="mt-4">{{ $page->draft->word('choices') }}</h3><ul>@foreach ($page->draft->options() as $o)
            <li>{{ $o['name'] }} <span class="num">{{ $o['price'] }}</span> <span class="muted">{{ $o['gives'] }}@if ($o['group']); one of:
                {{ $o['group'] }}@endif</span></li>@endforeach</ul>
        @else<p class="muted mt-3">Choices are kept on Size (one battery or two, more sun): each stands here with its price.</p>@endif</div>
</x-layout>
