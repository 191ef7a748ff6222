<?php

declare(strict_types=1);

namespace App\Http\Pages\Size;

use App\Http\Workbench;
use Pebblefell\Bank\BayFit;
use Pebblefell\Stage\Size\Alternative;
use Pebblefell\Stage\Size\Axles;
use Pebblefell\Stage\Size\ChemistryChoice;
use Pebblefell\Stage\Size\Growth;
use Pebblefell\Stage\Size\RoofPlan;
use Pebblefell\System\Choice;
use Pebblefell\System\Part;

/** Answers each fold of Size says before it is opened. */
final readonly class SizeAnswers
{
    public function __construct(private Workbench $bench)
    {
    }

    public function stay(): string
    {
        $told = [];
        foreach (array_filter($this->bench->study->simulations->staysServed()) as $which => [$served, $days]) {
            $told[] = ($which === 'planned' ? 'the plan' : 'what was found') . " serves $served of $days days";
        }

        return implode(', ', $told);
    }

    public function year(): string
    {
        $served = $this->bench->study->simulations->year()?->servedPct();

        return $served === null
            ? 'no month is travelled'
            : 'all is served on ' . $this->bench->show->text($served, '%') . ' of the travelled days';
    }

    public function bank(): string
    {
        $banks = $this->bench->study->banks();
        $case = $banks->planned->exists() ? $banks->planned : $banks->found;

        return $case->exists()
            ? $this->bench->show->figure($case->usable()) . ' usable' . ($banks->planned->exists() ? '' : ', as found')
            : 'none yet';
    }

    public function bay(BayFit $fit): string
    {
        return match (true) {
            !$fit->fits() => 'it does not go in',
            $fit->most > $fit->wanted => 'it goes in, with room for ' . ($fit->most - $fit->wanted) . ' more',
            default => 'it goes in',
        };
    }

    public function chemistries(?ChemistryChoice $best): string
    {
        return match (true) {
            $best === null => 'none in the library does it',
            $best->chemistry->isLithium() => $this->bench->say->name($best->chemistry) . ' is right here',
            default => 'stay with lead: ' . $this->bench->say->name($best->chemistry) . ' does it',
        };
    }

    public function voltages(float $leadM): string
    {
        return 'the worst moment over ' . $this->bench->show->text($leadM, 'm') . ' of lead, 3 % lost at most';
    }

    /**
     * @param list<Growth> $growth
     */
    public function growth(array $growth): string
    {
        $battery = $growth[0]->left ?? null;

        return match (true) {
            $battery === null => 'the bay is not measured',
            $battery >= 1.0 => 'for ' . $this->bench->show->text($battery) . ' more ' . ($battery >= 2.0 ? 'batteries' : 'battery'),
            default => 'for no other battery',
        };
    }

    public function wish(): string
    {
        $system = $this->bench->study->system;

        return $this->bench->show->days($system->travel->wishDays) . ', ' . $this->bench->say->name($system->target);
    }

    public function choices(): string
    {
        $names = array_map(static fn(Choice $c): string => $c->name, $this->bench->study->system->choices);

        return count($names) . ' kept: ' . implode(', ', array_slice($names, 0, 3)) . (count($names) > 3 ? ' …' : '');
    }

    /** "in 4 × Kvellin Slate 230, out 2 × Marrowgill Wet 110". */
    public function exchanged(Alternative $is): string
    {
        $said = [];
        foreach ($is->parts() as $way => $parts) {
            $counts = array_count_values(array_map(fn(Part $p): string => $p->typedName() ?: $this->bench->say->name($p->kind), $parts));
            foreach ($counts as $name => $n) {
                $said[] = "$way $n × $name";
            }
        }

        return $said === [] ? count($is->choice->changes) . ' changes of settings or conductors' : implode(', ', $said);
    }

    /** "+3.2 kWh". Nothing where nothing changes. */
    public function more(float $value, string $unit): string
    {
        return abs($value) < 1e-6 ? '±0' : ($value > 0.0 ? '+' : '−') . $this->bench->show->text(abs($value), $unit);
    }

    /**
     * @param array<string, int> $counts by kind
     */
    public function counted(array $counts): string
    {
        return implode(
            ', ',
            array_map(fn(string $kind, int $n): string => "$n × " . $this->bench->say->word("kinds.$kind"), array_keys($counts), $counts),
        );
    }

    public function roof(RoofPlan $plan): string
    {
        $lie = count($plan->panels) . ' panel' . (count($plan->panels) === 1 ? ' lies' : 's lie') . ' on it';

        return match (true) {
            $plan->clashes() > 0 => $plan->clashes() . ' of them lie where they cannot',
            $plan->left !== [] => $lie . ', ' . count($plan->left) . ' find no place',
            default => $lie . ($plan->more === null ? '' : ", room for $plan->more more") . ($plan->canStep ? '' : ', nowhere to step'),
        };
    }

    public function axles(Axles $axles): string
    {
        $more = fn(float $kg): string => ($kg < 0.0 ? '−' : '+') . $this->bench->show->text(abs($kg), 'kg', 0);

        return $more($axles->front->value) . ($axles->isTrailer ? ' on the coupling, ' : ' in front, ') . $more($axles->rear->value)
            . ($axles->isTrailer ? ' on the axle' : ' behind');
    }
}
