<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Bank\Link;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\Source;
use Pebblefell\Exception\InvalidValue;

/** `bank-share`: what each battery of a bank carries, and what the whole may before the first limit. */
final class BankShare implements Calculation
{
    public static function schema(): array
    {
        return Schema::object([...self::bank(), 'current_a' => ['type' => 'number']]);
    }

    /**
     * @return array<string, array<string, mixed>> batteries, links and takeoff
     */
    public static function bank(): array
    {
        $name = ['type' => 'string', 'minLength' => 1, 'maxLength' => 60];

        return [
            'batteries' => Schema::listOf(Schema::object(
                ['id' => $name, 'ocv_v' => Schema::notNegative(), 'r_ohm' => Schema::positive()],
                ['discharge_limit_a' => Schema::positive(), 'charge_limit_a' => Schema::positive()],
            )),
            'links' => Schema::listOf(Schema::object(['from' => $name, 'to' => $name, 'ohm' => Schema::notNegative()])),
            'takeoff' => Schema::object(['positive' => $name, 'negative' => $name]),
        ];
    }

    public static function run(array $in): array
    {
        $network = self::network($in);
        $share = $network->share((float) $in['current_a']);
        $percent = $share->percent();
        $most = ['discharge' => $share->most(true), 'charge' => $share->most(false)];

        return [
            'bank_v' => $share->bankV,
            'batteries' => array_map(
                static fn(Source $s, float $a, ?float $p): array => ['id' => $s->id, 'current_a' => $a, 'share_pct' => $p],
                $network->sources,
                $share->amps,
                $percent,
            ),
            'spread_pct' => $share->spreadPct(),
            'max_discharge_a' => $most['discharge'][0] ?? null,
            'max_charge_a' => $most['charge'][0] ?? null,
            'limited_by' => $most[$in['current_a'] < 0 ? 'charge' : 'discharge'][1] ?? null,
        ];
    }

    /**
     * @param array<string, mixed> $in
     *
     * @throws InvalidValue
     */
    public static function network(array $in): Network
    {
        $sources = $links = [];
        foreach ($in['batteries'] as $i => $b) {
            try {
                $sources[] = Source::of($b['id'], $b['ocv_v'], $b['r_ohm'], $b['discharge_limit_a'] ?? null, $b['charge_limit_a'] ?? null);
            } catch (InvalidValue $e) {
                throw $e->under("/batteries/$i");
            }
        }
        foreach ($in['links'] as $i => $l) {
            try {
                $links[] = Link::of($l['from'], $l['to'], $l['ohm']);
            } catch (InvalidValue $e) {
                throw $e->under("/links/$i");
            }
        }

        return Network::of($sources, $links, $in['takeoff']['positive'], $in['takeoff']['negative']);
    }
}
