<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Database\Factories\CustomerFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;

/** Whose vehicles the workshop fits. */
final class Customer extends Row
{
    use Audited;
    /** @use HasFactory<CustomerFactory> */
    use HasFactory;
    use Versioned;

    protected $table = 'customers';

    protected $fillable = ['name', 'email', 'phone', 'address', 'language'];

    protected $attributes = ['email' => '', 'phone' => '', 'address' => '', 'language' => 'en'];

    /**
     * @return HasMany<Job, $this>
     */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}
