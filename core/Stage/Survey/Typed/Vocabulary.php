<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Survey\Typed;

use Pebblefell\System\PartKind;

/** Words in which a technician notes a part, English and German, in small letters: the kind that they mean, or a choice of its sheet. */
final class Vocabulary
{
    /** By word: the kind. The first that is found counts; those that say most stand first. */
    public const KINDS = [
        'inverter-charger' => 'inverter_charger', 'combi' => 'inverter_charger', 'kombi' => 'inverter_charger',
        'inverter' => 'inverter', 'wechselrichter' => 'inverter', 'earth-leakage' => 'earth_leakage', 'rcd' => 'earth_leakage',
        'rcbo' => 'earth_leakage',
        'gfci' => 'earth_leakage', 'fi' => 'earth_leakage', 'dcdc' => 'dcdc', 'dc-dc' => 'dcdc', 'booster' => 'dcdc',
        'ladebooster' => 'dcdc',
        'b2b' => 'dcdc', 'regulator' => 'regulator', 'controller' => 'regulator', 'regler' => 'regulator', 'solarregler' => 'regulator',
        'mppt' => 'regulator', 'pwm' => 'regulator', 'converter' => 'converter', 'charger' => 'mains_charger',
        'ladegerät' => 'mains_charger',
        'lader' => 'mains_charger', 'alternator' => 'alternator', 'lichtmaschine' => 'alternator', 'isolator' => 'isolator',
        'relay' => 'isolator',
        'relais' => 'isolator', 'trennrelais' => 'isolator', 'vsr' => 'isolator', 'monitor' => 'monitor', 'shunt' => 'monitor',
        'disconnect' => 'low_voltage_disconnect',
        'lvd' => 'low_voltage_disconnect', 'unterspannungsschutz' => 'low_voltage_disconnect', 'breaker' => 'breaker',
        'automat' => 'breaker', 'fuse' => 'fuse',
        'sicherung' => 'fuse', 'hauptsicherung' => 'fuse', 'busbar' => 'busbar', 'bar' => 'busbar', 'schiene' => 'busbar',
        'switch' => 'switch',
        'schalter' => 'switch', 'hauptschalter' => 'switch', 'inlet' => 'shore_inlet', 'hook-up' => 'shore_inlet',
        'einspeisung' => 'shore_inlet',
        'gauge' => 'gauge', 'anzeige' => 'gauge', 'pad' => 'heating_pad', 'heizmatte' => 'heating_pad', 'panel' => 'panel',
        'panels' => 'panel',
        'solar' => 'panel', 'modul' => 'panel', 'module' => 'panel', 'solarmodul' => 'panel', 'battery' => 'battery',
        'batteries' => 'battery',
        'batterie' => 'battery', 'batterien' => 'battery', 'cable' => 'cable', 'kabel' => 'cable',
        'generator' => 'generator', 'bms' => 'bms', 'plug' => 'plug', 'socket' => 'plug', 'stecker' => 'plug', 'display' => 'display',
        'hub' => 'display',
        'sensor' => 'sensor', 'fühler' => 'sensor',
    ];

    /** By word: line of the sheet and its choice, of the kinds that have it. */
    public const CHOICES = [
        'agm' => ['chemistry', 'agm'], 'gel' => ['chemistry', 'gel'], 'flooded' => ['chemistry', 'flooded'],
        'wet' => ['chemistry', 'flooded'],
        'acid' => ['chemistry', 'flooded'], 'nass' => ['chemistry', 'flooded'], 'lead-acid' => ['chemistry', 'flooded'],
        'säure' => ['chemistry', 'flooded'],
        'lead-carbon' => ['chemistry', 'lead_carbon'], 'carbon' => ['chemistry', 'lead_carbon'], 'lfp' => ['chemistry', 'lfp'],
        'lifepo4' => ['chemistry', 'lfp'],
        'lithium' => ['chemistry', 'lfp'], 'mppt' => ['technology', 'mppt'], 'pwm' => ['technology', 'pwm'], 'relay' => ['method', 'relay'],
        'relais' => ['method', 'relay'], 'trennrelais' => ['method', 'relay'], 'vsr' => ['method', 'volts_sensing'],
        'sensing' => ['method', 'volts_sensing'],
        'duty-cycled' => ['method', 'duty_cycled'], 'diode' => ['method', 'diode'], 'blade' => ['family', 'blade'],
        'class-t' => ['family', 'class_t'],
    ];

    /** Words that say which side of the vehicle it serves. */
    public const STARTER = ['starter', 'starterbatterie'];

    /** Filling that says nothing. */
    public const FILLING = [
        'house', 'and', 'with', 'of', 'the', 'a', 'main', 'new', 'old', 'each', 'x', 'dc', 'hours', 'und', 'mit', 'je', 'alte',
        'altes', 'neue', 'bord',
    ];

    /** Holds what a word says a place begins with: it keeps its neighbours. */
    public const AT = ['in', 'under', 'behind', 'on', 'over', 'beside', 'at', 'im', 'unter', 'hinter', 'auf', 'über', 'neben', 'am'];

    /**
     * Holds what a figure with its unit says of a kind: unit => line. A unit that stands there twice fills the next line.
     *
     * @var array<string, array<string, list<string>>>
     */
    private const FIGURES = [
        'battery' => [
            'Ah' => ['capacity_ah'],
            'V' => ['nominal_v'],
            'h' => ['rate_h'],
            'y' => ['age_years'],
            'A' => ['discharge_limit_a'],
            'mΩ' => ['internal_mohm'],
        ],
        'panel' => ['W' => ['pmax_w'], 'V' => ['voc_v', 'vmp_v'], 'A' => ['isc_a', 'imp_a'], '°' => ['tilt_deg']],
        'regulator' => ['A' => ['max_charge_a'], 'V' => ['max_pv_v']],
        'dcdc' => ['A' => ['output_a'], 'V' => ['output_v']],
        'isolator' => ['A' => ['rating_a']],
        'alternator' => ['A' => ['rated_a'], 'V' => ['regulated_v']],
        'mains_charger' => ['A' => ['output_a'], 'V' => ['output_v']],
        'converter' => ['A' => ['output_a'], 'V' => ['output_v']],
        'inverter' => ['W' => ['continuous_w', 'surge_w'], 'V' => ['input_v']],
        'inverter_charger' => ['W' => ['continuous_w', 'surge_w'], 'A' => ['charge_a'], 'V' => ['input_v']],
        'monitor' => ['A' => ['shunt_a']],
        'low_voltage_disconnect' => ['A' => ['rating_a'], 'V' => ['disconnect_v', 'reconnect_v']],
        'fuse' => ['A' => ['rating_a'], 'V' => ['max_v'], 'kA' => ['interrupt_a']],
        'breaker' => ['A' => ['rating_a'], 'V' => ['max_v'], 'kA' => ['interrupt_a']],
        'busbar' => ['A' => ['rating_a']],
        'switch' => ['A' => ['rating_a'], 'V' => ['max_v']],
        'distribution_box' => ['A' => ['rating_a']],
        'earth_leakage' => ['A' => ['rating_a'], 'mA' => ['residual_ma']],
        'shore_inlet' => ['A' => ['rating_a'], 'V' => ['mains_v']],
        'gauge' => [],
        'heating_pad' => ['W' => ['heater_w']],
        'cable' => ['mm²' => ['size_mm2']],
        'generator' => ['W' => ['continuous_w', 'surge_w'], 'V' => ['mains_v']],
        'bms' => ['A' => ['discharge_limit_a', 'charge_limit_a']],
        'alternator_regulator' => ['V' => ['regulated_v']],
        'plug' => ['A' => ['rating_a'], 'V' => ['max_v']],
        'display' => ['mA' => ['own_draw_ma']],
        'sensor' => [],
    ];

    /** As it is typed: the unit that is meant, and its factor. */
    public const UNITS = [
        'ah' => ['Ah', 1.0], 'a' => ['A', 1.0], 'amp' => ['A', 1.0], 'amps' => ['A', 1.0], 'ma' => ['mA', 1.0], 'ka' => ['kA', 1000.0],
        'v' => ['V', 1.0], 'volt' => ['V', 1.0],
        'w' => ['W', 1.0], 'wp' => ['W', 1.0], 'watt' => ['W', 1.0], 'kw' => ['W', 1000.0], 'va' => ['W', 1.0], 'h' => ['h', 1.0],
        'hr' => ['h', 1.0], 'y' => ['y', 1.0],
        'yr' => ['y', 1.0], 'yrs' => ['y', 1.0], 'year' => ['y', 1.0], 'years' => ['y', 1.0], 'j' => ['y', 1.0], 'jahre' => ['y', 1.0],
        'kg' => ['kg', 1.0],
        'lb' => ['kg', 0.45359237], 'mm2' => ['mm²', 1.0], 'mm²' => ['mm²', 1.0], 'mω' => ['mΩ', 1.0], 'mohm' => ['mΩ', 1.0],
        '°' => ['°', 1.0],
    ];

    /**
     * @return list<string> lines of the sheet that figures of a unit fill, one after the other
     */
    public static function lines(PartKind $kind, string $unit): array
    {
        return $unit === 'kg' ? ['mass_kg'] : self::FIGURES[$kind->value][$unit] ?? [];
    }
}
