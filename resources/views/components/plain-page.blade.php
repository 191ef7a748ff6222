@props(['code', 'title'])
<x-layout :title="$title" :bare="! auth()->check()">
    <div class="sign-in">
        <p class="num muted">{{ $code }}</p>
        <h1>{{ $title }}</h1>
        <p class="mt-3">{{ $slot }}</p>
        <p class="mt-5"><a class="btn" href="{{ auth()->check() ? route('yard') : route('sign-in') }}">{{ auth()->check() ? 'To the Yard' : 'To sign in'
            }}</a></p>
    </div>
</x-layout>
