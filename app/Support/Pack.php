<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Handover;
use App\Models\Workshop;
use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Support\Str;
use Pebblefell\Assessment\Assessment;
use Pebblefell\Region\Region;
use Pebblefell\System\JobFile;
use Pebblefell\System\System;

/** An issued pack, read back from the job file that it was issued with. */
final readonly class Pack
{
    /**
     * @param array<string, string> $photos JPEG bytes, base64, by sha256
     */
    private function __construct(
        public Handover $handover,
        public System $system,
        public Assessment $assessment,
        public Show $show,
        public Workshop $workshop,
        private array $photos,
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

        return new self($handover, $system, Assessment::of($system), new Show($system->region->units()), Workshop::current(), $photos);
    }

    public function photo(string $sha256): ?string
    {
        return isset($this->photos[$sha256]) ? (string) base64_decode($this->photos[$sha256], true) : null;
    }

    /** The picture as a data URI, for the PDF. */
    public function photoUri(string $sha256): string
    {
        return 'data:image/jpeg;base64,' . ($this->photos[$sha256] ?? '');
    }

    public function fileName(string $ending): string
    {
        return (Str::slug($this->system->title) ?: 'pack') . '-pack-' . $this->handover->number . '.' . $ending;
    }

    public function pdf(): string
    {
        $options = new Options([
            'isRemoteEnabled' => false,
            'isPhpEnabled' => false,
            'isJavascriptEnabled' => false,
            'defaultFont' => 'DejaVu Sans',
            'fontDir' => storage_path('framework/cache'),
            'fontCache' => storage_path('framework/cache'),
            'tempDir' => storage_path('framework/cache'),
            'chroot' => [base_path('resources')],
            'defaultPaperSize' => $this->system->region === Region::NorthAmerica ? 'letter' : 'a4',
        ]);
        $dompdf = new Dompdf($options);
        $dompdf->loadHtml(view('pack.pdf', ['pack' => $this])->render(), 'UTF-8');
        $dompdf->render();
        $dompdf->addInfo('Title', $this->system->title);
        $canvas = $dompdf->getCanvas();
        $font = $dompdf->getFontMetrics()->getFont('DejaVu Sans');
        $canvas->page_text(42, $canvas->get_height() - 30, $this->system->title . ', pack ' . $this->handover->number . '   {PAGE_NUM} / {PAGE_COUNT}', (string) $font, 7, [0.34, 0.39, 0.37]);

        return (string) $dompdf->output();
    }
}
