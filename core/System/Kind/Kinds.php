<?php

declare(strict_types=1);

namespace Pebblefell\System\Kind;

use LogicException;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Terminal;

/** Knows the kinds, a class each, named after its case of PartKind: constants that PHP cannot write as such, so each is made once a run. */
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
        return self::$kinds[$kind->value] ??= new (self::classOf($kind))();
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

    /**
     * @return class-string<Kind>
     */
    private static function classOf(PartKind $kind): string
    {
        $name = __NAMESPACE__ . "\\{$kind->name}Kind";
        if (!is_subclass_of($name, Kind::class)) {
            throw new LogicException("$name is no kind");
        }

        return $name;
    }
}
