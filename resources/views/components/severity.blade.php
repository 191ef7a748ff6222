@props(['of', 'settled' => false])
<svg class="sev {{ $settled ? 'settled' : $of->value }}" viewBox="0 0 16 16" role="img" aria-label="{{ $settled ? 'Settled' : ucfirst($of->value) }}">
@if ($settled)<path d="m2 8.500 4 4L14 4" fill="none" stroke="currentColor" stroke-width="2.200"/>
@elseif ($of->value === 'stop')<path d="M8 .500 15.500 8 8 15.500.500 8z" fill="currentColor"/><path d="M8 4v4.600M8 10.600v1.600"
    stroke="var(--paper)" stroke-width="1.800"/>
@elseif ($of->value === 'fix')<path d="M8 2 15 14.200H1z" fill="none" stroke="currentColor" stroke-width="1.900" stroke-linejoin="round"/>
@else<circle cx="8" cy="8" r="6.200" fill="none" stroke="currentColor" stroke-width="1.900"/>@endif
</svg>
