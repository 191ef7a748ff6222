<x-layout title="Password">
    <h1>Your password</h1>
    <form method="post" action="{{ route('password.update') }}" class="grid gap-4 mt-5 max-w-md">
        @csrf @method('put')
        <x-field label="Now" name="current_password" type="password" autocomplete="current-password" required />
        <x-field label="New" name="password" type="password" autocomplete="new-password" help="Ten characters at least; a sentence is good." required />
        <x-field label="New, again" name="password_confirmation" type="password" autocomplete="new-password" required />
        <p class="small muted">Other browsers in which you are signed in are signed out by it.</p>
        <div class="actions"><button class="btn">Change it</button></div>
    </form>
</x-layout>
