<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Pages\Survey\WiringChoices;
use App\Http\Requests\Wiring\WiringQuery;
use App\Http\Workbench;
use App\Models\Conductor;
use App\Models\Photo;
use App\Pack\CircuitDrawing;
use App\Record\PartRow;
use Illuminate\Database\Eloquent\Collection;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Circuit\CableRun;
use Pebblefell\Conductor\FuseChoice;
use Pebblefell\Stage\Wiring\BankMoved;
use Pebblefell\Stage\Wiring\Opened;
use Pebblefell\Stage\Wiring\OpensMatrix;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\System\Part;

/** Shows what hangs on the bank: its circuit as one line, what a tap on it does, and its cables and fuses run by run. */
final readonly class WiringPage
{
    /** So many metres nearer or farther are looked at. Chosen. */
    private const MOVED_M = [-0.5, 0.0, 1.0, 2.0, 4.0];

    public Opened $opened;

    public CircuitDrawing $drawing;

    /** Null as long as nobody asks where a part is safe, or it is not drawn. */
    public ?SafePage $safe;

    public function __construct(private Workbench $bench, private WiringQuery $asked)
    {
        $this->opened = Opened::of($bench->study, $asked->open(), $asked->running());
        $this->safe = $asked->asked('safe') === '' ? null : SafePage::of($bench, $asked->asked('safe'));
        $planned = $asked->shown() === Shown::Planned;
        $this->drawing = new CircuitDrawing(
            $bench->say,
            $bench->show,
            $bench->study,
            $asked->shown(),
            Workbench::isNarrow(),
            $planned ? $this->opened : null,
            $planned ? new Tapped($bench->job, $asked, $this->opened) : null,
            $asked->isOfReturns(),
        );
    }

    /**
     * Returns what of the circuit is drawn, and what a tap does.
     *
     * @return list<array{says: string, choices: list<array{url: string, says: string, on: bool}>}>
     */
    public function tabs(): array
    {
        $running = array_filter($this->asked->running());
        $pole = ['pole' => $this->asked->isOfReturns() ? 'minus' : ''];
        $base = array_filter(['show' => $this->asked->asked('show'), 'tap' => $this->asked->asked('tap'), ...$pole, ...$running]);
        $open = $this->opened->open === [] ? [] : ['open' => $this->opened->open];
        $choice = fn(array $query, string $word, bool $on): array => [
            'url' => route('wiring', [$this->bench->job, ...$query]), 'says' => $this->bench->say->word("opens.$word"), 'on' => $on,
        ];
        $groups = [['says' => 'opens.show', 'choices' => array_map(
            fn(Shown $s): array => $choice(array_filter(['show' => $s->value, ...$pole]), "shows.$s->value", $this->asked->shown() === $s),
            Shown::cases(),
        )], ['says' => 'opens.pole', 'choices' => array_map(
            fn(string $p): array => $choice(
                [...array_diff_key($base, $pole), ...$open, 'pole' => $p],
                "poles.$p",
                ($p === 'minus') === $this->asked->isOfReturns(),
            ),
            ['plus', 'minus'],
        )]];
        if ($this->asked->shown() === Shown::Planned) {
            $flags = [
                'rest' => [],
                'sun' => ['sun' => 1],
                'driving' => ['sun' => 1, 'engine' => 1],
                'shore' => ['shore' => 1],
                'generator' => ['generator' => 1],
            ];
            $without = array_diff_key($base, $running);
            $groups[] = ['says' => 'opens.state', 'choices' => array_map(
                fn(string $s): array => $choice(
                    [...$without, ...$flags[$s] ?? [], ...$open],
                    "while.$s",
                    array_keys($flags[$s] ?? []) === array_keys($running),
                ),
                $this->states(),
            )];
            $groups[] = ['says' => 'opens.tap', 'choices' => array_map(
                fn(string $t): array => $choice([...$base, ...$open, 'tap' => $t], "taps.$t", $this->asked->tap() === $t),
                WiringQuery::TAPS,
            )];
        }

        return array_values(array_map(
            fn(array $g): array => ['says' => $this->bench->say->word($g['says']), 'choices' => array_values($g['choices'])],
            $groups,
        ));
    }

    /**
     * @return list<string> states of this vehicle
     */
    private function states(): array
    {
        return array_map(static fn(string $s): string => $s === 'engine' ? 'driving' : $s, OpensMatrix::statesOf($this->bench->study));
    }

    /**
     * @return array<string, string> what the form about opening keeps of the address
     */
    public function kept(): array
    {
        return array_map(static fn(bool $b): string => '1', array_filter($this->asked->running()));
    }

    /**
     * @return array<string, string> which state is drawn, as the address of a file of it says it
     */
    public function shows(): array
    {
        return array_filter([
            'show' => $this->asked->shown() === Shown::Planned ? '' : $this->asked->shown()->value,
            'pole' => $this->asked->isOfReturns() ? 'minus' : '',
        ]);
    }

    /** Null as long as nothing is joined. */
    public function join(): ?JoinPage
    {
        return $this->asked->tap() !== 'join' ? null : JoinPage::of($this->bench, $this->asked->asked('from'), $this->asked->asked('to'));
    }

    /** The lead that is being changed. */
    public function edited(): ?Conductor
    {
        return $this->choices()->edited($this->bench->job, $this->asked->asked('edit') ?: null);
    }

    /** Returns what a part in the middle of the lead is made for at least, as a field holds it; '' while nothing is known of it. */
    public function dropsA(): string
    {
        $lead = $this->edited();
        $planned = $lead === null ? null : $this->bench->study->planned()->conductors[$lead->uid] ?? null;
        $run = $planned === null ? null : $this->bench->study->cables()->of($planned);

        return $run === null ? '' : $this->bench->show->field(ceil(FuseChoice::CONTINUOUS * $run->lasting->value), '');
    }

    /** The part at which it begins: a picture of a run is kept there. */
    public function begins(): ?PartRow
    {
        return $this->bench->row(explode('.', (string) $this->edited()?->from_terminal)[0]);
    }

    /**
     * @return Collection<int, Photo> of the lead that is being changed
     */
    public function pictures(): Collection
    {
        return $this->bench->pictures((string) $this->edited()?->uid)->with('part')->get();
    }

    public function choices(): WiringChoices
    {
        return new WiringChoices($this->bench->study->system, $this->bench->say);
    }

    /**
     * @return list<array{run: CableRun, uid: string, from: string, to: string, fuse: string, size: string, length: string, carries: string,
     *     lost: string, wanted: string, thin: bool, or: string}>
     */
    public function runs(): array
    {
        $show = $this->bench->show;
        $parts = $this->bench->study->planned()->parts;
        $or = static fn(?float $value, callable $told): string => $value === null ? '–' : $told($value);
        $size = static fn(float $mm2): string => $show->units->conductorSize($mm2);

        $runs = $this->bench->study->cables()->runs();
        $fuse = static function (?Part $fuse) use ($show): string {
            $rating = $fuse?->data->number('rating_a');

            return $rating === null ? '–' : $show->text($rating, 'A', 0);
        };

        $told = fn(CableRun $run): array => [
            'run' => $run,
            'uid' => $run->conductors[0]->uid,
            'from' => $this->bench->say->onePart($parts[$run->near->uid]),
            'to' => $this->bench->say->onePart($parts[$run->far->uid]),
            'size' => $or($run->areaMm2(), $size),
            'length' => $or($run->lengthM(), static fn(float $m): string => $show->text($m, 'm')),
            'carries' => $or($run->carriesA(), static fn(float $a): string => $show->text($a, 'A', 0)),
            'lost' => $or($run->dropV(), static fn(float $v): string => $show->text($v, 'V', 2)),
            'thin' => $run->isTooThin(),
        ];
        $ofBank = fn(CableRun $run): array => [
            ...$told($run),
            'fuse' => $fuse($runs->fuseBefore($run)),
            'wanted' => ($wants = $runs->wants($run)) === null
                ? '–'
                : ($wants['count'] > 1 ? "{$wants['count']} × " : '') . $size($wants['mm2']),
            'or' => $or(
                $runs->shortenedToM($run),
                fn(float $m): string => $this->bench->say->word('opens.shorten', ['length' => $show->text($m, 'm')]),
            ),
        ];
        $ofArray = static fn(CableRun $run): array => [
            ...$told($run),
            'fuse' => '–',
            'wanted' => $or($run->carriesFromMm2(), $size),
            'or' => '–',
        ];

        return [...array_map($ofBank, $runs->runs), ...array_map($ofArray, $this->bench->study->cables()->arrays())];
    }

    /**
     * The bank nearer or farther from what it feeds.
     *
     * @return list<array{moved: BankMoved, size: string}>
     */
    public function moved(): array
    {
        return array_map(fn(BankMoved $m): array => [
            'moved' => $m,
            'size' => ($m->wants['count'] > 1 ? "{$m->wants['count']} × " : '')
                . $this->bench->show->units->conductorSize($m->wants['mm2']),
        ], BankMoved::by($this->bench->study, self::MOVED_M));
    }

    /** Where the main run goes. */
    public function mainRun(): string
    {
        $run = BankMoved::mainRun($this->bench->study);

        return $run === null ? '' : $this->bench->say->onePart($this->bench->study->planned()->parts[$run->far->uid]);
    }

    public function answer(): string
    {
        $runs = [...$this->bench->study->cables()->runs()->runs, ...$this->bench->study->cables()->arrays()];
        if ($runs === []) {
            return 'Nothing that is drawn hangs on the bank yet: its cables and fuses cannot be judged.';
        }
        $thin = count(array_filter($runs, static fn(CableRun $r): bool => $r->isTooThin()));
        $open = count(array_filter($runs, static fn(CableRun $r): bool => !$r->isMeasured()));
        $said = $thin > 0 ? "$thin of " . count($runs) . ' runs too thin for what flows in them' : '';
        $asked = $open > 0 ? ($said === '' ? "$open of " . count($runs) . ' runs' : $open) . ' not measured yet' : '';

        $fuses = count(array_unique(array_map(
            static fn(Verdict $v): string => $v->finding->subject,
            array_filter(
                $this->bench->assessment->verdicts,
                static fn(Verdict $v): bool => $v->isOpen() && str_contains($v->finding->rule, 'fuse'),
            ),
        )));

        return implode('; ', array_filter([
            match (true) {
                $said . $asked !== '' => '',
                count($runs) === 1 => 'The one run that is drawn carries what flows in it',
                default => 'Each of the ' . count($runs) . ' runs carries what flows in it',
            },
            $said,
            $asked,
            $fuses === 0 ? '' : ($fuses === 1 ? 'one fuse is' : "$fuses fuses are") . ' to decide',
        ])) . '.';
    }

    /** Warmth of the copper at which losses are reckoned, °C. */
    public function loadedC(): float
    {
        return CableRun::LOADED_C;
    }

    public function runsAnswer(): string
    {
        $cables = $this->bench->study->cables();
        $leads = count($cables->arrays());

        return count($cables->runs()->runs) . ' from the bank outwards' . ($leads > 0 ? ", $leads from the panels" : '');
    }

    public function openedAnswer(): string
    {
        $dark = count($this->opened->dark) . ' dark';
        $danger = $this->opened->inDanger();

        return match (true) {
            $this->opened->open === [] => 'tap a fuse, switch or battery, or choose below',
            $danger !== [] => count($danger) . ' in danger, ' . $dark,
            default => $this->bench->say->word('opens.none') . ', ' . $dark,
        };
    }

    /**
     * @param array{part: Part, rule: string} $endangered
     */
    public function dangerClass(array $endangered): string
    {
        return $endangered['rule'] === Opened::UNDRAWN ? 'look' : 'out';
    }

    /**
     * @param list<Part> $parts
     */
    public function named(array $parts): string
    {
        return $parts === [] ? 'nothing that is drawn' : implode(', ', array_map($this->bench->say->onePart(...), $parts));
    }
}
