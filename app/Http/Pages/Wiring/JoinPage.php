<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\System\Graph\Point;
use Pebblefell\System\Part;

/** Two parts of the drawing that are joined: between which of their terminals. */
final readonly class JoinPage
{
    private function __construct(private Workbench $bench, public ?Part $from, public ?Part $to)
    {
    }

    public static function of(Workbench $bench, string $from, string $to): self
    {
        $parts = $bench->study->planned()->parts;

        return new self($bench, $parts[$from] ?? null, $parts[$to] ?? null);
    }

    public function answer(): string
    {
        return match (true) {
            $this->from === null => 'tap the part from which the lead comes',
            $this->to === null => 'from ' . $this->bench->say->onePart($this->from) . ': tap where it goes',
            default => $this->bench->say->onePart($this->from) . ' to ' . $this->bench->say->onePart($this->to),
        };
    }

    /**
     * @return array<string, string> by "p1.plus"; of all parts as long as none is tapped
     */
    public function terminals(?Part $part): array
    {
        $terminals = [];
        foreach ($part === null ? $this->bench->study->planned()->parts : [$part] as $one) {
            foreach (array_keys($one->kind->terminals()) as $name) {
                $terminals["$one->uid.$name"] = $this->bench->say->onePart($one) . ', '
                    . $this->bench->say->terminal($one->kind, (string) $name);
            }
        }

        return $terminals;
    }

    /** The first terminal on which nothing hangs yet; else the first. */
    public function usual(?Part $part): ?string
    {
        $names = $part === null ? [] : array_map(strval(...), array_keys($part->kind->terminals()));
        $graph = $this->bench->study->planned();
        foreach ($names as $name) {
            if ($part !== null && $graph->at(Point::of($part->uid, $name)) === []) {
                return "$part->uid.$name";
            }
        }

        return $part === null || $names === [] ? null : "$part->uid.$names[0]";
    }
}
