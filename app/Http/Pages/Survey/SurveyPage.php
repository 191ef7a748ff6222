<?php

declare(strict_types=1);

namespace App\Http\Pages\Survey;

use App\Http\Workbench;
use App\Models\LibraryPart;
use App\Record\PartRow;
use App\Record\TypicalLayouts;
use App\Words\Months;
use Illuminate\Support\Str;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\Survey\SupplierQuestions;
use Pebblefell\System\Fate;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;

/** Shows Survey: the parts in groups, each with what is said of it, and what becomes of it. */
final readonly class SurveyPage
{
    private const GROUPS = ['Batteries', 'What charges them', 'Inverters', 'Wiring, protection, gauges'];

    private const CHARGING = [Family::Panel, Family::Alternator, Family::SplitRelay, Family::ShoreInlet];

    private const MAINS = [
        Family::Inverter, Family::MainsCharger, Family::EarthLeakage, Family::ShoreInlet,
    ];

    public function __construct(private Workbench $bench)
    {
    }

    /**
     * @return array<string, list<array{part: Part, row: PartRow, verdict: ?Verdict, proposal: ?Fate}>> by group, in reading order
     */
    public function groups(): array
    {
        $open = collect($this->bench->assessment->verdicts)->filter(static fn(Verdict $v): bool => $v->isOpen())->keyBy(
            static fn(Verdict $v): string => $v->finding->subject,
        );
        $groups = array_fill_keys(self::GROUPS, []);
        foreach ($this->bench->study->system->parts as $uid => $part) {
            $row = $this->bench->row((string) $uid);
            if ($row !== null) {
                $groups[self::groupOf($part)][] = [
                    'part' => $part,
                    'row' => $row,
                    'verdict' => $open[$uid] ?? null,
                    'proposal' => $this->bench->assessment->proposalFor((string) $uid),
                ];
            }
        }

        return array_filter($groups);
    }

    private static function groupOf(Part $part): string
    {
        return self::GROUPS[match (true) {
            $part->is(Family::Battery) => 0,
            $part->kind->isCharger() && !$part->kind->isInverter() || $part->is(...self::CHARGING) => 1,
            $part->kind->isInverter() => 2,
            default => 3,
        }];
    }

    public function found(): int
    {
        return count($this->bench->study->found()->parts);
    }

    /** How many parts the plan does so with. */
    public function count(string $fate): int
    {
        return count($this->bench->study->system->difference()->parts(Fate::from($fate)));
    }

    public function about(): string
    {
        $system = $this->bench->study->system;
        $months = implode(' ', array_map(static fn(int $m): string => Months::short($m), $system->travel->months));

        return implode(' · ', array_filter([
            $system->client->name,
            $system->vehicle->description ?: str_replace('_', ' ', $system->vehicle->kind),
            (int) $system->vehicle->systemV . ' V',
            ($system->place->name ?? 'place not known') . ($months === '' ? ', months not known' : ', ' . $months),
            'wishes ' . $this->bench->show->days($system->travel->wishDays) . ' '
                . $this->bench->say->word('sheets.choices.' . $system->travel->wish),
            $system->travel->notes === '' ? '' : '“' . Str::limit($system->travel->notes, 160) . '”',
        ]));
    }

    /**
     * @return list<Fate> what may become of a part that is there
     */
    public function fates(): array
    {
        return array_values(array_filter(Fate::cases(), static fn(Fate $f): bool => $f !== Fate::Add));
    }

    /**
     * @return list<PartKind>
     */
    public function kinds(): array
    {
        return PartKind::cases();
    }

    /**
     * @return array<string, array{label: string, about: string}>
     */
    public function layouts(): array
    {
        return TypicalLayouts::all();
    }

    /** Returns what to take care of where such a part is noted. */
    public function caution(PartKind $kind): ?Word
    {
        $region = $this->bench->study->system->region;

        return match (true) {
            $kind->is(Family::Battery) => $region->bankCaution(),
            $kind->is(Family::Panel) => $region->solarCaution(),
            $kind->is(...self::MAINS) => $region->mainsCaution(),
            default => null,
        };
    }

    /**
     * @return array<string, string> names of the library's parts of a kind, and their figures
     */
    public function library(PartKind $kind): array
    {
        $names = [];
        foreach (LibraryPart::ofKinds($kind) as $part) {
            $names[$part->typedName()] = $this->bench->say->about($part);
        }

        return $names;
    }

    /** How many lines suppliers are to be asked for. */
    public function toAsk(): int
    {
        return SupplierQuestions::count($this->bench->study);
    }
}
