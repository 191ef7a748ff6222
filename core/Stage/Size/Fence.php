<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Size;

use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Word;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** A limit drawn on the endurance map: on one side of the line there is room, weight or money left. */
final readonly class Fence
{
    /**
     * @param string $name roof, bay, payload or money
     * @param float  $atBank  strings where the line meets the axis of no array; infinite for a limit of the array alone
     * @param float  $atArray panels where it meets the axis of no bank; infinite for a limit of the bank alone
     */
    public function __construct(public string $name, public Word $words, public float $atBank, public float $atArray)
    {
    }

    /** Strings and panels together stay inside. */
    public function allows(int $strings, int $panels): bool
    {
        return $this->share($strings, $panels) <= 1.0 + 1e-9;
    }

    /** How much of the limit is used up, 0 to 1 and above. */
    public function share(float $strings, float $panels): float
    {
        return ($strings > 0.0
            ? ($this->atBank > 0.0 ? $strings / $this->atBank : INF)
            : 0.0) + ($panels > 0.0 ? ($this->atArray > 0.0 ? $panels / $this->atArray : INF) : 0.0);
    }

    /**
     * Returns what limits a vehicle: roof, bay, payload and money, as far as they are known.
     *
     * @return list<self>
     */
    public static function all(Study $study, MapUnit $battery, MapUnit $panel): array
    {
        $vehicle = $study->system->vehicle;
        $fences = [];
        if ($panel->most !== null) {
            $fences[] = new self('roof', Word::of('fences.roof', ['count' => $panel->most]), INF, (float) $panel->most);
        }
        if ($battery->most !== null) {
            $fences[] = new self(
                'bay',
                Word::of('fences.bay', ['count' => $battery->most * $battery->parts]),
                (float) $battery->most,
                INF,
            );
        }
        if ($vehicle->payloadKg !== null) {
            $left = $vehicle->payloadKg + self::freedKg($study);
            $fences[] = new self(
                'payload',
                Word::of('fences.payload', ['left' => Amount::of($left, 'kg', 0)]),
                $battery->massKg > 0.0 ? $left / $battery->massKg : INF,
                $panel->massKg > 0.0 ? $left / $panel->massKg : INF,
            );
        }
        $money = $study->system->travel->budget;
        if ($money !== null && $battery->price !== null && $panel->price !== null) {
            $fences[] = new self(
                'money',
                Word::of('fences.money', ['money' => Amount::of($money, '¤', 0)]),
                $battery->price > 0.0 ? $money / $battery->price : INF,
                $panel->price > 0.0 ? $money / $panel->price : INF,
            );
        }

        return $fences;
    }

    /** kg that leave with the batteries and panels that are there now. */
    private static function freedKg(Study $study): float
    {
        return array_sum(array_map(
            static fn(Part $p): float => $p->data->orUsual('mass_kg'),
            [...$study->found()->houseBatteries(), ...$study->found()->of(Family::Panel)],
        ));
    }
}
