<?php

declare(strict_types=1);

namespace Pebblefell\Conductor;

/**
 * Families of fuses, plain to strong, as their standards make them: ratings, and what they break at which volts.
 *
 * ISO 8820-3 (blade), ISO 8820-5 (SF30, SF51), UL 248-15 (class T), IEC 60269-6 (gPV); strip and terminal fuses as usual in the trade.
 * From memory.
 */
enum FuseFamily: string
{
    case Blade = 'blade';
    case Sf30 = 'sf30';
    case Sf51 = 'sf51';
    case Strip = 'strip';
    case Terminal = 'terminal';
    case ClassT = 'class_t';
    case Gpv = 'gpv';

    /**
     * @return list<float> A
     */
    public function ratings(): array
    {
        return match ($this) {
            self::Blade => [3.0, 5.0, 7.5, 10.0, 15.0, 20.0, 25.0, 30.0, 40.0],
            self::Sf30 => [30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 100.0, 125.0, 150.0, 175.0, 200.0],
            self::Sf51 => [100.0, 125.0, 150.0, 175.0, 200.0, 225.0, 250.0, 300.0, 350.0, 400.0, 450.0, 500.0],
            self::Strip => [30.0, 40.0, 50.0, 60.0, 80.0, 100.0, 125.0, 150.0, 175.0, 200.0, 225.0, 250.0, 300.0, 350.0, 400.0, 500.0],
            self::Terminal => [30.0, 40.0, 50.0, 60.0, 70.0, 80.0, 100.0, 125.0, 150.0, 175.0, 200.0, 225.0, 250.0, 300.0],
            self::ClassT => [
                30.0,
                40.0,
                50.0,
                60.0,
                70.0,
                80.0,
                100.0,
                125.0,
                150.0,
                175.0,
                200.0,
                225.0,
                250.0,
                300.0,
                350.0,
                400.0,
                450.0,
                500.0,
                600.0,
            ],
            self::Gpv => [
                3.0,
                5.0,
                10.0,
                15.0,
                20.0,
                25.0,
                30.0,
                40.0,
                50.0,
                60.0,
                80.0,
                100.0,
                125.0,
                150.0,
                200.0,
                250.0,
                300.0,
                350.0,
                400.0,
                500.0,
                600.0,
            ],
        };
    }

    /** Returns what it breaks at so many volts DC, A; 0 where it is not made for them. */
    public function interruptA(float $volts): float
    {
        return match ($this) {
            self::Blade => $volts <= 32.0 ? 1000.0 : 0.0,
            self::Sf30, self::Sf51 => $volts <= 32.0 ? 2000.0 : 0.0,
            self::Strip => $volts <= 32.0 ? 6000.0 : 0.0,
            self::Terminal => match (true) {
                $volts <= 14.6 => 10_000.0,
                $volts <= 32.0 => 5000.0,
                $volts <= 58.0 => 2000.0,
                default => 0.0,
            },
            self::ClassT => $volts <= 125.0 ? 20_000.0 : 0.0,
            self::Gpv => $volts <= 1000.0 ? 30_000.0 : 0.0,
        };
    }

    /**
     * Every rating that is made, A, small to large.
     *
     * @return list<float>
     */
    public static function standardRatings(): array
    {
        $all = array_unique(array_merge(...array_map(static fn(self $f): array => $f->ratings(), self::cases())));
        sort($all);

        return $all;
    }
}
