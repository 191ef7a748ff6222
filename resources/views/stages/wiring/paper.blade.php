<x-layout :title="'Wiring, ' . $job->title" bare>
    <div class="sheet paper">
        <p class="no-print"><a href="{{ route('wiring', $job) }}">← Wiring</a>
            <span class="muted">Print it lying down; A3 where the drawing is long.</span></p>
        <h1>{{ $job->title }}</h1>
        <p class="lead">{{ $page->answer() }}</p>
        @if ($page->drawing->line)
            @include('stages.wiring.line', ['drawing' => $page->drawing])
        @endif
        @if ($study->cables()->runs()->runs !== [])<h2 class="mt-5">Cables and fuses</h2>@include('stages.wiring.runs', ['onPaper' => true])@endif
        @if ($list->isThere())<h2 class="mt-5">To pick and to buy</h2>@include('stages.wiring.list', ['onPaper' => true])@endif
        <x-caution>{{ $say->said($region->bankCaution()) }} Mains work, and what joins neutral to earth, belongs to licensed people.</x-caution>
    </div>
</x-layout>
