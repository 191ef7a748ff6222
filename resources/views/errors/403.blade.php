<x-plain-page code="403" title="You may not do this">
    @auth
        Your account holds: {{ auth()->user()->roleWords() }}. The office gives roles:
        {{ implode(', ', App\Models\User::namesWith(App\Models\Role::Office)) ?: 'nobody holds it now' }}.
    @else
        Ask whoever gave you the link.
    @endauth
</x-plain-page>
