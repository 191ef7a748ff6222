<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\System\Graph\Potential;
use Pebblefell\System\JobFile;

/** `opens`: what stays live, what goes dark and what is endangered while parts of a job are open. */
final class Opens implements Calculation
{
    public static function schema(): array
    {
        $flag = ['type' => 'boolean', 'default' => false];

        return Schema::object(
            ['system' => ['$ref' => 'job.schema.json']],
            [
                'state' => [...Schema::oneOf('planned', 'found'), 'default' => 'planned'],
                'open' => [...Schema::listOf(['type' => 'string']), 'default' => []],
                'sun' => $flag,
                'engine' => $flag,
                'shore' => $flag,
                'generator' => $flag,
            ],
        );
    }

    public static function run(array $in): array
    {
        try {
            $system = JobFile::fromArray($in['system']);
        } catch (InvalidValue $e) {
            throw $e->under('/system');
        }
        $graph = ($in['state'] ?? 'planned') === 'found' ? $system->found() : $system->planned();
        foreach ($in['open'] ?? [] as $i => $uid) {
            if (!isset($graph->parts[$uid])) {
                throw InvalidValue::at("/open/$i", 'not-of-state', ['name' => $uid]);
            }
        }
        $flags = array_map(static fn(string $key): bool => (bool) ($in[$key] ?? false), ['sun', 'engine', 'shore', 'generator']);
        $now = Potential::of($graph, array_values($in['open'] ?? []), ...$flags);
        $live = $now->live();

        return [
            'live' => $live,
            'dark' => array_values(array_diff(Potential::of($graph, [], ...$flags)->live(), $live)),
            'endangered' => $now->endangered(),
        ];
    }
}
