<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Requests\Wiring\WiringQuery;
use App\Models\Job;
use App\Pack\Tap;
use Pebblefell\Stage\Wiring\Opened;
use Pebblefell\System\Part;

/**
 * Answers what a tap on a part of the drawing does: opens it in thought, asks where it is safe, or joins it to another. All of it is
 * links.
 */
final readonly class Tapped implements Tap
{
    public function __construct(private Job $job, private WiringQuery $asked, private Opened $opened)
    {
    }

    /**
     * @param array{uid: string, parts: non-empty-list<Part>} $box
     */
    public function link(array $box): ?string
    {
        $uids = array_map(static fn(Part $p): string => $p->uid, $box['parts']);

        return match ($this->asked->tap()) {
            'safe' => $this->url(['safe' => $uids[0]], 'safe'),
            'join' => $this->url($this->asked->asked('from') === '' || in_array($this->asked->asked('from'), $uids, true)
                ? ['from' => $uids[0]]
                : ['from' => $this->asked->asked('from'), 'to' => $uids[0]], 'join'),
            default => $this->toggled($uids),
        };
    }

    /** A run is opened below: what it is, and what may be dropped into it. */
    public function run(string $uid): string
    {
        return $this->url(['edit' => $uid], 'fold-runs');
    }

    public function says(bool $isOpen): string
    {
        return match ($this->asked->tap()) {
            'safe' => 'Where is it safe:',
            'join' => $this->asked->asked('from') === '' ? 'Join from' : 'Join to',
            default => $isOpen ? 'Close' : 'Open',
        };
    }

    /**
     * @param list<string> $uids
     */
    private function toggled(array $uids): ?string
    {
        $mayOpen = array_map(static fn(Part $p): string => $p->uid, $this->opened->mayOpen);
        $own = array_values(array_intersect($uids, $mayOpen));
        if ($own === []) {
            return null;
        }
        $open = $this->opened->open;
        // All batteries of the bank open together, as their BMS do on a short.
        $open = array_diff($own, $open) === [] ? array_diff($open, $own) : array_unique([...$open, ...$own]);

        return $this->url(['open' => array_values($open)], 'fold-opens');
    }

    /**
     * @param array<string, mixed> $with
     */
    private function url(array $with, string $at): string
    {
        $keeps = [
            ...array_filter(['tap' => $this->asked->asked('tap'), 'pole' => $this->asked->isOfReturns() ? 'minus' : '']),
            ...array_filter($this->asked->running()),
        ];

        return route('wiring', [$this->job, ...$keeps, ...$with]) . '#' . $at;
    }
}
