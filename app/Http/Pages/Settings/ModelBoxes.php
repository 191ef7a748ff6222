<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Models\ModelBox;
use Illuminate\Support\Collection;
use Pebblefell\Setting\Parameter;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Part;

/** How one model calls its boxes, and in which order its menus have them. */
final readonly class ModelBoxes
{
    /**
     * @param Collection<string, ModelBox> $boxes by parameter
     */
    private function __construct(private Collection $boxes)
    {
    }

    public static function of(string $make, string $model): self
    {
        return new self(self::keyed($model === '' ? collect() : ModelBox::ofModel($make, $model)->get()));
    }

    /**
     * Of several parts, asked once.
     *
     * @param list<Part> $parts
     *
     * @return array<string, self> by uid
     */
    public static function ofAll(array $parts): array
    {
        $models = array_values(array_unique(array_filter(array_map(static fn(Part $p): string => $p->model, $parts))));
        $all = $models === [] ? collect() : ModelBox::query()->whereIn('model', $models)->get();
        $of = [];
        foreach ($parts as $part) {
            $of[$part->uid] = new self(self::keyed($all->filter(
                static fn(ModelBox $b): bool => $part->model !== '' && $b->make === $part->make && $b->model === $part->model,
            )));
        }

        return $of;
    }

    public function box(Parameter $parameter): ?ModelBox
    {
        return $this->boxes->get($parameter->value);
    }

    /**
     * As its menus have them; what nobody has placed keeps the trade's order behind.
     *
     * @param list<Parameter> $parameters
     *
     * @return list<Parameter>
     */
    public function inOrder(array $parameters): array
    {
        $placed = array_values($parameters);
        usort($placed, fn(Parameter $a, Parameter $b): int => [$this->place($a), array_search($a, $parameters, true)]
            <=> [$this->place($b), array_search($b, $parameters, true)]);

        return $placed;
    }

    /**
     * @param list<SettingRow> $rows
     *
     * @return list<SettingRow>
     */
    public function rows(array $rows): array
    {
        $order = $this->inOrder(array_map(static fn(SettingRow $r): Parameter => $r->parameter, $rows));
        usort($rows, static fn(SettingRow $a, SettingRow $b): int => array_search($a->parameter, $order, true)
            <=> array_search($b->parameter, $order, true));

        return $rows;
    }

    private function place(Parameter $parameter): int
    {
        $place = $this->box($parameter)->place ?? 0;

        return $place === 0 ? PHP_INT_MAX : $place;
    }

    /**
     * @param Collection<int, ModelBox> $boxes
     *
     * @return Collection<string, ModelBox>
     */
    private static function keyed(Collection $boxes): Collection
    {
        return $boxes->keyBy(static fn(ModelBox $b): string => $b->parameter->value);
    }
}
