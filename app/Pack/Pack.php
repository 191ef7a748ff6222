<?php

declare(strict_types=1);

namespace App\Pack;

use App\Models\Handover;
use App\Models\Workshop;
use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Region\Region;
use Pebblefell\Study;
use Pebblefell\System\JobFile;
use Pebblefell\System\System;

/** A pack on its way to be issued: read from its job file, and laid out as page and as PDF. */
final readonly class Pack
{
    /**
     * @param array<string, string>      $photos JPEG bytes, base64, by sha256
     * @param list<array<string, mixed>> $ticks  what was noted at the steps of its sheets, as the file has it
     */
    private function __construct(
        public Handover $handover,
        public System $system,
        public Assessment $assessment,
        public Show $show,
        public Workshop $workshop,
        private array $photos,
        public array $ticks,
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
        );
    }

    public function say(): Lexicon
    {
        return Lexicon::of($this->system, $this->show);
    }

    /** What stands on the customer's page, HTML. */
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
        return ['pack' => $this, 'page' => new PackPage($this), 'record' => new RecordPage($this), 'show' => $this->show, 'say' => $this->say()];
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
        $dompdf = Pdf::of(
            view('pack.pdf', [...$this->shown(), 'photoOf' => $this->photoUri(...)])->render(),
            $this->system->region === Region::NorthAmerica ? 'letter' : 'a4',
            $this->system->title,
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

        return (string) $dompdf->output();
    }
}
