<?php

declare(strict_types=1);

namespace Pebblefell\Bank;

use Pebblefell\Quantity\Guard;

/** The ways in which parallel batteries are joined and taken off. Common practice; see docs/method.md. */
enum Layout: string
{
    case SameEnd = 'same_end';
    case Middle = 'middle';
    case Across = 'across';
    case Posts = 'posts';

    public const POSITIVE = 'POS';
    public const NEGATIVE = 'NEG';

    /**
     * Batteries with the positive and the negative take-off, counted from 0; null for bars.
     *
     * @return ?array{int, int}
     */
    public function takeoffs(int $count): ?array
    {
        return match ($this) {
            self::SameEnd => [0, 0],
            self::Middle => [intdiv($count - 1, 2), intdiv($count - 1, 2)],
            self::Across => [0, $count - 1],
            self::Posts => null,
        };
    }

    /**
     * @param list<string> $ids     batteries in order: plus terminals "ID+", minus "ID-"
     * @param float        $linkOhm each battery-to-battery link
     * @param float        $leadOhm each lead of posts, each take-off lead otherwise
     *
     * @return list<Link> with the take-offs Layout::POSITIVE and Layout::NEGATIVE
     *
     * @throws \Pebblefell\Exception\InvalidValue
     */
    public function links(array $ids, float $linkOhm, float $leadOhm): array
    {
        $ends = array_map(static fn(string $id): array => [$id . '+', $id . '-'], $ids);
        $takeoffs = $this->takeoffs(count($ids));

        return $takeoffs === null ? self::bars($ends, $leadOhm) : self::ladder($ends, $takeoffs[0], $takeoffs[1], $linkOhm, $leadOhm);
    }

    /**
     * Each on its own pair of leads to two bars.
     *
     * @param list<array{string, string}> $ends plus and minus node of each battery, or string of them
     *
     * @return list<Link>
     */
    public static function bars(array $ends, float $leadOhm): array
    {
        Guard::notNegative($leadOhm, '/lead_ohm');
        $links = [];
        foreach ($ends as [$plus, $minus]) {
            array_push($links, Link::of($plus, self::POSITIVE, $leadOhm), Link::of($minus, self::NEGATIVE, $leadOhm));
        }

        return $links;
    }

    /**
     * Linked one to the next, taken off wherever one likes.
     *
     * @param list<array{string, string}> $ends
     *
     * @return list<Link>
     */
    public static function ladder(array $ends, int $positiveAt, int $negativeAt, float $linkOhm, float $leadOhm): array
    {
        Guard::notNegative($linkOhm, '/link_ohm');
        Guard::notNegative($leadOhm, '/lead_ohm');
        $links = [];
        for ($i = 1; $i < count($ends); ++$i) {
            array_push($links, Link::of($ends[$i - 1][0], $ends[$i][0], $linkOhm), Link::of($ends[$i - 1][1], $ends[$i][1], $linkOhm));
        }
        array_push(
            $links,
            Link::of($ends[$positiveAt][0], self::POSITIVE, $leadOhm),
            Link::of($ends[$negativeAt][1], self::NEGATIVE, $leadOhm),
        );

        return $links;
    }
}
