<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use App\Models\Part as Row;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Part;

/** One box a screen, for a phone at the device: what to type, how the box may be called, and on to the next. */
final readonly class StepPage
{
    /** @var list<array{part: Part, row: SettingRow}> boxes that are still to be typed, and the one that is looked at */
    private array $boxes;

    public int $at;

    public function __construct(private Workbench $bench, int $asked)
    {
        $boxes = [];
        foreach ($bench->study->settings()->devices as ['part' => $part, 'rows' => $rows]) {
            foreach ($rows as $row) {
                $boxes[] = ['part' => $part, 'row' => $row];
            }
        }
        $this->boxes = $boxes;
        $this->at = max(0, min($asked, count($boxes) - 1));
    }

    public function isThere(): bool
    {
        return $this->boxes !== [];
    }

    public function count(): int
    {
        return count($this->boxes);
    }

    /** Boxes without an "as set". */
    public function open(): int
    {
        return count(array_filter($this->boxes, static fn(array $b): bool => !$b['row']->isSet()));
    }

    public function part(): Part
    {
        return $this->boxes[$this->at]['part'];
    }

    public function row(): SettingRow
    {
        return $this->boxes[$this->at]['row'];
    }

    public function model(): ?Row
    {
        return $this->bench->job->parts->firstWhere('uid', $this->part()->uid);
    }

    public function value(): string
    {
        $planned = $this->row()->planned();

        return $planned->number === null ? 'off' : $this->bench->show->field($planned->number, $this->row()->parameter->unit());
    }

    public function unit(): string
    {
        return $this->row()->planned()->isOff() ? '' : $this->bench->show->unit($this->row()->parameter->unit());
    }

    /** As it stands in the device by what was noted; '' while nothing is. */
    public function noted(): string
    {
        $noted = $this->row()->noted();

        return match (true) {
            $noted === null => '',
            $noted->number === null => 'off',
            default => $this->bench->show->field($noted->number, $this->row()->parameter->unit()),
        };
    }

    public function version(): int
    {
        return (int) $this->bench->job->settings->first(
            fn($s): bool => $s->part_uid === $this->part()->uid && $s->parameter === $this->row()->parameter,
        )?->lock_version;
    }

    /** Other words that makers have for it. */
    public function words(): string
    {
        $words = array_column(array_filter(BoxWords::all(), fn(array $w): bool => $w['parameter'] === $this->row()->parameter), 'word');

        return implode(', ', array_slice($words, 0, 8));
    }

    /** The next box that is to be typed, after this one; this one's own place where none is left. */
    public function next(): int
    {
        for ($k = 1; $k < $this->count(); ++$k) {
            $at = ($this->at + $k) % $this->count();
            if (!$this->boxes[$at]['row']->isSet()) {
                return $at;
            }
        }

        return $this->at;
    }

    public function before(): int
    {
        return max(0, $this->at - 1);
    }

    public function after(): int
    {
        return min($this->count() - 1, $this->at + 1);
    }
}
