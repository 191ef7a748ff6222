<?php

declare(strict_types=1);

namespace Pebblefell\Stage\DayPlan;

use Pebblefell\System\Conductor;
use Pebblefell\System\Graph\Graph;
use Pebblefell\System\Graph\Potential;
use Pebblefell\System\Part;
use Pebblefell\System\System;

/**
 * The circuit as it stands between two steps of the day: what is in the vehicle, which leads are on at both ends, what is open, what runs.
 *
 * A lead that is off at one end is off: its lug is insulated.
 */
final readonly class Moment
{
    public const SOURCES = ['sun', 'engine', 'shore', 'generator'];

    /**
     * @param array<string, Part>      $parts   that are in the vehicle, by uid
     * @param array<string, Conductor> $leads   that are on, by uid, as they lie now
     * @param array<string, true>      $open    uids
     * @param array<string, true>      $running of SOURCES
     */
    private function __construct(
        private System $system,
        public array $parts,
        public array $leads,
        public array $open,
        public array $running,
    ) {
    }

    /** As the vehicle comes in: everything closed, all that it has running at once. */
    public static function asFound(System $system): self
    {
        $found = $system->found();

        return new self($system, $found->parts, $found->conductors, [], array_fill_keys(self::SOURCES, true));
    }

    /**
     * @param list<Act> $acts
     */
    public function after(array $acts): self
    {
        [$parts, $leads, $open, $running] = [$this->parts, $this->leads, $this->open, $this->running];
        foreach ($acts as $act) {
            match ($act->do) {
                Act::OPEN => $open[$act->of] = true,
                Act::START => $running[$act->of] = true,
                Act::IN => $parts[$act->of] = $this->system->parts[$act->of]->asPlanned(),
                Act::ATTACH => $leads[$act->of] = $this->system->conductors[$act->of]->asPlanned(),
                default => null,
            };
            if ($act->do === Act::CLOSE) {
                unset($open[$act->of]);
            } elseif ($act->do === Act::STOP) {
                unset($running[$act->of]);
            } elseif ($act->do === Act::DETACH) {
                unset($leads[$act->of]);
            } elseif ($act->do === Act::OUT) {
                unset($parts[$act->of], $open[$act->of]);
                $leads = array_filter($leads, static fn(Conductor $c): bool => $c->from->uid !== $act->of && $c->to->uid !== $act->of);
            }
        }

        return new self($this->system, $parts, $leads, $open, $running);
    }

    public function graph(): Graph
    {
        return new Graph($this->parts, $this->leads, []);
    }

    /**
     * Returns what stands at potential now.
     *
     * @param list<string> $silent uids of batteries that are thought away as sources
     */
    public function potential(array $silent = []): Potential
    {
        return Potential::of(
            $this->graph(),
            [...array_map(strval(...), array_keys($this->open)), ...$silent],
            isset($this->running['sun']),
            isset($this->running['engine']),
            isset($this->running['shore']),
            isset($this->running['generator']),
        );
    }
}
