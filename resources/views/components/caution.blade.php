<div class="caution" role="note"><strong>Careful.</strong> {{ $slot }}</div>
