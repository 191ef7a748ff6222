<x-layout title="Code" :bench="$bench" :stage="$stage">
    <p><a href="{{ route('settings', $job) }}#fold-set-{{ $part->uid }}">← Settings</a></p>
    <h1>{{ $secret->label }}</h1>
    <p class="muted">{{ $part->name() }} · sealed by {{ $secret->entered_by }}</p>
    <p class="step-value"><strong class="num">{{ $secret->sealed }}</strong></p>
    <p class="small muted">That you looked is in the history. The code is in no file, no table, no link and no print.</p>
    <form method="post" action="{{ route('secrets.destroy', [$job, $secret]) }}" class="actions">@csrf @method('delete')
        <button class="btn plain">Destroy this code</button></form>
</x-layout>
