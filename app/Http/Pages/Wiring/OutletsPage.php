<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\Circuit\AcSide;
use Pebblefell\System\Part;

/** Who guards the outlets, on each source of mains: the devices behind it, and what joins neutral to earth there. */
final readonly class OutletsPage
{
    private AcSide $side;

    public function __construct(private Workbench $bench)
    {
        $this->side = new AcSide($bench->study->planned());
    }

    public function isThere(): bool
    {
        return $this->side->sources() !== [];
    }

    public function answer(): string
    {
        $count = fn(string $guard): int => count(
            array_filter($this->side->sources(), fn(Part $p): bool => $this->side->guard($p) === $guard),
        );
        [$uncovered, $open] = [$count('none'), $count('undrawn') + $count('no-outlets')];

        return implode('; ', array_filter([
            $uncovered > 0 ? "$uncovered without a device that protects people" : '',
            $open > 0 ? "$open not drawn to its outlets yet" : '',
        ])) ?: 'each by a device that protects people';
    }

    /**
     * @return list<array{source: string, guard: string, class: string, devices: string, bond: string}>
     */
    public function rows(): array
    {
        $say = $this->bench->say;

        return array_map(function (Part $source) use ($say): array {
            $guard = $this->side->guard($source);

            return [
                'source' => $say->onePart($source),
                'guard' => $say->word("opens.outlets.$guard"),
                'class' => ['none' => 'out', 'guarded' => 'good'][$guard] ?? 'look',
                'devices' => implode(', ', array_map($this->device(...), $this->side->devicesBehind($source))) ?: '–',
                'bond' => $source->kind->isInverter() ? $say->word(
                    'opens.outlets.bond-' . ($source->data->text('neutral_bond') ?: 'unknown'),
                ) : $say->word('opens.outlets.bond-outside'),
            ];
        }, $this->side->sources());
    }

    private function device(Part $part): string
    {
        $milliamps = $part->data->number($part->kind->isInverter() ? 'earth_leakage_ma' : 'residual_ma');

        return $this->bench->say->onePart($part) . ($milliamps === null ? '' : ', ' . $this->bench->show->text($milliamps, 'mA', 0));
    }
}
