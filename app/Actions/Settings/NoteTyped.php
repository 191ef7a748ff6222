<?php

declare(strict_types=1);

namespace App\Actions\Settings;

use App\Models\Job;
use App\Models\Part;
use App\Models\Setting;
use Carbon\CarbonInterface;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;

/**
 * Notes what was typed into a box, by the time at which it was: what arrives late never takes the place of what somebody noted after it,
 * unless that is asked for.
 */
final class NoteTyped
{
    /**
     * @return bool whether it was new
     *
     * @throws InvalidValue at /as_set where somebody noted something else later
     */
    public function __invoke(Job $job, Part $part, Parameter $parameter, SetValue $value, CarbonInterface $at, string $by, bool $sure): bool
    {
        $row = $job->settings()->where('part_uid', $part->uid)->where('parameter', $parameter->value)->first()
            ?? new Setting(['part_uid' => $part->uid, 'parameter' => $parameter->value]);
        if ($row->as_set === $value->text()) {
            return false;
        }
        if (!$sure && $row->as_set !== null && $row->entered_at !== '' && strtotime($row->entered_at) > $at->getTimestamp()) {
            throw InvalidValue::at('/as_set', 'noted-later', ['who' => $row->entered_by, 'value' => (string) $row->as_set]);
        }
        $row->job()->associate($job);
        $row->changeTo(['as_set' => $value->text(), 'entered_by' => $by, 'entered_at' => $at->utc()->format('Y-m-d\TH:i:s\Z')]);

        return true;
    }
}
