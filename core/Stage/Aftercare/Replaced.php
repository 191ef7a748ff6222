<?php

declare(strict_types=1);

namespace Pebblefell\Stage\Aftercare;

use Pebblefell\Finding\Word;
use Pebblefell\Setting\Parameter;
use Pebblefell\Study;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** A part that is replaced long after: what of the new one is set again, proven again, and printed again. */
final readonly class Replaced
{
    /**
     * @param list<Parameter>                                           $boxes  of it, to be typed anew
     * @param list<array{does: string, args: array<string, mixed>}>     $checks of the test sheet that speak of it, or of what hangs on it
     * @param list<Word>                                                $mind   what else follows
     */
    private function __construct(public Part $part, public array $boxes, public array $checks, public array $mind)
    {
    }

    /** Null for what is not in the plan. */
    public static function of(Study $study, string $uid): ?self
    {
        $part = $study->planned()->parts[$uid] ?? null;
        if ($part === null) {
            return null;
        }
        $boxes = [];
        foreach ($study->settings()->devices as ['part' => $device, 'rows' => $rows]) {
            if ($device->uid === $uid) {
                $boxes = array_column($rows, 'parameter');
            }
        }
        $near = [$uid];
        foreach ($study->planned()->on($part) as $conductor) {
            array_push($near, $conductor->from->uid, $conductor->to->uid);
        }
        $checks = [];
        foreach ($study->testSheet()->checks as $check) {
            if (array_intersect(
                $check->parts,
                $part->is(Family::Battery, Family::Fuse, Family::Busbar) ? $near : [$uid],
            ) !== []) {
                $checks[] = ['does' => $check->does, 'args' => $check->args];
            }
        }

        return new self($part, $boxes, $checks, self::mind($study, $part));
    }

    /**
     * @return list<Word>
     */
    private static function mind(Study $study, Part $part): array
    {
        $bank = count($study->banks()->planned->parts);
        $keys = ['note', 'firmware'];
        if ($part->is(Family::Battery) && $part->role === 'house') {
            $keys[] = $bank > 1 ? 'like-with-like' : 'alone';
        }
        if ($part->is(Family::Panel)) {
            $keys[] = 'panel';
        }
        if ($part->is(Family::OvercurrentDevice)) {
            $keys[] = 'why-it-opened';
        }
        if ($part->kind->isInverter() || $part->is(Family::EarthLeakage) || $part->is(Family::ShoreInlet)) {
            $keys[] = 'mains';
        }

        return array_map(static fn(string $key): Word => Word::of("replaced.$key"), [...$keys, 'print']);
    }
}
