<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\Versioned;

/**
 * Something on the workshop's shelves, known by what it is: "cable plus 35", "lug 35 8", "part MAKE MODEL".
 *
 * @property string  $item
 * @property ?string $price of a metre or a piece
 * @property ?string $stock metres or pieces
 * @property string  $place
 */
final class ShelfItem extends Row
{
    use Versioned;

    protected $table = 'shelf_items';

    protected $fillable = ['item', 'price', 'stock', 'place'];

    protected $casts = ['price' => 'decimal:2', 'stock' => 'decimal:1'];

    protected $attributes = ['price' => null, 'stock' => null, 'place' => ''];
}
