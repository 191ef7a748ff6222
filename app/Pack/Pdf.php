<?php

declare(strict_types=1);

namespace App\Pack;

use Closure;
use Dompdf\Canvas;
use Dompdf\Dompdf;
use Dompdf\Frame;
use Dompdf\Options;

/** A page as PDF: nothing is fetched, nothing in it runs. */
final class Pdf
{
    /**
     * @param string $paper a4, letter, or a7 for a sticker
     * @param ?Closure(Frame, Canvas): void $seen told of each box as it is laid on its page
     */
    public static function of(string $html, string $paper, string $title, bool $landscape = false, ?Closure $seen = null): Dompdf
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
            'defaultPaperSize' => $paper,
            'defaultPaperOrientation' => $landscape ? 'landscape' : 'portrait',
        ]);
        $dompdf = new Dompdf($options);
        if ($seen !== null) {
            $dompdf->setCallbacks([['event' => 'begin_frame', 'f' => $seen]]);
        }
        $dompdf->loadHtml($html, 'UTF-8');
        $dompdf->render();
        $dompdf->addInfo('Title', $title);

        return $dompdf;
    }
}
