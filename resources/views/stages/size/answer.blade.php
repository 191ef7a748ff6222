@if ($page->energyWh() <= 0)Enter the loads first: without them no bank has a size.
@elseif (! $page->banks->planned->exists())No bank is planned yet. For {{ $page->alone() }}, it takes
    <strong>{{ $show->figure($page->banks->need) }}</strong> of {{ $say->name($system->target) }}.
@elseif ($page->banks->found->exists() && $page->isChanged())The planned bank lasts <strong>{{ $show->text($page->banks->planned->days()->value) }}
    days</strong>
    without any charge, the old one <strong>{{ $show->text($page->banks->found->days()->value) }}</strong>. It is
    {{ $show->text(abs($page->banks->savedKg()->value), 'kg') }} {{ $page->banks->savedKg()->value >= 0 ? 'lighter' : 'heavier' }}.
@else It lasts <strong>{{ $show->text($page->banks->planned->days()->value) }} days</strong> without any
    charge{{ $page->lived() === null ? '; wished are ' . $show->text($system->travel->wishDays) : '' }}.
@endif
@if ($page->lived() !== null)As they live, with sun{{ $system->travel->drivingHDay > 0 ? ' and driving' : '' }} in the poorest month, it lasts
    <strong>{{ $page->lived() }}</strong>; wished are {{ $show->text($system->travel->wishDays) }}.@endif
