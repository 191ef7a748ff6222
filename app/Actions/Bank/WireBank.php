<?php

declare(strict_types=1);

namespace App\Actions\Bank;

use App\Actions\Survey\AddParts;
use App\Actions\Survey\RemovePart;
use App\Models\Conductor;
use App\Models\Job;
use App\Models\Part;
use App\Record\JobReader;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Pebblefell\Bank\Bank;
use Pebblefell\Bank\Layout;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** Draws the links of the planned bank anew, and moves what hangs on it to the new take-offs. */
final class WireBank
{
    public function __construct(private readonly AddParts $addParts, private readonly RemovePart $removePart)
    {
    }

    /**
     * @param ?array{int, int} $takeoffs strings, from 0; null: two posts
     */
    public function __invoke(Job $job, Layout $layout, ?array $takeoffs, float $mm2, float $linkM, float $leadM): void
    {
        DB::transaction(function () use ($job, $layout, $takeoffs, $mm2, $linkM, $leadM): void {
            $job->unsetRelations();
            $batteries = JobReader::read($job)->planned()->houseBatteries();
            $uids = array_map(static fn($p): string => $p->uid, $batteries);
            $series = Bank::seriesFor($batteries[0]->data->number('nominal_v') ?? 12.0, $job->system_v);
            $strings = array_chunk($uids, max(1, $series));
            $posts = $job->parts()->where('kind', PartKind::Busbar->value)->where('note', 'post of the bank')->get();
            $outside = self::clear($job, $uids, $posts);
            $bars = $layout === Layout::Posts ? $this->bars($job, count($strings)) : [];
            $row = fn(string $from, string $to, float $metres) => $this->addParts->row($job, Conductor::class, 'c', ['from_terminal' => $from, 'to_terminal' => $to, 'fate' => Fate::Add, 'route' => 'battery link', 'size_mm2' => $mm2, 'length_m' => $metres]);
            $ends = [];
            foreach ($strings as $string) {
                for ($i = 1; $i < count($string); ++$i) {
                    $row($string[$i - 1] . '.plus', $string[$i] . '.minus', $linkM);
                }
                $ends[] = [$string[count($string) - 1] . '.plus', $string[0] . '.minus'];
            }
            $last = count($ends) - 1;
            if ($bars !== []) {
                foreach ($ends as [$plus, $minus]) {
                    $row($plus, $bars[0] . '.bar', $leadM);
                    $row($minus, $bars[1] . '.bar', $leadM);
                }
                $at = [$bars[0] . '.bar', $bars[1] . '.bar'];
            } else {
                for ($i = 1; $i <= $last; ++$i) {
                    $row($ends[$i - 1][0], $ends[$i][0], $linkM);
                    $row($ends[$i - 1][1], $ends[$i][1], $linkM);
                }
                $takeoffs ??= $layout->takeoffs(count($ends)) ?? [0, 0];
                $at = [$ends[min($last, $takeoffs[0])][0], $ends[min($last, $takeoffs[1])][1]];
            }
            foreach ($outside as [$conductor, $column, $pole]) {
                $conductor->changeTo([$column => $at[$pole]]);
            }
            // The old posts go once nothing hangs on them.
            $posts->each($this->removePart);
        });
    }

    /**
     * Takes the old links away.
     *
     * @param list<string>          $uids  of the batteries
     * @param Collection<int, Part> $posts
     *
     * @return list<array{Conductor, string, int}> what hung on the bank from outside: conductor, its end, pole
     */
    private static function clear(Job $job, array $uids, Collection $posts): array
    {
        $mine = [...$uids, ...$posts->pluck('uid')->all()];
        $uidOf = static fn(string $terminal): string => explode('.', $terminal, 2)[0];
        $outside = [];
        foreach ($job->conductors()->where('fate', '!=', Fate::Remove->value)->lockForUpdate()->get() as $conductor) {
            [$from, $to] = [in_array($uidOf($conductor->from_terminal), $mine, true), in_array($uidOf($conductor->to_terminal), $mine, true)];
            if ($from && $to) {
                $conductor->fate === Fate::Add ? $conductor->delete() : $conductor->changeTo(['fate' => Fate::Remove]);
            } elseif ($from || $to) {
                $column = $from ? 'from_terminal' : 'to_terminal';
                $terminal = (string) $conductor->getAttribute($column);
                $pole = str_ends_with($terminal, '.minus') || $posts->firstWhere('uid', $uidOf($terminal))?->place === 'negative post' ? 1 : 0;
                $outside[] = [$conductor, $column, $pole];
            }
        }
        return $outside;
    }

    /**
     * @return list<string> uids of the positive and the negative post
     */
    private function bars(Job $job, int $strings): array
    {
        return array_map(fn(string $place): string => $this->addParts->row($job, Part::class, 'p', ['kind' => PartKind::Busbar, 'fate' => Fate::Add, 'make' => '', 'model' => 'Post, ' . ($strings + 1) . ' studs', 'place' => $place, 'note' => 'post of the bank', 'role' => 'house', 'data' => ['rating_a' => 500.0, 'studs' => (float) ($strings + 1)], 'origins' => []])->uid, ['positive post', 'negative post']);
    }
}
