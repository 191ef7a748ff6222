<?php

declare(strict_types=1);

namespace App\Support;

use Illuminate\Http\Request;
use Pebblefell\Bank\Diagnosis;
use Pebblefell\Bank\Drift;
use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Pack;
use Pebblefell\Bank\Share;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Sizing\BankDrawing;
use Pebblefell\Sizing\Sums;

/** What is asked of the bank on its screen, read from the address: a layout, take-offs, a load, a loose joint, clamp readings. */
final readonly class BankDesk
{
    /**
     * @param ?list<Diagnosis> $suspects
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
        public ?Drift $drift,
        public ?array $suspects,
        public array $measured,
        public bool $byVolts,
        public ?string $measuredFault,
        public ?Pack $pack,
        public ?string $packFault,
        /** @var array<string, float> */
        public array $packInput,
    ) {
    }

    public static function of(Request $request, Sums $sums): self
    {
        $number = static function (string $key, float $default, float $low, float $high) use ($request): float {
            $value = str_replace(',', '.', (string) $request->query($key, ''));

            return is_numeric($value) ? max($low, min($high, (float) $value)) : $default;
        };
        $layout = Layout::tryFrom((string) $request->query('layout', ''));
        $other = Layout::tryFrom((string) $request->query('beside', '')) ?? ($layout === Layout::Posts ? Layout::SameEnd : Layout::Posts);
        [$mm2, $linkM, $leadM] = [$number('mm2', BankDrawing::USUAL_LINK_MM2, 0.5, 300.0), $number('link_m', BankDrawing::USUAL_LINK_M, 0.01, 20.0), $number('lead_m', BankDrawing::USUAL_LEAD_M, 0.01, 20.0)];
        $takeoffs = is_numeric($request->query('plus')) && is_numeric($request->query('minus')) ? [max(0, (int) $request->query('plus')), max(0, (int) $request->query('minus'))] : null;
        $drawing = $layout === null && $takeoffs === null ? BankDrawing::asDrawn($sums) : BankDrawing::inLayout($sums, $layout ?? Layout::Across, $layout === Layout::Posts ? null : $takeoffs, $mm2, $linkM, $leadM);
        $loose = is_numeric($request->query('loose')) ? (int) $request->query('loose') : null;
        $looseMohm = $number('loose_mohm', 2.0, 0.01, 100.0);
        if ($drawing !== null && $loose !== null) {
            $drawing = $drawing->withLooseLink($loose, $looseMohm / 1000.0);
        }
        $loadA = $number('load', round(max(10.0, $sums->loads->budget->peakA())), -2000.0, 5000.0);
        $byVolts = $request->query('volts') !== null;
        $measured = array_map(static fn($v): string => is_scalar($v) ? (string) $v : '', (array) $request->query($byVolts ? 'volts' : 'amps', []));
        [$suspects, $fault] = $drawing === null ? [null, null] : self::diagnose($drawing, $measured, $byVolts, $loadA);
        [$pack, $packFault, $packInput] = self::pack($request);

        return new self(
            $drawing,
            $drawing === null ? null : BankDrawing::inLayout($sums, $other, null, $mm2, $linkM, $leadM),
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
     * @return array{?list<Diagnosis>, ?string}
     */
    private static function diagnose(BankDrawing $drawing, array $measured, bool $byVolts, float $loadA): array
    {
        if (array_filter($measured, static fn(string $v): bool => trim($v) !== '') === []) {
            return [null, null];
        }
        $amps = [];
        foreach ($drawing->network->sources as $i => $source) {
            $text = str_replace([',', '−', ' '], ['.', '-', ''], $measured[$i] ?? '');
            if (!is_numeric($text)) {
                return [null, 'Each battery needs a reading in ' . ($byVolts ? 'V' : 'A') . '; battery ' . ($i + 1) . ' has none.'];
            }
            $amps[] = (float) $text;
        }
        try {
            [$sources, $links] = [$drawing->network->sources, $drawing->links];

            return [$byVolts ? Diagnosis::byVolts($sources, $links, $drawing->positive, $drawing->negative, $amps, $loadA) : Diagnosis::byAmps($sources, $links, $drawing->positive, $drawing->negative, $amps), null];
        } catch (InvalidValue $e) {
            return [null, 'It ' . $e->getMessage() . '.'];
        }
    }

    /**
     * @return array{?Pack, ?string, array<string, float>}
     */
    private static function pack(Request $request): array
    {
        $input = ['groups' => 4.0, 'parallel' => 2.0, 'cell_ah' => 100.0, 'capacity_spread_pct' => 3.0, 'charge_spread_pct' => 5.0, 'soc_pct' => 50.0, 'charge_a' => 40.0, 'bleed_a' => 0.1, 'pack_a' => 150.0, 'bms_one' => 0.0, 'bms_each' => 0.0];
        foreach ($input as $key => $default) {
            $value = str_replace(',', '.', (string) $request->query($key, ''));
            $input[$key] = is_numeric($value) ? (float) $value : $default;
        }
        try {
            return [Pack::of((int) $input['groups'], (int) $input['parallel'], $input['cell_ah'], $input['capacity_spread_pct'], $input['charge_spread_pct'], $input['soc_pct'], $input['charge_a'], 0.0006, $input['bleed_a']), null, $input];
        } catch (InvalidValue $e) {
            return [null, str_replace(['/', '_'], ['', ' '], $e->path) . ' ' . $e->getMessage(), $input];
        }
    }
}
