<?php

declare(strict_types=1);

namespace App\Words;

use Pebblefell\Finding\Figure;
use Pebblefell\Region\Units;

/** Writes numbers as a technician reads them, in the units of the region. */
final readonly class Show
{
    /** Unit of a price: the workshop's currency. */
    public const MONEY = '¤';

    public function __construct(public Units $units, public string $currency = 'EUR', public string $locale = 'en')
    {
    }

    /**
     * @return array{string, string} number and unit; large Wh as kWh, endless as "∞"
     */
    public function parts(float $value, string $metric, ?int $decimals = null): array
    {
        if (is_infinite($value)) {
            return [$value > 0 ? '∞' : '−∞', $this->units->unit($metric)];
        }
        if ($metric === self::MONEY) {
            return [$this->number($value, '', abs($value) < 10.0 && $value !== 0.0 ? 2 : 0), $this->currency];
        }
        if ($metric === 'mm²' && $value > 0 && $this->units !== Units::Metric) {
            return [substr($this->units->conductorSize($value), 0, -4), 'AWG'];
        }
        [$shown, $unit] = [$this->units->show($value, $metric), $this->unit($metric)];
        if ($metric === 'Wh' && abs($shown) >= 9999.5) {
            [$shown, $unit] = [$shown / 1000, 'kWh'];
        }

        return [$this->number($shown, $unit, $decimals), $unit];
    }

    /** "4 days", "1 day". */
    public function days(float $days): string
    {
        return $this->text($days) . ($days === 1.0 ? ' day' : ' days');
    }

    /**
     * @param ?int $decimals at most; null: as many as read well
     */
    public function text(float $value, string $metric = '', ?int $decimals = null): string
    {
        [$number, $unit] = $this->parts($value, $metric, $decimals);

        return $unit === '' ? $number : $number . "\u{202F}" . $unit;
    }

    public function figure(Figure $figure): string
    {
        return $this->text($figure->value, $figure->unit);
    }

    /** Returns what goes into an input field: all the digits that were given, a point for the decimals. */
    public function field(?float $value, string $metric = ''): string
    {
        return $value === null ? '' : (string) round($this->units->show($value, $metric), 4);
    }

    /**
     * @return array<string, string> units that are words
     */
    private function named(): array
    {
        static $named = [];

        return $named[$this->locale] ??= require __DIR__ . "/../../lang/$this->locale/units.php";
    }

    public function unit(string $metric): string
    {
        return match ($metric) {
            'mm²' => 'mm²',
            self::MONEY => $this->currency,
            // Units that are words are those of the language.
            'days', 'years' => $this->named()[$metric],
            default => $this->units->unit($metric),
        };
    }

    private function number(float $value, string $unit, ?int $decimals = null): string
    {
        $size = abs($value);
        $decimals ??= match (true) {
            $unit === 'V' => 2,
            $size >= 100.0 || $size === 0.0 => 0,
            $size >= 10.0 => 1,
            $size >= 0.1 => 2,
            default => 3,
        };

        return Numbers::in($this->locale, $value, $decimals);
    }
}
