<?php

declare(strict_types=1);

namespace App\Pack;

use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Drawing\Labels;
use Pebblefell\Stage\Wiring\OneLine;
use Pebblefell\Stage\Wiring\Opened;
use Pebblefell\Stage\Wiring\Shown;
use Pebblefell\Study;
use Pebblefell\System\Part;
use TijsVerkoyen\CssToInlineStyles\CssToInlineStyles;

/** The one-line drawing in words: what stands in its boxes and on its runs, and where a tap on a box leads. */
final readonly class CircuitDrawing
{
    /** The look's light colours, for a drawing that stands alone. As in resources/css/app.css. */
    private const COLOURS = [
        '--ground' => '#ffffff', '--paper' => '#ffffff', '--ink' => '#1d282b', '--ink-2' => '#515e5a', '--heather' => '#6b3a78',
        '--rust' => '#a5391c',
        '--rust-wash' => '#f3d9cd', '--fern-wash' => '#eef4ec',
    ];

    public ?OneLine $line;

    /**
     * @param ?Opened $opened what is thought open; null in a drawing that only shows
     * @param ?Tap    $tapped where a tap leads; null: nowhere
     * @param bool    $returns the negative side in the place of the positive one
     */
    public function __construct(
        private Lexicon $say,
        private Show $show,
        Study $study,
        public Shown $shown,
        bool $narrow = false,
        private ?Opened $opened = null,
        private ?Tap $tapped = null,
        public bool $returns = false,
    ) {
        $this->line = OneLine::of($study, $shown, $narrow, $returns);
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

            return trim(($family === null ? '' : $this->say->choice($family)) . ' ' . $this->show->text($rating, 'A', 1));
        }
        $count = count($box['parts']);

        return ($count > 1 ? "$count × " : '') . $this->say->name($part->kind);
    }

    /**
     * @param array{uid: string, parts: non-empty-list<Part>, width: float, shape: string} $box
     */
    public function name(array $box): string
    {
        $state = $this->state($box);
        if ($state !== '' && $state !== 'live') {
            return $this->say->word("opens.states.$state");
        }
        $part = $box['parts'][0];
        $rating = in_array($box['shape'], ['fuse', 'breaker'], true) ? null : $part->data->number('rating_a');

        return $part->typedName() !== '' ? $part->typedName() : ($rating === null ? '' : $this->show->text($rating, 'A', 0));
    }

    /**
     * Returns what is written in a box or beside a symbol, cut to its room.
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
            : ($run['count'] > 1 ? $run['count'] . '×' : '') . $this->show->units->conductorSize($run['mm2']);
    }

    /**
     * @param array{lengthM: ?float} $run
     */
    public function length(array $run): string
    {
        return $run['lengthM'] === null ? '' : $this->show->text($run['lengthM'], 'm');
    }

    /**
     * Returns what becomes of a box while something is thought open: '' as long as nothing is.
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

    /**
     * Where a tap on a run leads; null: nowhere.
     *
     * @param array{uid: string} $run
     */
    public function runLink(array $run): ?string
    {
        return $this->tapped?->run($run['uid']);
    }

    /**
     * @param array{uid: string, mm2: ?float, lengthM: ?float, count: int} $run
     */
    public function runSays(array $run): string
    {
        return trim(
            "Run {$run['uid']} " . $this->size($run) . ' ' . $this->length($run),
        ) . ': its length, size and bundle, or a part in the middle of it';
    }

    /** As SVG that stands alone. */
    public function svg(): string
    {
        return view('stages.wiring.svg', [
            'drawing' => $this,
            'css' => 'text { font-family: sans-serif; } .mid { text-anchor: middle; } .end { text-anchor: end; } ' . self::css(),
        ])->render();
    }

    /**
     * The same as a picture, turned onto a page that stands where it lies and is asked to; for a PDF, whose library reads styles only where
     * they stand, knows no halo round a text and few weights.
     */
    public function dataUri(bool $turned = false): string
    {
        $css = (string) preg_replace(['/paint-order:[^}]*/', '/font-weight: [56]\d\d/'], ['', 'font-weight: bold'], self::css());
        $html = (new CssToInlineStyles())->convert(view('stages.wiring.svg', ['drawing' => $this, 'css' => null])->render(), $css
            . ' text { font-family: DejaVu Sans; font-size: 11px; fill: #1d282b; } .mid { text-anchor: middle; } .end { text-anchor: end; }'
            // Its letters run wider than the screen's.
            . ' .one-line .kind, .one-line .lane-name, .one-line .as-fuse .kind, .one-line .as-breaker .kind, .one-line .as-switch .kind'
            . ' { font-size: 9px; } .one-line .name, .one-line .run-text { font-size: 8px; font-weight: normal; }');
        preg_match('~<svg.*</svg>~s', $html, $svg);

        $text = str_replace('viewbox=', 'viewBox=', $svg[0] ?? '');
        [$wide, $high] = [$this->line->width ?? 0.0, $this->line->height ?? 0.0];
        if ($turned && $wide > $high) {
            $text = "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 $high $wide\" width=\"$high\" height=\"$wide\">"
                . "<g transform=\"translate($high 0) rotate(90)\">" . preg_replace('~^<svg[^>]*>|</svg>$~', '', $text) . '</g></svg>';
        }

        return 'data:image/svg+xml;base64,' . base64_encode($text);
    }

    private static function css(): string
    {
        return strtr((string) file_get_contents(resource_path('css/one-line.css')), array_combine(
            array_map(static fn(string $name): string => "var($name)", array_keys(self::COLOURS)),
            array_values(self::COLOURS),
        ));
    }
}
