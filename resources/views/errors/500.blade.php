<x-plain-page code="500" title="Something broke">Nothing of what you just did was half saved: a write is whole or not at all. Try again; if it stays, tell
    whoever runs this installation the reference <strong class="num">{{ $reference }}</strong>: it stands in the log.</x-plain-page>
