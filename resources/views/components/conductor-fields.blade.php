@props(['form', 'row', 'terminals', 'fuses', 'fates'])
<x-field :form="$form" label="From" name="from_terminal" :value="$row->from_terminal" :options="$terminals" blank="choose" />
<x-field :form="$form" label="To" name="to_terminal" :value="$row->to_terminal" :options="$terminals" blank="choose" />
<x-field :form="$form" label="Size, mm² or AWG" name="size" :value="$row->size_mm2 ? $show->units->conductorSize($row->size_mm2) : ''" placeholder="35 or 2 AWG" />
<x-field :form="$form" label="Length, one way" name="length_m" :value="$show->field($row->length_m, 'm')" :unit="$show->unit('m')" inputmode="decimal" />
<x-field :form="$form" label="Insulation" name="insulation_c" :value="$row->insulation_c ? (string) (int) $row->insulation_c : ''" :options="collect([70, 90, 105])->mapWithKeys(fn ($c) => [$c => $show->text($c, '°C')])" blank="not known" />
<x-field :form="$form" label="Protected by" name="protected_by" :value="$row->protected_by" :options="$fuses" blank="nothing noted" />
<x-field :form="$form" label="Route" name="route" :value="$row->route" />
<x-field :form="$form" label="Becomes" name="fate" :value="$row->fate?->value ?? 'keep'" :options="$fates" />
