<x-fold :id="'set-' . $part->uid" :title="$say->part($part)" :answer="$answer" :open="$opened">@unfolded('set-' . $part->uid, $opened)
    <p class="small" id="{{ $part->uid }}">{{ $say->name($part->kind) }} · {{ $say->name($part->fate) }} · <a
        href="{{ route('parts.edit', [$job, $row->id]) }}">its sheet and pictures</a>@if ($part->model !== '') · <a
        href="{{ route('settings.model', [$job, $row->id]) }}">what it calls its boxes</a>@endif</p>
    @if ($page->hears($part) !== '')<p class="small mt-1">It {{ $page->hears($part) }}.</p>@endif
    @if ($page->earlier($device))<p class="small mt-1">{{ $page->earlier($device) }}</p>@endif
    @if ($page->takesOver($device) !== '')
        @may('plan', $job)<form method="post" action="{{ route('settings.earlier', [$job, $row->id]) }}" class="mt-1">@csrf @method('put')
            <input type="hidden" name="seen" value="{{ $page->takesOver($device) }}">
            <button class="btn plain">Plan it so<span class="sr-only"> for {{ $say->part($part) }}</span></button></form>@endmay
    @endif
    <form method="post" action="{{ route('settings.update', [$job, $row->id]) }}">
        @csrf @method('put')<input type="hidden" name="_form" value="set-{{ $part->uid }}">
        <x-table :caption="'Settings of ' . $say->part($part)" :head="['Box', 'Planned', 'Found', 'Plan otherwise', 'As set', 'Read back', '']">
            @foreach ($page->boxes($device) as $box)
                <tr>
                    <td class="align-middle!">{{ $say->name($box['row']->parameter) }}@if ($box['called'] !== '') <span
                        class="small muted block">{{ $box['called'] }}</span>@endif<input type="hidden" name="versions[{{ $box['row']->parameter->value }}]"
                        value="{{ $box['version'] }}"></td>
                    <td class="align-middle! whitespace-nowrap" data-label="Planned"><span><strong class="num text-lg">{{ $box['planned'] }}</strong> <span
                        class="muted">{{ $box['unit'] }}</span>
                        @if ($box['row']->isChosenByPerson())<span class="tag look">chosen</span>@else{{ $say->how($box['row']->why) }}@endif</span></td>
                    @foreach ($box['columns'] as $head => $column)
                        <td data-label="{{ $head }}"><x-field :form="'set-' . $part->uid" :label="$column['label']" :name="$column['name']"
                            :value="$column['value']" hide-label class="w-20" :disabled="! $column['may']" autocomplete="off" /></td>
                    @endforeach
                    <td class="align-middle! small">@if ($box['row']->isSetAsPlanned())<span class="tag good">as planned</span>
                        @elseif ($box['row']->isSet())<span class="tag out">otherwise</span>@else
                        <span class="muted">{{ $box['row']->isOpen() ? 'to set' : 'if it has it' }}</span>@endif</td>
                </tr>
            @endforeach
        </x-table>
        @may('record', $job)
            <div class="actions"><button class="btn">Note these for {{ $say->part($part) }}</button><span class="small muted">a number, or off</span></div>
        @endmay
    </form>
    <x-fold :id="'box-' . $part->uid" title="Firmware, codes, pictures" :answer="$page->programming($part) ?: 'nothing noted'"
        :open="$page->isAboutBox($part)">@unfolded('box-' . $part->uid, $page->isAboutBox($part))
    @may('record', $job)
        <form method="post" action="{{ route('settings.programming', [$job, $row->id]) }}" class="flex flex-wrap gap-3 items-end mt-4"
            aria-label="Firmware of {{ $say->part($part) }}">
            @csrf @method('put')<input type="hidden" name="_form" value="prog-{{ $part->uid }}">
            <input type="hidden" name="lock_version" value="{{ $row->version }}">
            <x-field :form="'prog-' . $part->uid" label="Firmware now" name="firmware" :value="$part->firmware" autocomplete="off" />
            <x-field :form="'prog-' . $part->uid" label="Set with" name="set_with" :options="$page->tools()" blank="not noted"
                :value="$part->data->text('set_with')" />
            <x-field :form="'prog-' . $part->uid" label="Account that it is tied to" name="account" :value="$part->data->text('account')"
                autocomplete="off" />
            <x-check :form="'prog-' . $part->uid" label="No newer one is offered" name="firmware_newest"
                :checked="$part->data->flag('firmware_newest') === true" />
            <div><button class="btn plain">Note it<span class="sr-only"> for {{ $say->part($part) }}</span></button></div>
        </form>
        <form method="post" action="{{ route('secrets.store', [$job, $row->id]) }}" class="flex flex-wrap gap-3 items-end mt-2"
            aria-label="Codes of {{ $say->part($part) }}">
            @csrf<input type="hidden" name="_form" value="code-{{ $part->uid }}">
            <x-field :form="'code-' . $part->uid" label="Code under seal: what it opens" name="label" autocomplete="off" />
            <x-field :form="'code-' . $part->uid" label="Code" name="code" type="password" autocomplete="off" />
            <div><button class="btn plain">Seal it<span class="sr-only"> for {{ $say->part($part) }}</span></button></div>
        </form>
        @foreach ($page->secrets($part) as $secret)
            <div class="actions"><span>{{ $secret->label }}</span>
                <form method="post" action="{{ route('secrets.show', [$job, $secret]) }}">@csrf
                    <button class="btn plain">Show the code<span class="sr-only"> “{{ $secret->label }}”</span></button></form></div>
        @endforeach
        <div class="mt-3"><x-upload :id="'photo-' . $part->uid" name="photo" :action="route('photos.store', [$job, $row->id])"
            label="Its settings screen, photographed as read back" button="Keep the picture" accept="image/jpeg,image/png,image/webp">
            <input type="hidden" name="caption" value="{{ __('boxes.screen') }}"><input type="hidden" name="shows" value="screen">
            <input type="hidden" name="back" value="{{ route('settings', $job, false) }}#fold-set-{{ $part->uid }}"></x-upload></div>
    @endmay
    @if ($page->pictures($row)->isNotEmpty())
        <div class="thumbs mt-2">@foreach ($page->pictures($row) as $photo)<a href="{{ route('photos.show', [$job, $row->id, $photo]) }}"><img class="max-h-40"
            src="{{ route('photos.show', [$job, $row->id, $photo]) }}" alt="{{ $photo->caption }}" loading="lazy"></a>@endforeach</div>
    @endif
    @endunfolded</x-fold>
@endunfolded</x-fold>
