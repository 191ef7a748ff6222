<x-layout :title="$customer->name">
    <p><a href="{{ route('customers.index') }}">← Customers</a></p><h1>{{ $customer->name }}</h1>
    <form method="post" action="{{ route('customers.update', $customer) }}" class="mt-4">@csrf @method('put')<input type="hidden" name="lock_version"
        value="{{ $customer->lock_version }}">
        <div class="form-grid"><x-field label="Name" name="name" :value="$customer->name" required />
            <x-field label="Phone" name="phone" :value="$customer->phone" /><x-field label="E-mail" name="email" type="email" :value="$customer->email" />
            <x-field label="Address" name="address" :value="$customer->address" />
            <x-field label="Reads" name="language" :value="$customer->language" :options="['en' => 'English', 'de' => 'Deutsch']" /></div><div
                class="actions"><button class="btn">Save</button></div></form>
    @if ($customer->jobs->isNotEmpty())<div class="section"><h2>Jobs</h2><ul>@foreach ($customer->jobs as $each)<li class="py-1"><a
        href="{{ route('jobs.show', $each) }}">{{ $each->title }}</a> <span class="muted">{{ $each->number }}</span></li>@endforeach</ul></div>@endif
</x-layout>
