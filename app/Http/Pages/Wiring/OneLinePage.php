<?php

declare(strict_types=1);

namespace App\Http\Pages\Wiring;

use App\Http\Workbench;
use Pebblefell\Drawing\Labels;
use Pebblefell\Stage\Wiring\OneLine;
use Pebblefell\Stage\Wiring\Opened;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\Study;
use Pebblefell\System\Part;

/** The one-line drawing in words: what stands in its boxes and on its runs, and where a tap on a box leads. */
final readonly class OneLinePage
{
    public ?OneLine $line;

    /**
     * @param ?Opened $opened what is thought open; null in a drawing that only shows
     * @param ?Tapped $tapped where a tap leads; null: nowhere
     */
    public function __construct(
        private Workbench $bench,
        private Study $study,
        public Shown $shown,
        private ?Opened $opened = null,
        private ?Tapped $tapped = null,
    ) {
        $this->line = OneLine::of($study, $shown, Workbench::isNarrow());
    }

    /** How a circuit's lines are broken: none for the house's. */
    public function dash(string $circuit, string $mark): string
    {
        return $mark === 'out'
            ? '3 5'
            : ['pv' => '8 4', 'starter_dc' => '2 3', 'shore_ac' => '9 3 2 3', 'inverter_ac' => '9 3 2 3'][$circuit] ?? '';
    }

    /**
     * @param array{parts: non-empty-list<Part>, width: float, shape: string} $box
     */
    public function kind(array $box): string
    {
        $part = $box['parts'][0];
        $rating = $part->data->number('rating_a');
        if (in_array($box['shape'], ['fuse', 'breaker'], true) && $rating !== null) {
            $family = $part->data->text('family');

            return trim(($family === null ? '' : $this->bench->say->choice($family)) . ' ' . $this->bench->show->text($rating, 'A', 1));
        }
        $count = count($box['parts']);

        return ($count > 1 ? "$count × " : '') . $this->bench->say->name($part->kind);
    }

    /**
     * @param array{uid: string, parts: non-empty-list<Part>, width: float, shape: string} $box
     */
    public function name(array $box): string
    {
        $state = $this->state($box);
        if ($state !== '' && $state !== 'live') {
            return $this->bench->say->word("opens.states.$state");
        }
        $part = $box['parts'][0];
        $rating = in_array($box['shape'], ['fuse', 'breaker'], true) ? null : $part->data->number('rating_a');

        return $part->typedName() !== '' ? $part->typedName() : ($rating === null ? '' : $this->bench->show->text($rating, 'A', 0));
    }

    /**
     * What is written in a box or beside a symbol, cut to its room.
     *
     * @param array{room: float} $box
     */
    public function cut(array $box, string $text): string
    {
        return Labels::cut($text, $box['room']);
    }

    /**
     * @param array{mm2: ?float, count: int} $run
     */
    public function size(array $run): string
    {
        return $run['mm2'] === null
            ? ''
            : ($run['count'] > 1 ? $run['count'] . '×' : '') . $this->bench->show->units->conductorSize($run['mm2']);
    }

    /**
     * @param array{lengthM: ?float} $run
     */
    public function length(array $run): string
    {
        return $run['lengthM'] === null ? '' : $this->bench->show->text($run['lengthM'], 'm');
    }

    /**
     * What becomes of a box while something is thought open: '' as long as nothing is.
     *
     * @param array{parts: non-empty-list<Part>} $box
     */
    public function state(array $box): string
    {
        if ($this->opened === null || $this->opened->open === []) {
            return '';
        }
        $uids = array_map(static fn(Part $p): string => $p->uid, $box['parts']);
        $is = static fn(array $parts): bool => array_intersect($uids, array_map(static fn(Part $p): string => $p->uid, $parts)) !== [];

        return match (true) {
            array_diff($uids, $this->opened->open) === [] => 'open',
            $is($this->opened->inDanger()) => 'danger',
            $is($this->opened->dark) => 'dark',
            default => 'live',
        };
    }

    /**
     * @param array{ends: list<string>} $run
     */
    public function isFaded(array $run): bool
    {
        $states = [];
        foreach ($this->line->boxes ?? [] as $box) {
            if (in_array($box['uid'], $run['ends'], true)) {
                $states[] = $this->state($box);
            }
        }

        return array_intersect($states, ['dark', 'open']) !== [];
    }

    /**
     * Where a tap on a box leads; null: nowhere.
     *
     * @param array{uid: string, parts: non-empty-list<Part>} $box
     */
    public function link(array $box): ?string
    {
        return $this->tapped?->link($box);
    }

    /**
     * @param array{uid: string, parts: non-empty-list<Part>, width: float, shape: string} $box
     */
    public function linkSays(array $box): string
    {
        return ($this->tapped?->says($this->state($box) === 'open') ?? '') . ' ' . $this->kind($box) . ' ' . $this->name($box);
    }
}
