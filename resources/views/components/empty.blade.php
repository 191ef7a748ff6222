@props(['title'])
<div class="empty"><h2>{{ $title }}</h2>{{ $slot }}</div>
