@props(['fields', 'job', 'page'])
@foreach ($fields as $f)
    @if ($f['key'] === 'bay_mm')
        @foreach (['length', 'width', 'height'] as $side)
            <x-field :label="$say->word('brief.bay_' . $side . '_mm')" :name="'bay_' . $side . '_mm'" :value="$page->bay($side)"
                :unit="$page->unit('mm')" inputmode="decimal" />
        @endforeach
    @elseif ($f['key'] === 'months')
        <div class="wide field"><span class="label">{{ $f['label'] }}</span>
            <div class="months">@foreach (range(1, 12) as $m)<label><input type="checkbox" name="months[]" value="{{ $m }}" @checked(in_array($m,
                array_map(intval(...), old('months', $job->months ?? [])), true))>{{ $say->month($m, 3) }}</label>@endforeach</div></div>
    @elseif ($f['key'] === 'shade')
        <div class="wide"><span class="label muted">{{ $f['label'] }}</span>
            @foreach (range(0, 2) as $i)
                <div class="grid grid-cols-3 gap-4 max-w-xl mt-2">
                    <x-field :label="$say->word('brief.shade-from')" :name="'shade['.$i.'][from_h]'" :value="$job->shade[$i]['from_h'] ?? ''" unit="h"
                        inputmode="decimal" />
                    <x-field :label="$say->word('brief.shade-to')" :name="'shade['.$i.'][to_h]'" :value="$job->shade[$i]['to_h'] ?? ''" unit="h"
                        inputmode="decimal" />
                    <x-field :label="$say->word('brief.shade-left')" :name="'shade['.$i.'][percent]'" :value="isset($job->shade[$i]) ?
                        round($job->shade[$i]['factor'] * 100) : ''" unit="%" inputmode="decimal" />
                </div>
            @endforeach
        </div>
    @elseif ($f['options'] !== [])
        <x-field :label="$f['label']" :name="$f['name']" :value="$f['value']" :options="$f['options']" :blank="$f['blank']" :help="$f['help']" />
    @elseif ($f['type'] === 'flag')
        <x-check :label="$f['label']" :name="$f['name']" :checked="$f['value'] !== '0'" />
    @elseif ($f['type'] === 'lines')
        <x-field class="wide" :label="$f['label']" :name="$f['name']" :value="$f['value']" :rows="3" :maxlength="$f['most']" :help="$f['help']" />
    @elseif ($f['type'] === 'text')
        <x-field :label="$f['label']" :name="$f['name']" :value="$f['value']" :maxlength="$f['most']" :placeholder="$f['example']" :help="$f['help']" />
    @else
        <x-field :label="$f['label']" :name="$f['name']" :value="$f['value']" :unit="$f['unit']" :inputmode="$f['type'] === 'integer' ? 'numeric' : 'decimal'"
            :help="$f['help']" />
    @endif
@endforeach
