<x-layout :title="$offer->title()" bare :lang="$offer->language()">
    <div class="sheet">
        <p class="muted">{{ $offer->word('offer', ['number' => (string) $offer->offer->number]) }} · {{ $offer->workshop()['name'] }} ·
            {{ $offer->workshop()['phone'] }}</p>
        <h1>{{ $offer->title() }}</h1>
        @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
        @include('offer.body')
        <p class="mt-2"><a class="btn plain no-print" href="{{ $offer->offer->link('offer.pdf') }}">PDF</a></p>
        @if ($offer->offer->accepted_at)
            <div class="section"><p class="lead">{{ $offer->word('accepted', ['name' => $offer->offer->accepted_by, 'date' =>
                $offer->offer->accepted_at->format('Y-m-d H:i') . ' UTC']) }}</p>
                <ul>@foreach ($offer->options() as $o)@if ($o['taken'])<li>{{ $o['name'] }} {{ $o['price'] }}</li>@endif @endforeach</ul>
                <p>{{ $offer->word('thanks') }}</p><p class="small muted break-all">{{ $offer->word('seal', ['hash' => $offer->offer->accepted_hash])
                    }}</p></div>
        @elseif (! $offer->offer->isOpen())
            <p class="wrong">{{ $offer->word('over') }}</p>
        @else
            <form method="post" action="{{ $offer->offer->link('offer.accept') }}" class="section">@csrf
                @if ($offer->options() !== [])
                    <h2>{{ $offer->word('choices') }}</h2><p class="muted">{{ $offer->word('choose') }}</p>
                    @foreach ($offer->options() as $o)
                        <label class="check mt-2"><input type="checkbox" name="choices[]" value="{{ $o['uid'] }}" @checked(in_array($o['uid'], (array)
                            old('choices', []), true))> <span><strong>{{ $o['name'] }}</strong> <span class="num">{{ $o['price'] }}</span>
                            @if ($o['open'])<span class="tag look">{{ $offer->word('some-open') }}</span>@endif
                            <span class="block small muted">{{ $o['gives'] }}@if ($o['group']); {{ $offer->word('one-of', ['group' => $o['group']])
                                }}@endif</span>
                            </span></label>
                    @endforeach
                    @error('choices')<p class="error">{{ $message }}</p>@enderror
                @endif
                <h2 class="mt-5">{{ $offer->word('accept') }}</h2>
                <x-field form="accept" :label="$offer->word('your-name')" name="name" autocomplete="name" required />
                <label class="check mt-3"><input type="checkbox" name="agreed" value="1" required> {{ $offer->word('agree') }}</label>
                @error('agreed')<p class="error">{{ $message }}</p>@enderror
                <div class="actions"><button class="btn large">{{ $offer->word('accept') }}</button></div>
            </form>
        @endif
        <p class="small muted">{{ $offer->word('mains') }}</p>
    </div>
</x-layout>
