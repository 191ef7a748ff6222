<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CustomerRequest;
use App\Http\Requests\PageQuery;
use App\Models\Customer;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

final class CustomerController extends Controller
{
    public function index(PageQuery $request): View
    {
        return view('customers.index', ['customers' => Customer::query()->withCount('jobs')->orderBy('name')->simplePaginate(40)]);
    }

    public function store(CustomerRequest $request): RedirectResponse
    {
        $customer = Customer::query()->create($request->row());

        return redirect()->route('customers.index')->with('said', $customer->name . ' is in.');
    }

    public function edit(Customer $customer): View
    {
        return view('customers.edit', ['customer' => $customer->load('jobs')]);
    }

    public function update(CustomerRequest $request, Customer $customer): RedirectResponse
    {
        $customer->saveIfUnchanged($request, $request->row());
        // The name stands in every model of theirs.
        Job::restsOn('customer_id', $customer->id);

        return redirect()->route('customers.index')->with('said', $customer->name . ' is saved.');
    }
}
