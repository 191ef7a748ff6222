<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Versioned;
use Illuminate\Database\Eloquent\Builder;
use Pebblefell\Setting\Parameter;

/**
 * Keeps what one model calls a box, the way to it through its menus, and its place in their order. Known to the workshop, for every job.
 *
 * @property Parameter $parameter
 * @property string    $word
 * @property string    $path
 * @property int       $place from 1; 0: as the trade has it
 */
final class ModelBox extends Row
{
    use Versioned;

    protected $table = 'model_boxes';

    protected $fillable = ['make', 'model', 'parameter', 'word', 'path', 'place'];

    protected $casts = ['parameter' => Parameter::class, 'place' => 'integer'];

    protected $attributes = ['word' => '', 'path' => '', 'place' => 0];

    /**
     * @return Builder<self>
     */
    public static function ofModel(string $make, string $model): Builder
    {
        return self::query()->where('make', $make)->where('model', $model);
    }
}
