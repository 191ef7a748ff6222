<?php

declare(strict_types=1);

namespace Pebblefell\System;

use Pebblefell\Chemistry\Chemistry;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Region\Region;
use Pebblefell\System\Graph\Graph;

/**
 * The whole job as one immutable model: the vehicle, how it is used, its parts and what joins them, found and planned.
 *
 * Everything that Pebblefell shows is derived from it.
 */
final readonly class System
{
    /**
     * @param array<string, Part>         $parts      by uid, in order
     * @param array<string, Conductor> $conductors by uid
     * @param array<string, Signal>       $signals    by uid
     * @param array<string, Scenario> $scenarios by uid
     * @param array<string, ApplianceUse> $appliances by uid
     * @param list<SettingEntry>          $settings
     * @param list<Measurement> $measurements
     * @param list<Answer> $answers
     * @param list<Choice>                $choices beside the plan
     */
    private function __construct(
        public string $title,
        public Region $region,
        public Client $client,
        public Vehicle $vehicle,
        public Travel $travel,
        public ?Place $place,
        public Chemistry $target,
        public array $parts,
        public array $conductors,
        public array $signals,
        public array $scenarios,
        public array $appliances,
        public array $settings,
        public array $measurements,
        public array $answers,
        public array $choices,
    ) {
    }

    /**
     * Checks that everything that is named exists, so that later code need not.
     *
     * @param list<Part>         $parts
     * @param list<Conductor> $conductors
     * @param list<Signal> $signals
     * @param list<Scenario> $scenarios
     * @param list<ApplianceUse> $appliances
     * @param list<SettingEntry> $settings
     * @param list<Measurement>  $measurements
     * @param list<Answer> $answers
     * @param list<Choice>       $choices
     *
     * @throws InvalidValue with the path, in the job file's terms, of what points nowhere or is there twice
     */
    public static function of(
        string $title,
        Region $region,
        Client $client,
        Vehicle $vehicle,
        Travel $travel,
        ?Place $place = null,
        Chemistry $target = Chemistry::Lfp,
        array $parts = [],
        array $conductors = [],
        array $signals = [],
        array $scenarios = [],
        array $appliances = [],
        array $settings = [],
        array $measurements = [],
        array $answers = [],
        array $choices = [],
    ): self {
        $partsByUid = self::numbered(self::byUid($parts, '/parts'));
        $scenariosByUid = self::byUid($scenarios, '/scenarios');
        foreach ($parts as $i => $part) {
            self::known($part->replaces === '' || isset($partsByUid[$part->replaces]), "/parts/$i/replaces", $part->replaces);
            self::known($part->partOf === '' || isset($partsByUid[$part->partOf]), "/parts/$i/part_of", $part->partOf);
        }
        foreach ($conductors as $i => $conductor) {
            $ends = [
                'from' => $conductor->from,
                'to' => $conductor->to,
                'planned_from' => $conductor->plannedFrom,
                'planned_to' => $conductor->plannedTo,
            ];
            foreach (array_filter($ends) as $key => $end) {
                self::known(
                    isset($partsByUid[$end->uid]) && isset($partsByUid[$end->uid]->kind->terminals()[$end->terminal]),
                    "/conductors/$i/$key",
                    (string) $end,
                );
            }
            if ($conductor->from->is($conductor->to)) {
                throw InvalidValue::at("/conductors/$i/to", 'other-end');
            }
            if ($conductor->asPlanned()->from->is($conductor->asPlanned()->to)) {
                throw InvalidValue::at("/conductors/$i/planned_to", 'other-end');
            }
            self::known(
                $conductor->protectedBy === '' || isset($partsByUid[$conductor->protectedBy]),
                "/conductors/$i/protected_by",
                $conductor->protectedBy,
            );
        }
        foreach ($signals as $i => $signal) {
            self::known(isset($partsByUid[$signal->from]), "/signals/$i/from", $signal->from);
            self::known(isset($partsByUid[$signal->to]), "/signals/$i/to", $signal->to);
        }
        foreach ($appliances as $i => $appliance) {
            self::known($appliance->fedBy === '' || isset($partsByUid[$appliance->fedBy]), "/appliances/$i/fed_by", $appliance->fedBy);
            foreach (array_keys($appliance->hours) as $scenario) {
                self::known(isset($scenariosByUid[$scenario]), "/appliances/$i/hours/$scenario", $scenario);
            }
        }
        foreach ($settings as $i => $setting) {
            self::known(isset($partsByUid[$setting->partUid]), "/settings/$i/part", $setting->partUid);
        }
        foreach ($measurements as $i => $measurement) {
            self::known(isset($partsByUid[$measurement->partUid]), "/measurements/$i/part", $measurement->partUid);
        }

        return new self(
            $title,
            $region,
            $client,
            $vehicle,
            $travel,
            $place,
            $target,
            $partsByUid,
            self::byUid($conductors, '/conductors'),
            self::byUid($signals, '/signals'),
            $scenariosByUid,
            self::byUid($appliances, '/appliances'),
            $settings,
            $measurements,
            $answers,
            $choices,
        );
    }

    public function found(): Graph
    {
        return self::state($this->parts, $this->conductors, $this->signals, static fn(Fate $f): bool => $f->isFound());
    }

    public function planned(): Graph
    {
        return self::state(
            array_map(static fn(Part $p): Part => $p->asPlanned(), $this->parts),
            array_map(static fn(Conductor $c): Conductor => $c->asPlanned(), $this->conductors),
            $this->signals,
            static fn(Fate $f): bool => $f->isPlanned(),
        );
    }

    /** Returns what becomes of a conductor: it comes out with the parts that it joins, whatever is noted of itself. */
    public function fateOf(Conductor $conductor): Fate
    {
        $as = $conductor->asPlanned();
        $stays = ($this->parts[$as->from->uid] ?? null)?->fate->isPlanned() === true
            && ($this->parts[$as->to->uid] ?? null)?->fate->isPlanned() === true;

        return $stays ? $conductor->fate : Fate::Remove;
    }

    /** It lay there before the work: so did both the parts that it joins. */
    public function wasThere(Conductor $conductor): bool
    {
        $found = fn(string $uid): bool => ($this->parts[$uid] ?? null)?->fate->isFound() === true;

        return $conductor->fate->isFound() && $found($conductor->from->uid) && $found($conductor->to->uid);
    }

    public function difference(): Difference
    {
        return Difference::of($this->parts);
    }

    /** The scenario that sizes the system; the first where none is chosen; null where there is none. */
    public function sizingScenario(): ?Scenario
    {
        foreach ($this->scenarios as $scenario) {
            if ($scenario->sizing) {
                return $scenario;
            }
        }

        return array_values($this->scenarios)[0] ?? null;
    }

    /**
     * @return array<string, SettingEntry> of one part, by Parameter value
     */
    public function settingsOf(string $partUid): array
    {
        $entries = [];
        foreach ($this->settings as $entry) {
            if ($entry->partUid === $partUid) {
                $entries[$entry->parameter->value] = $entry;
            }
        }

        return $entries;
    }

    /**
     * Parts of one name are told apart as a technician would: by number, in the order in which they were noted.
     *
     * @param array<string, Part> $parts
     *
     * @return array<string, Part>
     */
    private static function numbered(array $parts): array
    {
        $alike = [];
        foreach ($parts as $uid => $part) {
            $alike[$part->typedName() ?: "{$part->kind->value} $part->role"][] = $uid;
        }
        foreach ($alike as $uids) {
            natsort($uids);
            foreach (count($uids) > 1 ? array_values($uids) : [] as $i => $uid) {
                $parts[$uid] = $parts[$uid]->numbered($i + 1);
            }
        }

        return $parts;
    }

    /**
     * @param array<string, Part>      $parts
     * @param array<string, Conductor> $conductors
     * @param array<string, Signal>    $signals
     * @param callable(Fate): bool     $isThere
     */
    private static function state(array $parts, array $conductors, array $signals, callable $isThere): Graph
    {
        $parts = array_filter($parts, static fn(Part $p): bool => $isThere($p->fate));

        return new Graph(
            $parts,
            array_filter(
                $conductors,
                static fn(Conductor $c): bool => $isThere($c->fate) && isset($parts[$c->from->uid], $parts[$c->to->uid]),
            ),
            array_filter($signals, static fn(Signal $s): bool => $isThere($s->fate) && isset($parts[$s->from], $parts[$s->to])),
        );
    }

    /**
     * @template T of Part|Conductor|Signal|Scenario|ApplianceUse
     *
     * @param list<T> $rows
     *
     * @return array<string, T>
     */
    private static function byUid(array $rows, string $path): array
    {
        $byUid = [];
        foreach ($rows as $i => $row) {
            if (isset($byUid[$row->uid])) {
                throw InvalidValue::at("$path/$i/uid", 'twice', ['name' => $row->uid]);
            }
            $byUid[$row->uid] = $row;
        }

        return $byUid;
    }

    private static function known(bool $known, string $path, string $name): void
    {
        if (!$known) {
            throw InvalidValue::at($path, 'not-in-job', ['name' => $name]);
        }
    }
}
