@if (session('faults'))
    <div class="scroll"><table>
        <caption class="sr-only">Faults in the file</caption>
        <thead><tr><th scope="col">Where</th><th scope="col">What is wrong</th></tr></thead>
        <tbody>@foreach (session('faults') as $fault)<tr><td class="num">{{ $fault['path'] === '' ? '/' : $fault['path'] }}</td><td>{{ $fault['message'] }}</td>
            </tr>@endforeach</tbody>
    </table></div>
@endif
