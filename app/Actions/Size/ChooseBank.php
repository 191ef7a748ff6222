<?php

declare(strict_types=1);

namespace App\Actions\Size;

use App\Actions\Survey\AddParts;
use App\Actions\Survey\RemovePart;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Part;
use Illuminate\Support\Facades\DB;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** Makes a library battery, so many of it, the planned house bank: what was planned before goes, what was found is taken out. */
final class ChooseBank
{
    public function __construct(private readonly AddParts $addParts, private readonly RemovePart $removePart)
    {
    }

    public function __invoke(Job $job, LibraryPart $battery, int $count): void
    {
        DB::transaction(function () use ($job, $battery, $count): void {
            $place = '';
            foreach ($this->houseBatteries($job) as $part) {
                $place = $part->place !== '' ? $part->place : $place;
                $part->fate === Fate::Add ? ($this->removePart)($part) : $part->changeTo(['fate' => Fate::Remove]);
            }
            $this->addParts->fromLibrary($job, $battery, $count, Fate::Add, $place);
        });
    }

    /** Stay with what is there: what was planned goes, what was found is kept. */
    public function keepFound(Job $job): void
    {
        DB::transaction(function () use ($job): void {
            foreach ($this->houseBatteries($job) as $part) {
                $part->fate === Fate::Add ? ($this->removePart)($part) : $part->changeTo(['fate' => Fate::Keep]);
            }
        });
    }

    /**
     * @return iterable<Part>
     */
    private function houseBatteries(Job $job): iterable
    {
        return $job->parts()->where('kind', PartKind::Battery->value)->where('role', 'house')->lockForUpdate()->get();
    }
}
