@props(['job', 'step', 'says', 'what', 'state' => 'done', 'value' => ''])
<form method="post" action="{{ route('test.store', $job) }}" class="inline" data-outbox="{{ $what }}" data-outbox-says="{{ $says }}"
    data-who="{{ auth()->id() }}">@csrf @clientid
    <input type="hidden" name="step" value="{{ $step }}"><input type="hidden" name="state" value="{{ $state }}">
    <input type="hidden" name="value" value="{{ $value }}">
    <button @class(['btn plain' => $state === 'done', 'linkish' => $state !== 'done'])>{{ $says }}<span class="sr-only">: {{ $what }}</span></button>
    <span class="small muted" data-outbox-said data-keep="yes" role="status"></span></form>
