<?php

declare(strict_types=1);

namespace App\Http\Requests\Wiring;

use App\Http\Requests\Query;
use Illuminate\Validation\Rule;
use Pebblefell\Stage\Wiring\Shown;

/** Reads what is asked of the circuit on its screen: which state is drawn, what is thought open, and what a tap on a part does. */
final class WiringQuery extends Query
{
    public const TAPS = ['open', 'safe', 'join'];

    public function rules(): array
    {
        return [
            'show' => ['nullable', Rule::enum(Shown::class)],
            'tap' => ['nullable', Rule::in(self::TAPS)],
            'pole' => ['nullable', Rule::in(['plus', 'minus'])],
            'open' => ['array', 'max:60'],
            'open.*' => ['string', 'max:20'],
            'sun' => ['nullable', 'boolean'],
            'engine' => ['nullable', 'boolean'],
            'shore' => ['nullable', 'boolean'],
            'generator' => ['nullable', 'boolean'],
            'safe' => ['nullable', 'string', 'max:20'],
            'from' => ['nullable', 'string', 'max:20'],
            'to' => ['nullable', 'string', 'max:20'],
            'edit' => ['nullable', 'string', 'max:20'],
            'watts' => ['nullable', 'numeric', 'between:50,30000'],
        ];
    }

    /** The negative side is drawn. */
    public function isOfReturns(): bool
    {
        return $this->asked('pole') === 'minus';
    }

    /** Of the inverter that is promised for later; null: nobody says. */
    public function watts(): ?float
    {
        return is_numeric($this->asked('watts')) ? (float) $this->asked('watts') : null;
    }

    public function shown(): Shown
    {
        return Shown::tryFrom($this->asked('show')) ?? Shown::Planned;
    }

    /** Returns what a tap on a part of the drawing does: open, safe or join. */
    public function tap(): string
    {
        return in_array($this->asked('tap'), self::TAPS, true) ? $this->asked('tap') : self::TAPS[0];
    }

    /**
     * @return list<string> uids of parts that are thought open
     */
    public function open(): array
    {
        return array_values(array_filter((array) $this->query('open', []), is_string(...)));
    }

    /**
     * @return array{sun: bool, engine: bool, shore: bool, generator: bool}
     */
    public function running(): array
    {
        return [
            'sun' => $this->boolean('sun'),
            'engine' => $this->boolean('engine'),
            'shore' => $this->boolean('shore'),
            'generator' => $this->boolean('generator'),
        ];
    }
}
