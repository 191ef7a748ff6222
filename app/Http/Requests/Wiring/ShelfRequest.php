<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Requests\FormRequest;

/** Prices, stock and places of what a parts list asks for: item[k], price[k], stock[k], place[k], version[k]. */
final class ShelfRequest extends FormRequest
{
    public function rules(): array
    {
        return [
            'item' => ['required', 'array', 'max:300'],
            'item.*' => ['required', 'string', 'max:120'],
            'price' => ['array'],
            'price.*' => ['nullable', 'numeric', 'between:0,1000000'],
            'stock' => ['array'],
            'stock.*' => ['nullable', 'numeric', 'between:0,1000000'],
            'place' => ['array'],
            'place.*' => ['nullable', 'string', 'max:60'],
            'version' => ['array'],
            'version.*' => ['nullable', 'integer', 'between:0,4294967295'],
        ];
    }

    /**
     * @return array<string, string>
     */
    public function attributes(): array
    {
        return ['price.*' => 'price', 'stock.*' => 'stock', 'place.*' => 'place'];
    }

    /**
     * @return list<array{item: string, price: ?string, stock: ?string, place: string}>
     */
    public function items(): array
    {
        $number = fn(string $key, int|string $k): ?string => $this->filled("$key.$k") ? (string) (float) str_replace(
            ',',
            '.',
            (string) $this->input("$key.$k"),
        ) : null;
        $items = [];
        foreach ((array) $this->input('item') as $k => $item) {
            $items[] = [
                'item' => (string) $item, 'price' => $number('price', $k), 'stock' => $number('stock', $k),
                'place' => trim((string) $this->input("place.$k")),
            ];
        }

        return $items;
    }
}
