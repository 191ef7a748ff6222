@if (! $page->isParallel())One string: every battery in it carries all of it.
@elseif (($spread = $page->desk->share->spreadPct()) !== null && $spread <= 10)They carry alike: the currents spread by <strong>{{ $show->text($spread) }}
    %</strong>.
@else {{ $page->hardest() }} hardest: the currents spread by <strong>{{ $show->text($spread ?? 0) }}
    %</strong>{{ $page->cutLimit() ? ', and the bank gives ' . $show->figure($page->cutLimit()) . ' before the first BMS opens, not ' .
    $show->figure($page->cutLimit()->inputs[0]) : '' }}.
@endif
@if ($page->desk->drawing->problem !== null)
    <span class="text-rust">As drawn it is not joined up ({{ $say->refusal($page->desk->drawing->problem) }}); the usual links stand in.</span>
@elseif ($page->desk->drawing->assumed)
    <span class="muted">≈ Some sizes, lengths or take-offs are not noted yet and are assumed.</span>
@endif
