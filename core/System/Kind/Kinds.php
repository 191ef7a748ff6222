<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Terminal;

/** The register of kinds: one class each. They are constants that PHP cannot write as such, so each is made once a run. */
final class Kinds
{
    /** @var array<string, Kind> */
    private static array $kinds = [];

    /** @var array<string, array<string, DataField>> */
    private static array $fields = [];

    /** @var array<string, array<string, Terminal>> */
    private static array $terminals = [];

    /** @var array<string, array<string, true>> the families of a kind, by their names */
    private static array $families = [];

    /** @var array<string, list<PartKind>> the kinds of a family, by its name */
    private static array $members = [];

    public static function of(PartKind $kind): Kind
    {
        return self::$kinds[$kind->value] ??= match ($kind) {
            PartKind::Battery => new Battery(),
            PartKind::Panel => new Panel(),
            PartKind::Regulator => new Regulator(),
            PartKind::Dcdc => new Dcdc(),
            PartKind::Isolator => new Isolator(),
            PartKind::Alternator => new Alternator(),
            PartKind::MainsCharger => new MainsCharger(),
            PartKind::Converter => new Converter(),
            PartKind::Inverter => new Inverter(),
            PartKind::InverterCharger => new InverterCharger(),
            PartKind::Monitor => new Monitor(),
            PartKind::LowVoltageDisconnect => new LowVoltageDisconnect(),
            PartKind::Fuse => new Fuse(),
            PartKind::Breaker => new Breaker(),
            PartKind::Busbar => new Busbar(),
            PartKind::Switch => new SwitchPart(),
            PartKind::DistributionBox => new DistributionBox(),
            PartKind::EarthLeakage => new EarthLeakage(),
            PartKind::ShoreInlet => new ShoreInlet(),
            PartKind::Gauge => new Gauge(),
            PartKind::HeatingPad => new HeatingPad(),
            PartKind::Cable => new Cable(),
            PartKind::Generator => new Generator(),
            PartKind::Bms => new Bms(),
            PartKind::AlternatorRegulator => new AlternatorRegulator(),
            PartKind::Plug => new Plug(),
            PartKind::Display => new Display(),
            PartKind::Sensor => new Sensor(),
        };
    }

    /**
     * @return array<string, DataField> by key, in reading order
     */
    public static function fields(PartKind $kind): array
    {
        return self::$fields[$kind->value] ??= self::of($kind)->fields();
    }

    /**
     * @return array<string, Terminal> by name
     */
    public static function terminals(PartKind $kind): array
    {
        if (!isset(self::$terminals[$kind->value])) {
            $list = self::of($kind)->terminals();
            self::$terminals[$kind->value] = array_combine(array_map(static fn(Terminal $t): string => $t->name, $list), $list);
        }

        return self::$terminals[$kind->value];
    }

    public static function is(PartKind $kind, Family $family): bool
    {
        return isset((self::$families[$kind->value] ??= array_fill_keys(
            array_map(static fn(Family $f): string => $f->name, self::of($kind)->families()),
            true,
        ))[$family->name]);
    }

    /**
     * @return list<PartKind> in the order of PartKind
     */
    public static function members(Family $family): array
    {
        return self::$members[$family->name] ??= array_values(array_filter(
            PartKind::cases(),
            static fn(PartKind $kind): bool => self::is($kind, $family),
        ));
    }
}
