<x-layout title="Sign in" bare>
    <div class="sign-in">
        <h1>Sign in</h1>
        <form method="post" action="{{ route('sign-in.store') }}" class="grid gap-4 mt-5">
            @csrf
            <x-field label="E-mail" name="email" type="email" autocomplete="username" required autofocus />
            <x-field label="Password" name="password" type="password" autocomplete="current-password" required />
            <x-check label="Stay signed in on this device" name="remember" />
            <div class="actions mt-0!"><button class="btn">Sign in</button></div>
        </form>
        @if (count($accounts) > 0)
            <div class="section">
                <h2>This is a demonstration</h2>
                <p class="muted">Everything in it is invented. The password of each account is <span
                    class="num">{{ Database\Seeders\DemoSeeder::PASSWORD }}</span>.</p>
                <table class="mt-3"><thead class="sr-only"><tr><th scope="col">Role</th><th scope="col">Account</th></tr></thead>
                    <tbody>@foreach ($accounts as $account)<tr><td>{{ ucfirst($account->roleWords()) }}</td><td class="num">{{ $account->email }}</td></tr>
                        @endforeach</tbody>
                </table>
            </div>
        @endif
    </div>
</x-layout>
