<div class="section"><h2 id="part-customer">{{ $page->word('parts.customer') }}</h2>
<h3>{{ $page->word('gives') }}</h3>
<table><tbody>
    @foreach ($page->gives() as $what => $much)<tr><th scope="row">{{ $what }}</th><td class="n">{{ $much }}</td></tr>@endforeach
</tbody></table>
@if ($simple = $page->simple())
    <h3>{{ $page->word('as-drawn') }}</h3>
    <p class="simple"><img src="{{ $simple }}" alt="{{ $page->word('as-drawn') }}"></p>
@endif
@if ($page->places())
    <h3>{{ $page->word('where') }}</h3>
    <table><tbody>@foreach ($page->places() as $place => $names)<tr><th scope="row">{{ $place }}</th><td>{{ $names }}</td></tr>@endforeach</tbody></table>
    @if ($page->pictured())<div class="thumbs">@foreach ($page->pictured() as $place => $sha256)
        <figure><img src="{{ $photoOf($sha256) }}" alt="{{ $place }}"><figcaption class="small">{{ $place }}</figcaption></figure>@endforeach</div>@endif
@endif
@if ($page->together())
    <h3>{{ $page->word('together') }}</h3>
    <p>{{ $page->word('outlets', ['watts' => $page->outlets()]) }}</p>
    <ul>@foreach ($page->together() as $set)<li>{{ $set }}</li>@endforeach</ul>
    @if ($page->apart() !== '')<p>{{ $page->word('apart', ['list' => $page->apart()]) }}</p>@endif
@endif
@if ($page->howLong())
    <h3>{{ $page->word('how-long') }}</h3>
    <table><tbody>@foreach ($page->howLong() as $name => $hours)<tr><th scope="row">{{ $name }}</th><td class="n num">{{ $hours
        }}</td></tr>@endforeach</tbody></table>
@endif
<h3>{{ $page->word('living') }}</h3>
<ul class="plain">@foreach ($page->living() as $line)<li>{{ $line }}</li>@endforeach</ul>
<p class="caution"><strong>{{ $page->word('careful') }}</strong> {{ $page->careful() }}</p></div>
