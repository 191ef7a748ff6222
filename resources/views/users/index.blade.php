<x-layout title="Accounts">
    <h1>Accounts</h1>
    <table class="mt-4 stack">
        <caption class="sr-only">Accounts</caption>
        <thead><tr><th scope="col">Name</th><th scope="col">E-mail</th><th scope="col">Roles</th><th scope="col">State</th></tr></thead>
        <tbody>
        @foreach ($users as $user)
            <tr>
                <td><a href="{{ route('users.edit', $user) }}">{{ $user->name }}</a></td>
                <td data-label="E-mail">{{ $user->email }}</td>
                <td data-label="Roles">{{ $user->roleWords() }}</td>
                <td data-label="State">{{ $user->active ? ($user->must_change_password ? 'first password' : 'open') : 'closed' }}</td>
            </tr>
        @endforeach
        </tbody>
    </table>
    <div class="section">
        <h2>Add an account</h2>
        <form method="post" action="{{ route('users.store') }}" class="mt-3">
            @csrf
            <div class="form-grid"><x-field label="Name" name="name" required /><x-field label="E-mail" name="email" type="email" required /></div>
            <x-roles />
            <div class="actions">
                <button class="btn" data-add>Add</button>
                <span class="small muted">Its first password is shown once, and must be changed at the first sign-in.</span>
            </div>
        </form>
    </div>
</x-layout>
