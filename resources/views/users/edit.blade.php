<x-layout :title="$user->name">
    <p><a href="{{ route('users.index') }}">← Accounts</a></p>
    <h1>{{ $user->name }}</h1>
    <form method="post" action="{{ route('users.update', $user) }}" class="mt-4">
        @csrf @method('put')
        <input type="hidden" name="lock_version" value="{{ $user->lock_version }}">
        <div class="form-grid">
            <x-field label="Name" name="name" :value="$user->name" required />
            <x-field label="E-mail" name="email" type="email" :value="$user->email" required />
        </div>
        <x-roles :held="$user->roles" />
        <div class="mt-4 grid gap-2">
            <x-check label="The account is open" name="active" :checked="$user->active" />
            <x-check label="Give a new first password" name="new_password" />
        </div>
        <div class="actions"><button class="btn">Save</button></div>
    </form>
</x-layout>
