<?php

declare(strict_types=1);

namespace App\Pack;

use App\Models\Handover;
use App\Models\Workshop;
use App\Words\Lexicon;
use App\Words\Show;
use DOMElement;
use Dompdf\Canvas;
use Dompdf\Frame;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Region\Region;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use Pebblefell\System\System;

/** A pack on its way to be issued: read from its job file, and laid out as page and as PDF. */
final readonly class PackDocument
{
    /** Where the contents have their page numbers, and where a sheet is folded in three for an envelope, pt from the left. */
    private const CONTENTS_X = 260.0;
    private const FOLD_X = 12.0;
    private const FOLD_LONG = 10.0;

    /**
     * @param array<string, string>      $photos JPEG bytes, base64, by sha256
     * @param list<array<string, mixed>> $ticks  what was noted at the steps of its sheets, as the file has it
     * @param list<array<string, string>> $signatures as the file has them
     */
    private function __construct(
        public Handover $handover,
        public System $system,
        public Assessment $assessment,
        public Show $show,
        public Workshop $workshop,
        private array $photos,
        public array $ticks,
        public array $signatures,
    ) {
    }

    public static function of(Handover $handover): self
    {
        /** @var array<string, mixed> $tree */
        $tree = json_decode($handover->document, true, 512, JSON_THROW_ON_ERROR);
        $system = JobFile::fromArray($tree);
        $photos = [];
        foreach ($tree['parts'] as $part) {
            foreach ($part['photos'] as $photo) {
                $photos[$photo['sha256']] = $photo['data_base64'];
            }
        }

        return new self(
            $handover,
            $system,
            Study::of($system)->assessment(),
            new Show($system->region->units(), Workshop::current()->currency, $handover->language),
            Workshop::current(),
            $photos,
            $tree['ticks'] ?? [],
            $tree['signatures'] ?? [],
        );
    }

    public function say(): Lexicon
    {
        return Lexicon::of($this->system, $this->show);
    }

    /** Returns what stands on the customer's page, HTML. */
    public function body(): string
    {
        return view('pack.body', [
            ...$this->shown(), 'photoOf' => fn(string $sha256): string => $this->handover->link('pack.photo', ['sha256' => $sha256], false),
        ])->render();
    }

    /** The page for two in the morning, HTML, its pictures within. */
    public function night(): string
    {
        return view('pack.night-body', ['page' => new NightPage($this)])->render();
    }

    /**
     * @return array<string, mixed>
     */
    private function shown(): array
    {
        return [
            'pack' => $this, 'page' => new PackPage($this), 'record' => new RecordPage($this), 'done' => new DonePage($this),
            'show' => $this->show, 'say' => $this->say(),
        ];
    }

    /**
     * @return list<string> SHA-256 of each picture in it
     */
    public function pictures(): array
    {
        return array_map(strval(...), array_keys($this->photos));
    }

    /** The picture as a data URI, for the PDF. */
    public function photoUri(string $sha256): string
    {
        return 'data:image/jpeg;base64,' . ($this->photos[$sha256] ?? '');
    }

    public function pdf(): string
    {
        // On which page each part begins, and where the contents have its line.
        $parts = $lines = [];
        $dompdf = Pdf::of(
            view('pack.pdf', [...$this->shown(), 'onPaper' => true, 'photoOf' => $this->photoUri(...)])->render(),
            $this->system->region === Region::NorthAmerica ? 'letter' : 'a4',
            $this->system->title,
            seen: static function (Frame $frame, Canvas $canvas) use (&$parts, &$lines): void {
                $node = $frame->get_node();
                $id = $node instanceof DOMElement ? $node->getAttribute('id') : '';
                if (str_starts_with($id, 'part-')) {
                    $parts[substr($id, 5)] ??= $canvas->get_page_number();
                } elseif (str_starts_with($id, 'contents-')) {
                    $lines[substr($id, 9)] = (float) $frame->get_position('y');
                }
            },
        );
        $canvas = $dompdf->getCanvas();
        $font = $dompdf->getFontMetrics()->getFont('DejaVu Sans');
        $canvas->page_text(
            42,
            $canvas->get_height() - 30,
            $this->system->title . ', ' . $this->say()->word(
                'pack.pack',
                ['number' => (string) $this->handover->number],
            ) . '   {PAGE_NUM} / {PAGE_COUNT}',
            (string) $font,
            7,
            [0.34, 0.39, 0.37],
        );

        $canvas->page_script(static function (int $page) use ($canvas, $font, $parts, $lines): void {
            foreach ($page === 1 ? $lines : [] as $part => $y) {
                $canvas->text(self::CONTENTS_X, $y, (string) ($parts[$part] ?? ''), (string) $font, 8.5);
            }
            foreach ([1.0 / 3.0, 2.0 / 3.0] as $share) {
                $y = $canvas->get_height() * $share;
                $canvas->line(self::FOLD_X, $y, self::FOLD_X + self::FOLD_LONG, $y, [0.34, 0.39, 0.37], 0.4);
            }
        });

        return (string) $dompdf->output();
    }
}
