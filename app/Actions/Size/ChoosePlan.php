<?php

declare(strict_types=1);

namespace App\Actions\Size;

use App\Actions\Survey\AddParts;
use App\Actions\Survey\RemovePart;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Facades\DB;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** Makes a point of the endurance map the plan: so many batteries of one kind, so many panels of one kind. What is right already stays. */
final class ChoosePlan
{
    public function __construct(private readonly AddParts $addParts, private readonly RemovePart $removePart, private readonly ChooseBank $chooseBank)
    {
    }

    public function __invoke(Job $job, LibraryPart $battery, int $batteries, LibraryPart $panel, int $panels): void
    {
        DB::transaction(function () use ($job, $battery, $batteries, $panel, $panels): void {
            $planned = $this->planned($job, PartKind::Battery)->where('role', 'house')->get();
            $alike = $planned->filter(static fn(Part $p): bool => self::isOf($p, $battery));
            if ($alike->count() !== $batteries || $planned->count() !== $batteries) {
                ($this->chooseBank)($job, $battery, $batteries);
            }
            $this->panels($job, $panel, $panels);
        });
    }

    private function panels(Job $job, LibraryPart $panel, int $count): void
    {
        $place = '';
        $kept = 0;
        foreach ($this->planned($job, PartKind::Panel)->lockForUpdate()->get() as $part) {
            $place = $part->place !== '' ? $part->place : $place;
            if (self::isOf($part, $panel) && $kept < $count) {
                ++$kept;
                continue;
            }
            $part->fate === Fate::Add ? ($this->removePart)($part) : $part->changeTo(['fate' => Fate::Remove]);
        }
        if ($kept < $count) {
            $this->addParts->fromLibrary($job, $panel, $count - $kept, Fate::Add, $place);
        }
    }

    /**
     * @return HasMany<Part, Job>
     */
    private function planned(Job $job, PartKind $kind)
    {
        return $job->parts()->where('kind', $kind->value)->where('fate', '!=', Fate::Remove->value);
    }

    private static function isOf(Part $part, LibraryPart $library): bool
    {
        return $part->make === $library->make && $part->model === $library->model;
    }
}
