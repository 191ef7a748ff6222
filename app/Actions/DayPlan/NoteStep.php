<?php

declare(strict_types=1);

namespace App\Actions\DayPlan;

use App\Actions\ApplyChanges;
use App\Actions\NoteTick;
use App\Models\Job;
use App\Models\Tick;
use App\Record\DayDesk;
use App\Record\Studies;
use App\Words\Lexicon;
use App\Words\Show;
use Carbon\CarbonInterface;
use Pebblefell\Exception\InvalidValue;
use Pebblefell\Finding\Word;
use Pebblefell\Stage\DayPlan\Deviation;
use Pebblefell\Stage\DayPlan\Standing;
use Pebblefell\Stage\NotedTick as Noted;
use Symfony\Component\Uid\Uuid;

/** Notes what was done at a step of the run sheet, if the step is open; what was built otherwise changes the plan with it. */
final class NoteStep
{
    public function __construct(private readonly NoteTick $note, private readonly ApplyChanges $apply)
    {
    }

    /**
     * @param array{step: string, state: string, value: ?float, amps: ?float, note: string, at: CarbonInterface, by: string,
     *     client_id: ?string} $said
     * @param ?array{what: string, seen: string, is: string} $otherwise what was built otherwise than planned, and what was seen as planned
     *
     * @throws InvalidValue at /step for a step that the plan no longer has, or that is closed; at /value where a reading is wanted; at
     *     /what for something that is not of the step, or was changed meanwhile; at /is for a value that cannot be
     */
    public function __invoke(Job $job, array $said, ?array $otherwise = null): bool
    {
        $changes = [];

        return ($this->note)($job, Tick::DAY_PLAN, $said, static function () use ($job, $said, $otherwise, &$changes): ?array {
            if (in_array($said['step'], Standing::REMARKS, true)) {
                return self::remark($said);
            }
            $study = Studies::of($job);
            $rows = DayDesk::of($job, $study)->standing->rows;
            $row = array_values(array_filter($rows, static fn(array $r): bool => $r['step']->key === $said['step']))[0]
                ?? throw InvalidValue::at('/step', 'no-step');
            if ($said['state'] === Noted::UNDONE) {
                return null;
            }
            if ($row['closed'] !== null) {
                throw InvalidValue::at('/step', $row['closed']->key, $row['closed']->args);
            }
            if ($said['value'] === null && $row['step']->reading?->isGate() === true) {
                throw InvalidValue::at('/value', 'wants-reading');
            }
            if ($otherwise === null) {
                return null;
            }
            $deviation = array_values(
                array_filter(Deviation::of($study, $row['step']), static fn(Deviation $d): bool => $d->key() === $otherwise['what']),
            )[0]
                ?? throw InvalidValue::at('/what', 'no-deviation');
            if ($deviation->was !== $otherwise['seen']) {
                throw InvalidValue::at('/what', 'changed-meanwhile', ['now' => $deviation->was]);
            }
            $typed = str_replace(',', '.', $otherwise['is']);
            $isNumber = $deviation->unit() !== '' && is_numeric($typed);
            $changes[] = $deviation->change(
                $isNumber ? (string) $job->effectiveRegion()->units()->read((float) $typed, $deviation->unit()) : $otherwise['is'],
            );

            return [
                'note' => self::told($job->show(), Lexicon::of($study->system, $job->show()), $deviation, $otherwise['is'], $said['note']),
            ];
        }, function () use ($job, &$changes): void {
            ($this->apply)($job, $changes);
            DayDesk::of($job, Studies::of($job))->keepEnd();
        });
    }

    /**
     * Names what belongs to no step, so that it can be taken back.
     *
     * @param array{step: string, note: string, client_id: ?string} $said
     *
     * @return array{step: string, state: string}
     *
     * @throws InvalidValue at /note where nothing is said
     */
    private static function remark(array $said): array
    {
        if ($said['note'] === '') {
            throw InvalidValue::at('/note', 'required');
        }

        return ['step' => $said['step'] . '.' . substr($said['client_id'] ?? (string) Uuid::v4(), 0, 8), 'state' => Noted::OTHERWISE];
    }

    /** The reason, and after it what is otherwise: it stands in the pack, whatever the plan says by then. */
    private static function told(Show $show, Lexicon $say, Deviation $deviation, string $is, string $because): string
    {
        $what = [
            'what' => $deviation->label(),
            'is' => Word::typed(trim($is . ' ' . ($deviation->unit() === '' ? '' : $show->unit($deviation->unit())))),
        ];
        $told = $say->word(
            in_array($deviation->field, Deviation::WITHOUT_VALUE, true) ? 'steps.deviation.noted-so' : 'steps.deviation.noted',
            $what,
        );

        return trim("$because $told");
    }
}
