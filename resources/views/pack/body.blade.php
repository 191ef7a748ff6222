<p class="lead">{{ $page->about() }}</p>
@include('pack.customer')
@include('pack.stranger')
@include('pack.workshop')
<div class="section"><h2>{{ $page->word('call') }}</h2>
<p>{{ $page->whoToCall() }}. {{ $page->word('anyone', ['number' => (string) $pack->handover->number, 'by' => $pack->handover->issued_by]) }}</p></div>
