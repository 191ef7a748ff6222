<?php

declare(strict_types=1);

namespace Pebblefell\Calculation;

use Pebblefell\Assessment\Verdict;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Study;
use Pebblefell\System\JobFile;

/** `assess`: every finding about a job file, answers ignored, every stage judged as complete. */
final class Assess implements Calculation
{
    public static function schema(): array
    {
        return Schema::object(['system' => ['$ref' => 'job.schema.json']]);
    }

    public static function run(array $in): array
    {
        try {
            $system = JobFile::fromArray(['answers' => []] + $in['system']);
        } catch (InvalidValue $e) {
            throw $e->under('/system');
        }

        return ['findings' => array_map(
            static fn(Verdict $v): Said => new Said(
                $v->finding,
                ['stage' => $v->stage->value, 'subject' => $v->finding->subject],
                $system->parts,
            ),
            Study::of($system)->assessment()->verdicts,
        )];
    }
}
