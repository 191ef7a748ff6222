<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\Setting\Parameter;
use Pebblefell\System\CircuitKind;
use Pebblefell\System\Sheet\DataField as F;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\System\Terminal;

/**
 * A kind of part: the lines of its data sheet with unit and bounds, its terminals and what it does between them, the boxes that it is set
 * by, and what is usual where its sheet is silent. Its words stand in lang/NAME/kinds.php, sheets.php and terminals.php.
 *
 * The bounds catch slips of the pen, they are not limits of the trade.
 */
abstract class Kind
{
    /** With what a device is set. */
    public const SET_WITH = ['buttons', 'own_display', 'app', 'dongle', 'laptop'];

    /**
     * @return list<F> its own lines, in reading order
     */
    abstract public function lines(): array;

    /**
     * @return list<Terminal>
     */
    abstract public function terminals(): array;

    /**
     * Names the families that it is of.
     *
     * @return non-empty-list<Family>
     */
    abstract public function families(): array;

    /** Says where it hangs on the house bank; null: nowhere by itself. */
    public function hangsAt(): ?HangsAt
    {
        return null;
    }

    /** Says where it hangs on the starter battery; null: nowhere by itself. */
    public function hangsOnStarter(): ?HangsAt
    {
        return null;
    }

    /**
     * Names the terminal at which it gives volts, by what must run for it: `rest` (nothing), `sun`, `engine`, `shore`, `generator`.
     *
     * @return array<string, string>
     */
    public function gives(): array
    {
        return [];
    }

    /** Names the line of its sheet that says the volts of the side on which it works for the house. */
    public function voltsLine(): ?string
    {
        return null;
    }

    /** Names what it is drawn as in the one-line drawing: box, fuse, breaker, switch or bar. */
    public function shape(): string
    {
        return 'box';
    }

    /** Names what the customer is shown of it; null: nothing. */
    public function shownAs(): ?string
    {
        return null;
    }

    /**
     * Names what a supplier is asked where its sheet is silent and a sum rests on it, in the order of asking.
     *
     * @return list<string>
     */
    public function asked(): array
    {
        return [];
    }

    /**
     * @return array<string, F> by key, size and weight among them
     */
    final public function fields(): array
    {
        $fields = [];
        foreach ([...$this->lines(), ...$this->settings() === [] ? [] : self::programming(), ...$this->body()] as $field) {
            $fields[$field->key] = $field;
        }

        return $fields;
    }

    /**
     * @return list<array{string, string}> pairs of ports of which only one works at a time
     */
    public function exclusivePorts(): array
    {
        return [];
    }

    /**
     * @return list<array{string, string}> terminals that it joins both ways while it is closed
     */
    public function joins(): array
    {
        return [];
    }

    /**
     * @return list<array{string, string}> the same, only while the engine runs
     */
    public function joinsWithEngine(): array
    {
        return [];
    }

    /**
     * @return list<array{string, string}> from where to where it carries one way
     */
    public function carries(): array
    {
        return [];
    }

    /**
     * @return list<array{string, string}> the same, only while the engine runs
     */
    public function carriesWithEngine(): array
    {
        return [];
    }

    /**
     * @return list<Parameter> the boxes that it is set by
     */
    public function settings(): array
    {
        return [];
    }

    /**
     * Returns what stands in where the sheet is silent.
     *
     * @param float $systemV of the vehicle, for lines that follow it
     *
     * @return ?float null where nothing is usual
     */
    public function usual(DataSheet $sheet, string $key, float $systemV): ?float
    {
        return match ($key) {
            'efficiency_pct' => Usual::MAINS_EFFICIENCY_PCT,
            'output_v', 'input_v' => $systemV,
            'low_cutoff_v' => Usual::LOW_CUTOFF_V * $systemV / 12.0,
            'idle_w' => Usual::IDLE_W,
            'derate_pct_per_k' => Usual::DERATE_PCT_PER_K,
            'heater_w', 'mass_kg' => 0.0,
            default => null,
        };
    }

    /**
     * @return list<string> the few lines that a technician wants in a list
     */
    public function telling(): array
    {
        return array_map(static fn(F $f): string => $f->key, array_slice($this->lines(), 0, 3));
    }

    /**
     * @return array{Terminal, Terminal}
     */
    final protected static function pair(string $prefix, CircuitKind $circuit): array
    {
        return [new Terminal($prefix . 'plus', $circuit), new Terminal($prefix . 'minus', $circuit)];
    }

    /**
     * @return list<F> what a switch or a circuit says it is, and what it is
     */
    final protected static function labelled(): array
    {
        return [
            F::flag('dead')->ofThisOne(),
            F::text('label_says')->ofThisOne(),
            F::text('really_feeds')->ofThisOne(),
        ];
    }

    /**
     * Returns what a cable is joined to: the stud, and the largest conductor that its terminal takes.
     *
     * @return list<F>
     */
    final protected static function stud(): array
    {
        return [F::number('stud_mm', 'mm', 3, 16), F::number('terminal_mm2', 'mm²', 0.5, 240)];
    }

    /**
     * @return list<F> what makes mains says about itself
     */
    final protected static function inverting(): array
    {
        return [
            F::number('continuous_w', 'W', 20, 30_000)->required(),
            F::number('surge_w', 'W', 20, 60_000),
            F::number('efficiency_pct', '%', 50, 100),
            F::number('idle_w', 'W', 0, 200),
            F::number('input_v', 'V', 5, 100),
            F::number('output_v', 'V', 90, 260),
            F::number('low_cutoff_v', 'V', 5, 100),
            F::number('earth_leakage_ma', 'mA', 1, 1000),
            F::choice('neutral_bond', ['bonded', 'switched', 'open']),
            ...self::stud(),
        ];
    }

    /**
     * @return list<F> from which warmth on it gives less, and how much less
     */
    final protected static function derating(): array
    {
        return [F::number('derate_from_c', '°C', -20, 100), F::number('derate_pct_per_k', '%/K', 0, 20)];
    }

    /**
     * @return list<F> with what it is set, and what of it was seen to be the newest
     */
    private static function programming(): array
    {
        return [
            F::choice('set_with', self::SET_WITH),
            F::text('boxes_missing'),
            F::text('account')->ofThisOne(),
            F::text('firmware_found')->ofThisOne(),
            F::flag('firmware_newest')->ofThisOne(),
        ];
    }

    /**
     * @return list<F> size and weight, which every boxed part has
     */
    protected function body(): array
    {
        return [
            F::number('length_mm', 'mm', 1, 5000),
            F::number('width_mm', 'mm', 1, 5000),
            F::number('height_mm', 'mm', 1, 5000),
            F::number('mass_kg', 'kg', 0.001, 1000),
            F::number('along_m', 'm', -3, 30)->ofThisOne(),
            F::number('price', '¤', 0, 1_000_000),
            F::number('warranty_months', '', 1, 600),
            F::date('warranty_from')->ofThisOne(),
            F::text('warranty_by')->ofThisOne(),
        ];
    }
}
