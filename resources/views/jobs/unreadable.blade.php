<x-layout title="Cannot be read">
    <div class="stage-head"><h1>{{ $job->title }} cannot be read</h1><span class="aside">job {{ $job->number }}</span></div>
    <p class="lead">Something in it does not fit the rest, so nothing can be computed from it. Nothing is lost: put back what broke it, and it opens again.</p>
    <dl class="mt-4"><dt class="small muted">What is wrong</dt><dd><span class="num">{{ $unreadable->path ?: '/' }}</span> {{ $unreadable->getMessage() }}</dd>
        </dl>
    @error('act')<div class="error mt-2">{{ $message }}</div>@enderror
    <h2 class="mt-5">Who changed it last</h2>
    <x-acts :acts="$acts" :job="$job" />
    <p class="mt-4"><a href="{{ route('yard') }}">To the Yard</a></p>
</x-layout>
