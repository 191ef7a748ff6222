<x-plain-page code="413" title="That is too large">{{ $exception->getMessage() ?: 'It is larger than what is taken here.' }} Nothing was changed. Make it
    smaller, and send it again.</x-plain-page>
