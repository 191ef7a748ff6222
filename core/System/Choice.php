<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Change;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Pebblefell\System\Sheet\Listed;

/** A named choice beside the plan: so many changes more, which an offer prices and a customer takes or leaves. */
final readonly class Choice
{
    use Listed;

    private const KINDS = ['part', 'conductor', 'signal', 'setting'];

    private const CHANGES = [
        'type' => 'array',
        'maxItems' => 400,
        'items' => [
            'type' => 'object',
            'properties' => [
                'do' => ['enum' => [Change::ADD, Change::REMOVE, Change::SET]],
                'kind' => ['enum' => self::KINDS],
                'uid' => ['type' => 'string', 'maxLength' => 20],
                'field' => ['type' => 'string', 'maxLength' => 40],
                'value' => ['type' => ['string', 'number', 'null', 'object']],
                'row' => ['anyOf' => [
                    ['$ref' => '#/definitions/part'], ['$ref' => '#/definitions/conductor'], ['$ref' => '#/definitions/signal'],
                ]],
            ],
            'required' => ['do', 'kind'],
            'additionalProperties' => false,
        ],
    ];

    /**
     * @param string       $name    what it is called to the customer
     * @param string       $group   choices of one group exclude one another; '' for one that stands alone
     * @param list<Change> $changes of the plan as it stands
     */
    public function __construct(public string $uid, public string $name, public array $changes, public string $group = '')
    {
    }

    /**
     * @param array<int, array<string, mixed>> $rows
     *
     * @return list<Change>
     *
     * @throws InvalidValue at /N/kind for a change of something that no plan changes
     */
    private static function changes(array $rows): array
    {
        $changes = [];
        foreach ($rows as $i => $change) {
            if (!in_array($change['kind'], self::KINDS, true)) {
                throw InvalidValue::at("/$i/kind", 'not-in-job', ['name' => $change['kind']]);
            }
            $changes[] = Change::fromArray($change);
        }

        return $changes;
    }

    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::uid(),
            DataField::text('name', 120)->notEmpty()->required(),
            DataField::text('group', 80)->orElse(''),
            DataField::shape('changes', self::CHANGES, self::changes(...), static fn(self $c): array => array_map(
                static fn(Change $change): array => $change->toArray(),
                $c->changes,
            ))->required(),
        ]);
    }
}
