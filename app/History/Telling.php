<?php

declare(strict_types=1);

namespace App\History;

use App\Models\Activity;
use App\Models\Answer;
use App\Models\Appliance;
use App\Models\BalanceBattery;
use App\Models\BalanceSession;
use App\Models\Choice;
use App\Models\Conductor;
use App\Models\DayPlan;
use App\Models\Handover;
use App\Models\Job;
use App\Models\Measurement;
use App\Models\Offer;
use App\Models\Part;
use App\Models\Photo;
use App\Models\Scenario;
use App\Models\Secret;
use App\Models\Setting;
use App\Models\Signal;
use App\Models\Workshop;
use App\Words\Lexicon;
use BackedEnum;
use Illuminate\Support\Collection;
use Pebblefell\Balance\BalanceStep;
use Pebblefell\Setting\Parameter;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** Says in words what an act did. */
final class Telling
{
    /** Holds what an act is told by, first to last; the rest is counted behind it. */
    private const ORDER = [
        Handover::class,
        Offer::class,
        DayPlan::class,
        Part::class,
        BalanceSession::class,
        BalanceBattery::class,
        Setting::class,
        Secret::class,
        Measurement::class,
        Appliance::class,
        Scenario::class,
        Answer::class,
        Choice::class,
        Photo::class,
        Signal::class,
        Conductor::class,
        Job::class,
    ];

    /** Things named one by one before the rest is counted. Chosen. */
    private const NAMED = 3;

    private const COUNTED = '#';

    /** Told by their kind alone, or counted. */
    private const NAMELESS = [DayPlan::class, BalanceSession::class, Signal::class, Conductor::class, Job::class];

    /** As the trail keeps a moment, in UTC; it is told by the clock on the wall. */
    private const MOMENT = '/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{6}Z$/';

    private const QUIET = ['lock_version', 'entered_by', 'entered_at', 'position', 'since', 'origins'];

    /**
     * @param Collection<int, Activity> $lines of one act
     */
    public static function of(Collection $lines): string
    {
        $groups = [];
        foreach ($lines as $line) {
            $groups[(int) array_search($line->subject_type, self::ORDER, true)][self::verb($line)][self::what($line)][] = $line;
        }
        ksort($groups);
        $said = [];
        $rest = 0;
        foreach ($groups as $verbs) {
            foreach ($verbs as $verb => $things) {
                if (count($said) >= 2) {
                    $rest += array_sum(array_map(count(...), $things));
                    continue;
                }
                $said[] = trim($verb . ' ' . self::listed(array_map(count(...), $things)));
            }
        }

        return implode(self::word('and'), $said) . ($rest > 0 ? self::word('more', ['count' => $rest]) : '');
    }

    /** Whether the line does not hold what its row is called: one that was made or deleted is written down whole. */
    public static function asksTheRow(Activity $line): bool
    {
        return !in_array($line->event, ['created', 'deleted'], true) && !in_array($line->subject_type, self::NAMELESS, true);
    }

    /** One row of an act: what it is, in a few words. */
    public static function row(Activity $line): string
    {
        $what = self::what($line);

        return trim(self::verb($line) . ' ' . (str_starts_with($what, self::COUNTED) ? self::counted($what, 1) : $what));
    }

    /**
     * @return list<array{key: string, from: ?string, to: ?string}>
     */
    public static function changes(Activity $line): array
    {
        $new = $line->after();
        $old = $line->before();
        $changes = [];
        foreach ($line->event === 'deleted' ? $old : $new as $key => $value) {
            $from = $old[$key] ?? null;
            $to = $line->event === 'deleted' ? null : $value;
            if (in_array($key, self::QUIET, true) || ($line->event !== 'updated' && in_array($value, [null, '', [], '[]', '{}'], true))) {
                continue;
            }
            foreach (self::apart((string) $key, $from, $to) as $name => [$was, $is]) {
                if ($was !== $is) {
                    $changes[] = ['key' => $name, 'from' => $was, 'to' => $is];
                }
            }
        }

        return $changes;
    }

    /**
     * A data sheet line by line; anything else whole.
     *
     * @return array<string, array{?string, ?string}>
     */
    private static function apart(string $key, mixed $from, mixed $to): array
    {
        if ($key !== 'data') {
            return [str_replace('_', ' ', $key) => [self::text($from), self::text($to)]];
        }
        $lines = [];
        foreach (array_keys((array) $from + (array) $to) as $line) {
            $lines[str_replace('_', ' ', (string) $line)] = [
                self::text(((array) $from)[$line] ?? null),
                self::text(((array) $to)[$line] ?? null),
            ];
        }

        return $lines;
    }

    private static function text(mixed $value): ?string
    {
        return match (true) {
            $value === null, $value === '' => null,
            is_bool($value) => (string) __($value ? 'history.yes' : 'history.no'),
            is_string($value) && preg_match(self::MOMENT, $value) === 1 => Workshop::current()->told((int) strtotime($value), 'j M Y H:i'),
            is_scalar($value) => mb_strimwidth((string) $value, 0, 120, '…'),
            default => mb_strimwidth((string) json_encode($value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES), 0, 120, '…'),
        };
    }

    private static function verb(Activity $line): string
    {
        $new = $line->after();
        $key = match ($line->subject_type) {
            Part::class => match (true) {
                $line->event === 'created' => ($new['fate'] ?? '') === Fate::Add->value ? 'planned' : 'noted',
                $line->event === 'updated' && array_diff(
                    array_keys($new),
                    ['fate', 'lock_version'],
                ) === [] => 'decided_' . ($new['fate'] ?? 'keep'),
                $line->event === 'updated' => array_key_exists('position', $new) && count($new) === 1 ? 'moved' : 'changed',
                default => 'deleted',
            },
            Handover::class => $line->event === 'created' ? 'issued' : 'took_back',
            Offer::class => match (true) {
                $line->event === 'created' => 'offered',
                isset($new['withdrawn_at']) => 'withdrew',
                isset($new['accepted_at']) => 'was_accepted',
                isset($new['taken_at']) => 'took_into_plan',
                default => 'changed',
            },
            DayPlan::class => 'set_day',
            Measurement::class => $line->event === 'created' ? 'read' : 'deleted',
            Answer::class => $line->event === 'created' ? ($new['answer'] ?? 'accepted') : 'deleted',
            Photo::class => $line->event === 'created' ? 'photographed' : 'deleted',
            Setting::class => $line->event === 'deleted' ? 'deleted' : 'set',
            Conductor::class => ['created' => 'drew', 'updated' => 'changed'][$line->event] ?? 'deleted',
            BalanceSession::class => match (true) {
                $line->event === 'created' => 'opened',
                isset($new['ended_at']) => 'ended',
                isset($new['joined_at']) => 'joined',
                default => 'changed',
            },
            BalanceBattery::class => $line->event === 'created' ? 'took_in' : 'moved_on',
            Job::class => ['created' => 'opened', 'updated' => 'changed'][$line->event] ?? 'deleted',
            default => ['created' => 'added', 'updated' => 'changed'][$line->event] ?? 'deleted',
        };

        return $line->event === null || $line->event === 'shown' ? (string) $line->description : __("history.verbs.$key");
    }

    private static function what(Activity $line): string
    {
        // What the row was called when it was written, as far as the line tells; else what it is called now.
        $row = [
            ...(self::asksTheRow($line) ? $line->subject?->getAttributes() ?? [] : []),
            ...$line->before(),
            ...$line->after(),
        ];
        $place = ($row['place'] ?? '') !== '' && $line->event === 'created' ? self::word('in_place', ['place' => $row['place']]) : '';

        return match ($line->subject_type) {
            Part::class => self::part($row) . $place,
            Appliance::class, Scenario::class, Choice::class => self::word(
                strtolower(class_basename((string) $line->subject_type)),
                ['name' => $row['name'] ?? ''],
            ),
            Setting::class => self::word(
                'setting',
                [
                    'parameter' => self::say(Parameter::tryFrom((string) ($row['parameter'] ?? ''))),
                    'part' => self::partName($line, (string) ($row['part_uid'] ?? '')),
                ],
            ),
            Measurement::class => self::word(
                'measurement',
                [
                    'quantity' => str_replace('_', ' ', (string) ($row['quantity'] ?? '')),
                    'value' => $row['value'] ?? '',
                    'part' => self::partName($line, (string) ($row['part_uid'] ?? '')),
                ],
            ),
            Answer::class => self::word('answer', ['finding' => strtok((string) ($row['finding'] ?? ''), ':')]),
            Handover::class => self::word('pack', ['number' => $row['number'] ?? '']),
            Offer::class => self::word('offer', ['number' => $row['number'] ?? '']),
            DayPlan::class => self::word('day'),
            Secret::class => $line->event === 'shown' ? '' : self::word('secret', ['label' => $row['label'] ?? '']),
            // Counted, not named one by one.
            Conductor::class => self::COUNTED . 'conductor',
            Signal::class => self::COUNTED . 'signal',
            Photo::class => self::word('photo', ['caption' => $row['caption'] ?? '']),
            BalanceSession::class => self::word('session'),
            BalanceBattery::class => self::word(
                'in_session',
                [
                    'part' => self::partName($line, (string) ($row['part_uid'] ?? '')),
                    'step' => self::say(BalanceStep::tryFrom((string) ($row['step'] ?? ''))),
                ],
            ),
            Job::class => self::word('job'),
            default => '',
        };
    }

    /**
     * @param array<string, mixed> $row
     */
    private static function part(array $row): string
    {
        $name = trim(($row['make'] ?? '') . ' ' . ($row['model'] ?? ''));

        return $name !== '' ? $name : (self::say(PartKind::tryFrom((string) ($row['kind'] ?? ''))) ?: (string) ($row['uid'] ?? ''));
    }

    /**
     * @param array<string, scalar|null> $args a number that is counted is an int
     */
    private static function word(string $key, array $args = []): string
    {
        return once(static fn(): Lexicon => Lexicon::plain())->word(
            "history.$key",
            array_map(static fn(mixed $value): int|string => is_int($value) ? $value : (string) $value, $args),
        );
    }

    private static function say(?BackedEnum $case): string
    {
        return $case === null ? '' : Lexicon::plain()->name($case);
    }

    private static function partName(Activity $line, string $uid): string
    {
        static $names = [];
        $names[$line->job_id] ??= Part::query()->where('job_id', $line->job_id)->get()->mapWithKeys(
            static fn(Part $p): array => [$p->uid => $p->name()],
        )->all();

        return $names[$line->job_id][$uid] ?? $uid;
    }

    private static function counted(string $thing, int $count): string
    {
        return self::word(substr($thing, strlen(self::COUNTED)), ['count' => $count]);
    }

    /**
     * @param array<array-key, int> $things how many of each
     */
    private static function listed(array $things): string
    {
        $words = [];
        foreach (array_slice($things, 0, self::NAMED, true) as $thing => $count) {
            $thing = (string) $thing;
            $words[] = str_starts_with($thing, self::COUNTED) ? self::counted($thing, $count) : ($count > 1 ? $count . ' × ' : '') . $thing;
        }
        $rest = array_sum(array_slice($things, self::NAMED));

        return implode(', ', $words) . ($rest > 0 ? self::word('more', ['count' => (int) $rest]) : '');
    }
}
