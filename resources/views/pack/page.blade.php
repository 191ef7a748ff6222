<x-layout :title="$handover->job->title" bare :lang="$handover->language">
    <div class="sheet">
        <p class="muted">{{ $say->word('pack.pack', ['number' => (string) $handover->number]) }} · {{ $handover->issuedOn() }}</p>
        <h1>{{ $handover->job->title }}</h1>
        <p class="actions mt-2! no-print">
            <a class="btn" href="{{ $handover->link('pack.night') }}">{{ $say->word('pack.night') }}</a>
            <a class="btn plain" href="{{ $handover->link('pack.pdf') }}">PDF</a>
            <a class="btn plain" href="{{ $handover->link('pack.file') }}">{{ $say->word('pack.file') }}</a>
        </p>
        {!! $handover->page !!}
        <section id="write" class="section no-print"><h2>{{ $say->word('pack.write') }}</h2>
            @if (session('said'))<p class="said" role="status">{{ session('said') }}</p>@endif
            <p class="muted">{{ $say->word('pack.write-about') }}</p>
            <form method="post" action="{{ $handover->link('pack.message', [], false) }}" enctype="multipart/form-data">@csrf<input type="hidden" name="_form"
                value="write">
                <x-field form="write" :label="$say->word('pack.write-text')" name="text" :rows="4" required />
                <div class="form-grid">
                    <x-field form="write" :label="$say->word('pack.ran-short')" name="ran_short" :blank="$say->word('pack.not-said')" :options="['nothing' =>
                        $say->word('pack.short.nothing'), 'evening' => $say->word('pack.short.evening'), 'morning' => $say->word('pack.short.morning'),
                        'outlets' => $say->word('pack.short.outlets')]" />
                    @foreach (['arrive', 'morning', 'afternoon'] as $reading)<x-field form="write" :label="$say->word('pack.read.' . $reading)"
                        :name="$reading" unit="%" inputmode="decimal" />@endforeach
                </div>
                <div class="field"><label for="write-file">{{ $say->word('pack.write-file') }}</label><input id="write-file" type="file" name="file"
                    accept="image/jpeg,image/png,image/webp,.csv,.txt,.json,.jsonl">@error('file')<div class="error">{{ $message }}</div>@enderror</div>
                <div class="actions"><button class="btn plain">{{ $say->word('pack.send') }}</button></div></form></section>
        @if ($handover->sha256)<p class="small muted break-all mt-5">{{ $say->word('pack.seal', ['hash' => $handover->sha256]) }}</p>@endif
    </div>
</x-layout>
