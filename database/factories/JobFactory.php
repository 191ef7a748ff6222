<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Customer;
use App\Models\Job;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Job> */
final class JobFactory extends Factory
{
    protected $model = Job::class;

    /**
     * @return array<string, mixed>
     */
    public function definition(): array
    {
        return ['title' => fake()->words(2, true), 'customer_id' => Customer::factory(), 'vehicle_kind' => 'camper_van', 'system_v' => 12.0];
    }
}
