<?php

declare(strict_types=1);

namespace Pebblefell\Sizing;

use Pebblefell\Bank\Bank;
use Pebblefell\System\Graph;
use Pebblefell\System\System;

/** Everything that is computed from one system, once: the screens show it and the rules judge it. */
final readonly class Sums
{
    private function __construct(
        public System $system,
        public Graph $found,
        public Graph $planned,
        public LoadSizing $loads,
        public BankSizing $banks,
        public ?SunSizing $sun,
        public SettingSheet $settings,
    ) {
    }

    public static function of(System $system): self
    {
        $loads = LoadSizing::of($system);
        $banks = BankSizing::of($system, $loads);

        return new self($system, $system->found(), $system->planned(), $loads, $banks, SunSizing::of($system, $loads), SettingSheet::of($system, $banks));
    }

    /** The planned bank if it is lithium: most of what goes wrong in an upgrade goes wrong beside it. */
    public function lithiumBank(): ?Bank
    {
        $bank = $this->banks->planned->bank;

        return $bank?->chemistry()->isLithium() === true ? $bank : null;
    }
}
