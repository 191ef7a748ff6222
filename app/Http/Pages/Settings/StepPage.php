<?php

declare(strict_types=1);

namespace App\Http\Pages\Settings;

use App\Http\Workbench;
use Pebblefell\Stage\Settings\SettingRow;
use Pebblefell\System\Part;
use Pebblefell\System\Photo;

/** One box a screen, for a phone at the device: what to type, how the box may be called, and on to the next. */
final readonly class StepPage
{
    /** @var list<array{part: Part, row: SettingRow}> */
    public array $boxes;

    /** @var array<string, ModelBoxes> by uid */
    private array $models;

    /** @var array<int, int> pictures of the settings screen by part */
    private array $pictures;

    /** This page, to come back to. */
    public string $here;

    public bool $mayRecord;

    public string $who;

    /** @var array<string, string> where a picture of a device's screen goes, by uid: each of its boxes asks for it */
    private array $screens;

    /** @var array<string, string> where what was typed into it goes */
    private array $typed;

    /** @var array<string, list<string>> makers' words by parameter */
    private array $words;

    public function __construct(private Workbench $bench)
    {
        $boxes = $screens = $typed = [];
        $this->models = ModelBoxes::ofAll(array_column($bench->study->settings()->devices, 'part'));
        foreach ($bench->study->settings()->devices as ['part' => $part, 'rows' => $rows]) {
            $id = $bench->row($part->uid)?->id;
            $screens[$part->uid] = $id === null ? '' : route('photos.store', [$bench->job, $id]);
            $typed[$part->uid] = $id === null ? '' : route('settings.typed', [$bench->job, $id]);
            foreach ($this->models[$part->uid]->rows($rows) as $row) {
                $boxes[] = ['part' => $part, 'row' => $row];
            }
        }
        [$this->boxes, $this->screens, $this->typed] = [$boxes, $screens, $typed];
        $this->pictures = $bench->pictures(Photo::SCREEN)->toBase()->groupBy('part_id')->selectRaw('part_id, COUNT(*) AS count')
            ->pluck('count', 'part_id')->map(static fn(mixed $n): int => (int) $n)->all();
        $this->here = route('settings.step', $bench->job, false);
        $this->mayRecord = auth()->user()?->can('record', $bench->job) === true;
        $this->who = (string) auth()->id();
        $words = [];
        foreach (BoxWords::all() as ['word' => $word, 'parameter' => $parameter]) {
            $words[$parameter->value][] = $word;
        }
        $this->words = $words;
    }

    public function count(): int
    {
        return count($this->boxes);
    }

    /** Boxes without an "as set". */
    public function open(): int
    {
        return count(array_filter($this->boxes, static fn(array $b): bool => $b['row']->isOpen()));
    }

    /** Place of the first box that is still to be typed; of the first where none is. */
    public function next(): int
    {
        foreach ($this->boxes as $k => $box) {
            if ($box['row']->isOpen()) {
                return $k;
            }
        }

        return 0;
    }

    public function key(int $k): string
    {
        $box = $this->boxes[max(0, min($this->count() - 1, $k))];

        return "{$box['part']->uid}.{$box['row']->parameter->value}";
    }

    /** Where a picture of its screen goes; '' where nobody may keep one. */
    public function screen(Part $part): string
    {
        return $this->mayRecord ? $this->screens[$part->uid] : '';
    }

    public function typed(Part $part): string
    {
        return $this->typed[$part->uid];
    }

    public function value(SettingRow $row): string
    {
        $planned = $row->planned();

        return $planned->number === null ? 'off' : $this->bench->show->field($planned->number, $row->parameter->unit());
    }

    public function unit(SettingRow $row): string
    {
        return $row->planned()->isOff() ? '' : $this->bench->show->unit($row->parameter->unit());
    }

    /** As it stands in the device by what was noted; '' while nothing is. */
    public function noted(SettingRow $row): string
    {
        $noted = $row->noted();

        return match (true) {
            $noted === null => '',
            $noted->number === null => 'off',
            default => $this->bench->show->field($noted->number, $row->parameter->unit()),
        };
    }

    /** As this device has it; '' where nobody has noted it. */
    public function word(Part $part, SettingRow $row): string
    {
        return $this->models[$part->uid]->box($row->parameter)->word ?? '';
    }

    /** The way to it through its menus. */
    public function path(Part $part, SettingRow $row): string
    {
        return $this->models[$part->uid]->box($row->parameter)->path ?? '';
    }

    /** Pictures of its settings screen. */
    public function pictures(Part $part): int
    {
        return $this->pictures[$this->bench->row($part->uid)->id ?? 0] ?? 0;
    }

    /** Other words that makers have for it. */
    public function words(SettingRow $row): string
    {
        return implode(', ', array_slice($this->words[$row->parameter->value] ?? [], 0, 8));
    }
}
