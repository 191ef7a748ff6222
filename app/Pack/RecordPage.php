<?php

declare(strict_types=1);

namespace App\Pack;

use Pebblefell\Finding\Named;
use Pebblefell\Setting\Parameter;
use Pebblefell\Setting\SetValue;
use Pebblefell\Stage\Handover\Warranty;
use Pebblefell\Stage\Wiring\SafePoint;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\Photo;

/**
 * Shows what of a pack is for whoever repairs it one day: every part, fuse, run and setting, what wakes it, and what to open before
 * hands are laid on it.
 */
final readonly class RecordPage extends PackPart
{
    /** The circuit as one line, as it is planned; null while nothing is drawn. */
    public function drawing(): ?CircuitDrawing
    {
        $drawing = new CircuitDrawing($this->say, $this->show, $this->study, Shown::Planned);

        return $drawing->line === null ? null : $drawing;
    }

    /**
     * Parts with a warranty, and until when.
     *
     * @return list<array{part: Part, months: string, from: string, until: string, by: string}>
     */
    public function warranties(): array
    {
        $rows = [];
        foreach (Warranty::ofAll(array_values($this->study->planned()->parts)) as $warranty) {
            $rows[] = [
                'part' => $warranty->part, 'months' => (string) (int) $warranty->months, 'from' => $warranty->from,
                'until' => $warranty->until(),
                'by' => $warranty->by,
            ];
        }

        return $rows;
    }

    /**
     * Each fuse and breaker with what it protects.
     *
     * @return list<array{part: Part, rating: string, family: string, protects: string}>
     */
    public function fuses(): array
    {
        $graph = $this->study->planned();
        $rows = [];
        foreach ($graph->of(Family::OvercurrentDevice, Family::EarthLeakage) as $part) {
            $ends = [];
            foreach ($graph->on($part) as $conductor) {
                $other = $conductor->from->uid === $part->uid ? $conductor->to->uid : $conductor->from->uid;
                $ends[] = $this->say->onePart($graph->parts[$other]);
            }
            $rows[] = [
                'part' => $part,
                'rating' => $this->say->line($part, 'rating_a'),
                'family' => $part->data->text('family') === '' ? '–' : $this->say->choice((string) $part->data->text('family')),
                'protects' => implode(' – ', array_unique($ends)) ?: '–',
            ];
        }

        return $rows;
    }

    /**
     * @return list<array{from: string, to: string, size: string, length: string}>
     */
    public function runs(): array
    {
        $graph = $this->study->planned();
        $rows = [];
        foreach ($graph->conductors as $conductor) {
            $end = fn($point): string => $this->say->onePart($graph->parts[$point->uid]) . ', '
                . $this->say->terminal($graph->parts[$point->uid]->kind, $point->terminal);
            $rows[] = [
                'from' => $end($conductor->from),
                'to' => $end($conductor->to),
                'size' => $conductor->sizeMm2 === null ? '–' : $this->show->text($conductor->sizeMm2, 'mm²'),
                'length' => $conductor->lengthM === null ? '–' : $this->show->text($conductor->lengthM, 'm'),
            ];
        }

        return $rows;
    }

    /**
     * Returns what to open before hands are laid on each main part.
     *
     * @return list<array{part: Part, steps: list<string>}>
     */
    public function safe(): array
    {
        $rows = [];
        foreach (array_values($this->study->planned()->parts) as $part) {
            if (!$part->kind->isInverter() && !$part->kind->isCharger()
                && !$part->is(Family::DistributionBox) && !$part->is(Family::Monitor)) {
                continue;
            }
            $point = SafePoint::of($this->study, $part->uid);
            if ($point !== null && !$point->neverDead && [...$point->stops, ...$point->steps] !== []) {
                $steps = array_map(fn(string $stop): string => $this->say->word("opens.stops.$stop"), $point->stops);
                foreach ($point->steps as $step) {
                    $steps[] = $this->say->word("opens.do.$step[do]", ['parts' => self::named($step['parts'])]);
                }
                $rows[] = ['part' => $part, 'steps' => $steps];
            }
        }

        return $rows;
    }

    /**
     * Each way to go dark beside what each source does about it.
     *
     * @return ?array{sources: list<string>, rows: list<array{way: string, does: list<string>}>} null without a bank that can go dark,
     *     or sources
     */
    public function waking(): ?array
    {
        $waking = $this->study->waking();
        if ($waking === null || $waking->sources === []) {
            return null;
        }

        return [
            'sources' => array_values(array_map($this->say->onePart(...), $waking->sources)),
            'rows' => array_map(fn(array $row): array => [
                'way' => $this->say->word(
                    "waking.ways.{$row['way']}",
                    ['parts' => array_map(static fn(Part $p): Named => Named::one($p->uid), $row['opens'])],
                ),
                'does' => array_values(
                    array_map(fn(Part $p): string => $this->say->word('waking.how.' . $row['by'][$p->uid]), $waking->sources),
                ),
            ], $waking->rows),
        ];
    }

    /** Returns what brings the bank back once it has shut itself off; '' where nothing shuts off. */
    public function wakes(): string
    {
        $back = $this->study->waking()?->broughtBack();

        return $back === null ? '' : $this->say->word(
            'night.steps.' . ($back['how'] === 'cannot' ? 'wake-call' : "wake-$back[how]"),
            ['parts' => self::named($back['parts'])],
        );
    }

    /**
     * @return list<array{part: Part, rows: list<array{name: string, values: list<string>, by: string}>, how: string}>
     */
    public function settings(): array
    {
        $devices = [];
        foreach ($this->study->settings()->devices as $device) {
            $rows = [];
            foreach ($device['rows'] as $row) {
                $entry = $row->entry;
                $rows[] = [
                    'name' => $this->say->name($row->parameter),
                    'values' => array_map(
                        fn(?SetValue $v): string => $this->setTo($v, $row->parameter),
                        [$entry?->found, $row->planned(), $entry?->asSet, $entry?->readBack],
                    ),
                    'by' => $entry?->asSet === null ? '' : $entry->by . ', ' . substr($entry->at, 0, 10),
                ];
            }
            $sheet = $device['part']->data;
            $devices[] = ['part' => $device['part'], 'rows' => $rows, 'how' => implode(', ', array_filter([
                $sheet->text('set_with') === null ? '' : $this->word('set-with', ['tool' => $this->say->choice($sheet->text('set_with'))]),
                $sheet->text('account') === null ? '' : $this->word('account', ['account' => $sheet->text('account')]),
            ]))];
        }

        return $devices;
    }

    private function setTo(?SetValue $value, Parameter $parameter): string
    {
        return match (true) {
            $value === null => '–',
            $value->isOff() => $this->word('off'),
            default => $this->show->text((float) $value->number, $parameter->unit(), 2),
        };
    }

    /**
     * @return list<array{photo: Photo, says: string}> each with whose it is, and what of it
     */
    public function pictures(): array
    {
        $pictures = [];
        foreach (array_values($this->study->planned()->parts) as $part) {
            foreach ($part->photos as $photo) {
                $pictures[] = [
                    'photo' => $photo,
                    'says' => implode(': ', array_filter([$this->say->part($part), $this->shown($part, $photo), $photo->caption])),
                ];
            }
        }

        return $pictures;
    }

    private function shown(Part $part, Photo $photo): string
    {
        $run = $photo->isOfARun() ? $this->study->planned()->conductors[$photo->shows] ?? null : null;
        if ($run !== null) {
            $there = $run->from->uid === $part->uid ? $run->to : $run->from;

            return $this->word('shows.run', ['part' => $this->say->onePart($this->study->planned()->parts[$there->uid])]);
        }

        return match ($photo->shows) {
            Photo::PLACE => $part->place,
            Photo::SCREEN => $this->word('shows.screen'),
            Photo::ROOF => $this->word('shows.roof'),
            default => '',
        };
    }

    /**
     * @param list<Part> $parts
     *
     * @return list<Named>
     */
    private static function named(array $parts): array
    {
        return array_map(static fn(Part $p): Named => Named::one($p->uid), $parts);
    }
}
