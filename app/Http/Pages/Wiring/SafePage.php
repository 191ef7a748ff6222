<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\Stage\Wiring\SafePoint;
use Pebblefell\System\Part;

/** Where it is safe, in words: what holds a part, what to do in which order, where to measure. */
final readonly class SafePage
{
    private function __construct(private Workbench $bench, public SafePoint $point)
    {
    }

    public static function of(Workbench $bench, string $uid): ?self
    {
        $point = SafePoint::of($bench->study, $uid);

        return $point === null ? null : new self($bench, $point);
    }

    public function title(): string
    {
        return $this->bench->say->onePart($this->point->part);
    }

    public function heldBy(): string
    {
        $parts = $this->bench->study->planned()->parts;

        return implode(', ', array_map(
            fn(string $by): string => isset($parts[$by])
                ? $this->bench->say->onePart($parts[$by])
                : $this->bench->say->word("opens.held.$by"),
            $this->point->heldBy,
        ));
    }

    /**
     * @return list<array{do: string, danger: string}> in order, what is ended by hand first, the proof last
     */
    public function steps(): array
    {
        $say = $this->bench->say;
        $names = static fn(array $parts): string => implode(', ', array_map($say->onePart(...), $parts));
        $steps = array_map(
            static fn(string $stop): array => ['do' => $say->word("opens.stops.$stop"), 'danger' => ''],
            $this->point->stops,
        );
        foreach ($this->point->steps as $step) {
            $steps[] = [
                'do' => $say->word("opens.do.{$step['do']}", ['parts' => $names($step['parts'])]),
                'danger' => $step['danger'] === [] ? '' : $say->word('opens.leaves', ['parts' => $names($step['danger'])]),
            ];
        }
        $inverter = array_filter([$this->point->part, ...$this->point->dark], static fn(Part $p): bool => $p->kind->isInverter()) !== [];

        return [
            ...$steps,
            ['do' => $say->word($inverter ? 'opens.prove-inverter' : 'opens.prove', ['part' => $this->title()]), 'danger' => ''],
        ];
    }

    public function dark(): string
    {
        return $this->point->dark === [] ? '' : implode(', ', array_map($this->bench->say->onePart(...), $this->point->dark));
    }
}
