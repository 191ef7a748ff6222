<?php

declare(strict_types=1);

/**
 * Refuses new sentences outside lang/: those of today are listed in sentences.txt, which may only shrink.
 *
 *   php tests/static/sentences.php         exit 1, and each new one on a line of its own
 *   php tests/static/sentences.php prune   takes out of the list what stands nowhere any more
 *
 * A sentence: three words and more in a literal of app/ or routes/; any words of a view between its tags, and in an attribute that people read.
 */
$root = dirname(__DIR__, 2);
$listFile = __DIR__ . '/sentences.txt';

$said = [];
foreach (['app', 'routes', 'resources/views', 'resources/js'] as $folder) {
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator("$root/$folder", FilesystemIterator::SKIP_DOTS)) as $file) {
        $path = substr($file->getPathname(), strlen($root) + 1);
        $text = (string) file_get_contents($file->getPathname());
        $words = [];
        if (str_ends_with($path, '.blade.php')) {
            $text = (string) preg_replace('~\{\{--.*?--\}\}|<style.*?</style>~s', '', $text);
            preg_match_all('/\s(?:title|label|help|placeholder|aria-label|alt|answer)="([^"]+)"/', $text, $attributes);
            $bare = (string) preg_replace(
                '/\{\{.*?\}\}|\{!!.*?!!\}|<(?:"[^"]*"|\'[^\']*\'|[^>"\'])*>|@\w+(?:\s*\((?:[^()]|\((?:[^()]|\([^()]*\))*\))*\))?/s',
                "\n",
                $text,
            );
            foreach ([...$attributes[1], ...explode("\n", $bare)] as $line) {
                if (preg_match('/[A-Za-z]{2,}/', $line) === 1 && str_contains(trim($line), ' ') && !str_contains($line, '{{')) {
                    $words[] = $line;
                }
            }
        } else {
            $text = (string) preg_replace('~/\*.*?\*/|^\s*//[^\n]*~ms', '', $text);
            preg_match_all('/\'((?:[^\'\\\\\n]|\\\\.)*)\'|"((?:[^"\\\\\n]|\\\\.)*)"|`((?:[^`\\\\]|\\\\.)*)`/', $text, $literals, PREG_SET_ORDER);
            foreach ($literals as $literal) {
                $line = (string) end($literal);
                $isSql = preg_match('/\b(select|from|where|order by|insert|update|join)\b/i', $line) === 1;
                if (!$isSql && preg_match('/[A-Za-z]{2,}[,:;.]? [a-z]{2,} [a-z]{2,}/', $line) === 1) {
                    $words[] = $line;
                }
            }
        }
        foreach ($words as $line) {
            // By what is said, not where: a file may move.
            $said[(string) preg_replace('/\s+/', ' ', trim($line))][] = $path;
        }
    }
}

$listed = array_fill_keys(is_file($listFile) ? (array) file($listFile, FILE_IGNORE_NEW_LINES) : [], true);
if (($argv[1] ?? '') === 'prune') {
    // Made once, from nothing; afterwards it only shrinks.
    $kept = array_keys($listed === [] ? $said : array_intersect_key($listed, $said));
    sort($kept, SORT_STRING);
    file_put_contents($listFile, implode("\n", $kept) . "\n");
    echo count($kept), " sentences are listed\n";
    exit(0);
}
$new = array_diff_key($said, $listed);
$gone = array_keys(array_diff_key($listed, $said));
foreach ($new as $line => $paths) {
    echo "  new: $paths[0]: $line\n";
}
foreach ($gone as $line) {
    echo "  gone: $line\n";
}
if ($new !== []) {
    echo "What people read stands in lang/, under a key.\n";
}
if ($gone !== []) {
    echo "php tests/static/sentences.php prune\n";
}
exit($new === [] && $gone === [] ? 0 : 1);
