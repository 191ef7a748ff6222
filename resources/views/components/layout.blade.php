@props(['title', 'bench' => null, 'stage' => null, 'rail' => false, 'bare' => false, 'lang' => 'en'])
<!doctype html>
<html lang="{{ $lang }}" @if (in_array(request()->cookie('theme'), ['light', 'dark'], true)) data-theme="{{ request()->cookie('theme') }}" @endif>
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="color-scheme" content="light dark">
    <title>{{ $title }} · Pebblefell</title>
    <link rel="icon" href="/pebbles.svg" type="image/svg+xml">
    @foreach (['archivo/files/archivo-latin-wdth', 'atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght'] as $font)
        <link rel="preload" href="{{ Vite::asset("node_modules/@fontsource-variable/$font-normal.woff2") }}" as="font" type="font/woff2" crossorigin>
    @endforeach
    @vite(['resources/css/app.css', 'resources/js/app.js'])
</head>
<body @auth data-who="{{ auth()->id() }}" @endauth>
    <a class="skip" href="#main">To the content</a>
    <header>
        <div class="top">
            <a class="brand" href="{{ $bare ? '#main' : route('yard') }}"><x-logo />Pebblefell</a>
            @if ($bench?->job?->exists)
                <a class="top-title no-underline! text-ink!" href="{{ route('jobs.show', $bench->job) }}">{{ $bench->job->title }}<small>{{ $bench->job->number
                    }}{{ $bench->job->vehicle_description ? ' · ' . $bench->job->vehicle_description : '' }}</small></a>
            @endif
            @auth
                @if (! $bench?->job?->exists)
                    <nav aria-label="Main">
                        <a href="{{ route('yard') }}" @if (request()->routeIs('yard')) aria-current="page" @endif>Yard</a>
                        <a href="{{ route('library.index') }}" @if (request()->routeIs('library.*')) aria-current="page" @endif>Parts library</a>
                        <a href="{{ route('customers.index') }}" @if (request()->routeIs('customers.*')) aria-current="page" @endif>Customers</a>
                    </nav>
                @endif
                <form class="search" action="{{ route('search') }}" role="search">
                    <label class="sr-only" for="search">Find a job, part or serial</label>
                    <input id="search" name="q" value="{{ request()->routeIs('search') && is_string(request('q')) ? request('q') : '' }}"
                        placeholder="Find a job, part or serial" autocomplete="off">
                    <kbd aria-hidden="true">/</kbd>
                </form>
                <details class="menu">
                    <summary>{{ auth()->user()->name }}</summary>
                    <div class="menu-box">
                        <a href="{{ route('yard') }}">Yard</a>
                        <a href="{{ route('library.index') }}">Parts library</a>
                        <a href="{{ route('customers.index') }}">Customers</a>
                        <a href="{{ route('recall') }}">Recall</a>
                        <a href="{{ route('measured') }}">Promised and measured</a>
                        @can('update', $models['workshop'])<a href="{{ route('workshop.edit') }}">Workshop and places</a>@endcan
                        @can('viewAny', $models['user'])<a href="{{ route('users.index') }}">Accounts</a>@endcan
                        <a href="{{ route('password.edit') }}">Password</a>
                        <a href="{{ route('keys') }}" data-keys-page>Keys and help</a>
                        <button type="button" data-theme-to="light">Light</button>
                        <button type="button" data-theme-to="dark">Dark</button>
                        <button type="button" data-theme-to="system">As the system</button>
                        <form method="post" action="{{ route('sign-out') }}">@csrf @method('delete')<button>Sign out</button></form>
                    </div>
                </details>
            @endauth
        </div>
        @if ($bench !== null && $bench?->job?->exists)
            <x-skyline :skyline="$bench->skyline" :job="$bench?->job" :stage="$stage" />
        @endif
    </header>
    <div class="offline" data-offline hidden role="alert">Not saved: the server does not answer. What you typed is still on this page; change it again once
        there is a connection.</div>
    @if (session('said'))
        <div class="said" role="status" id="said">{{ session('said') }}</div>
    @endif
    @if (isset($errors) && $errors->any())
        <div class="wrong" role="alert" id="wrong">
            @if (request()->attributes->get('faulty_query'))
                The address asks for what cannot be; it is left out. {{ $errors->first() }}
            @else
                {{ $errors->first('form') ?: ($errors->first('file') ?: 'Not saved yet: ' . $errors->first()) }}
            @endif
        </div>
    @endif
    @if ($rail)
        <div class="with-rail">
            <main id="main" tabindex="-1"><x-who-may :stage="$stage" :bench="$bench" />{{ $slot }}</main>
            {{ $rail }}
        </div>
    @else
        <main id="main" class="{{ $bare ? '' : 'sheet' }}" tabindex="-1">{{ $slot }}</main>
    @endif
    {{-- What was typed on this device, on whatever page, and has not arrived. --}}
    <div class="small muted" id="unsent" data-unsent="0" data-keep="yes" hidden></div>
</body>
</html>
