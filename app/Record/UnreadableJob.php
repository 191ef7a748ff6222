<?php

declare(strict_types=1);

namespace App\Record;

use App\Models\Job;
use App\Words\Lexicon;
use Pebblefell\Exception\InvalidValue;
use RuntimeException;
use Throwable;

/** The rows of a job do not make a model: something in them points nowhere, or is what the trade cannot use. */
final class UnreadableJob extends RuntimeException
{
    private function __construct(public readonly Job $job, public readonly string $path, string $message, ?Throwable $why = null)
    {
        parent::__construct($message, 0, $why);
    }

    public static function of(Job $job, Throwable $why): self
    {
        return new self(
            $job,
            $why instanceof InvalidValue ? $why->path : '',
            $why instanceof InvalidValue ? Lexicon::plain()->refusal($why) : 'holds what this version does not know: ' . $why->getMessage(),
            $why,
        );
    }

    /** As the job's digest has it. */
    public static function known(Job $job): self
    {
        $kept = $job->digest['unreadable'] ?? ['path' => '', 'message' => ''];

        return new self($job, $kept['path'], $kept['message']);
    }

    /** The same refusal for whoever wrote what caused it. */
    public function asInvalidValue(): InvalidValue
    {
        return InvalidValue::at($this->path, 'as-said', ['text' => $this->getMessage()]);
    }
}
