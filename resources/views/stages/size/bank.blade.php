@if ($page->banks->found->exists() || $page->banks->planned->exists())
    <div class="mt-4"><x-tanks :sketch="$page->tanks()" :wish="$page->alone()" /></div>
    <div class="figures">
        @if ($page->banks->planned->exists())
            <x-stat :figure="$page->banks->planned->usable()" label="Planned, usable" /><x-stat :figure="$page->banks->planned->days()" label="Planned lasts" />
        @endif
        @if ($page->banks->found->exists())
            <x-stat :figure="$page->banks->found->usable()" label="Found, usable" /><x-stat :figure="$page->banks->found->days()" label="Found lasts" left />
        @endif
    </div>
    <div class="figures mt-0!">
        @if ($page->banks->found->exists() && $page->banks->planned->exists() && $page->isChanged())
            <x-stat :figure="$page->banks->savedKg()" label="Weight saved" /><x-stat :figure="$page->banks->savedL()" label="Space saved" />
        @endif
        <x-stat :figure="$page->banks->need" :label="'Needed for ' . $page->alone()" left />
    </div>
@else
    <x-empty title="No batteries yet"><p>Survey lists the bank that is there; below, choose the one to come.</p></x-empty>
@endif
