<aside class="rail" aria-labelledby="rail-title">
    <div class="rail-head"><h2 id="rail-title">To decide</h2><span>{{ $open }}</span></div>
    @forelse ($verdicts as $verdict)
        <x-finding-card :verdict="$verdict" :job="$bench->job" />
    @empty
        <p class="muted mt-3 text-sm">No rule finds anything to say here. Rules speak up as the job fills in.</p>
    @endforelse
    {{ $slot }}
</aside>
