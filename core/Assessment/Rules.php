<?php

declare(strict_types=1);

namespace Pebblefell\Assessment;

/** The list of every rule. A new rule is added here and nowhere else. */
final class Rules
{
    /**
     * @return list<Rule>
     */
    public static function all(): array
    {
        return [
            new Rule\ChargerSuitsChemistry(),
            new Rule\IsolatorSuitsLithium(),
            new Rule\DisconnectAboveBms(),
            new Rule\OldGaugeLeft(),
            new Rule\LabelsTellTheTruth(),
            new Rule\LikeWithLike(),
            new Rule\HourRateKnown(),
            new Rule\InverterCarriesLoads(),
            new Rule\IdleShare(),
            new Rule\BankLastsWish(),
            new Rule\BankGivesPeak(),
            new Rule\LithiumHasBms(),
            new Rule\ColdCharging(),
            new Rule\BankFitsBay(),
            new Rule\MainFuse(),
            new Rule\ShuntSeesAll(),
            new Rule\WeightAllowed(),
            new Rule\BankSharesEvenly(),
            new Rule\EqualLeads(),
            new Rule\StringsCloseAlike(),
            new Rule\SpareForFarAway(),
            new Rule\SunCarriesMonths(),
            new Rule\PanelsHaveRegulator(),
            new Rule\ArrayFitsRegulator(),
            new Rule\NoChargingLoop(),
            new Rule\EarthLeakageCovers(),
            new Rule\RegulatorKeepsBattery(),
            new Rule\LoadOutputCarries(),
            new Rule\DcdcSuitsAlternator(),
            new Rule\HookUpCarries(),
            new Rule\SensorTellsLithium(),
            new Rule\SetAsPlanned(),
            new Rule\EqualiseOff(),
            new Rule\PackComplete(),
        ];
    }
}
