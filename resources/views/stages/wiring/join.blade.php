@may('plan', $job)
    <form method="post" action="{{ route('conductors.store', $job) }}" class="mt-2">
        @csrf<input type="hidden" name="_form" value="join"><input type="hidden" name="fate" value="add">
        <input type="hidden" name="back" value="{{ route('wiring', [$job, 'tap' => 'join'], false) }}">
        <div class="form-grid">
            <x-field form="join" label="From" name="from_terminal" :value="$join->usual($join->from)" :options="$join->terminals($join->from)"
                blank="choose" />
            <x-field form="join" label="To" name="to_terminal" :value="$join->usual($join->to)" :options="$join->terminals($join->to)" blank="choose" />
            <x-field form="join" label="Size, mm² or AWG" name="size" placeholder="35 or 2 AWG" />
            <x-field form="join" label="Length, one way" name="length_m" :unit="$show->unit('m')" inputmode="decimal" />
        </div>
        <div class="actions"><button class="btn">Join them</button><a class="btn link" href="{{ route('wiring', $job) }}">Leave it</a></div>
    </form>
@else
    <p class="muted">Planners draw leads.</p>
@endmay
