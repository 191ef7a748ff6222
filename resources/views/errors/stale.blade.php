<x-layout title="Changed meanwhile">
    <h1>Changed by {{ $who }} meanwhile</h1>
    <p class="lead">{{ $when }}Nothing of yours is saved yet, and nothing is lost. Choose which stands, line by line.</p>
    <form method="post" action="{{ $action }}" class="mt-5">
        @csrf
        @if ($method !== 'POST')<input type="hidden" name="_method" value="{{ $method }}">@endif
        <input type="hidden" name="{{ $versionField }}" value="{{ $version }}">
        @foreach ($input as $name => $value)<input type="hidden" name="{{ $name }}" value="{{ $value }}">@endforeach
        @if ($differences)
            <div class="scroll"><table>
                <caption class="sr-only">Yours and theirs</caption>
                <thead><tr><th scope="col">What</th><th scope="col">Yours</th><th scope="col">Theirs</th><th scope="col">Take theirs</th></tr></thead>
                <tbody>
                @foreach ($differences as $d)
                    <tr>
                        <td>{{ $d['label'] }}</td><td class="num whitespace-normal!">{{ $d['yours'] }}</td>
                            <td class="num whitespace-normal!">{{ $d['theirs'] }}</td>
                        <td><label><input type="checkbox" name="keep_theirs[]" value="{{ $d['key'] }}"><span class="sr-only">Take theirs for
                            {{ $d['label'] }}</span></label></td>
                    </tr>
                @endforeach
                </tbody>
            </table></div>
        @elseif ($method === 'DELETE')
            <p>You were about to delete it. Look at what was changed first, or delete it all the same.</p>
        @else
            <p>What you wanted to write is what stands there now.</p>
        @endif
        <div class="actions">
            <button class="btn">{{ $method === 'DELETE' ? 'Delete all the same' : 'Save this' }}</button>
            <a class="btn link" href="{{ $back }}">Leave theirs, go back</a>
        </div>
    </form>
</x-layout>
