<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Models\Workshop;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Region\Region;

/** A sheet of labels by its grid, mm: as it is commonly sold, or the workshop's own. */
final readonly class LabelSheet
{
    /** Holds what is asked for when the workshop's own sheet is meant. */
    public const OWN = 'own';

    /** Sides of the papers, mm. ISO 216; ANSI/ASME Y14.1. */
    private const PAPERS = ['a4' => [210.0, 297.0], 'letter' => [215.9, 279.4]];

    /** A printer's feed may be off by so much. Chosen. */
    private const SLACK_MM = 1.0;

    public function __construct(
        public string $paper,
        public int $columns,
        public int $rows,
        public float $width,
        public float $height,
        public float $left,
        public float $top,
        public float $apart,
    ) {
    }

    /**
     * "3 x 8, 70 x 37, 0, 0.5, 0": columns x rows, width x height, from the left, from the top, gap between columns, in mm; the last three
     * may be left out.
     *
     * @throws InvalidValue at /label_sheet for what cannot be read, or is larger than the paper
     */
    public static function read(string $text, Region $region): self
    {
        $number = '(\d+(?:\.\d+)?)';
        if (preg_match(
            "/^\\s*(\\d+)\\s*[x×]\\s*(\\d+)\\s*[,;]\\s*$number\\s*[x×]\\s*$number" . str_repeat("(?:\\s*[,;]\\s*$number)?", 3) . '\\s*$/u',
            $text,
            $m,
        ) !== 1) {
            throw InvalidValue::at(
                '/label_sheet',
                'label-sheet',
            );
        }
        $paper = LabelStock::paperOf($region);
        $sheet = new self(
            $paper,
            (int) $m[1],
            (int) $m[2],
            (float) $m[3],
            (float) $m[4],
            (float) ($m[5] ?? 0),
            (float) ($m[6] ?? 0),
            (float) ($m[7] ?? 0),
        );
        [$wide, $high] = self::PAPERS[$paper];
        $taken = [
            $sheet->left + $sheet->columns * $sheet->width + ($sheet->columns - 1) * $sheet->apart,
            $sheet->top + $sheet->rows * $sheet->height,
        ];
        if ($sheet->columns < 1 || $sheet->rows < 1 || $sheet->width < 5.0 || $sheet->height < 3.0
            || $taken[0] > $wide + self::SLACK_MM || $taken[1] > $high + self::SLACK_MM) {
            throw InvalidValue::at('/label_sheet', 'label-sheet-size', ['wide' => (string) $wide, 'high' => (string) $high]);
        }

        return $sheet;
    }

    /** The one that is asked for by its name, else the workshop's own, else the first of the paper that the region prints on. */
    public static function chosen(string $asked, Region $region): self
    {
        $own = Workshop::current()->label_sheet;
        $stock = LabelStock::tryFrom($asked);

        return match (true) {
            $stock !== null => $stock->sheet(),
            $own !== '' => self::read($own, $region),
            default => LabelStock::ofRegion($region)[0]->sheet(),
        };
    }

    /**
     * @return array<string, self> by the name that it is asked for, the workshop's own first
     */
    public static function all(Region $region): array
    {
        $own = Workshop::current()->label_sheet;
        $stocks = LabelStock::ofRegion($region);

        return ($own === '' ? [] : [self::OWN => self::read($own, $region)])
            + array_combine(array_column($stocks, 'value'), array_map(static fn(LabelStock $s): self => $s->sheet(), $stocks));
    }

    public function holds(): int
    {
        return $this->columns * $this->rows;
    }
}
