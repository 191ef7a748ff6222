@props(['kind', 'data' => [], 'ofThisOne' => true, 'form' => null, 'which' => 'all', 'usual' => []])
@foreach ($kind->fields() as $key => $field)
    @continue($field->ofThisOne && ! $ofThisOne)
    @continue($which === 'label' && ! $field->required && ! in_array($key, $kind->kind()->telling(), true))
    @continue($which === 'rest' && ($field->required || in_array($key, $kind->kind()->telling(), true)))
    @if ($field->type === 'number')
        <x-field :label="$say->field($kind, $key)" :name="'data['.$key.']'" :value="isset($data[$key]) ? $show->field((float) $data[$key], $field->unit) : ''"
            :unit="$show->unit($field->unit)" inputmode="decimal" :form="$form" :placeholder="$usual[$key] ?? ''" />
    @elseif ($field->type === 'choice')
        <x-field :label="$say->field($kind, $key)" :name="'data['.$key.']'" :value="$data[$key] ?? ''" :options="collect($field->choices)->mapWithKeys(fn ($c)
            => [$c => $say->choice($c)])" blank="not known" :form="$form" />
    @elseif ($field->type === 'flag')
        <x-field :label="$say->field($kind, $key)" :name="'data['.$key.']'" :value="isset($data[$key]) ? ($data[$key] ? '1' : '0') : ''" :options="['1' =>
            'yes', '0' => 'no']" blank="not known" :form="$form" />
    @else
        <x-field :label="$say->field($kind, $key)" :name="'data['.$key.']'" :value="$data[$key] ?? ''" :form="$form"
            :type="$field->type === 'date' ? 'date' : 'text'" />
    @endif
@endforeach
