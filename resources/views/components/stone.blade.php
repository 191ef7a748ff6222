@props(['state', 'here' => false])
<svg {{ $attributes->class(['stone', $state, 'here' => $here]) }} viewBox="0 0 20 17" aria-hidden="true"><path class="body" d="M3 13.6C.9 11.4 1.2 7.4 3.6 4.7 6 2 10.6.9 14 2.2c3.3 1.3 5.3 5 4.6 8.2-.6 2.900-3 4.900-6.300 5.200-3.300.4-7.200.2-9.300-2z"/>@if ($state === 'stopped')<path class="crack" d="M11 1.800 8.600 6l3 2.600-3.200 3 1.600 3.800"/>@endif</svg>
