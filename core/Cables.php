<?php

declare(strict_types=1);

namespace Pebblefell;

use Pebblefell\Circuit\ArrayLeads;
use Pebblefell\Circuit\Beside;
use Pebblefell\Circuit\Branch;
use Pebblefell\Circuit\CableRun;
use Pebblefell\Circuit\CableRuns;
use Pebblefell\Finding\Figure;
use Pebblefell\Stage\Bank\LinkRuns;
use Pebblefell\System\Conductor;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;

/** Tells what flows in every lead of the plan that is drawn, and through what stands in them: each solved when it is first asked for. */
final class Cables
{
    private ?CableRuns $runs = null;

    /** @var ?list<CableRun> */
    private ?array $returns = null;

    /** @var ?list<CableRun> */
    private ?array $arrays = null;

    /** @var ?list<CableRun> */
    private ?array $links = null;

    /** @var ?array<string, Figure> */
    private ?array $inputs = null;

    private ?bool $loadsAnywhere = null;

    public function __construct(private readonly Study $study)
    {
    }

    /** The runs of the bank's positive side. */
    public function runs(): CableRuns
    {
        return $this->runs ??= CableRuns::from(
            $this->study->planned(),
            $this->study->circuit(),
            $this->study->banks()->planned->parts,
            $this->study->loads()->budget,
            $this->study->supply(),
            $this->study->system->region->usesGauges(),
        );
    }

    /**
     * The way back: runs of the bank's negative side.
     *
     * @return list<CableRun>
     */
    public function returns(): array
    {
        return $this->returns ??= CableRuns::returns(
            $this->study->planned(),
            $this->study->banks()->planned->parts,
            $this->study->loads()->budget,
            $this->study->supply(),
            $this->study->system->region->usesGauges(),
        );
    }

    /**
     * The arrays' leads, from the panels on.
     *
     * @return list<CableRun>
     */
    public function arrays(): array
    {
        return $this->arrays ??= ArrayLeads::of(
            $this->study->planned(),
            $this->study->arrays(),
            $this->study->system->region->usesGauges(),
        );
    }

    /**
     * The bank's own links and its batteries' leads to bars.
     *
     * @return list<CableRun>
     */
    public function links(): array
    {
        return $this->links ??= LinkRuns::of($this->study);
    }

    /** The run of the bank or of an array that a conductor belongs to; null: it is of none, as links of the bank and rings are. */
    public function of(Conductor $conductor): ?CableRun
    {
        foreach ($this->arrays() as $lead) {
            if (in_array($conductor, $lead->conductors, true)) {
                return $lead;
            }
        }

        return $this->runs()->of($conductor);
    }

    /** Returns what hangs behind a part of the bank's positive side. */
    public function behind(Part $part): Branch
    {
        $circuit = $this->study->circuit();
        $behind = $circuit->behind($part);
        $loads = $this->study->loads();

        return Branch::of(
            $this->study->planned(),
            $behind,
            $this->loadsAnywhere ??= !Branch::feedsLoads($this->study->planned(), $circuit->whole()),
            $behind === null ? $loads->budget : $loads->budgetBehind($this->study, $part, $behind),
            $this->study->supply(),
        );
    }

    /** A for an hour and more through a part that passes current, on the bank's side, the starter's or an array's; null: in none. */
    public function through(Part $part): ?Figure
    {
        if ($this->study->circuit()->hangsOn($part)) {
            return $this->behind($part)->lastingA();
        }
        $this->inputs ??= array_filter(array_map(
            fn(Part $p): ?Figure => $this->study->dcdc($p)?->input(),
            array_column($this->study->planned()->of(Family::Dcdc), null, 'uid'),
        ));

        return Beside::starter($this->study->circuit(), $part, $this->inputs) ?? Beside::array($part, $this->arrays());
    }
}
