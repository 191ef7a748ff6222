<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Job;
use DOMDocument;
use DOMElement;
use DOMXPath;
use Masterminds\HTML5;
use Pebblefell\Drawing\Labels;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every drawing of every demo job, at a desk and on a phone: all of it inside its frame, every number a number, no word over another. */
final class DrawingsTest extends TestCase
{
    private const STAGES = ['loads', 'size', 'sources', 'bank', 'wiring', 'day-plan', 'balance', 'test', 'aftercare'];

    /** Px that a stroke or a rounded edge may reach over the frame. */
    private const EDGE = 3.0;

    /**
     * @return iterable<string, array{bool}>
     */
    public static function widths(): iterable
    {
        yield 'desk' => [false];
        yield 'phone' => [true];
    }

    #[DataProvider('widths')]
    public function testEveryDrawingStaysInItsFrameAndItsWordsApart(bool $narrow): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $drawings = 0;
        foreach (Job::query()->get() as $job) {
            foreach (self::STAGES as $stage) {
                $html = (string) $this->withUnencryptedCookie('narrow', $narrow ? '1' : '0')->get("/jobs/$job->id/$stage")->assertOk()->getContent();
                foreach (self::drawings($html) as [$svg, $found]) {
                    ++$drawings;
                    $where = "$job->title, $stage, " . $svg->getAttribute('class');
                    [$x, $y, $width, $height] = array_map(floatval(...), explode(' ', $svg->getAttribute('viewBox')));
                    if ($narrow) {
                        self::assertLessThanOrEqual(366.0, $width, "$where is wider than a phone");
                    }
                    foreach (self::points($found, $svg) as $name => [$px, $py]) {
                        self::assertTrue(is_finite($px) && is_finite($py), "$where: $name");
                        self::assertTrue($px >= $x - self::EDGE && $px <= $x + $width + self::EDGE, "$where: $name at x $px of $width");
                        self::assertTrue($py >= $y - self::EDGE && $py <= $y + $height + self::EDGE, "$where: $name at y $py of $height");
                    }
                    self::assertSame([], self::overlaps($found, $svg), $where);
                }
            }
        }
        self::assertGreaterThan(30, $drawings);
    }

    /**
     * @return iterable<array{DOMElement, DOMXPath}>
     */
    private static function drawings(string $html): iterable
    {
        $document = (new HTML5(['disable_html_ns' => true]))->loadHTML($html);
        assert($document instanceof DOMDocument);
        $found = new DOMXPath($document);
        foreach ($found->query('//main//*[local-name()="svg"][@viewBox]') ?: [] as $svg) {
            assert($svg instanceof DOMElement);
            // Icons are no drawings.
            if ((float) (explode(' ', $svg->getAttribute('viewBox'))[2] ?? 0) > 60.0) {
                yield [$svg, $found];
            }
        }
    }

    /**
     * Where things stand that are placed by numbers, moved by the groups around them.
     *
     * @return iterable<string, array{float, float}>
     */
    private static function points(DOMXPath $found, DOMElement $svg): iterable
    {
        foreach ($found->query('.//*', $svg) ?: [] as $i => $node) {
            assert($node instanceof DOMElement);
            if ($found->evaluate(
                'count(ancestor-or-self::*[local-name()="defs" or local-name()="pattern" or local-name()="clipPath" or local-name()="symbol"])',
                $node,
            ) > 0) {
                continue;
            }
            [$dx, $dy] = self::moved($node, $svg);
            $name = $node->nodeName . ' ' . $node->getAttribute('class') . " ($i)";
            $pair = static fn(string $a, string $b): array => [
                $dx + (float) $node->getAttribute($a),
                $dy + (float) $node->getAttribute($b),
            ];
            switch ($node->nodeName) {
                case 'rect':
                    self::assertGreaterThanOrEqual(0.0, (float) $node->getAttribute('width'), $name);
                    self::assertGreaterThanOrEqual(0.0, (float) $node->getAttribute('height'), $name);
                    yield $name => $pair('x', 'y');
                    yield "$name, far corner" => [
                        $pair('x', 'y')[0] + (float) $node->getAttribute('width'),
                        $pair('x', 'y')[1] + (float) $node->getAttribute('height'),
                    ];
                    break;
                case 'line':
                    yield $name => $pair('x1', 'y1');
                    yield "$name, end" => $pair('x2', 'y2');
                    break;
                case 'circle':
                    yield $name => $pair('cx', 'cy');
                    break;
                case 'text':
                    yield $name => $pair('x', 'y');
                    break;
                case 'path':
                    self::assertDoesNotMatchRegularExpression('/nan|inf|e[+-]?\d{3}/i', $node->getAttribute('d'), $name);
                    if (preg_match('/^[MLHVZ0-9.,\s-]*$/', $node->getAttribute('d')) === 1) {
                        preg_match_all('/[ML]\s*(-?[\d.]+)[ ,](-?[\d.]+)/', $node->getAttribute('d'), $m, PREG_SET_ORDER);
                        foreach ($m as $n => $point) {
                            yield "$name, point $n" => [$dx + (float) $point[1], $dy + (float) $point[2]];
                        }
                    }
            }
        }
    }

    /**
     * @return array{float, float} how far translate(…) of the node and the groups around it moves it
     */
    private static function moved(DOMElement $node, DOMElement $svg): array
    {
        [$dx, $dy] = [0.0, 0.0];
        for ($at = $node; $at instanceof DOMElement && $at !== $svg; $at = $at->parentNode) {
            if (preg_match('/translate\((-?[\d.]+)[ ,]+(-?[\d.]+)\)/', $at->getAttribute('transform'), $m) === 1) {
                $dx += (float) $m[1];
                $dy += (float) $m[2];
            }
        }

        return [$dx, $dy];
    }

    /**
     * @return list<string> pairs of words that lie over one another by more than a hair
     */
    private static function overlaps(DOMXPath $found, DOMElement $svg): array
    {
        $boxes = $over = [];
        foreach ($found->query('.//*[local-name()="text"]', $svg) ?: [] as $text) {
            assert($text instanceof DOMElement);
            $words = trim((string) preg_replace('/\s+/u', ' ', (string) $text->textContent));
            if ($words === '' || str_contains($text->getAttribute('transform'), 'rotate') || $found->evaluate(
                'count(ancestor-or-self::*[contains(@class, "hover") or @hidden or @aria-hidden="true"])',
                $text,
            ) > 0) {
                continue;
            }
            [$dx, $dy] = self::moved($text, $svg);
            $width = Labels::width($words);
            $x = $dx + (float) $text->getAttribute('x') - match (true) {
                preg_match('/\bmid\b/', $text->getAttribute('class')) === 1, $text->getAttribute('text-anchor') === 'middle' => $width / 2,
                preg_match('/\bend\b/', $text->getAttribute('class')) === 1, $text->getAttribute('text-anchor') === 'end' => $width,
                default => 0.0,
            };
            $y = $dy + (float) $text->getAttribute('y');
            foreach ($boxes as [$other, $ox, $oy, $ow]) {
                // A line of type is about 9 px from base to cap.
                $across = min($x + $width, $ox + $ow) - max($x, $ox);
                if ($across > 4.0 && abs($y - $oy) < 8.0) {
                    $over[] = "“{$words}” over “{$other}”";
                }
            }
            $boxes[] = [$words, $x, $y, $width];
        }

        return $over;
    }
}
