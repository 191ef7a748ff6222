<!doctype html>
<html lang="en">
<head><meta charset="utf-8"><title>Labels</title>
<style>
    @page { margin: 0; } body { margin: 0; font-family: 'DejaVu Sans', sans-serif; font-size: 8px; color: #000; }
    .sheet { position: relative; page-break-after: always; width: 1px; height: 1px; } .sheet.last { page-break-after: auto; }
    .label { position: absolute; overflow: hidden; }
    .big { font-size: 9px; font-weight: bold; padding: 3px 5px 0; } .small { font-size: 6.5px; padding: 1px 5px; }
</style></head>
<body>
@foreach ($sheets as $labels)
    <div class="sheet {{ $loop->last ? 'last' : '' }}">
        @foreach ($labels as $i => $label)
            <div class="label" style="left: {{ $grid->left + ($i % $grid->columns) * ($grid->width + $grid->apart) }}mm; top:
                {{ $grid->top + intdiv($i, $grid->columns) * $grid->height }}mm; width: {{ $grid->width }}mm; height: {{ $grid->height }}mm">
                <div class="big">{{ $label['big'] }}</div><div class="small">{{ $label['small'] }}</div></div>
        @endforeach
    </div>
@endforeach
</body></html>
