<?php

/**
 * `./pebblefell calc NAME`: one JSON object in, one out. Runs without the framework, the database and the server.
 *
 * Exit codes: 0 all well, 2 bad input (the reason as JSON on standard error), 64 no such calculation.
 */

declare(strict_types=1);

require __DIR__ . '/../../vendor/autoload.php';

use App\Schema\SchemaCheck;
use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Calculation\Calculations;
use Pebblefell\Calculation\Said;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Region\Units;

$refuse = static function (string $path, string $message): never {
    fwrite(
        STDERR,
        json_encode(['error' => ['path' => $path, 'message' => $message]], JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE) . "\n",
    );
    exit(2);
};

/** @var list<string> $arguments */
$arguments = array_slice($argv, 1);
$all = Calculations::all();
$name = $arguments[0] ?? null;
if ($name === null) {
    echo implode("\n", array_keys($all)), "\n";
    exit(0);
}
if (!isset($all[$name])) {
    fwrite(STDERR, "pebblefell calc: there is no \"$name\". Known: " . implode(', ', array_keys($all)) . "\n");
    exit(64);
}
$calculation = $all[$name];
$pretty = JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE;
// A calculation that takes a whole job names the schema of the job file.
$schema = $calculation::schema();
foreach ($schema['properties'] as $key => $property) {
    if (($property['$ref'] ?? '') === 'job.schema.json') {
        $schema['properties'][$key] = json_decode((string) file_get_contents(__DIR__ . '/../../docs/job.schema.json'), true);
        // What it refers to by name stands at the root.
        $schema['definitions'] = $schema['properties'][$key]['definitions'];
        unset($schema['properties'][$key]['$schema'], $schema['properties'][$key]['$id'], $schema['properties'][$key]['definitions']);
    }
}
if (($arguments[1] ?? '') === '--schema') {
    echo json_encode(['$schema' => 'http://json-schema.org/draft-07/schema#', 'title' => $name] + $schema, $pretty), "\n";
    exit(0);
}

$value = json_decode((string) stream_get_contents(STDIN));
if (!is_object($value)) {
    $refuse('', json_last_error() === JSON_ERROR_NONE ? 'must be one JSON object' : 'is not JSON: ' . json_last_error_msg());
}
$faults = SchemaCheck::faults($value, $schema);
if ($faults !== []) {
    $refuse($faults[0]['path'], $faults[0]['message']);
}
try {
    /** @var array<string, mixed> $in */
    $in = json_decode((string) json_encode($value), true);
    $out = $calculation::run($in);
    // Core decides; the words are put to it here.
    array_walk_recursive($out, static function (mixed &$value): void {
        if ($value instanceof Said) {
            $said = (new Lexicon(new Show(Units::Metric), $value->parts))->finding($value->finding);
            $value = [
                'rule' => $value->finding->rule,
                'severity' => $value->finding->severity->value,
                ...$value->more,
                'message' => $said->whole(),
                'remedy' => $said->remedy,
                'source' => $said->source,
            ];
        }
    });
    echo json_encode($out, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE), "\n";
} catch (InvalidValue $e) {
    $refuse($e->path, Lexicon::plain()->refusal($e));
}
