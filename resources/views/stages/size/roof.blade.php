<svg class="draw" data-roof data-scale="{{ $sketch->scale }}" data-upright="{{ $sketch->upright ? 'yes' : 'no' }}"
    viewBox="0 0 {{ $sketch->width }} {{ $sketch->height }}" role="group" aria-label="The roof from above: {{ $answers->roof($roof) }}">
    @if ($picture)<clipPath id="roof-sheet"><rect width="{{ $sketch->width }}" height="{{ $sketch->height }}"/></clipPath>
        <image clip-path="url(#roof-sheet)" href="{{ $picture['href'] }}" x="{{ $picture['x'] }}" y="{{ $picture['y'] }}" width="{{ $picture['width'] }}"
        height="{{ $picture['height'] }}" opacity=".7"/>@endif
    <rect class="s-ink" data-outline x="{{ $sketch->roof['x'] }}" y="{{ $sketch->roof['y'] }}" width="{{ $sketch->roof['width'] }}"
        height="{{ $sketch->roof['height'] }}"/>
    @foreach ($sketch->things as $t)
        <rect class="f-ink-wash s-ink" x="{{ $t['x'] }}" y="{{ $t['y'] }}" width="{{ $t['width'] }}" height="{{ $t['height'] }}"/>
        @if ($t['height'] > 16 && $t['width'] > 16)<text class="axis mid" x="{{ $t['x'] + $t['width'] / 2 }}"
            y="{{ $t['y'] + $t['height'] / 2 + 4 }}">{{ $t['name'] }}</text>@endif
    @endforeach
    @foreach ($sketch->panels as $p)
        <g data-panel="{{ $p['part']->uid }}" tabindex="0" role="button"
            aria-label="Panel {{ $p['number'] }}: drag it, or move it with the arrow keys; r turns it">
            <rect class="{{ $p['clash'] ? 'f-rust-wash' : 'f-heather-wash' }}" x="{{ $p['x'] }}" y="{{ $p['y'] }}" width="{{ $p['width'] }}"
                height="{{ $p['height'] }}"/>
            <rect class="{{ $p['clash'] ? 's-rust' : 's-heather' }}" @if (! $p['fixed']) stroke-dasharray="5 4" @endif x="{{ $p['x'] }}" y="{{ $p['y'] }}"
                width="{{ $p['width'] }}" height="{{ $p['height'] }}"/>
            <text class="mid" x="{{ $p['x'] + $p['width'] / 2 }}" y="{{ $p['y'] + $p['height'] / 2 + 5 }}">{{ $p['number'] }}</text>
        </g>
    @endforeach
</svg>
<p class="small muted">{{ $sketch->upright ? 'Front at the top' : 'Front at the left' }}; dashed: found its place by itself; solid: put there. Gaps of
    {{ $show->text(20, 'mm') }} between panels and {{ $show->text(30, 'mm') }} to the edge are kept.
    {{ $roof->canStep ? 'There is a place to step.' : 'No square of ' . $show->text(400, 'mm') . ' is left to step on.' }}</p>
@may('plan', $job)
    <form method="post" action="{{ route('roof.update', $job) }}" data-roof-form class="mt-2">@csrf @method('put')<input type="hidden" name="_form"
        value="roof">
        <x-table caption="Where each panel lies" :head="['Panel', '#From the front', '#From the left', 'Turned across', 'Shade of the roof']">
            @foreach ($sketch->panels as $i => $p)
                <tr><td>{{ $p['number'] }} · {{ $say->onePart($p['part']) }}</td>
                    <td data-label="From the front"><input name="at[{{ $p['part']->uid }}][x]" value="{{ $page->metres($roof->panels[$i]['x']) }}"
                        inputmode="decimal" aria-label="Panel {{ $p['number'] }}, metres from the front" class="w-24!"> m</td>
                    <td data-label="From the left"><input name="at[{{ $p['part']->uid }}][y]" value="{{ $page->metres($roof->panels[$i]['y']) }}"
                        inputmode="decimal" aria-label="Panel {{ $p['number'] }}, metres from the left" class="w-24!"> m</td>
                    <td data-label="Turned across"><input type="checkbox" name="at[{{ $p['part']->uid }}][turned]" value="1"
                        @checked($page->isTurned($p['part'], $roof->panels[$i]['l'])) aria-label="Panel {{ $p['number'] }} lies across"></td>
                    <td class="small" data-label="Shade of the roof"><span>{{ $shades[$i] ?? '–' }}</span></td></tr>
            @endforeach
        </x-table>
        @error('at')<div class="error">{{ $message }}</div>@enderror
        <div class="actions"><button class="btn">Lay them so</button><button class="btn link" name="free" value="1">Let each find its place</button></div>
    </form>
    @if ($shades !== [])<p class="small muted">Shade of the roof: of the direct sun in {{ $say->month($page->shadeMonth()) }}, over every way that it
        may stand. The lower figure is the shaded area; the higher one every third of a panel on which a shadow lies, which a shaded row of cells may cost.
        What has no height noted is taken as {{ $show->text(100, 'mm') }}.</p>@endif
    <form method="post" action="{{ route('roof.update', $job) }}" class="mt-3" data-roof-things>@csrf @method('put')
        <input type="hidden" name="_form" value="things"><input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
        <div class="form-grid">
            <x-field form="things" label="What stands on it, in m" name="things" :value="$page->roofThings()" :rows="3" class="wide"
                placeholder="hatch 0.4 x 0.4 at 1.2, 0.6, 0.1 high" help="Or drag a rectangle on the empty roof: it is written here." />
            @if ($picture)<x-field form="things" label="The picture: its corner, and m wide" name="picture" :value="$page->roofPictureLies()"
                placeholder="-0.1, -0.2, 5.4" help="m from the front left corner of the roof. Or choose two points, and say how far apart they are." />
                <div class="field"><button type="button" class="btn plain" data-roof-measure hidden>Two points, one length</button>
                    <span class="small muted" data-roof-said role="status"></span>
                    <input type="number" step="0.01" min="0.05" max="30" class="w-24!" data-roof-length aria-label="Metres between the two points" hidden>
                    </div>@endif
        </div>
        <div class="actions"><button class="btn plain">Keep what stands there</button></div>
    </form>
    @unless ($picture)<p class="small muted">A picture of the roof from above, kept at a panel as “the whole roof”, lies beneath the drawing.</p>@endunless
@endmay
