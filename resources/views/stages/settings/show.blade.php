@php($sheet = $study->settings())
@php($mayPlan = auth()->user()->can('plan', $job))
@php($mayRecord = auth()->user()->can('record', $job))
@php($bank = $study->banks()->planned->bank)
@php($shown = fn ($v, $p) => $v === null ? '' : ($v->isOff() ? 'off' : $show->field($v->number, $p->unit())))
<x-layout title="Settings" :bench="$bench" :stage="$stage">
    <div class="stage-head"><h1>{{ __('stages.questions.' . $stage->value) }}</h1>@if ($bank)<span class="aside">{{ count($bank->batteries) }} × {{ $say->part($study->banks()->planned->parts[0]) }}, {{ $bank->cells() }} cells in series</span>@endif</div>
    <p class="lead">@if (! $bank)Choose the bank first: the settings follow from it. @elseif ($sheet->devices === [])Nothing that charges is in the plan. @elseif ($sheet->open() === 0)Every box is noted. @else {{ $sheet->open() }} boxes to set, on {{ count($sheet->devices) }} device{{ count($sheet->devices) === 1 ? '' : 's' }}. Firmware first, until there is none newer; then set; then read back.@endif</p>
    @if (! $bank || $sheet->devices === [])<div class="mt-5"><x-empty title="No boxes yet"><p>With a planned bank and a charger beside it, each box gets its value here.</p></x-empty></div>@endif
    @foreach ($sheet->devices as $device)
        @php($part = $device['part'])
        @php($row = $job->parts->firstWhere('uid', $part->uid))
        @php($form = 'set-' . $part->uid)
        <div class="section" id="{{ $part->uid }}">
            <div class="section-head"><h2>{{ $say->part($part) }}</h2><span class="aside">{{ $say->name($part->kind) }} · {{ $say->name($part->fate) }}{{ $part->firmware ? ' · firmware ' . $part->firmware : '' }} · <a href="{{ route('parts.edit', [$job, $row]) }}">its sheet</a></span></div>
            <form method="post" action="{{ route('settings.update', [$job, $row]) }}">
                @csrf @method('put')<input type="hidden" name="_form" value="{{ $form }}">
                <table class="stack">
                    <caption class="sr-only">Settings of {{ $say->part($part) }}</caption>
                    <thead><tr><th scope="col">Box</th><th scope="col">Planned</th><th scope="col">Found</th><th scope="col">Plan otherwise</th><th scope="col">As set</th><th scope="col">Read back</th><th scope="col"></th></tr></thead>
                    <tbody>
                    @foreach ($device['rows'] as $each)
                        @php($p = $each->parameter)
                        @php($name = fn ($c) => 'box[' . $p->value . '][' . $c . ']')
                        <tr>
                            <td class="align-middle!">{{ $say->name($p) }}<input type="hidden" name="versions[{{ $p->value }}]" value="{{ $versions[$part->uid . '.' . $p->value] ?? 0 }}"></td>
                            <td class="align-middle! whitespace-nowrap" data-label="Planned"><span><strong class="num text-lg">{{ $each->planned()->isOff() ? 'off' : $show->field($each->planned()->number, $p->unit()) }}</strong> <span class="muted">{{ $each->planned()->isOff() ? '' : $show->unit($p->unit()) }}</span> @if ($each->isChosenByPerson())<span class="tag look">chosen</span>@else<x-how :figure="$each->why" />@endif</span></td>
                            <td data-label="Found"><x-field :form="$form" :label="'Found: ' . $say->name($p)" :name="$name('found')" :value="$shown($each->entry?->found, $p)" hide-label class="w-20" :disabled="! $mayRecord" autocomplete="off" /></td>
                            <td data-label="Plan otherwise"><x-field :form="$form" :label="'Plan otherwise: ' . $say->name($p)" :name="$name('planned')" :value="$shown($each->entry?->planned, $p)" hide-label class="w-20" :disabled="! $mayPlan" autocomplete="off" /></td>
                            <td data-label="As set"><x-field :form="$form" :label="'As set: ' . $say->name($p)" :name="$name('as_set')" :value="$shown($each->entry?->asSet, $p)" hide-label class="w-20" :disabled="! $mayRecord" autocomplete="off" /></td>
                            <td data-label="Read back"><x-field :form="$form" :label="'Read back: ' . $say->name($p)" :name="$name('read_back')" :value="$shown($each->entry?->readBack, $p)" hide-label class="w-20" :disabled="! $mayRecord" autocomplete="off" /></td>
                            <td class="align-middle! small">@if ($each->isSetAsPlanned())<span class="tag good">as planned</span>@elseif ($each->isSet())<span class="tag out">otherwise</span>@else<span class="muted">to set</span>@endif</td>
                        </tr>
                    @endforeach
                    </tbody>
                </table>
                @if ($mayRecord)<div class="actions"><button class="btn">Note these for {{ $say->part($part) }}</button><span class="small muted">a number, or off</span></div>@endif
            </form>
        </div>
    @endforeach
    @if ($bank)<x-caution>A system wrongly programmed does not work, and can hurt. Where a data sheet and this page differ, the data sheet of the battery goes first. {{ $say->said($region->bankCaution()) }}</x-caution>@endif
    <x-slot:rail><x-rail :bench="$bench" :stage="$stage" /></x-slot:rail>
</x-layout>
