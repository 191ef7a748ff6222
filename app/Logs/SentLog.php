<?php

declare(strict_types=1);

namespace App\Logs;

use App\Csv\Csv;
use App\Models\Job;
use App\Models\LogFile;
use App\Record\Files;
use Illuminate\Support\Str;
use Symfony\Component\Uid\Uuid;

/** A log as it was sent: kept on the private disk as UTF-8, so that a place in the file is a place in its text, and told what it is. */
final class SentLog
{
    /** No first line is longer, bytes. Chosen. */
    private const LINE = 65_536;

    /**
     * @param resource $stream
     *
     * @return ?LogFile null where it is neither a table with its columns named nor an object a line: to be refused
     */
    public static function keep(Job $job, $stream, string $name, string $by): ?LogFile
    {
        $mark = (string) fread($stream, 2);
        rewind($stream);
        if ($mark === "\xFF\xFE" || $mark === "\xFE\xFF") {
            stream_filter_append($stream, 'convert.iconv.UTF-16/UTF-8', STREAM_FILTER_READ);
        }
        $disk = Files::disk();
        $path = 'logs/' . Uuid::v4() . '.log';
        Files::put($path, $stream);
        $kept = $disk->readStream($path);
        assert($kept !== null);
        $first = trim((string) fgets($kept, self::LINE), "\u{FEFF} \r\n");
        fclose($kept);
        [$form, $header] = self::told($first);
        if ($header === []) {
            return null;
        }

        return $job->logFiles()->create(
            [
                'name' => Str::limit($name, 150), 'path' => $path, 'form' => $form, 'header' => $header, 'bytes' => $disk->size($path),
                'by' => $by,
            ],
        );
    }

    /**
     * @return array{string, list<string>} form and header; no header: neither form
     */
    private static function told(string $first): array
    {
        if (str_starts_with($first, '{')) {
            $object = json_decode($first, true);

            return ['jsonl', is_array($object) ? array_map(strval(...), array_keys($object)) : []];
        }
        $names = Csv::columns($first);

        return ['csv', count($names) < 2 ? [] : $names];
    }
}
