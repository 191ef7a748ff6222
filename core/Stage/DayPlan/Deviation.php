<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Named;
use Pebblefell\Finding\Word;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Study;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\Part;

/** One thing of a step that may have been done otherwise than planned, and the change of the plan that follows from it. */
final readonly class Deviation
{
    private const SIZE = 'size_mm2';
    private const LENGTH = 'length_m';
    private const RATING = 'rating_a';
    private const PLACE = 'place';
    private const LEFT_OUT = 'left-out';
    private const LEFT_IN = 'left-in';

    /** Those that are said by the choice alone. */
    public const WITHOUT_VALUE = [self::LEFT_OUT, self::LEFT_IN];

    /**
     * @param string $field what of it
     * @param string $was   as it is planned, metric; '' where nothing is noted
     */
    private function __construct(private Conductor|Part $of, public string $field, public string $was)
    {
    }

    /**
     * Returns what of a step can be otherwise: sizes and lengths of the leads that it lays, ratings and places of what it mounts, what
     * is not fitted after all, and what is left in.
     *
     * @return list<self>
     */
    public static function of(Study $study, Step $step): array
    {
        $planned = $study->planned();
        $deviations = [];
        foreach ($step->acts as $act) {
            $lead = $act->do === Act::ATTACH ? $planned->conductors[$act->of] ?? null : null;
            if ($lead !== null) {
                $deviations[] = new self($lead, self::SIZE, self::text($lead->sizeMm2));
                $deviations[] = new self($lead, self::LENGTH, self::text($lead->lengthM));
            }
        }
        foreach ($step->parts as $uid) {
            $part = $study->system->parts[$uid] ?? null;
            if ($part === null) {
                continue;
            }
            if ($part->fate === Fate::Add && array_filter(
                $step->acts,
                static fn(Act $a): bool => $a->do === Act::IN && $a->of === $uid,
            ) !== []) {
                if ($part->data->number(self::RATING) !== null) {
                    $deviations[] = new self($part, self::RATING, self::text($part->data->number(self::RATING)));
                }
                $deviations[] = new self($part, self::PLACE, $part->place);
                $deviations[] = new self($part, self::LEFT_OUT, '');
            } elseif ($part->fate === Fate::Remove && array_filter(
                $step->acts,
                static fn(Act $a): bool => $a->do === Act::OUT && $a->of === $uid,
            ) !== []) {
                $deviations[] = new self($part, self::LEFT_IN, '');
            }
        }

        return $deviations;
    }

    /** "c3.size_mm2" */
    public function key(): string
    {
        return "{$this->of->uid}.$this->field";
    }

    /** Unit of its value; '' for a text, or none. */
    public function unit(): string
    {
        return match ($this->field) {
            self::LENGTH => 'm',
            self::RATING => 'A',
            default => '',
        };
    }

    /** "Size of the lead from … to …, 35 mm² planned" */
    public function label(): Word
    {
        $args = $this->of instanceof Part
            ? ['part' => Named::one($this->of->uid)]
            : ['from' => Named::one($this->of->from->uid), 'to' => Named::one($this->of->to->uid)];
        $was = match (true) {
            $this->was === '' => Word::of('steps.deviation.nothing'),
            $this->field === self::SIZE => Amount::of((float) $this->was, 'mm²'),
            $this->unit() !== '' => Amount::of((float) $this->was, $this->unit()),
            default => Word::typed($this->was),
        };

        return Word::of("steps.deviation.$this->field", [...$args, 'was' => $was]);
    }

    /**
     * The plan as it was built.
     *
     * @param string $is what it is in place of that: mm² or a gauge for a size, else a number in unit(), or a text
     *
     * @throws InvalidValue at /is
     */
    public function change(string $is): Change
    {
        $number = static fn(float $most): float => is_numeric($is) && (float) $is > 0.0 && (float) $is <= $most
            ? (float) $is
            : throw InvalidValue::at('/is', 'between', ['low' => 0, 'high' => $most]);
        $of = $this->of;

        return match (true) {
            $of instanceof Conductor => Change::set(
                'conductor',
                $of->uid,
                $this->field,
                $this->field === self::SIZE ? self::size($is) : $number(500.0),
            ),
            $this->field === self::RATING => Change::setData($of->uid, [...$of->data->values, self::RATING => $number(2000.0)]),
            $this->field === self::PLACE => Change::set(
                'part',
                $of->uid,
                self::PLACE,
                trim($is) === '' ? throw InvalidValue::at('/is', 'required') : mb_substr(trim($is), 0, 120),
            ),
            $this->field === self::LEFT_OUT => Change::remove('part', $of->uid),
            default => Change::ofPart($of->uid, Fate::Disconnect->value),
        };
    }

    private static function size(string $is): float
    {
        try {
            return round(ConductorSize::read($is)->areaMm2, 3);
        } catch (InvalidValue $e) {
            throw InvalidValue::at('/is', $e->key, $e->args);
        }
    }

    private static function text(?float $number): string
    {
        return $number === null ? '' : (string) round($number, 3);
    }
}
