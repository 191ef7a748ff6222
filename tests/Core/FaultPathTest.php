<?php

declare(strict_types=1);

namespace Tests\Core;

use Pebblefell\Exception\InvalidValue;
use Pebblefell\Fault\Diagnosis;
use Pebblefell\Stage\NotedTick;
use Pebblefell\Stage\Reading;
use Pebblefell\Stage\Test\Check;
use Pebblefell\Stage\Test\FaultPath;
use Pebblefell\Stage\Test\Signs;
use Pebblefell\Stage\Ticks;
use PHPUnit\Framework\TestCase;

/** From a miss to its cause: by hand, and on simulated vehicles whose cause the test has hidden. */
final class FaultPathTest extends TestCase
{
    /** Every list of causes that a line of the sheet names. */
    private const LISTS = [
        ['cloud', 'nearly-full', 'panel-out'], ['set-limit', 'cloud', 'nearly-full', 'panel-out'], [
            'thin-run', 'set-limit', 'smart-alternator', 'nearly-full', 'no-signal', 'input-drop', 'warm',
        ],
        ['nearly-full', 'mains-limit', 'warm'], ['reversed', 'string-wrong', 'bms-open'], ['panel-out', 'reversed', 'series-wrong'],
        ['load-other', 'heats-up', 'shunt-bypassed'],
        ['cold-bank', 'loose-link', 'weak-battery'], [
            'loose-link', 'weak-battery', 'clamp-direction',
        ], ['bad-joint', 'thinner-lead', 'longer-lead'], ['bad-joint', 'no-air'],
        ['no-earth', 'bond-wrong', 'device-dead'], ['no-sensor', 'not-told'], ['no-sensor', 'cutoff-off'],
    ];

    public function testBayesByHand(): void
    {
        // Two causes at 3 : 1; a yes to q under the first in 0.8 of cases, under the second in 0.1.
        $d = Diagnosis::of(['a' => 3.0, 'b' => 1.0], ['q' => ['a' => 0.8, 'b' => 0.1], 'idle' => ['a' => 0.5, 'b' => 0.5]]);
        self::assertEqualsWithDelta(0.75, $d->chances([])['a'], 1e-12);
        // 0.75 · 0.8 / (0.75 · 0.8 + 0.25 · 0.1) = 0.96; a no: 0.25 · 0.9 / (0.75 · 0.2 + 0.25 · 0.9) = 0.6 for b, and it leads.
        self::assertEqualsWithDelta(0.96, $d->chances(['q' => true])['a'], 1e-12);
        self::assertSame('b', array_key_first($d->chances(['q' => false])));
        self::assertEqualsWithDelta(0.6, $d->chances(['q' => false])['b'], 1e-12);
        // H(0.75) = 0.811278; yes (0.625): H(0.96) = 0.242292; no (0.375): H(0.6) = 0.970951.
        self::assertEqualsWithDelta(0.811278 - 0.625 * 0.242292 - 0.375 * 0.970951, $d->tellsBits('q', []), 1e-5);
        self::assertEqualsWithDelta(0.0, $d->tellsBits('idle', []), 1e-12);
        self::assertSame('q', $d->next([]));
        self::assertNull($d->next(['q' => true]), 'found');
        self::assertNull($d->next(['q' => false]), 'nothing tells them further apart');
        $this->expectException(InvalidValue::class);
        Diagnosis::of(['a' => 1.0], ['q' => ['a' => 1.0]]);
    }

    public function testEveryCauseOfTheSheetCanBeToldByAQuestion(): void
    {
        foreach (self::LISTS as $causes) {
            $signs = Signs::between($causes);
            foreach ($causes as $cause) {
                $own = array_filter($signs, static fn(array $yes): bool => $yes[$cause] > 0.5);
                self::assertNotSame([], $own, "$cause among " . implode(', ', $causes));
            }
        }
        self::assertSame(Signs::all(), array_values(array_unique(Signs::all())));
    }

    /** A thousand hidden causes, the signs showing and straying as often as assumed. */
    public function testTheHiddenCauseIsAmongTheFirstTwo(): void
    {
        mt_srand(53);
        $chance = static fn(): float => mt_rand() / (mt_getrandmax() + 1.0);
        $two = $first = 0;
        $asked = [];
        for ($case = 0; $case < 1000; ++$case) {
            $causes = self::LISTS[$case % count(self::LISTS)];
            $signs = Signs::between($causes);
            $true = $causes[mt_rand(0, count($causes) - 1)];
            $path = FaultPath::diagnosis($causes);
            $answers = [];
            while (($question = $path->next($answers)) !== null) {
                $answers[$question] = $chance() < $signs[$question][$true];
            }
            $ranked = array_keys($path->chances($answers));
            $two += in_array($true, array_slice($ranked, 0, 2), true) ? 1 : 0;
            $first += $ranked[0] === $true ? 1 : 0;
            $asked[] = count($answers);
        }
        self::assertGreaterThanOrEqual(950, $two);
        self::assertGreaterThanOrEqual(850, $first);
        sort($asked);
        self::assertLessThanOrEqual(2, $asked[500], 'half of them with two looks or fewer');
        self::assertLessThanOrEqual(8, $asked[999]);
    }

    public function testAnswersAreReadFromWhatWasNoted(): void
    {
        $check = new Check(
            'source.k1',
            'sources',
            'source-shore',
            [],
            new Reading('amps', 'A', 20.0, 33.0),
            30.0,
            ['nearly-full', 'mains-limit', 'warm'],
        );
        $open = FaultPath::of($check, Ticks::none());
        self::assertSame('nearly-full', array_key_first($open->chances ?? []));
        $no = new NotedTick($open?->stepOf('at-absorption') ?? '', NotedTick::DONE, 0.0);
        $told = FaultPath::of($check, Ticks::of([$no, new NotedTick(FaultPath::step($check, 'case-hot'), NotedTick::DONE, 1.0)]));
        self::assertSame(['at-absorption' => false, 'case-hot' => true], $told?->answers);
        self::assertSame(['warm', true, null], [array_key_first($told->chances), $told->isFound(), $told->next]);
        self::assertNull(FaultPath::of(new Check('tight', 'before', 'tight'), Ticks::none()));
    }
}
