<div>{{ $start->byRelay ? 'By relay: the bank can give' : 'Not by relay: the bank gives only' }} {{ $show->figure($start->bankA) }}
    {{ $say->how($start->bankA) }} for seconds,
    a starter asks for about {{ $show->text($page->crankA(), 'A') }}.{{ $start->byRelay ? '' : ' The BMS would open in the middle of it.' }}
    By charging the starter battery first: about <strong>{{ $show->figure($start->minutes) }}</strong> {{ $say->how($start->minutes) }} with
        {{ $show->text($page->starterChargerA(), 'A') }};
    gentler, and nothing has to carry hundreds of amps.</div>
