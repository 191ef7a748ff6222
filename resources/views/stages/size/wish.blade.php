<form method="post" action="{{ route('size.update', $job) }}" data-live>
    @csrf @method('put')<input type="hidden" name="_form" value="wish"><input type="hidden" name="lock_version" value="{{ $job->lock_version }}">
    <div class="form-grid">
        <x-field form="wish" :label="$page->wished()" name="wish_days" :value="$show->field($job->wish_days)" unit="days" inputmode="decimal" />
        <x-field form="wish" label="Towards" name="target_chemistry" :value="$job->target_chemistry" :options="$page->targets()"
            help="Staying with lead is a valid answer." />
        <x-field form="wish" label="Coldest battery" name="coldest_battery_c" :value="$show->field($job->coldest_battery_c, '°C')" :unit="$show->unit('°C')"
            inputmode="decimal"
            help="Empty: the place’s coldest travelled nights." />
        <x-field form="wish" label="Money for batteries and panels" name="budget" :value="$show->field($job->budget)" inputmode="decimal"
            help="A limit on the map. Empty: none." />
    </div>
    <noscript><div class="actions"><button class="btn plain">Recalculate</button></div></noscript>
</form>
