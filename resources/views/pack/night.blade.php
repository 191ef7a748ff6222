<x-layout :title="$say->word('night.title')" bare :lang="$handover->language">
    <div class="night-page" data-keep-page="signed">{!! $handover->night !!}</div>
</x-layout>
