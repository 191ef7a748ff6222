{{-- One picture and one deviation for all steps: the script stands them at the step that is shown. Without it a picture is added at its part. --}}
<x-snap id="step-picture" :action="$page->store" what="" caption="" label="Photograph it" :who="$page->who" :back="$page->back" class="mt-3" hidden />
<details class="mt-2" id="run-otherwise" @if (old('_form') === 'otherwise') open @endif>
    <summary class="linkish">Not as planned …</summary>
    <form method="post" action="{{ $page->store }}" data-outbox="Not as planned" data-outbox-says="otherwise: {note}" data-who="{{ $page->who }}"
        data-otherwise class="mt-2">@csrf
        <input type="hidden" name="_form" value="otherwise">@clientid
        <input type="hidden" name="state" value="otherwise"><input type="hidden" name="back" value="{{ $page->back }}">
        <div class="field"><label for="otherwise-step">At which step</label><select id="otherwise-step" name="step">
            @foreach ($page->standing->rows as $row)<option value="{{ $row['step']->key }}" @disabled($row['closed'] !== null && ! $row['tick'])
                @selected(old('_form') === 'otherwise' && old('step') === $row['step']->key)>{{ $page->title($row['step']) }}</option>@endforeach
        </select></div>
        <x-field form="otherwise" label="Measured" name="value" unit="the step’s own unit" inputmode="text" autocomplete="off" class="narrow" />
        <div class="field"><label for="otherwise-what">What was built otherwise</label><select id="otherwise-what" name="what">
            <option value="">only noted, the plan stays</option>
            @foreach ($page->standing->rows as $row)
                @if ($options = $page->deviations($row['step']))<optgroup label="{{ $page->title($row['step']) }}" data-of="{{ $row['step']->key }}">
                    @foreach ($options as $what => $says)<option value="{{ $what }}" @selected(old('_form') === 'otherwise' && old('what') === $what
                        && old('step') === $row['step']->key)>{{ $says }}</option>@endforeach</optgroup>@endif
            @endforeach</select>
            @if (old('_form') === 'otherwise') @error('what')<div class="error">{{ $message }}</div>@enderror @endif</div>
        <x-field form="otherwise" label="It is now" name="is" autocomplete="off" help="Left empty where something is not fitted, or left in." />
        <x-field form="otherwise" label="Changed on site, because" name="note" autocomplete="off" required />
        <div class="actions"><button class="btn plain">Note it so</button><span class="small muted" data-outbox-said data-keep="yes"
            role="status"></span></div>
    </form>
    <p class="mt-2" hidden data-change-part><a href="{{ $page->back }}">Change the part</a></p>
</details>
