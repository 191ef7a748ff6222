<x-layout title="As they were read" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('wiring', $job) }}">← Wiring, without keeping them</a></p>
    <div class="stage-head"><h1>As they were read</h1><span class="aside">{{ count($page->lines) }} line{{ count($page->lines) === 1 ? '' : 's' }}</span></div>
    @if ($moved)<p class="error" role="alert">The plan has changed since you looked: look again before you keep them.</p>@endif
    <x-table caption="Lines as they were read" :head="['Typed', 'What it does']">
        @foreach ($page->lines as $line)
            <tr><td class="small num">{{ $line->text }}</td>
                <td data-label="What it does">@if ($line->problem)<span class="error">{{ $say->refusal($line->problem) }}</span>@else
                    <span>{{ $page->does($line) }}</span>@endif</td></tr>
        @endforeach
    </x-table>
    @if ($page->together)<p class="error" role="alert">Together they make no circuit: {{ $say->refusal($page->together) }}.</p>@endif
    @if ($page->drawing()?->line)
        <h2 class="mt-5">The circuit then</h2>
        @include('stages.wiring.line', ['drawing' => $page->drawing()])
    @endif
    @include('stages.wiring.typed', ['text' => $text, 'seen' => $page->allRead() ? $page->seen() : ''])
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
