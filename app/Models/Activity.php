<?php

declare(strict_types=1);

namespace App\Models;

use Spatie\Activitylog\Models\Activity as BaseActivity;

/**
 * One line of the audit trail.
 *
 * @property ?int $job_id
 */
final class Activity extends BaseActivity
{
    /** @var ?array<string, mixed> its properties, read once */
    private ?array $read = null;

    protected static function booted(): void
    {
        self::creating(static function (self $activity): void {
            $subject = $activity->subject;
            if ($subject instanceof Job) {
                $activity->setAttribute('job_id', $subject->id);
            } elseif ($subject !== null && $subject->getAttribute('job_id') !== null) {
                $activity->setAttribute('job_id', $subject->getAttribute('job_id'));
            }
        });
    }

    /** The act that it is part of, as App\History\Acts names it. */
    public function act(): string
    {
        return $this->batch_uuid ?? 'line-' . $this->id;
    }

    /**
     * The row's columns after it.
     *
     * @return array<string, mixed>
     */
    public function after(): array
    {
        return $this->columns('attributes');
    }

    /**
     * The row's columns before it, as far as they changed.
     *
     * @return array<string, mixed>
     */
    public function before(): array
    {
        return $this->columns('old');
    }

    /** Who did it, in a word. */
    public function who(): string
    {
        $causer = $this->causer;

        return $causer instanceof User ? $causer->name : 'Pebblefell';
    }

    /**
     * @return array<string, mixed>
     */
    private function columns(string $when): array
    {
        $this->read ??= $this->properties?->all() ?? [];

        return (array) ($this->read[$when] ?? []);
    }
}
