<div class="mt-6">
    @may('survey', $job)
        <x-empty title="Start with the batteries"><p>Then what charges them, then what they feed. Take each from the library, or read it off its label.</p>
            </x-empty>
    @else
        <x-empty title="The vehicle is surveyed next"><p>{{ ucfirst($bench->whoMay($stage)) }} lists what is there; then the loads
            are entered and the bank is sized.</p>
            </x-empty>
    @endmay
</div>
@may('survey', $job)
    <div class="section">
        <div class="section-head"><h2>Or start from what is usual</h2><span class="aside">every figure comes in as assumed, until a label is read</span></div>
        <x-table caption="Typical layouts" :head="['Layout', 'Has', 'Take it']" quiet>
            @foreach ($page->layouts() as $key => $layout)
                <tr><td><strong>{{ $layout['label'] }}</strong></td><td class="small" data-label="Has"><span>{{ $layout['about'] }}</span></td>
                    <td class="n"><form method="post" action="{{ route('layout.store', $job) }}">@csrf<input type="hidden" name="layout" value="{{ $key }}">
                        <button class="btn plain">Start with it<span class="sr-only">: {{ $layout['label'] }}</span></button></form></td></tr>
            @endforeach
        </x-table>
    </div>
@endmay
