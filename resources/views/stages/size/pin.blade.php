@if ($errors->any())
    <p class="error">The address asks for what cannot be; it is left out. {{ $errors->first() }}</p>
@endif
<x-pin-answer :at="$at" :job="$job" />
