<x-layout title="Questions to the supplier" :bench="$bench">
    <p><a href="{{ route('survey', $job) }}">← Survey</a></p>
    <div class="stage-head"><h1>Questions to the supplier</h1>
        <span class="right pick"><a href="{{ route('letter', $job) }}" @if ($page->language === 'en') aria-current="true" @endif>English</a>
            <a href="{{ route('letter', [$job, 'language' => 'de']) }}" @if ($page->language === 'de') aria-current="true" @endif>Deutsch</a></span></div>
    @if ($page->letters() === [])
        <x-empty title="Nothing is missing"><p>Every sheet of the plan says what the sums of this job rest on.</p></x-empty>
    @else
        <p class="lead">What the sheets of this job leave open although a sum rests on it. Until it is known, the usual value stands in, marked ≈.</p>
        @foreach ($page->letters() as $letter)
            <div class="section">
                <div class="section-head"><h2>{{ $letter['model'] }}</h2><span class="aside">{{ $letter['missing'] }} to ask</span></div>
                <label class="sr-only" for="letter-{{ $loop->index }}">Letter about {{ $letter['model'] }}</label>
                <textarea id="letter-{{ $loop->index }}" class="letter" rows="{{ 12 + 2 * $letter['missing'] }}" readonly lang="{{ $page->language }}">{{
                    $letter['text'] }}</textarea>
                <div class="actions print-none"><button class="btn plain" type="button" data-copy="{{ $letter['text'] }}">Copy</button></div>
            </div>
        @endforeach
    @endif
</x-layout>
