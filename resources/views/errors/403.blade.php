<x-plain-page code="403" title="You may not do this">
    @auth
        Your account holds: {{ auth()->user()->roleWords() }}. The office gives roles:
        {{ auth()->user()->officeNames() ?: 'nobody holds it now' }}.
    @else
        Ask whoever gave you the link.
    @endauth
</x-plain-page>
