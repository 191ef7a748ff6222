<?php

// A handover pack laid out as PDF, beside a plain dompdf document of as many letters in paragraphs: medians. Prints JSON.

declare(strict_types=1);

use App\Models\Handover;
use App\Pack\PackDocument;
use App\Pack\Pdf;
use Illuminate\Contracts\Console\Kernel;
use Symfony\Component\Process\Process;

require dirname(__DIR__) . '/vendor/autoload.php';
$app = require dirname(__DIR__) . '/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$median = static function (callable $do): float {
    $times = [];
    for ($k = 0; $k < 7; ++$k) {
        $began = hrtime(true);
        $do();
        $times[] = (hrtime(true) - $began) / 1e9;
    }
    sort($times);

    return $times[3];
};
$handover = Handover::query()->firstOrFail();
$pdf = PackDocument::of($handover)->pdf();
$text = new Process(['pdftotext', '-layout', '-', '-'], null, null, $pdf);
$text->mustRun();
$pages = explode("\f", rtrim($text->getOutput(), "\f"));
// As many pages, each with as many words, a line to a paragraph.
$plain = '<style>body { font-family: DejaVu Sans; font-size: 9.5px; } p { margin: 3px 0; } .break { page-break-before: always; }</style>';
foreach ($pages as $n => $page) {
    $plain .= $n === 0 ? '<div>' : '<div class="break">';
    foreach (array_filter(array_map(trim(...), explode("\n", $page))) as $line) {
        $plain .= '<p>' . htmlspecialchars((string) preg_replace('/\s+/', ' ', $line)) . '</p>';
    }
    $plain .= '</div>';
}
echo json_encode([
    'pages' => count($pages),
    'seconds' => $median(static fn(): string => PackDocument::of($handover)->pdf()),
    'plain_seconds' => $median(static fn(): string => (string) Pdf::of("<html><body>$plain</body></html>", 'a4', 'plain')->output()),
]), "\n";
