<x-layout title="Keys and help">
    <h1>Keys</h1>
    <p class="lead">They work wherever you are not typing.</p>
    <table class="mt-4 max-w-2xl">
        <caption class="sr-only">Keys</caption>
        <thead><tr><th scope="col">Key</th><th scope="col">Does</th></tr></thead>
        <tbody>
        @foreach ([['/', 'find a job, part or serial'], ['?', 'this page'], ['[ ]', 'one stage back, one stage on'], ['g y', 'to the Yard'], ['g s',
            'to Survey'], ['g l', 'to Loads'], ['g z', 'to Size'], ['g o', 'to Sources'], ['g b', 'to Bank'], ['g e', 'to Balance'], ['g t', 'to Settings'],
            ['g h', 'to Handover'], ['g d', 'to Day plan'], ['g v', 'to Test'], ['g c', 'to Aftercare'], ['a', 'add what the page is made of'], ['h', 'how a
                figure was found; again
                closes it'], ['Esc',
            'closes what is open, leaves a field'], ['← → space enter',
            'on a 24-hour strip: move, switch a quarter of an hour, save; with Shift, carry it along']] as [$key, $does])
            <tr><td>@foreach (explode(' ', $key) as $k)<kbd>{{ $k }}</kbd> @endforeach</td><td>{{ $does }}</td></tr>
        @endforeach
        </tbody>
    </table>
    <h2 class="mt-8">Signs</h2>
    <table class="mt-2 max-w-2xl">
        <caption class="sr-only">Signs</caption>
        <thead class="sr-only"><tr><th scope="col">Sign</th><th scope="col">Means</th></tr></thead>
        <tbody>
            <tr><td><x-severity :of="$severities[0]" /></td><td><strong>Stop</strong>: someone or something gets hurt.</td></tr>
            <tr><td><x-severity :of="$severities[1]" /></td><td><strong>Fix</strong>: it will not work as promised.</td></tr>
            <tr><td><x-severity :of="$severities[2]" /></td><td><strong>Note</strong>: worth knowing.</td></tr>
            <tr><td>@stone('todo', false, 'inline') @stone('done', false, 'inline') @stone('stopped', false, 'inline')</td>
                <td>A stage to do, done, and with a stop in it.</td></tr>
            <tr><td><span class="assumed">≈</span></td><td>Rests on a value that was assumed. Ask <em>how</em> to see which.</td></tr>
            <tr><td>▲ ▽</td><td>Energy in, energy out.</td></tr>
        </tbody>
    </table>
    <p class="mt-6"><a href="{{ route('components') }}">What the pages are made of</a></p>
</x-layout>
