<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;

/** A named choice beside the plan: so many changes more, which an offer prices and a customer takes or leaves. */
final readonly class Choice
{
    /**
     * @param string       $name    what it is called to the customer
     * @param string       $group   choices of one group exclude one another; '' for one that stands alone
     * @param list<Change> $changes of the plan as it stands
     */
    public function __construct(public string $uid, public string $name, public array $changes, public string $group = '')
    {
    }

    /**
     * @return array<string, mixed>
     */
    public function toArray(): array
    {
        return [
            'uid' => $this->uid,
            'name' => $this->name,
            'group' => $this->group,
            'changes' => array_map(static fn(Change $c): array => $c->toArray(), $this->changes),
        ];
    }

    /**
     * @param array<string, mixed> $a as toArray() gives it
     *
     * @throws InvalidValue at /changes/N for a change of something that no plan changes
     */
    public static function fromArray(array $a): self
    {
        $changes = [];
        foreach ($a['changes'] as $i => $change) {
            if (!in_array($change['kind'], ['part', 'conductor', 'signal', 'setting'], true)) {
                throw InvalidValue::at("/changes/$i/kind", 'not-in-job', ['name' => $change['kind']]);
            }
            $changes[] = Change::fromArray($change);
        }

        return new self($a['uid'], $a['name'], $changes, $a['group'] ?? '');
    }
}
