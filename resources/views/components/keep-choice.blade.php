@props(['form', 'suggest' => ''])
<details class="mt-2" @if ($errors->has('choice') && old('_form') === $form) open @endif>
    <summary class="small">or keep it beside the plan, for the offer</summary>
    <x-field :form="$form" label="Call it" name="choice" :value="$suggest" />
    <x-field :form="$form" label="One of (only one of these can be taken)" name="choice_group" />
    <button class="btn plain" name="as" value="choice">Keep as a choice</button>
</details>
