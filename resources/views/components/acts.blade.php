@props(['acts', 'job'])
<ol class="acts mt-3">
    @foreach ($acts as $act)
        <li class="act">
            <span class="act-when num">{{ $act->when() }}</span>
            <details id="fold-act-{{ $act->name }}" data-fold="act-{{ $act->name }}" data-fold-passing>
                <summary><strong>{{ $act->who() }}</strong> {{ $act->sentence() }}</summary>
                <div class="fold-body">@unfolded('act-' . $act->name)
                @foreach ($act->details() as $row)
                    <div class="small mt-2">{{ ucfirst($row['what']) }}</div>
                    <ul class="small muted">
                        @foreach ($row['changes'] as $change)
                            <li>{{ $change['key'] }}: @if ($change['from'] !== null){{ $change['from'] }} → @endif{{ $change['to'] ?? '–' }}</li>
                        @endforeach
                    </ul>
                @endforeach
                @if ($act->untold() > 0)
                    <p class="small muted">and {{ $act->untold() }} more rows</p>
                @endif
                @else<p data-fold-empty><a href="@foldlink('act-' . $act->name)">Show it</a></p>
                @endunfolded</div>
            </details>
            @may('plan', $job)
                @if ($act->canBePutBack())
                    <form method="post" action="{{ route('history.update', [$job, $act->name]) }}">
                        @csrf @method('put')
                        <button class="btn link">Put back<span class="sr-only">: {{ $act->sentence() }}</span></button>
                    </form>
                @endif
            @endmay
        </li>
    @endforeach
</ol>
