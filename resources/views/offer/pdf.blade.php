<!doctype html>
<html lang="{{ $offer->language() }}">
<head><meta charset="utf-8"><title>{{ $offer->title() }}</title>
<style>
    @page { margin: 48px 48px 54px; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 10px; line-height: 1.45; color: #1d282b; }
    h1 { font-size: 20px; margin: 2px 0 4px; } h2 { font-size: 13px; margin: 16px 0 4px; } p { margin: 3px 0; } .muted { color: #515e5a; } .lead { font-size:
        11px; }
    table { width: 100%; border-collapse: collapse; margin-top: 10px; } th { text-align: left; font-weight: normal; color: #515e5a; font-size: 9px; }
    th, td { padding: 4px 8px 4px 0; border-bottom: 0.5px solid #c6cdc3; vertical-align: top; } .n { text-align: right; } .num { white-space: nowrap; }
    tr { page-break-inside: avoid; } .small { font-size: 8.5px; }
</style></head>
<body>
    <p class="muted">{{ $offer->word('offer', ['number' => (string) $offer->offer->number]) }} · {{ $offer->workshop()['name'] }} · {{
        $offer->workshop()['address'] }} ·
        {{ $offer->workshop()['phone'] }}</p>
    <h1>{{ $offer->title() }}</h1>
    @include('offer.body')
    @if ($offer->options() !== [])<h2>{{ $offer->word('choices') }}</h2>
        <table>@foreach ($offer->options() as $o)<tr><td>{{ $o['name'] }}@if ($o['group'])<br><span class="small muted">{{ $offer->word('one-of', ['group' =>
            $o['group']]) }}</span>@endif</td><td>{{ $o['gives'] }}</td><td class="n num">{{ $o['price'] }}</td></tr>@endforeach</table>@endif
    @if ($offer->offer->accepted_at)<p>{{ $offer->word('accepted', ['name' => $offer->offer->accepted_by, 'date' =>
        $offer->offer->accepted_at->format('Y-m-d H:i') . ' UTC']) }}</p>@endif
    <p class="small muted">{{ $offer->word('mains') }}</p>
</body>
</html>
