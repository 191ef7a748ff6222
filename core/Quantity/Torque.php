<?php

declare(strict_types=1);

namespace Pebblefell\Quantity;

/** A tightening torque; kept in N·m, shown in N·m or lbf·in. 1 lbf·in = 0.1129848290 N·m (ISO 80000-4 conversion). */
final readonly class Torque
{
    private const NM_PER_LBF_IN = 0.112984829;

    private function __construct(public float $newtonMetres)
    {
        Guard::notNegative($newtonMetres, '/newton_metres');
    }

    public static function ofNewtonMetres(float $newtonMetres): self
    {
        return new self($newtonMetres);
    }

    public static function ofPoundForceInches(float $poundForceInches): self
    {
        return new self($poundForceInches * self::NM_PER_LBF_IN);
    }

    public function poundForceInches(): float
    {
        return $this->newtonMetres / self::NM_PER_LBF_IN;
    }
}
