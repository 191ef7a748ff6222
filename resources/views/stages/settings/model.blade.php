<x-layout title="Its boxes" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('settings', $job) }}#fold-set-{{ $part->uid }}">← Settings</a></p>
    <h1>What {{ $part->name() }} calls its boxes</h1>
    <p class="muted">Words, ways and order are kept for the model, for every job. A box that it has not is left out here.</p>
    <form method="post" action="{{ route('settings.model.update', [$job, $part]) }}">
        @csrf @method('put')<input type="hidden" name="_form" value="model">
        <x-table caption="Boxes of the model" :head="['The trade calls it', 'It has it', 'Its own word', 'Way to it in its menus', 'Order']">
            @foreach ($page->boxes() as $box)
                <tr>
                    <td class="align-middle!">{{ $box['name'] }}<input type="hidden" name="versions[{{ $box['parameter']->value }}]"
                        value="{{ $box['version'] }}"></td>
                    <td data-label="It has it"><x-check form="model" :label="'It has: ' . $box['name']" :name="'box[' . $box['parameter']->value . '][has]'"
                        :checked="$box['has']" hide-label /></td>
                    <td data-label="Its own word"><x-field form="model" :label="'Its own word: ' . $box['name']"
                        :name="'box[' . $box['parameter']->value . '][word]'" :value="$box['word']" hide-label autocomplete="off" /></td>
                    <td data-label="Way to it"><x-field form="model" :label="'Way to it: ' . $box['name']"
                        :name="'box[' . $box['parameter']->value . '][path]'" :value="$box['path']" hide-label autocomplete="off" /></td>
                    <td data-label="Order"><x-field form="model" :label="'Order: ' . $box['name']"
                        :name="'box[' . $box['parameter']->value . '][place]'" :value="$box['place']" hide-label class="w-20" inputmode="numeric" /></td>
                </tr>
            @endforeach
        </x-table>
        @may('record', $job)<div class="actions"><button class="btn">Keep for the model</button></div>@endmay
    </form>
</x-layout>
