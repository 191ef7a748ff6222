<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Audited;
use App\Models\Concerns\Versioned;
use Illuminate\Database\Eloquent\Model;
use Pebblefell\System\PartKind;

/**
 * A model in the parts library with its data sheet.
 *
 * @property PartKind $kind
 * @property array<string, float|int|bool|string> $data
 */
final class LibraryPart extends Model
{
    use Audited;
    use Versioned;

    protected $fillable = ['kind', 'make', 'model', 'data'];

    protected $casts = ['kind' => PartKind::class, 'data' => 'array'];

    public function name(): string
    {
        return trim($this->make . ' ' . $this->model);
    }
}
