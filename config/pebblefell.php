<?php

declare(strict_types=1);

// The rules as they are in this copy: what was computed by others is computed anew. Worked out once, when the configuration is cached.
$core = array_map(
    static fn(SplFileInfo $file): string => $file->getPathname() . hash_file('xxh128', $file->getPathname()),
    array_filter(
        iterator_to_array(new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__) . '/core', FilesystemIterator::SKIP_DOTS)), false),
        static fn(SplFileInfo $file): bool => $file->getExtension() === 'php',
    ),
);
sort($core);

return [
    'rules' => hash('xxh128', implode("\n", $core)),
    // Demo mode: the sign-in page shows the demo accounts.
    'demo' => (bool) env('PEBBLEFELL_DEMO', false),
    // Proxies that may say who asks and by which name: a TLS proxy on the same machine, and those in front of several servers.
    'proxies' => ['127.0.0.1', '::1', ...array_filter(array_map('trim', explode(',', (string) env('TRUSTED_PROXIES', ''))))],
    // Photographs: longest side in pixels after re-encoding, JPEG quality, largest upload in kB.
    'photo' => ['longest_px' => 1600, 'quality' => 82, 'max_kb' => 12 * 1024],
    // Free space, MB, below which nothing is written.
    'least_free_mb' => (int) env('LEAST_FREE_MB', 200),
    // The largest body by the name of its route, MB: forms are small; pictures, tables, logs and job files are not.
    'body_mb' => [
        '*' => 1,
        ...array_fill_keys(['photos.store', 'library.csv.store', 'parts.csv.store', 'appliances.csv.store', 'settings.csv.store', 'balance.table', 'trial.csv', 'test.readings.store', 'test.capacity', 'places.weather', 'busy.store'], 12),
        ...array_fill_keys(['logs.store', 'jobs.import.store', 'pack.message'], 64),
    ],
    // Writes a minute from one address that has no session.
    'strangers_writes' => 30,
    // Sign-in attempts a minute, per address and per account.
    'sign_in_attempts' => 5,
    // Rows on one page of the Yard and of other long lists.
    'page' => 20,
    // What one job holds at most. Far above any vehicle; a file that brings more is refused before it is read.
    // A monitor's log: a million lines are some 60 MB.
    'log_max_kb' => 62 * 1024,
    // Letters of a recall also go as e-mails where a mail server is named.
    'mail' => (string) env('MAIL_HOST', '') !== '',
    // What an owner may send by the link of a pack.
    'message_max_kb' => 30 * 1024,
    // What one pack's owner may write.
    'messages_an_hour' => 10,
    'messages_a_day' => 50,
    'most' => ['parts' => 300, 'conductors' => 1000, 'signals' => 200, 'scenarios' => 20, 'appliances' => 500, 'settings' => 2000, 'measurements' => 5000, 'answers' => 2000, 'choices' => 60, 'ticks' => 5000],
    // Rows that a parts library or a table of readings may bring at once.
    'most_rows' => ['library' => 20_000, 'readings' => 50_000],
];
