<?php

declare(strict_types=1);

namespace Tests\Live;

use App\Models\Job;
use App\Models\Measurement;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\DB;
use Pebblefell\Stage\DayPlan\Standing;
use PHPUnit\Framework\Attributes\Group;
use Psr\Http\Message\ResponseInterface;
use Symfony\Component\Uid\Uuid;
use Tests\Sample;

/**
 * Writes that are sent at the same time leave what one after the other would leave: what is kept follows from the rows, nothing is there
 * twice, no change rests on what was not there any more, and nobody is told done who was not.
 *
 * @phpstan-import-type Form from Forms
 */
#[Group('sampled')]
final class AtOnceTest extends TestCase
{
    private const ROUNDS = 14;

    /** Pages walked, forms looked at, and seconds for their pairs in `test`; in `test long` it is all of them, as long as it takes. */
    private const PAGES = 170;
    private const FORMS = 60;
    private const PAIRS_S = 25.0;

    /** Values for fields that a person must fill in, by the end of their names. */
    private const FILL = [
        'name' => 'At once', 'title' => 'At once', 'reason' => 'seen at once', 'note' => 'at once', 'volts' => '13.31', 'amps' => '0',
        'value' => '13.3', 'watts' => '7', 'code' => '4711', 'label' => 'app', 'caption' => 'at once', 'text' => 'At once.', 'count' => '1',
        'word' => 'at once', 'lines' => 'switch 100 A, at once', 'strokes' => '[[[0.1,0.1],[0.5,0.5],[0.9,0.2]]]', 'by' => 'Somebody',
        'size_mm2' => '35', 'length_m' => '0.7', 'serial' => 'AO-1', 'firmware' => '1.9', 'place' => 'at once', 'celsius' => '12',
    ];

    /** @var list<Person> */
    private static array $people = [];

    private static bool $remembered = false;

    protected function setUp(): void
    {
        parent::setUp();
        Rows::open();
        if (!self::$remembered) {
            self::$people = [self::person('First Hand', 'office,planner,technician'), self::person('Other Hand', 'office,planner,technician')];
            Rows::remember();
            self::$remembered = true;
        }
    }

    protected function tearDown(): void
    {
        Rows::putBack();
    }

    public function testTicksBesideAChangedWish(): void
    {
        $job = Job::query()->where('title', 'Dental van')->firstOrFail();
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            [$one, $two] = self::$people;
            $brief = self::formTo($one, "/jobs/$job->id/brief", '~/brief$~');
            $tick = static fn(int $i): array => [
                $two, 'POST', "/jobs/$job->id/ticks",
                ['step' => Standing::FOUND, 'state' => 'otherwise', 'note' => "round $round, $i", 'client_id' => self::uuid()],
            ];
            $wish = (string) (1.0 + 0.5 * ($round % 4) + 0.25);
            $answers = self::atOnce([[$one, 'PUT', $brief['path'], Forms::nested([...$brief['fields'], 'wish_days' => $wish])], ...array_map($tick, range(1, 5))]);
            self::assertSame([302 => 6], self::statuses($answers));
            self::assertSame([], Rows::untrue($job->id), "round $round");
        }
    }

    public function testFourPressesOfFinishAreOne(): void
    {
        $job = Job::query()->where('title', 'Library trailer')->firstOrFail();
        foreach ($job->balanceSessions as $session) {
            $session->delete();
        }
        $form = self::formTo(self::$people[0], "/jobs/$job->id/balance", '~/balance$~');
        $uids = $job->parts()->where('kind', 'battery')->where('fate', 'add')->pluck('uid')->all();
        self::$people[0]->send('POST', $form['path'], [...Forms::nested($form['fields']), 'protocol' => 'check', 'parts' => $uids]);
        $session = $job->balanceSessions()->firstOrFail();
        $before = Measurement::query()->where('job_id', $job->id)->count();
        foreach ($session->balanceBatteries as $battery) {
            self::$people[0]->send('POST', "/jobs/$job->id/balance/$session->id/batteries/$battery->id/readings", ['volts' => '13.30', 'amps' => '0']);
        }
        $answers = self::atOnce(array_fill(0, 4, [
            self::$people[0], 'PUT', "/jobs/$job->id/balance/$session->id/finish", ['passed' => '1', 'reason' => 'seen'],
        ]));
        self::assertSame([302 => 1, 409 => 3], self::statuses($answers));
        self::assertSame($before + count($uids), Measurement::query()->where('job_id', $job->id)->count());
    }

    public function testTwoPressesIssueOnePack(): void
    {
        $job = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        $before = $job->handovers()->count();
        $form = self::formTo(self::$people[0], "/jobs/$job->id/handover", '~/handovers$~');
        $answers = self::atOnce(array_fill(0, 2, [self::$people[0], 'POST', $form['path'], Forms::nested($form['fields'])]));
        self::assertSame($before + 1, $job->handovers()->count(), (string) json_encode(self::statuses($answers)));
    }

    /** Pairs of all forms of the demo, and each with itself, two and eight at a time. */
    public function testPairsOfWrites(): void
    {
        $forms = self::writes();
        $tables = [];
        foreach (Sample::some(array_keys($forms), self::FORMS) as $name) {
            $tables[$name] = $this->alone($forms[$name]);
        }
        $pairs = self::pairs($tables);
        $sample = Sample::of($pairs, self::PAIRS_S, 'pairs of writes');
        [$tried, $done, $faults] = [0, 0, []];
        foreach ($sample as [$a, $b, $times]) {
            $result = $this->pair($forms[$a], $forms[$b], $times);
            if ($result === null) {
                continue;
            }
            ++$tried;
            $done += $result['done'];
            foreach ($result['faults'] as $fault) {
                $faults[] = "$a × $b × $times: $fault";
            }
            if ($tried % 60 === 0) {
                Rows::putBack();
            }
        }
        fwrite(STDERR, sprintf(
            "%d forms that write, %d pairs; tried %d, of which %d writes were done. %s\n",
            count($forms),
            count($pairs),
            $tried,
            $done,
            $sample->told(),
        ));
        self::assertSame([], $faults);
        self::assertGreaterThan(5, $done);
    }

    /**
     * @return array<string, Form>
     */
    private static function writes(): array
    {
        $forms = [];
        foreach (Forms::walk(self::$people[0], Sample::many(self::PAGES, 500))->all as $name => $form) {
            if ($form['method'] !== 'GET' && $form['files'] === []) {
                $forms[$name] = $form;
            }
        }
        ksort($forms);

        return $forms;
    }

    /**
     * What a form writes when it is sent by itself, by tables; where it writes nothing it is nobody's rival.
     *
     * @param Form $form
     *
     * @return array<int, string>
     */
    private function alone(array $form): array
    {
        $act = Rows::newestAct();
        $counts = Rows::counts();
        $fresh = self::again(self::$people[0], $form);
        if ($fresh === null) {
            return [];
        }
        self::$people[0]->send($fresh['method'], $fresh['path'], self::filled($fresh, 0), $fresh['from']);
        $changed = array_keys(array_diff_assoc(Rows::counts(), $counts));
        $written = DB::table('activity_log')->where('id', '>', $act)->distinct()->pluck('subject_type')->all();
        foreach ($written as $class) {
            if (is_string($class) && is_a($class, Model::class, true)) {
                $changed[] = (new $class())->getTable();
            }
        }

        return array_unique($changed);
    }

    /**
     * @param array<string, array<int, string>> $tables by form
     *
     * @return list<array{string, string, int}> two forms and how many at a time
     */
    private static function pairs(array $tables): array
    {
        $names = array_keys(array_filter($tables));
        $pairs = [];
        foreach ($names as $i => $a) {
            $pairs[] = [$a, $a, 2];
            $pairs[] = [$a, $a, 8];
            foreach (array_slice($names, $i + 1) as $b) {
                $shared = array_intersect($tables[$a], $tables[$b]) !== [];
                if (self::job($a) === self::job($b) && (Sample::isLong() || $shared)) {
                    $pairs[] = [$a, $b, 2];
                    if ($shared) {
                        $pairs[] = [$a, $b, 8];
                    }
                }
            }
        }

        return $pairs;
    }

    /**
     * @param Form $a
     * @param Form $b
     *
     * @return ?array{done: int, faults: list<string>} null: one of them is not there any more
     */
    private function pair(array $a, array $b, int $times): ?array
    {
        $forms = [self::again(self::$people[0], $a), self::again(self::$people[1], $b)];
        if ($forms[0] === null || $forms[1] === null) {
            return null;
        }
        $act = Rows::newestAct();
        $requests = [];
        for ($i = 0; $i < $times; ++$i) {
            $form = $forms[$i % 2];
            $requests[] = [self::$people[$i % 2], $form['method'], $form['path'], self::filled($form, $i)];
        }
        $answers = self::atOnce($requests, $times);
        $faults = [];
        foreach ($answers as $i => $answer) {
            if ($answer === null || $answer->getStatusCode() >= 500) {
                $faults[] = 'answered with ' . ($answer?->getStatusCode() ?? 'nothing');
            }
        }
        $job = (int) self::job($a['path']);
        $acts = DB::table('activity_log')->where('id', '>', $act)->distinct()->count('batch_uuid');
        $done = count(array_filter($answers, static fn($r): bool => $r !== null && in_array($r->getStatusCode(), [200, 302, 303], true)));
        if ($acts > $done) {
            $faults[] = "$acts acts for $done answers that say done";
        }
        array_push($faults, ...Rows::lost($act), ...($job > 0 ? Rows::untrue($job) : []));

        return ['done' => $acts, 'faults' => $faults];
    }

    /**
     * The form as its page shows it now.
     *
     * @param Form $form
     *
     * @return ?Form
     */
    private static function again(Person $person, array $form): ?array
    {
        foreach (Forms::on($person, $form['from']) as $now) {
            if ($now['method'] === $form['method'] && $now['path'] === $form['path'] && array_keys($now['fields']) === array_keys($form['fields'])) {
                return $now;
            }
        }

        return null;
    }

    /**
     * @param Form $form
     *
     * @return array<array-key, mixed>
     */
    private static function filled(array $form, int $i): array
    {
        $fields = $form['fields'];
        foreach ($fields as $name => $value) {
            $end = strtolower((string) preg_replace('/^.*\[|\]/', '', (string) $name));
            if ($value === '' && isset(self::FILL[$end])) {
                $fields[$name] = self::FILL[$end] . (in_array($end, ['name', 'note', 'title', 'reason'], true) ? " $i" : '');
            } elseif ($end === 'client_id') {
                $fields[$name] = self::uuid();
            } elseif (is_numeric($value) && in_array($end, ['watts', 'wish_days', 'length_m', 'price', 'people', 'rating_a'], true)) {
                $fields[$name] = (string) ((float) $value + 1 + $i);
            } elseif (in_array($end, ['note', 'place', 'travel_notes', 'text'], true)) {
                $fields[$name] = mb_substr("$value $i", -60);
            }
        }

        return Forms::nested($fields);
    }

    /** @return Form */
    private static function formTo(Person $person, string $page, string $path): array
    {
        foreach (Forms::on($person, $page) as $form) {
            if ($form['method'] !== 'GET' && preg_match($path, $form['path']) === 1) {
                return $form;
            }
        }
        self::fail("$page has no form to $path");
    }

    private static function job(string $of): string
    {
        return preg_match('~/jobs/(\d+|#)~', $of, $m) === 1 ? (preg_match('/(\d+)$/', $of, $n) === 1 && $m[1] === '#' ? $n[1] : $m[1]) : '';
    }

    private static function uuid(): string
    {
        return (string) Uuid::v4();
    }

    /**
     * @param array<int, ?ResponseInterface> $answers
     *
     * @return array<int, int>
     */
    private static function statuses(array $answers): array
    {
        $statuses = array_count_values(array_map(static fn($a): int => $a?->getStatusCode() ?? 0, $answers));
        ksort($statuses);

        return $statuses;
    }
}
