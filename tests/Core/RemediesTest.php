<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Words\Lexicon;
use App\Words\Show;
use Pebblefell\Assessment\Verdict;
use Pebblefell\Bank\Bank;
use Pebblefell\Bank\BayFit;
use Pebblefell\Bank\Box;
use Pebblefell\Bank\Layout;
use Pebblefell\Bank\Network;
use Pebblefell\Bank\Source;
use Pebblefell\Charging\ArrayFit;
use Pebblefell\Charging\DcdcFit;
use Pebblefell\Charging\PanelSheet;
use Pebblefell\Charging\RegulatorSheet;
use Pebblefell\Charging\ShoreFit;
use Pebblefell\Conductor\Ampacity;
use Pebblefell\Conductor\FuseFamily;
use Pebblefell\Conductor\Run;
use Pebblefell\Conductor\Way;
use Pebblefell\Finding\Amount;
use Pebblefell\Finding\Change;
use Pebblefell\Finding\Finding;
use Pebblefell\Finding\Word;
use Pebblefell\Quantity\ConductorSize;
use Pebblefell\Region\Region;
use Pebblefell\Stage\Size\Chosen;
use Pebblefell\Stage\Size\ComesIn;
use Pebblefell\Stage\Size\Endurance;
use Pebblefell\Study;
use Pebblefell\System\Change\Plan;
use Pebblefell\System\Conductor;
use Pebblefell\System\Fate;
use Pebblefell\System\JobFile;
use Pebblefell\System\Kind\Family;
use Pebblefell\System\Part;
use Pebblefell\System\PartKind;
use Pebblefell\System\Sheet\DataSheet;
use Pebblefell\Trip\Noise;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Tests\Sample;

/** What a finding proposes does, asked again with it; and the next smaller, or larger, thing does not. Random cases, by their seed. */
#[Group('sampled')]
final class RemediesTest extends TestCase
{
    use Says;
    use WholeJobs;

    /**
     * @param list<Finding> $findings
     *
     * @return array<string, Finding>
     */
    private static function byRule(array $findings): array
    {
        return array_column(array_map(static fn(Finding $f): array => [$f->rule, $f], $findings), 1, 0);
    }

    private static function value(Finding $finding, string $name): float
    {
        $arg = $finding->args[$name];

        return $arg instanceof Amount ? $arg->value : (float) (is_numeric($arg) ? $arg : NAN);
    }

    /** A remedy that is one press away ends its finding in the ten whole vehicles, and asks at most the next question. */
    public function testAPressEndsItsFinding(): void
    {
        $pressed = 0;
        foreach (self::wholeJobs() as $name => [$study]) {
            $known = static fn(Study $of): array => array_map(
                static fn(Verdict $v): string => $v->finding->rule . '@' . $v->finding->subject,
                $of->assessment()->verdicts,
            );
            $before = $known($study);
            foreach ($study->assessment()->verdicts as $verdict) {
                $finding = $verdict->finding;
                if ($finding->changes === []) {
                    continue;
                }
                $after = $known(Study::of(Plan::with($study->system, $finding->changes)));
                self::assertNotContains("$finding->rule@$finding->subject", $after, $name);
                // A regulator that leaves leaves its panels without one: that is the next to be planned.
                self::assertSame([], array_diff($after, $before, ['panels-without-regulator@']), "$name: $finding->rule");
                ++$pressed;
            }
        }
        self::assertGreaterThanOrEqual(5, $pressed);
    }

    /**
     * The ten whole vehicles wired soundly, every lead as long as it was noted or 1.5 m.
     *
     * @return iterable<string, Study>
     */
    private static function measured(Region $region): iterable
    {
        foreach (self::wholeJobs() as $name => [$drawn]) {
            $drawn = Study::of(JobFile::fromArray(['region' => $region->value] + JobFile::toArray($drawn->system)));
            $laid = self::wired($drawn)->system;
            yield "$name, $region->value" => Study::of(Plan::with($laid, array_values(array_map(
                static fn(Conductor $c): Change => Change::set('conductor', $c->uid, 'length_m', $c->lengthM ?? 1.5),
                $laid->planned()->conductors,
            ))));
        }
    }

    /**
     * Each run is thinned until it is too thin: the size that is proposed, read as it is written, by mm² or by gauge, carries; and the next
     * smaller that is made does not.
     */
    public function testASizeThatIsProposedCarriesAsItIsWritten(): void
    {
        foreach ([Region::Europe, Region::NorthAmerica] as $region) {
            $made = ConductorSize::made($region === Region::NorthAmerica);
            $show = new Show($region->units());
            $found = 0;
            foreach (self::measured($region) as $name => $study) {
                foreach ($study->cables()->runs()->runs as $run) {
                    $uids = array_map(static fn(Conductor $c): string => $c->uid, $run->conductors);
                    $at = static fn(float $mm2): ?Finding => self::ruleOf($study, 'cable-too-thin', $uids[0], array_map(
                        static fn(string $uid): Change => Change::set('conductor', $uid, 'size_mm2', $mm2),
                        $uids,
                    ));
                    $finding = count($uids) > 1 ? null : $at(0.75);
                    $wants = $finding?->args['wants'] ?? null;
                    if ($finding === null || !$wants instanceof Amount || $finding->variant === 'none') {
                        continue;
                    }
                    $written = str_replace("\u{202F}", ' ', $show->text($wants->value, $wants->unit, $wants->decimals));
                    $read = ConductorSize::read($written)->areaMm2;
                    self::assertNull($at($read), "$name, $uids[0]: $written");
                    // It looks at the fuse and the drop besides: it may be larger than what just carries, by those alone.
                    $carries = $run->carriesFromMm2() ?? 0.0;
                    self::assertGreaterThanOrEqual($carries - 1e-9, $wants->value);
                    self::assertNull($at($carries), "$name, $uids[0]: $carries mm²");
                    $thinner = max([0.0, ...array_filter($made, static fn(float $s): bool => $s < $carries - 1e-9 && $s >= 1.3)]);
                    self::assertTrue($thinner <= 0.0 || $at($thinner) !== null, "$name, $uids[0]: $thinner mm²");
                    ++$found;
                }
            }
            self::assertGreaterThan(20, $found, $region->value);
        }
    }

    /** Each fuse is made too small: the rating that is proposed bears it, and one well below does not. */
    public function testARatingThatIsProposedBears(): void
    {
        $ratings = FuseFamily::standardRatings();
        $seen = ['fuse-too-small' => 0, 'main-fuse-too-small' => 0];
        foreach (self::measured(Region::Europe) as $name => $study) {
            foreach ($study->planned()->of(Family::OvercurrentDevice) as $fuse) {
                foreach (array_keys($seen) as $rule) {
                    $at = static fn(float $amps): ?Finding => self::ruleOf(
                        $study,
                        $rule,
                        $fuse->uid,
                        [Change::setData($fuse->uid, [...$fuse->data->values, 'rating_a' => $amps])],
                    );
                    $finding = $at(1.0);
                    if ($finding === null) {
                        continue;
                    }
                    $wanted = self::value($finding, 'wanted');
                    $made = min(array_filter($ratings, static fn(float $r): bool => $r >= round($wanted)) ?: [round($wanted)]);
                    self::assertNull($at($made), "$name, $fuse->uid: $made A for $wanted A");
                    // A fuse that burns for hours at all of its rating is too small; a main fuse already at four fifths.
                    self::assertNotNull($at(0.79 * $wanted), "$name, $fuse->uid: well below $wanted A");
                    ++$seen[$rule];
                }
            }
        }
        self::assertGreaterThan(7, min($seen), (string) json_encode($seen));
    }

    /**
     * @param list<Change> $changes
     */
    private static function ruleOf(Study $study, string $rule, string $subject, array $changes): ?Finding
    {
        foreach (Study::of(Plan::with($study->system, $changes))->assessment()->verdicts as $verdict) {
            if ($verdict->finding->rule === $rule && $verdict->finding->subject === $subject) {
                return $verdict->finding;
            }
        }

        return null;
    }

    /** So many batteries as are proposed meet the wish, and one string less does not. */
    public function testSoManyBatteriesMeetTheWish(): void
    {
        $met = $tight = 0;
        foreach (self::wholeJobs() as $name => [$study]) {
            $has = static function (int $count) use ($study): bool {
                $battery = $study->planned()->houseBatteries()[0];
                $with = Study::of(Plan::with($study->system, Chosen::bank($study->system, $battery, $count)));

                return array_filter($with->assessment()->verdicts, static fn(Verdict $v): bool => $v->finding->rule === 'short-of-wish') !== [];
            };
            foreach ($study->assessment()->verdicts as $verdict) {
                if ($verdict->finding->rule === 'short-of-wish' && isset($verdict->finding->args['count'])) {
                    $count = (int) self::value($verdict->finding, 'count');
                    self::assertFalse($has($count), "$name: $count");
                    self::assertTrue($has($count - ($study->banks()->planned->bank->series ?? 1)), "$name: fewer than $count");
                    // More than the bay holds is not proposed without saying so.
                    $stand = fn(int $n): bool => $study->banks()->bayFit($study->banks()->planned, $n)?->fits() ?? true;
                    self::assertSame($stand($count) ? '' : 'bay', $verdict->finding->variant, $name);
                    $most = $stand($count) ? null : (int) self::value($verdict->finding, 'most');
                    self::assertTrue($most === null || ($stand($most) && !$stand($most + 1)), "$name: $most stand");
                    $tight += $most === null ? 0 : 1;
                    ++$met;
                }
            }
        }
        self::assertGreaterThanOrEqual(3, $met);
        self::assertGreaterThanOrEqual(1, $tight);
    }

    /** The watts that are proposed hold a bank above its limit through a hard winter, and one watt less does not. */
    public function testTheWattsThatAreProposedHoldTheBankWarm(): void
    {
        foreach (['cinema-caravan', 'library-trailer'] as $name) {
            $tree = JobFile::toArray(self::wholeJob($name)->system);
            foreach ([-15.0, -24.0, -35.0] as $cold) {
                $frost = static fn(?float $watts): ?Finding => self::ruleOf(Study::of(JobFile::fromArray([
                    ...$tree,
                    'travel' => ['coldest_battery_c' => $cold] + $tree['travel'],
                    'place' => ['min_c' => array_fill(0, 12, $cold), 'record_low_c' => $cold - 5.0] + $tree['place'],
                    'parts' => [...$tree['parts'], ...($watts === null ? [] : [
                        ['uid' => 'p90', 'kind' => 'heating_pad', 'fate' => 'add', 'data' => ['heater_w' => $watts]],
                    ])],
                ])), 'charging-below-freezing', '', []);
                $finding = $frost(null);
                self::assertNotNull($finding, "$name, $cold °C");
                $watts = self::value($finding, 'watts');
                self::assertNull($frost($watts), "$name, $cold °C: $watts W");
                self::assertNotNull($frost($watts - 1.0), "$name, $cold °C: one less than $watts W");
            }
        }
    }

    /** What each source is to be set to is, in whole amperes, no more than the bank takes, and wastes less than one for each. */
    public function testTheSharesOfAChargeAddUpToWhatTheBankTakes(): void
    {
        $shared = 0;
        foreach (self::wholeJobs() as $name => [$study]) {
            $tree = JobFile::toArray($study->system);
            foreach ([13.0, 17.5, 22.0, 31.0] as $limit) {
                foreach ($tree['parts'] as &$part) {
                    $part['data'] = $part['kind'] === 'battery' ? ['charge_limit_a' => $limit] + $part['data'] : $part['data'];
                }
                unset($part);
                $finding = self::ruleOf(Study::of(JobFile::fromArray($tree)), 'charge-sum', '', []);
                $shares = $finding?->args['shares'] ?? [];
                if ($finding === null || !is_array($shares)) {
                    continue;
                }
                $sum = array_sum(array_map(static fn(mixed $w): float => $w instanceof Word && $w->args['amps'] instanceof Amount
                    ? round($w->args['amps']->value, $w->args['amps']->decimals ?? 9)
                    : INF, $shares));
                self::assertLessThanOrEqual(self::value($finding, 'limit') + 1e-9, $sum, "$name, $limit A");
                self::assertGreaterThan(self::value($finding, 'limit') - count($shares), $sum, "$name, $limit A");
                ++$shared;
            }
        }
        self::assertGreaterThan(5, $shared);
    }

    /** A point of the map that becomes the plan is what the map said of it: the panels lie as the planned ones do. */
    public function testAPointOfTheMapKeepsItsPromiseAsThePlan(): void
    {
        $battery = new Part('x1', PartKind::Battery, DataSheet::of(PartKind::Battery, [
            'chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100, 'usable_pct' => 95, 'charge_limit_a' => 100, 'charge_min_c' => 0,
            'discharge_limit_a' => 100, 'mass_kg' => 11, 'length_mm' => 330, 'width_mm' => 172, 'height_mm' => 214, 'price' => 500,
        ]), Fate::Add, make: 'Testmake', model: 'B');
        $panel = new Part('x2', PartKind::Panel, DataSheet::of(PartKind::Panel, [
            'pmax_w' => 100, 'voc_v' => 22.4, 'vmp_v' => 18.6, 'isc_a' => 5.75, 'imp_a' => 5.38, 'length_mm' => 1050, 'width_mm' => 540,
            'mass_kg' => 7, 'price' => 100,
        ]), Fate::Add, make: 'Testmake', model: 'P');
        $kept = 0;
        foreach (self::wholeJobs() as $name => [$study]) {
            $month = $study->system->travel->months[0] ?? 6;
            $map = Endurance::of($study, $battery, $panel, $month, ComesIn::All);
            $best = $map?->cheapest();
            if ($map === null || $best === null) {
                continue;
            }
            [$strings, $panels] = [$best[0], max(1, $best[1])];
            $series = Bank::seriesFor(12.8, $study->system->vehicle->systemV);
            $done = Study::of(
                Plan::with($study->system, Chosen::plan($study->system, $battery, $strings * $series, $panel, $panels)),
            );
            $after = Endurance::of($done, $battery, $panel, $month, ComesIn::All);
            self::assertSame([$strings, $panels], [$after?->planStrings(), $after?->planPanels()], $name);
            self::assertEqualsWithDelta($map->at($strings, $panels), $after?->at($strings, $panels), 1e-6, $name);
            self::assertCount($strings * $series, $done->planned()->houseBatteries(), $name);
            ++$kept;
        }
        self::assertGreaterThanOrEqual(6, $kept);
    }

    /**
     * The wish has two forms, and the map, its flag and the finding ask the same one: what the flag's point lasts is enough for the finding
     * too once it is the plan, and where the pin stands on the plan it says "fulfilled" where nothing is found, and only there.
     */
    public function testTheMapItsFlagAndTheFindingAskTheSameWish(): void
    {
        $flags = $pins = 0;
        $shown = [];
        foreach (self::wholeJobs() as $name => [$study]) {
            $own = $study->planned()->houseBatteries()[0] ?? null;
            // The sky is asked with some panel where none is planned.
            $panel = $study->planned()->of(Family::Panel)[0] ?? new Part('x2', PartKind::Panel, DataSheet::of(
                PartKind::Panel,
                ['pmax_w' => 100, 'voc_v' => 22.4, 'vmp_v' => 18.6, 'isc_a' => 5.75, 'imp_a' => 5.38, 'length_mm' => 1050, 'width_mm' => 540],
            ), make: 'Testmake', model: 'P');
            if ($own === null) {
                continue;
            }
            // As the library describes it: new, whatever the plan's own has behind it.
            $new = DataSheet::of(PartKind::Battery, array_diff_key($own->data->values, ['age_years' => 0, 'measured_ah' => 0]));
            $own = new Part('x1', PartKind::Battery, $new, make: $own->make, model: $own->model);
            foreach (['still', 'lived'] as $form) {
                foreach ([0.6, 0.95, 1.05, 2.5] as $times) {
                    $tree = JobFile::toArray($study->system);
                    $wish = round($times * max(0.5, $study->banks()->planned->days()->value), 2);
                    $tree['travel'] = ['wish' => $form, 'wish_days' => min(50.0, $wish)] + $tree['travel'];
                    $asked = Study::of(JobFile::fromArray($tree));
                    $month = $asked->simulations->sun()->ruling->month ?? 6;
                    $map = Endurance::of($asked, $own, $panel, $month, ComesIn::wished($asked->system->travel));
                    if ($map === null) {
                        continue;
                    }
                    $says = "$name, $form, $wish days";
                    self::assertTrue($map->isWish, $says);
                    // The pin on the plan.
                    $series = Bank::seriesFor($own->data->known('nominal_v'), $asked->system->vehicle->systemV);
                    $found = self::ruleOf($asked, 'short-of-wish', '', []) !== null;
                    if ($map->planStrings() * $series === count($asked->planned()->houseBatteries())) {
                        $at = [$map->planStrings(), $map->planPanels()];
                        $lasts = $map->lasts($asked, $own, $panel, ...[...$at, $map->at(...$at)]);
                        self::assertSame($found, $lasts < $map->wish - 1e-9, "$says: it lasts $lasts");
                        $shown[$form][$found ? 'short' : 'enough'] = true;
                        ++$pins;
                    }
                    $best = $map->cheapest();
                    if ($best === null) {
                        continue;
                    }
                    $done = Study::of(Plan::with(
                        $asked->system,
                        Chosen::plan($asked->system, $own, $best[0] * $series, $panel, $best[1]),
                    ));
                    self::assertNull(self::ruleOf($done, 'short-of-wish', '', []), "$says: the flag at " . implode(' × ', $best));
                    ++$flags;
                }
            }
            // Asked otherwise it is no wish, and says so.
            foreach (ComesIn::choices($study->system->travel) as $in) {
                $map = Endurance::of($study, $own, $panel, 7, $in);
                if ($map !== null) {
                    self::assertSame($in === ComesIn::Nothing, $map->isWish, "$name, $in->value");
                }
            }
        }
        self::assertGreaterThan(15, $flags);
        self::assertGreaterThan(15, $pins);
        self::assertSame(['enough' => true, 'short' => true], array_intersect_key($shown['still'] ?? [], $shown['lived'] ?? []));
    }

    /** Two figures of which one is said to be too large for the other are never written alike. */
    public function testWhatIsComparedIsWrittenApart(): void
    {
        $decimals = static fn(float $a, float $b, int $from): array => array_values(
            array_map(static fn(Amount $x): ?int => $x->decimals, Amount::compared(['a' => $a, 'b' => $b], 'A', $from)),
        );
        self::assertSame([0, 0], $decimals(143.0, 120.0, 0));
        self::assertSame([1, 1], $decimals(143.4, 142.6, 0));
        self::assertSame([2, 2], $decimals(14.41, 14.4, 1));
        self::assertSame([0, 0], $decimals(143.0, 143.0, 0), 'alike is alike');
        self::assertSame([0, 0], $decimals(143.0, 143.00001, 0), 'and what no reader could tell apart');
        $together = static fn(float $a, float $b, float $c): array => array_values(array_map(
            static fn(Amount $x): ?int => $x->decimals,
            Amount::exceeding(['a' => $a, 'b' => $b], ['c' => $c], 'A', 0),
        ));
        self::assertSame([0, 0, 0], $together(61.0, 30.0, 90.0));
        self::assertSame([1, 1, 1], $together(60.4, 30.0, 90.0), 'not "60 A and 30 A, of 90 A"');
        self::assertSame([2, 2, 2], $together(60.02, 30.03, 90.0));
        // 40.004 V on a cold morning kill a regulator for 40 V: not "40 V; it takes 40 V".
        $panel = PanelSheet::of(200.0, 40.004, 33.0, 6.5, 6.0, 0.0, -0.3);
        $found = self::byRule(ArrayFit::of($panel, 1, 1, RegulatorSheet::of(true, 40.0, 30.0), -20.0, 60.0, 14.4)->findings());
        self::assertMatchesRegularExpression('/reach 40\.004 V open-circuit.*takes 40 V/', self::said(Lexicon::plain()->finding($found['array-volts-too-high'])->message));
    }

    /** The amperes that are left to a charger at a post fit it, in whole ones; one more does not. */
    public function testWhatIsLeftToTheChargerFitsThePost(): void
    {
        foreach ([[230.0, 6.0, 70.0, 900.0], [230.0, 10.0, 120.0, 1500.0], [120.0, 15.0, 100.0, 1200.0], [230.0, 4.0, 60.0, 1000.0]] as [$v, $a, $out, $w]) {
            $of = static fn(float $output): array => self::byRule(ShoreFit::of($v, $a, $output, 14.4, 85.0, $w)->findings());
            $finding = $of($out)['hook-up-overloaded'];
            $most = self::value($finding, 'most');
            if ($finding->variant === 'outlets') {
                self::assertArrayHasKey('hook-up-overloaded', $of(0.0));
                self::assertSame(0.0, $most);
            } else {
                self::assertSame([], $of($most));
                self::assertArrayHasKey('hook-up-overloaded', $of($most + 1.0));
            }
        }
    }

    /** The most in series that a regulator stands in the cold, and the least that works in the heat and wakes at dawn. */
    public function testSoManyInSeriesSuitAndOneMoreOrLessDoesNot(): void
    {
        $seen = ['high' => 0, 'high-none' => 0, 'low' => 0, 'low-none' => 0];
        foreach (Sample::some(range(1, 600), 120) as $seed) {
            $noise = Noise::of($seed);
            $between = static fn(float $low, float $high): float => $low + ($high - $low) * $noise->uniform();
            $noise->uniform();
            $voc = $between(18.0, 52.0);
            $panel = PanelSheet::of($between(80.0, 420.0), $voc, $voc * $between(0.78, 0.86), 10.0, 9.4, -$between(0.22, 0.36), -$between(0.3, 0.45));
            $regulator = RegulatorSheet::of($noise->uniform() < 0.7, $between(40.0, 160.0), 200.0, null, $between(0.0, 6.0));
            $absorption = $noise->uniform() < 0.6 ? 14.4 : 28.8;
            $cold = -$between(5.0, 40.0);
            $of = static fn(int $series): array => self::byRule(
                ArrayFit::of($panel, $series, 1, $regulator, $cold, 70.0, $absorption)->findings(),
            );
            $n = 1 + (int) floor(5.0 * $noise->uniform());
            $found = $of($n);
            if (isset($found['array-volts-too-high'])) {
                $most = (int) self::value($found['array-volts-too-high'], 'most');
                if ($found['array-volts-too-high']->variant === 'none') {
                    self::assertArrayHasKey('array-volts-too-high', $of(1), "seed $seed");
                    ++$seen['high-none'];
                } else {
                    self::assertArrayNotHasKey('array-volts-too-high', $of($most), "seed $seed: $most");
                    self::assertArrayHasKey('array-volts-too-high', $of($most + 1), "seed $seed: $most and one more");
                    ++$seen['high'];
                }
            }
            if (isset($found['array-volts-too-low'])) {
                $series = (int) self::value($found['array-volts-too-low'], 'series');
                $sound = static fn(int $k): bool => array_intersect_key(
                    $of($k),
                    ['array-volts-too-low' => 0, 'array-volts-too-high' => 0],
                ) === [];
                if ($series === 0) {
                    self::assertSame([], array_filter(range(1, 12), $sound), "seed $seed: none does");
                    ++$seen['low-none'];
                } else {
                    self::assertTrue($sound($series), "seed $seed: $series");
                    self::assertSame([], $series === 1 ? [] : array_filter(range(1, $series - 1), $sound), "seed $seed: fewer");
                    ++$seen['low'];
                }
            }
        }
        self::assertGreaterThan(Sample::isLong() ? 4 : -1, min($seen), 'every case has come up: ' . json_encode($seen));
    }

    /** Mixed panels: the smallest current flows through a string, the lowest volts stand over all, and that leaves what it leaves. */
    public function testMixedPanelsLoseWhatTheWeakestLeaves(): void
    {
        $a = PanelSheet::of(180.0, 24.0, 20.0, 9.6, 9.0, -0.3, -0.35);
        $b = PanelSheet::of(80.0, 22.0, 16.0, 5.6, 5.0, -0.3, -0.35);
        $regulator = RegulatorSheet::of(true, 100.0, 30.0);
        $series = ArrayFit::ofStrings([[$a, $b]], $regulator, -20.0, 70.0, 14.4);
        self::assertEqualsWithDelta(36.0 * 5.0, $series->pmaxW, 1e-9);
        self::assertEqualsWithDelta(260.0 - 180.0, $series->mixedLossW, 1e-9);
        self::assertEqualsWithDelta((24.0 + 22.0) * (1.0 + 0.003 * 45.0), $series->vocColdV, 1e-9);
        $parallel = ArrayFit::ofStrings([[$a], [$b]], $regulator, -20.0, 70.0, 14.4);
        self::assertEqualsWithDelta(16.0 * 14.0, $parallel->pmaxW, 1e-9);
        self::assertEqualsWithDelta(9.6 + 5.6, $parallel->iscA, 1e-9);
        self::assertEqualsWithDelta(24.0 * (1.0 + 0.003 * 45.0), $parallel->vocColdV, 1e-9, 'the higher string decides in the cold');
        self::assertEqualsWithDelta(16.0 * (1.0 - 0.0035 * 45.0), $parallel->vmpHotV, 1e-9, 'the lower one in the heat');
        self::assertEqualsWithDelta(224.0 / 14.4, $parallel->chargeA, 1e-9);
        self::assertFalse($parallel->isClipped());
        // Through PWM the panels' own current flows, up to what the regulator passes.
        $pwm = ArrayFit::ofStrings([[$a], [$b]], RegulatorSheet::of(false, 50.0, 15.0), -20.0, 70.0, 14.4);
        self::assertEqualsWithDelta(15.2, $pwm->chargeAUnclipped, 1e-9);
        self::assertSame([15.0, true], [$pwm->chargeA, $pwm->isClipped()]);
    }

    /** The dial that is proposed wears no alternator, and ten amperes more would; the lead that is proposed does, and the next thinner does not. */
    public function testTheDialAndTheLeadThatAreProposedDo(): void
    {
        $sizes = array_values(Ampacity::sizes(false));
        $seen = ['dial' => 0, 'none' => 0, 'lead' => 0, 'warm' => 0, 'no-lead' => 0];
        foreach (Sample::some(range(1, 500), 100) as $seed) {
            $noise = Noise::of($seed);
            $noise->uniform();
            $pick = static fn(array $of): float => (float) $of[(int) floor(count($of) * $noise->uniform())];
            [$alternator, $output, $vehicle] = [$pick([70, 90, 120, 180, 220]), $pick([20, 30, 40, 50, 60, 90]), $pick([5, 15, 30, 60])];
            [$mm2, $metres, $stops] = [$pick($sizes), 0.5 + 9.0 * $noise->uniform(), $pick([0, 11.5, 12.8, 13.1])];
            $fit = static fn(float $a, float $area): DcdcFit => DcdcFit::of(
                $alternator,
                $a,
                $vehicle,
                Way::of(Run::of(ConductorSize::ofArea($area), $metres)),
                inputMinV: $stops > 0.0 ? $stops : null,
            );
            $of = static fn(float $a, float $area): array => self::byRule($fit($a, $area)->findings());
            $found = $of($output, $mm2);
            $strains = static fn(array $f): bool => isset($f['dcdc-overloads-alternator']) || isset($f['dcdc-wears-alternator']);
            if ($strains($found)) {
                $dial = self::value($found['dcdc-overloads-alternator'] ?? $found['dcdc-wears-alternator'], 'dial');
                self::assertLessThan($output, $dial);
                $over = $found['dcdc-overloads-alternator'] ?? null;
                $shown = static fn(string $arg): float => $over?->args[$arg] instanceof Amount
                    ? round($over->args[$arg]->value, $over->args[$arg]->decimals ?? 9)
                    : NAN;
                self::assertTrue($over === null || $shown('input') + $shown('vehicle') > $shown('alternator'), "seed $seed: as written");
                if ($dial > 0.0) {
                    self::assertFalse($strains($of($dial, $mm2)), "seed $seed: $dial A");
                    // Up to 30 A a usual alternator bears besides; less is asked of one that is dialled down.
                    $isEasy = $dial + 10.0 <= DcdcFit::EASY_A && $alternator >= 90.0;
                    self::assertTrue(
                        $dial + 10.0 > $output || $isEasy || $strains($of($dial + 10.0, $mm2)),
                        "seed $seed: $dial A and ten more",
                    );
                }
                ++$seen[$dial > 0.0 ? 'dial' : 'none'];
            }
            if (isset($found['dcdc-lead-undersized'])) {
                $variant = $found['dcdc-lead-undersized']->variant;
                if ($variant === 'none') {
                    self::assertSame(0.0, $fit($output, $mm2)->allowedDropV());
                } else {
                    $better = self::value($found['dcdc-lead-undersized'], 'size');
                    self::assertGreaterThan($mm2, $better);
                    self::assertArrayNotHasKey('dcdc-lead-undersized', $of($output, $better), "seed $seed: $better mm²");
                    $thinner = array_filter($sizes, static fn(float $s): bool => $s < $better - 1e-9);
                    self::assertArrayHasKey('dcdc-lead-undersized', $of($output, max([0.0, ...$thinner])), "seed $seed: thinner than $better mm²");
                }
                ++$seen[match ($variant) {
                    'none' => 'no-lead',
                    'warm' => 'warm',
                    default => 'lead',
                }];
            }
        }
        self::assertGreaterThan(Sample::isLong() ? 3 : -1, min($seen), 'every case has come up: ' . json_encode($seen));
    }

    /** About 30 A of output are easy for a usual alternator at its own volts: one that lifts 12 V to 24 V takes twice as much from it. */
    public function testWhatIsEasyAtIdleIsSoAtTheAlternatorsVolts(): void
    {
        $idles = static fn(float $output, float $inputV, float $outputV): bool => DcdcFit::of(
            95.0,
            $output,
            60.0,
            inputV: $inputV,
            outputV: $outputV,
        )->bearsIdle();
        self::assertSame([true, false], [$idles(30.0, 13.5, 14.0), $idles(31.0, 13.5, 14.0)]);
        self::assertSame([true, false], [$idles(15.0, 13.5, 28.0), $idles(16.0, 13.5, 28.0)], '12 V to 24 V');
        self::assertSame([true, false], [$idles(30.0, 27.0, 28.0), $idles(31.0, 27.0, 28.0)], 'both 24 V');
        // From 24 V down to 12 V it takes half.
        self::assertSame([true, false], [$idles(60.0, 27.0, 14.0), $idles(61.0, 27.0, 14.0)]);
        $large = static fn(float $output): DcdcFit => DcdcFit::of(300.0, $output, 20.0, outputV: 28.0);
        self::assertSame([false, true], [$large(15.0)->idlesWithCare(), $large(20.0)->idlesWithCare()]);
        self::assertSame(15.0, round(self::value(self::byRule($large(20.0)->findings())['dcdc-idle-with-care'], 'easy'), 6));
    }

    /** The whole current that a bank is said to bear puts one battery at its limit, and none above it. */
    public function testTheMostThatABankBearsPutsOneAtItsLimit(): void
    {
        foreach (Sample::some(range(1, 60), 20) as $seed) {
            $noise = Noise::of($seed);
            $noise->uniform();
            $ids = array_slice(['A', 'B', 'C', 'D', 'E'], 0, 2 + (int) floor(4.0 * $noise->uniform()));
            $sources = array_map(static fn(string $id): Source => Source::of(
                $id,
                13.2 + 0.02 * $noise->uniform(),
                0.001 + 0.004 * $noise->uniform(),
                80.0 + 120.0 * $noise->uniform(),
                40.0 + 60.0 * $noise->uniform(),
            ), $ids);
            $layout = $noise->uniform() < 0.5 ? Layout::SameEnd : Layout::Across;
            $network = Network::of($sources, $layout->links($ids, 0.0002, 0.0004), Layout::POSITIVE, Layout::NEGATIVE);
            foreach ([true, false] as $discharging) {
                $most = $network->share(10.0)->most($discharging);
                self::assertNotNull($most);
                $at = $network->share($discharging ? $most[0] : -$most[0]);
                $room = array_combine($ids, array_map(
                    static fn(Source $s, float $a): float => $discharging ? ($s->dischargeLimitA ?? INF) - $a : ($s->chargeLimitA ?? INF) + $a,
                    $sources,
                    $at->amps,
                ));
                self::assertEqualsWithDelta(0.0, min([INF, ...array_values($room)]), 1e-6, "seed $seed");
                self::assertSame($most[1], array_search(min([INF, ...array_values($room)]), $room, true));
                self::assertEqualsWithDelta($at->loadA, array_sum($at->amps), 1e-6);
            }
        }
        // What no data sheet limits, limits nothing.
        $free = Network::of(
            [Source::of('A', 13.2, 0.002), Source::of('B', 13.2, 0.002, 100.0)],
            Layout::Across->links(['A', 'B'], 0.0002, 0.0004),
            Layout::POSITIVE,
            Layout::NEGATIVE,
        )->share(0.0);
        self::assertNull($free->most(false));
        self::assertSame('B', $free->most(true)[1] ?? '');
        self::assertNull($free->percent()[0]);
        self::assertNull($free->lostV());
    }

    /**
     * Blocks of 3 by 2 in small bays, against the best of all ways to lay them: rows reach it in all but three of 48, and never claim more.
     */
    public function testRowsOfBlocksAgainstEveryWayToLayThem(): void
    {
        $short = 0;
        $bays = 0;
        for ($length = 2; $length <= 9; ++$length) {
            for ($width = 2; $width <= 7; ++$width) {
                $best = self::lays($length, $width);
                $fit = BayFit::of(Box::of(100.0 * $length, 100.0 * $width, 300.0), Box::of(300.0, 200.0, 200.0), 99, 0.0);
                self::assertLessThanOrEqual($best, $fit->most, "$length × $width");
                $short += $best - $fit->most;
                ++$bays;
                // Turned, it is the same bay.
                $turned = BayFit::of(Box::of(100.0 * $width, 100.0 * $length, 300.0), Box::of(200.0, 300.0, 200.0), 99, 0.0);
                self::assertSame($fit->most, $turned->most, "$length × $width");
            }
        }
        self::assertLessThanOrEqual(3, $short, "of $bays bays");
    }

    /** The most 3 × 2 blocks on a grid of unit cells, by trying each way at the first free cell. */
    private static function lays(int $length, int $width): int
    {
        $known = [];
        $best = static function (array $free) use (&$best, &$known, $length, $width): int {
            $key = implode('', $free);
            if (isset($known[$key])) {
                return $known[$key];
            }
            $at = strpos($key, '1');
            if ($at === false) {
                return 0;
            }
            [$x, $y] = [$at % $length, intdiv($at, $length)];
            $left = $free;
            $left[$at] = 0;
            $most = $best($left);
            foreach ([[3, 2], [2, 3]] as [$l, $w]) {
                if ($x + $l > $length || $y + $w > $width) {
                    continue;
                }
                $laid = $free;
                $clear = true;
                for ($i = $x; $i < $x + $l; ++$i) {
                    for ($j = $y; $j < $y + $w; ++$j) {
                        $clear = $clear && $free[$j * $length + $i] === 1;
                        $laid[$j * $length + $i] = 0;
                    }
                }
                $most = $clear ? max($most, 1 + $best($laid)) : $most;
            }

            return $known[$key] = $most;
        };

        return $best(array_fill(0, $length * $width, 1));
    }

    /** What a fuse of each sort breaks, at the volts of the systems that there are. Common practice, from the sheets of several makers. */
    public function testWhatEachSortOfFuseBreaksAndWhereItEnds(): void
    {
        $at = static fn(FuseFamily $f): array => array_map($f->interruptA(...), [14.6, 14.7, 32.0, 32.1, 58.0, 58.1, 125.0, 125.1, 1000.0, 1001.0]);
        self::assertSame([1e3, 1e3, 1e3, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], $at(FuseFamily::Blade));
        self::assertSame([2e3, 2e3, 2e3, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], $at(FuseFamily::Sf30));
        self::assertSame($at(FuseFamily::Sf30), $at(FuseFamily::Sf51));
        self::assertSame([6e3, 6e3, 6e3, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0, 0.0], $at(FuseFamily::Strip));
        self::assertSame([1e4, 5e3, 5e3, 2e3, 2e3, 0.0, 0.0, 0.0, 0.0, 0.0], $at(FuseFamily::Terminal));
        self::assertSame([2e4, 2e4, 2e4, 2e4, 2e4, 2e4, 2e4, 0.0, 0.0, 0.0], $at(FuseFamily::ClassT));
        self::assertSame([3e4, 3e4, 3e4, 3e4, 3e4, 3e4, 3e4, 3e4, 3e4, 0.0], $at(FuseFamily::Gpv));
    }
}
