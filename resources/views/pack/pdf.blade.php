<!doctype html>
<html lang="{{ $pack->handover->language }}">
<head><meta charset="utf-8"><title>{{ $pack->system->title }}</title>
<style>
    @page { margin: 42px 42px 54px; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 9.5px; line-height: 1.4; color: #1d282b; }
    h1 { font-size: 19px; margin: 2px 0 4px; } h2 { font-size: 13px; margin: 14px 0 4px; } h3 { font-size: 10.5px; margin: 9px 0 2px; } h2, h3, thead {
        page-break-after: avoid; }
    p { margin: 3px 0; } .muted { color: #515e5a; } .small { font-size: 8.5px; } .lead { font-size: 11px; }
    table { width: 100%; border-collapse: collapse; } th { text-align: left; font-weight: normal; color: #515e5a; font-size: 8.5px; }
    th, td { padding: 3px 8px 3px 0; border-bottom: 0.5px solid #c6cdc3; vertical-align: top; } .n { text-align: right; } .num { white-space: nowrap; }
    tr { page-break-inside: avoid; } ul { margin: 3px 0; padding-left: 14px; } .caution { border-left: 3px solid #a5391c; padding: 2px 0 2px 8px; margin-top:
        6px; page-break-inside: avoid; }
    .break { page-break-before: always; } .contents { margin: 0; } .drawing img { max-width: 100%; } .turned { page-break-before: always; page-break-after:
        always; text-align: center; } .turned img { height: 720px; } .signed svg, .signed img { width: 240px; border-bottom: 0.5px solid #1d282b; }
    h4 { font-size: 9.5px; margin: 6px 0 1px; } th[scope=row] { font-size: 9.5px; color: #1d282b; }
    .thumbs figure { display: inline-block; width: 240px; margin: 0 8px 8px 0; page-break-inside: avoid; } .thumbs img { width: 240px; height: auto; }
</style></head>
<body>
    <p class="muted">{{ $page->word('pack', ['number' => (string) $pack->handover->number]) }} · {{ $pack->handover->issuedOn() }} · {{
        $pack->workshop->name }}</p>
    <h1>{{ $pack->system->title }}</h1>
    <p class="small muted">{{ $page->word('contents') }}</p>
    @foreach (['customer', 'stranger', 'workshop'] as $part)<p class="contents" id="contents-{{ $part }}">{{ $page->word("parts.$part") }}</p>@endforeach
    @include('pack.body')
    <p class="small muted">{{ $page->word('seal', ['hash' => $pack->handover->sha256]) }}</p>
</body>
</html>
