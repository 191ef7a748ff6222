<?php

declare(strict_types=1);

/**
 * Holds every machine to one set of PHP packages: composer.pins.json names each, transitive ones too, with its version and a checksum.
 *
 *   php pins.php with     the arguments that hold `composer update` to these versions
 *   php pins.php check [FOLDER]   whether vendor/, or that folder, holds them and nothing else: exit 1, and each that differs on a line
 *   php pins.php write    pins what vendor/ holds now
 *
 * A checksum is SHA-256 over the names and contents of a package's files: archives of one version are packed anew now and then, and
 * registries name a sum for few of them. Packages bring no plugins and no scripts: nothing of them has run before they are checked.
 */
$root = dirname(__DIR__, 2);
$pinsFile = "$root/composer.pins.json";
$vendor = $root . '/' . ($argv[2] ?? 'vendor');

/** @return array<string, array{version: string, dev: bool, path: string}> by name */
$installed = static function () use ($vendor): array {
    $list = json_decode((string) @file_get_contents("$vendor/composer/installed.json"), true) ?? ['packages' => []];
    $dev = array_flip($list['dev-package-names'] ?? []);
    $packages = [];
    foreach ($list['packages'] as $package) {
        $packages[$package['name']] = [
            'version' => $package['version'],
            'dev' => isset($dev[$package['name']]),
            'path' => "$vendor/composer/" . ($package['install-path'] ?? ''),
            'meta' => ($package['type'] ?? '') === 'metapackage',
        ];
    }
    ksort($packages);

    return $packages;
};

$sum = static function (array $package): string {
    if ($package['meta']) {
        return '';
    }
    $base = (string) realpath($package['path']);
    $files = [];
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($base, FilesystemIterator::SKIP_DOTS)) as $file) {
        if ($file->isFile()) {
            $files[] = substr($file->getPathname(), strlen($base) + 1);
        }
    }
    sort($files, SORT_STRING);
    $all = hash_init('sha256');
    foreach ($files as $file) {
        hash_update($all, $file . "\0" . hash_file('sha256', "$base/$file") . "\n");
    }

    return hash_final($all);
};

$pins = json_decode((string) @file_get_contents($pinsFile), true) ?? [];

switch ($argv[1] ?? '') {
    case 'with':
        foreach ($pins as $name => $pin) {
            echo "--with\n$name:{$pin['version']}\n";
        }
        exit(0);
    case 'check':
        $bad = [];
        foreach ($installed() as $name => $package) {
            $pin = $pins[$name] ?? null;
            $bad[] = match (true) {
                $pin === null => "$name {$package['version']} is not in composer.pins.json",
                $pin['version'] !== $package['version'] => "$name is {$package['version']}, pinned is {$pin['version']}",
                $pin['sha256'] !== $sum($package) => "$name {$package['version']} has another checksum than the one that is pinned",
                default => null,
            };
        }
        $bad = array_filter($bad);
        fwrite(STDERR, implode('', array_map(static fn(string $line): string => "  $line\n", $bad)));
        exit($bad === [] ? 0 : 1);
    case 'write':
        $new = [];
        foreach ($installed() as $name => $package) {
            $new[$name] = ['version' => $package['version'], 'dev' => $package['dev'], 'sha256' => $sum($package)];
        }
        file_put_contents($pinsFile, json_encode($new, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES) . "\n");
        echo count($new), " packages are pinned in composer.pins.json\n";
        exit(0);
    default:
        fwrite(STDERR, "pins.php with|check|write\n");
        exit(2);
}
