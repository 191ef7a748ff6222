<?php

declare(strict_types=1);

namespace App\Http\Desks\Bank;

use App\Http\Requests\Bank\BankQuery;
use App\Words\Lexicon;
use Pebblefell\Bank\BankDrift;
use Pebblefell\Bank\CellPack;
use Pebblefell\Bank\JointDiagnosis;
use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Share;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Stage\Bank\BankDrawing;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** Reads what is asked of the bank on its screen, read from the address: a layout, take-offs, a load, a loose joint, clamp readings. */
final readonly class BankDesk
{
    /**
     * @param ?list<JointDiagnosis> $suspects
     * @param array<int, string> $measured as typed
     */
    private function __construct(
        public ?BankDrawing $drawing,
        public ?BankDrawing $beside,
        public ?Layout $layout,
        public ?Layout $other,
        public float $loadA,
        public float $mm2,
        public float $linkM,
        public float $leadM,
        public ?int $loose,
        public float $looseMohm,
        public ?Share $share,
        public ?BankDrift $drift,
        public ?array $suspects,
        public array $measured,
        public bool $byVolts,
        public ?string $measuredFault,
        public ?CellPack $pack,
        public ?string $packFault,
        /** @var array<string, float> */
        public array $packInput,
    ) {
    }

    /** Place of a battery in the bank, from 1. */
    public function number(string $uid): int
    {
        return 1 + (int) array_search(
            $uid,
            array_map(static fn(Part $p): string => $p->uid, array_merge(...$this->drawing->strings ?? [])),
            true,
        );
    }

    public static function of(BankQuery $asked, Study $study): self
    {
        $layout = Layout::tryFrom($asked->asked('layout'));
        $other = Layout::tryFrom($asked->asked('beside')) ?? ($layout === Layout::Posts ? Layout::SameEnd : Layout::Posts);
        [$mm2, $linkM, $leadM] = [
            $asked->figure('mm2', BankDrawing::USUAL_LINK_MM2),
            $asked->figure('link_m', BankDrawing::USUAL_LINK_M),
            $asked->figure('lead_m', BankDrawing::USUAL_LEAD_M),
        ];
        $takeoffs = $asked->whole('plus') !== null && $asked->whole('minus') !== null ? [
            $asked->whole('plus'),
            $asked->whole('minus'),
        ] : null;
        $drawing = $layout === null && $takeoffs === null ? $study->drawing() : BankDrawing::inLayout(
            $study,
            $layout ?? Layout::Across,
            $layout === Layout::Posts ? null : $takeoffs,
            $mm2,
            $linkM,
            $leadM,
        );
        $loose = $asked->whole('loose');
        $looseMohm = $asked->figure('loose_mohm', 2.0);
        if ($drawing !== null && $loose !== null) {
            $drawing = $drawing->withLooseLink($loose, $looseMohm / 1000.0);
        }
        $loadA = $asked->figure('load', round(max(10.0, $study->loads()->budget->peakA())));
        $byVolts = $asked->byVolts();
        $measured = $asked->measured();
        [$suspects, $fault] = $drawing === null ? [null, null] : self::diagnose($drawing, $measured, $byVolts, $loadA);
        [$pack, $packFault, $packInput] = self::pack($asked->pack());

        return new self(
            $drawing,
            $drawing === null ? null : BankDrawing::inLayout($study, $other, null, $mm2, $linkM, $leadM),
            $layout,
            $other,
            $loadA,
            $mm2,
            $linkM,
            $leadM,
            $loose,
            $looseMohm,
            $drawing?->network->share($loadA),
            $drawing?->drift($loadA),
            $suspects,
            $measured,
            $byVolts,
            $fault,
            $pack,
            $packFault,
            $packInput,
        );
    }

    /**
     * @param array<int, string> $measured
     *
     * @return array{?list<JointDiagnosis>, ?string}
     */
    private static function diagnose(BankDrawing $drawing, array $measured, bool $byVolts, float $loadA): array
    {
        if (array_filter($measured, static fn(string $v): bool => trim($v) !== '') === []) {
            return [null, null];
        }
        $amps = [];
        foreach ($drawing->network->sources as $i => $source) {
            $text = $measured[$i] ?? '';
            if (!is_numeric($text)) {
                return [null, 'Each battery needs a reading in ' . ($byVolts ? 'V' : 'A') . '; battery ' . ($i + 1) . ' has none.'];
            }
            $amps[] = (float) $text;
        }
        try {
            [$sources, $links] = [$drawing->network->sources, $drawing->links];

            return [
                $byVolts ? JointDiagnosis::byVolts(
                    $sources,
                    $links,
                    $drawing->positive,
                    $drawing->negative,
                    $amps,
                    $loadA,
                ) : JointDiagnosis::byAmps($sources, $links, $drawing->positive, $drawing->negative, $amps),
                null,
            ];
        } catch (InvalidValue $e) {
            return [null, 'It ' . Lexicon::plain()->refusal($e) . '.'];
        }
    }

    /**
     * @param array<string, float> $input
     *
     * @return array{?CellPack, ?string, array<string, float>}
     */
    private static function pack(array $input): array
    {
        try {
            return [
                CellPack::of(
                    (int) $input['groups'],
                    (int) $input['parallel'],
                    $input['cell_ah'],
                    $input['capacity_spread_pct'],
                    $input['charge_spread_pct'],
                    $input['soc_pct'],
                    $input['charge_a'],
                    0.0006,
                    $input['bleed_a'],
                ),
                null,
                $input,
            ];
        } catch (InvalidValue $e) {
            return [null, str_replace(['/', '_'], ['', ' '], $e->path) . ' ' . Lexicon::plain()->refusal($e), $input];
        }
    }
}
