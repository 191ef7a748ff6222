<x-layout title="History" :bench="$bench">
    <h1>Who did what</h1>
    @error('act')<div class="error mt-2">It {{ lcfirst($message) }}</div>@enderror
    @if ($acts->isEmpty())
        <x-empty title="Nothing has been done yet"></x-empty>
    @endif
    <x-acts :acts="$acts" :job="$job" />
    <x-pager :of="$acts" />
</x-layout>
