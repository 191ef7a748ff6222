@props(['group', 'fields', 'values', 'units'])
@foreach ($fields as $field)
    @if ($field->type === 'number')
        <x-field :label="$say->word('sheets.' . $field->key)" :name="'details[' . $group . '][' . $field->key . ']'"
            :value="isset($values[$field->key]) ? $units->field((float) $values[$field->key], $field->unit) : ''" :unit="$units->unit($field->unit)"
            inputmode="decimal" />
    @elseif (in_array($field->type, ['text', 'lines'], true))
        <x-field class="wide" :label="$say->word('sheets.' . $field->key)" :name="'details[' . $group . '][' . $field->key . ']'"
            :value="$values[$field->key] ?? ''" :rows="$field->type === 'lines' ? 3 : null" :maxlength="$field->most" />
    @else
        <x-field :label="$say->word('sheets.' . $field->key)" :name="'details[' . $group . '][' . $field->key . ']'" :value="$values[$field->key] ?? ''"
            blank="not said" :options="$field->type === 'flag' ? ['1' => 'yes', '0' => 'no'] : collect($field->choices)->mapWithKeys(fn ($c) => [$c =>
            $say->choice($c)])" />
    @endif
@endforeach
