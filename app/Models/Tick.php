<?php

declare(strict_types=1);

namespace App\Models;

use App\Models\Concerns\MomentField;
use Carbon\CarbonInterface;
use Pebblefell\Stage\NotedTick as Noted;
use Pebblefell\System\Sheet\DataField;
use Pebblefell\System\Sheet\FieldList;
use Symfony\Component\Uid\Uuid;

/**
 * Keeps what was noted at a step of a sheet. It is added to, never changed: whoever takes something back adds that. Those of a job stand
 * in the order in which they arrived, whatever the clocks of the devices said.
 *
 * @property int $job_id
 * @property string $client_id
 * @property string $sheet one of SHEETS
 * @property string $step
 * @property string $state
 * @property ?float $value
 * @property ?float $amps
 * @property string $note
 * @property string $by
 * @property CarbonInterface $noted_at by the clock of the device, put right
 * @property ?CarbonInterface $created_at when it arrived
 * @property ?int $nth its place among the job's; null: the release before this one wrote it, after those that have one
 */
final class Tick extends Row
{
    public const DAY_PLAN = 'day-plan';
    public const TEST = 'test';
    public const VISIT = 'visit';
    public const WALK = 'walk';
    public const SHEETS = [self::DAY_PLAN, self::TEST, self::VISIT, self::WALK];

    /** Letters of a note. */
    public const MOST_NOTE = 500;

    public const UPDATED_AT = null;

    protected $table = 'ticks';

    protected $fillable = ['client_id', 'sheet', 'step', 'state', 'value', 'amps', 'note', 'by', 'noted_at'];

    protected $casts = ['value' => 'float', 'amps' => 'float', 'noted_at' => 'datetime', 'created_at' => 'datetime'];

    protected $attributes = ['note' => '', 'by' => ''];

    protected static function booted(): void
    {
        self::creating(static function (self $tick): void {
            // Not the id: on a cluster each node gives its own.
            $tick->nth = 1 + (int) self::query()->where('job_id', $tick->job_id)->max('nth');
        });
    }

    /**
     * Whether it is what somebody says again: what was built otherwise has been added to the note, and a remark has a name of its own.
     *
     * @param array{step: string, state: string, value: ?float, amps: ?float, note: string, by: string} $said
     */
    public function says(Job $job, string $sheet, array $said): bool
    {
        return [$this->job_id, $this->sheet, $this->by, $this->value, $this->amps] === [
            $job->id, $sheet, $said['by'], $said['value'], $said['amps'],
        ] && ($this->step === $said['step'] || str_starts_with($this->step, $said['step'] . '.'))
            && str_starts_with($this->note, $said['note']);
    }

    public function toNoted(): Noted
    {
        return new Noted(
            $this->step,
            $this->state,
            $this->value,
            $this->note,
            $this->by,
            (float) $this->noted_at->getTimestamp(),
            $this->amps,
        );
    }

    /** Lists what the job file holds of it. */
    public static function fields(): FieldList
    {
        return FieldList::once(self::class, static fn(): array => [
            DataField::choice('sheet', self::SHEETS)->required(),
            DataField::text('step', 80)->required(),
            DataField::choice('state', Noted::STATES)->required(),
            DataField::number('value', '', -1e6, 1e6)->orNull()->later(),
            DataField::number('amps', 'A', 0, 100_000)->orNull()->later(),
            DataField::text('note', self::MOST_NOTE)->orElse('')->later(),
            DataField::text('by', 120)->orElse('')->later(),
            MomentField::field('at', 'noted_at'),
            MomentField::field('arrived', 'created_at', 'noted_at')->later(),
        ]);
    }

    /**
     * @param array<string, mixed> $file as fields() writes it, or as releases did that did not know when it arrived; in another job it is
     *     another one
     */
    public static function fromFile(array $file): self
    {
        return (new self())->forceFill([...self::fields()->read($file + ['arrived' => $file['at']]), 'client_id' => (string) Uuid::v4()]);
    }
}
