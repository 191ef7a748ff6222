@props(['held' => null])
<fieldset class="mt-4">
    <legend>Roles, one or more</legend>
    <div class="grid gap-2 mt-2">
        @foreach ($models['roles'] as $role)
            <label class="check">
                <input type="checkbox" name="roles[]" value="{{ $role->value }}" @checked(in_array($role->value, (array) old('roles', $held?->map(fn ($r) =>
                    $r->value)->all() ?? []), true))>
                <span>{{ $role->label() }}</span>
            </label>
        @endforeach
    </div>
    @error('roles')<div class="error">{{ $message }}</div>@enderror
    @error('roles.*')<div class="error">{{ $message }}</div>@enderror
</fieldset>
