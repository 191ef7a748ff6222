<!doctype html>
<html lang="{{ $handover->language }}">
<head><meta charset="utf-8"><title>{{ $handover->job->title }}</title>
<style>
    @page { margin: 14px; }
    body { font-family: 'DejaVu Sans', sans-serif; font-size: 9px; color: #1d282b; }
    table { width: 100%; border-collapse: collapse; } td { vertical-align: top; padding: 0; }
    img { width: 150px; height: 150px; } h1 { font-size: 15px; margin: 4px 0 2px; } p { margin: 2px 0; } .big { font-size: 12px; } .muted { color: #515e5a; }
</style></head>
<body><table><tr><td><img src="{{ $code }}" alt=""></td><td>
    <p class="muted">{{ $handover->job->title }}</p>
    <h1>{{ $say->word('pack.night') }}</h1>
    <p class="big">{{ $workshop->name }}</p><p class="big">{{ $workshop->phone }}</p>
    <p class="muted">{{ $say->word('night.say', ['number' => (string) $handover->number, 'date' => $handover->issuedOn()]) }}</p>
</td></tr></table></body>
</html>
