<x-layout title="History" :bench="$bench">
    <h1>Who changed what</h1>
    @if ($activities->isEmpty())<x-empty title="Nothing has been changed yet"></x-empty>@endif
    <div class="scroll"><table class="mt-4">
        <caption class="sr-only">Changes, newest first</caption>
        <thead><tr><th scope="col">When (UTC)</th><th scope="col">Who</th><th scope="col">What</th><th scope="col">From → to</th></tr></thead>
        <tbody>
        @foreach ($activities as $activity)
            @php($old = $activity->properties['old'] ?? [])
            <tr>
                <td class="num">{{ $activity->created_at?->format('Y-m-d H:i:s') }}</td>
                <td>{{ $activity->who() }}</td>
                <td>{{ Illuminate\Support\Str::of(class_basename((string) $activity->subject_type))->lower() }} {{ $activity->description }}</td>
                <td class="small">@foreach (array_slice($activity->properties['attributes'] ?? [], 0, 12) as $key => $value)
                    @php($text = fn ($v) => $v === null || $v === '' ? '–' : Illuminate\Support\Str::limit(is_scalar($v) ? (is_bool($v) ? ($v ? 'yes' : 'no') : (string) $v) : json_encode($v, JSON_UNESCAPED_UNICODE), 80))
                    <div>{{ str_replace('_', ' ', $key) }}: @if (array_key_exists($key, $old)){{ $text($old[$key]) }} → @endif{{ $text($value) }}</div>
                @endforeach</td>
            </tr>
        @endforeach
        </tbody>
    </table></div>
    <x-pager :of="$activities" />
</x-layout>
