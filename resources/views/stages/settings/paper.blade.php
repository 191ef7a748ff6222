<x-layout :title="'Settings, ' . $job->title" bare>
    <div class="sheet paper">
        <p class="no-print"><a href="{{ route('settings', $job) }}">← Settings</a>
            <span class="muted">What is not noted is left empty, to be written by hand.</span></p>
        <h1>{{ $job->title }}: what to type</h1>
        <p class="lead">{{ $page->aside() }}</p>
        @foreach ($page->devices() as $device)
            <section class="section">
                <h2 class="mt-5">{{ $say->part($device['part']) }}</h2>
                <p class="small">{{ $say->name($device['part']->kind) }}{{ $device['part']->place === '' ? '' : ', ' . $device['part']->place }}
                    @if ($page->programming($device['part']) !== '') · {{ $page->programming($device['part']) }}@endif</p>
                <x-table :caption="'Settings of ' . $say->part($device['part'])" :head="['Box', 'Planned', 'Found', 'As set', 'Read back']">
                    @foreach ($page->boxes($device) as $box)
                        <tr><td>
                            {{ $say->name($box['row']->parameter) }}@if ($box['called'] !== '') <span class="small muted">{{ $box['called'] }}</span>@endif</td>
                            <td data-label="Planned"><strong class="num">{{ $box['planned'] }}</strong> {{ $box['unit'] }}</td>
                            @foreach (['Found', 'As set', 'Read back'] as $head)<td data-label="{{ $head }}" class="num">{{
                                $box['columns'][$head]['value'] ?: '………' }}</td>@endforeach</tr>
                    @endforeach
                </x-table>
            </section>
        @endforeach
        <x-caution>A system wrongly programmed does not work, and can hurt. Where a data sheet and this page differ, the data sheet of the battery goes first.
            {{ $say->said($region->bankCaution()) }}</x-caution>
    </div>
</x-layout>
