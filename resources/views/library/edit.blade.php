<x-layout :title="$part->exists ? $part->name() : 'Add a model'">
    <p><a href="{{ route('library.index', ['kind' => $part->kind->value]) }}">← {{ $say->name($part->kind) }}</a></p>
    <h1>{{ $part->exists ? $part->name() : 'Add a model: ' . $say->name($part->kind) }}</h1>
    @if (! $part->exists)<nav class="pick mt-3" aria-label="Kinds">@foreach ($kinds as $each)<a href="{{ route('library.create', ['kind' => $each->value]) }}"
        @if ($part->kind === $each) aria-current="true" @endif>{{ $say->name($each) }}</a>@endforeach</nav>@endif
    <form method="post" action="{{ $part->exists ? route('library.update', $part) : route('library.store') }}" class="mt-5">
        @csrf @if ($part->exists) @method('put')<input type="hidden" name="lock_version" value="{{ $part->lock_version }}">@endif<input type="hidden"
            name="kind" value="{{ $part->kind->value }}">
        <div class="form-grid"><x-field label="Make" name="make" :value="$part->make" required />
            <x-field label="Model" name="model" :value="$part->model" required /></div>
        <fieldset class="section"><legend>Data sheet</legend><div class="form-grid"><x-sheet-fields :kind="$part->kind" :data="$part->data" :of-this-one="false"
            /></div></fieldset>
        @if (! $part->exists || auth()->user()->can('update', $part))<div class="actions">
            <button class="btn">{{ $part->exists ? 'Save' : 'Add it' }}</button></div>@endif
    </form>
    @if ($part->exists)@can('delete', $part)<div class="section"><x-delete :action="route('library.destroy', $part)" :version="$part->lock_version"
        what="the model" /></div>@endcan @endif
</x-layout>
