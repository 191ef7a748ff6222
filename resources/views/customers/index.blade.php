<x-layout title="Customers">
    <h1>Customers</h1>
    @if ($customers->isEmpty())<div class="mt-4"><x-empty title="No customers yet"><p>Add one here, or while opening a job.</p></x-empty></div>@else
    <table class="mt-4 stack"><caption class="sr-only">Customers</caption><thead><tr><th scope="col">Name</th><th scope="col">Phone</th>
        <th scope="col">E-mail</th><th scope="col" class="n">Jobs</th></tr></thead><tbody>
    @foreach ($customers as $customer)<tr><td>@can('update', $customer)<a
        href="{{ route('customers.edit', $customer) }}">{{ $customer->name }}</a>@else{{ $customer->name }}@endcan</td>
        <td data-label="Phone">{{ $customer->phone }}</td><td data-label="E-mail">{{ $customer->email }}</td>
        <td class="n num" data-label="Jobs">{{ $customer->jobs_count }}</td></tr>@endforeach
    </tbody></table><x-pager :of="$customers" />@endif
    @can('create', $models['customer'])<div class="section"><h2>Add a customer</h2>
        <form method="post" action="{{ route('customers.store') }}" class="mt-3">@csrf
        <div class="form-grid"><x-field label="Name" name="name" required /><x-field label="Phone" name="phone" />
            <x-field label="E-mail" name="email" type="email" /><x-field label="Address" name="address" />
            <x-field label="Reads" name="language" value="en" :options="['en' => 'English', 'de' => 'Deutsch']" /></div><div class="actions">
            <button class="btn" data-add>Add</button></div></form></div>@endcan
</x-layout>
