<?php

declare(strict_types=1);

namespace App\Pack;

use App\Models\Handover;
use App\Models\Workshop;
use App\Words\Lexicon;
use RuntimeException;
use Symfony\Component\Process\Process;

/** A sticker with the way to a pack as a QR code (ISO/IEC 18004), drawn by Debian's qrencode. */
final readonly class Sticker
{
    private function __construct(private Handover $handover)
    {
    }

    public static function of(Handover $handover): self
    {
        return new self($handover);
    }

    /** The code as PNG: level M, so that a scratch does not spoil it. */
    public function png(): string
    {
        $process = new Process(['qrencode', '-t', 'PNG', '-l', 'M', '-s', '8', '-m', '4', '-o', '-', $this->handover->link('pack.night')]);
        $process->run();
        if (!$process->isSuccessful()) {
            throw new RuntimeException('qrencode: ' . $process->getErrorOutput());
        }

        return $process->getOutput();
    }

    public function pdf(): string
    {
        $say = Lexicon::in($this->handover->language);
        $html = view('pack.sticker', [
            'handover' => $this->handover,
            'workshop' => Workshop::current(),
            'code' => 'data:image/png;base64,' . base64_encode($this->png()),
            'say' => $say,
        ])->render();

        return (string) Pdf::of($html, 'a7', (string) $this->handover->job?->title, landscape: true)->output();
    }
}
