<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/** A photograph of a part. The bytes lie on the private disk under `path`. */
final class Photo extends Model
{
    protected $fillable = ['sha256', 'path', 'caption', 'width_px', 'height_px'];

    protected $attributes = ['caption' => ''];

    /**
     * @return BelongsTo<Part, $this>
     */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
