<?php

declare(strict_types=1);

namespace App\Pack;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page as PDF: nothing is fetched, nothing in it runs. */
final class Pdf
{
    /**
     * @param string $paper a4, letter, or a7 for a sticker
     */
    public static function of(string $html, string $paper, string $title, bool $landscape = false): Dompdf
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
        $dompdf->loadHtml($html, 'UTF-8');
        $dompdf->render();
        $dompdf->addInfo('Title', $title);

        return $dompdf;
    }
}
