<section class="finding" id="{{ $id }}" aria-labelledby="{{ $id }}-t">
    <h3 id="{{ $id }}-t"><x-severity :of="$finding->severity" :settled="! $verdict->isOpen()" /><span>{{ $said->title }}</span></h3>
    <p>{{ $said->message }}</p>
    @if ($verdict->isOpen())
        <p class="remedy-line">{{ $said->remedy }}.</p>
    @else
        <p><strong>{{ ucfirst($verdict->answer->answer) }}</strong> by {{ $verdict->answer->by }}{{ $verdict->answer->reason ? ': ' . $verdict->answer->reason :
            '.' }}</p>
    @endif
    @if ($verdict->earlier)
        <p class="small muted">{{ ucfirst($verdict->earlier->answer) }} by {{ $verdict->earlier->by }} when the figures were others; so it is asked again.</p>
    @endif
    <div class="source">{{ ucfirst($said->source) }}@if ($finding->figures) <x-how-many :figures="$finding->figures" /> @endif</div>
    @if ($verdict->isOpen())
        @may('plan', $job)
            <div class="actions">
                @if ($finding->appliesItself())
                    <form method="post" action="{{ route('findings.apply', $job) }}">
                        @csrf
                        <input type="hidden" name="finding" value="{{ $finding->key() }}">
                            <input type="hidden" name="fingerprint" value="{{ $finding->fingerprint() }}">
                            <input type="hidden" name="back" value="/{{ ltrim(request()->path(), '/') }}">
                        <button class="btn">Do it</button>
                    </form>
                @endif
                <details class="answer" @if ($mine) open @endif>
                    <summary>Answer</summary>
                    <form method="post" action="{{ route('findings.store', $job) }}">
                        @csrf
                        <input type="hidden" name="_form" value="{{ $id }}"><input type="hidden" name="finding" value="{{ $finding->key() }}">
                            <input type="hidden" name="fingerprint" value="{{ $finding->fingerprint() }}">
                            <input type="hidden" name="back" value="/{{ ltrim(request()->path(), '/') }}">
                        <x-field label="Reason" name="reason" :form="$id" help="Overruling takes one. It is kept with your name and printed in the pack." />
                        <div class="actions"><button class="btn plain" name="answer" value="overruled">Overrule</button>@if ($mayBeAccepted)<button
                            class="btn link" name="answer" value="accepted">Accept as it is</button>@endif</div>
                    </form>
                </details>
            </div>
        @endmay
    @endif
</section>
