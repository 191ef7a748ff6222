<x-plain-page code="409" title="It is not so any more">{{ $exception->getMessage() ?: 'Somebody has changed it meanwhile.' }} Nothing was changed.
    <a href="{{ url()->previous('/') }}">Back to the page, as it is now</a>.</x-plain-page>
