<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Job;
use App\Models\SentOtherwise;
use App\Models\Tick;
use App\Record\Bounds;
use App\Record\Digest;
use App\Record\Milestones;
use App\Record\Studies;
use Carbon\CarbonInterface;
use Closure;
use Pebblefell\Exception\InvalidValue;
use Symfony\Component\Uid\Uuid;

/** Notes something at a step of a sheet, once however often it is sent, one person after the other. */
final class NoteTick
{
    /**
     * @param string                                                                                $sheet one of Tick::SHEETS
     * @param array{step: string, state: string, value: ?float, amps: ?float, note: string, at: CarbonInterface, by: string,
     *     client_id: ?string} $said
     * @param Closure(): mixed $check throws InvalidValue where it must not be noted; an array that it gives takes the place of what was
     *     said
     * @param Closure(): void $after what follows from it
     *
     * @return bool whether it was new
     *
     * @throws InvalidValue
     * @throws SentOtherwise when its id came with something else before
     */
    public function __invoke(Job $job, string $sheet, array $said, Closure $check, Closure $after): bool
    {
        $before = $said['client_id'] === null ? null : Tick::query()->where('client_id', $said['client_id'])->first();
        if ($before !== null) {
            return $before->says($job, $sheet, $said) ? false : throw new SentOtherwise();
        }
        $said = [...$said, ...(array) $check()];
        if (mb_strlen($said['note']) > Tick::MOST_NOTE) {
            throw InvalidValue::at('/note', 'note-too-long', ['count' => Tick::MOST_NOTE]);
        }
        $most = Bounds::most()['ticks'];
        if ($job->ticks()->count() >= $most) {
            throw InvalidValue::at('/step', 'too-many-rows', ['count' => $most]);
        }
        $before = Milestones::of($job, Studies::of($job));
        $tick = new Tick([
            ...array_diff_key($said, ['at' => 0]),
            'sheet' => $sheet,
            'noted_at' => $said['at'],
            'client_id' => $said['client_id'] ?? (string) Uuid::v4(),
        ]);
        $tick->forceFill(['job_id' => $job->id])->save();
        $after();
        if (Milestones::of($job, Studies::of($job)) != $before) {
            Digest::keep($job, Studies::of($job));
        }

        return true;
    }
}
