<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\Http\Pages\Wiring\LabelsPage;
use App\Http\Pages\Wiring\PartsListPage;
use App\Http\Workbench;
use App\Models\Conductor;
use App\Models\Job;
use App\Models\Part;
use App\Models\Role;
use App\Models\ShelfItem;
use App\Models\Workshop;
use Illuminate\Testing\TestResponse;
use Pebblefell\Stage\Wiring\PartsList;
use Pebblefell\System\Fate;
use Pebblefell\System\PartKind;

/** The circuit on its screen: typed leads, leads joined by taps, a run changed where it is read, and what is asked of a part. */
final class WiringTest extends TestCase
{
    /** @return array{Job, array<string, string>} a job with a battery, a fuse, a box and a lead between the first two; uids by kind */
    private function van(): array
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $uids = ['battery' => '', 'fuse' => ''];
        foreach ([
            [PartKind::Battery, ['chemistry' => 'lfp', 'nominal_v' => 12.8, 'capacity_ah' => 100]],
            [PartKind::Fuse, ['rating_a' => 100]], [PartKind::DistributionBox, ['circuits' => 8]],
        ] as [$kind, $data]) {
            $uids[$kind->value] = (new AddParts())->row(
                $job,
                Part::class,
                'p',
                [
                    'kind' => $kind, 'fate' => Fate::Add, 'data' => $data, 'origins' => [],
                    'role' => $kind === PartKind::Battery ? 'house' : '',
                ],
            )->uid;
        }
        $uids['lead'] = (new AddParts())->row(
            $job,
            Conductor::class,
            'c',
            ['from_terminal' => $uids['battery'] . '.plus', 'to_terminal' => $uids['fuse'] . '.in', 'fate' => Fate::Add],
        )->uid;

        return [$job, $uids];
    }

    public function testTypedLeadsAreShownBackAndKeptOnlyAsTheyWereSeen(): void
    {
        [$job, $is] = $this->van();
        $text = "{$is['fuse']}.out -> {$is['distribution_box']}.supply_plus 16mm2 0.6m\n{$is['lead']} 25mm2 0.3m 90C";
        $read = (string) $this->post(
            "/jobs/$job->id/wiring/leads",
            ['leads' => $text],
        )->assertOk()->assertSee('a lead comes in')->assertSee('3 values of a lead are set')->getContent();
        self::assertSame(1, $job->conductors()->count(), 'only read');
        preg_match('/name="seen" value="([^"]+)"/', $read, $m);
        // Somebody measures that lead meanwhile.
        $job->conductors()->firstOrFail()->changeTo(['length_m' => 0.4]);
        $again = (string) $this->post(
            "/jobs/$job->id/wiring/leads",
            ['leads' => $text, 'seen' => $m[1] ?? '', 'keep' => 1],
        )->assertOk()->assertSee('has changed since you looked')->getContent();
        self::assertSame(1, $job->conductors()->count());
        preg_match('/name="seen" value="([^"]+)"/', $again, $m);
        $this->post(
            "/jobs/$job->id/wiring/leads",
            ['leads' => $text, 'seen' => $m[1] ?? '', 'keep' => 1],
        )->assertRedirect("/jobs/$job->id/wiring");
        $rows = $job->conductors()->orderBy('id')->get()->map(
            static fn(Conductor $c): array => [$c->to_terminal, $c->size_mm2, $c->length_m, $c->insulation_c],
        )->all();
        self::assertSame([["{$is['fuse']}.in", 25.0, 0.3, 90.0], ["{$is['distribution_box']}.supply_plus", 16.0, 0.6, null]], $rows);
        // What cannot be read is told at its line, and nothing is kept.
        $this->post(
            "/jobs/$job->id/wiring/leads",
            ['leads' => "{$is['lead']} thick\n{$is['lead']} out", 'keep' => 1],
        )->assertOk()->assertSee('is not understood')->assertSee('a lead goes')->assertDontSee('Lay them on the plan');
        self::assertSame(2, $job->conductors()->count());
        $this->post("/jobs/$job->id/wiring/leads", ['leads' => str_repeat("{$is['lead']} out\n", 41)])->assertSessionHasErrors('leads');
    }

    public function testTwoPartsAreJoinedByTapsAlone(): void
    {
        [$job, $is] = $this->van();
        $links = fn(string $query): array => preg_match_all(
            '/href="([^"]*tap=join[^"]*)#join"/',
            (string) $this->get("/jobs/$job->id/wiring?tap=join$query")->assertOk()->getContent(),
            $m,
        ) ? array_map(html_entity_decode(...), $m[1]) : [];
        $first = array_values(array_filter($links(''), static fn(string $u): bool => str_contains($u, "from={$is['fuse']}")));
        self::assertCount(1, $first);
        self::assertNotSame([], $links("&from={$is['fuse']}"));
        $page = $this->get("/jobs/$job->id/wiring?tap=join&from={$is['fuse']}&to={$is['distribution_box']}")->assertOk();
        $page->assertSee("value=\"{$is['fuse']}.out\" selected", false)->assertSee(
            "value=\"{$is['distribution_box']}.supply_plus\" selected",
            false,
        );
        $this->post(
            "/jobs/$job->id/conductors",
            [
                '_form' => 'join', 'fate' => 'add', 'from_terminal' => "{$is['fuse']}.out",
                'to_terminal' => "{$is['distribution_box']}.supply_plus", 'size' => '16', 'back' => "/jobs/$job->id/wiring?tap=join",
            ],
        )
            ->assertRedirect("/jobs/$job->id/wiring?tap=join");
        self::assertSame(2, $job->conductors()->count());
        $this->actingAs($this->user(Role::Technician))->get(
            "/jobs/$job->id/wiring?tap=join&from={$is['fuse']}&to={$is['battery']}",
        )->assertOk()->assertDontSee('Join them');
    }

    public function testARunIsChangedWhereItIsRead(): void
    {
        [$job, $is] = $this->van();
        $row = $job->conductors()->firstOrFail();
        $this->get("/jobs/$job->id/wiring?edit={$is['lead']}")->assertOk()->assertSee('Warmth where it lies');
        $send = [
            'from_terminal' => $row->from_terminal, 'to_terminal' => $row->to_terminal, 'fate' => 'add', 'size' => '2 AWG',
            'length_m' => '0,4', 'ambient_c' => '60', 'grouped' => '4', 'lock_version' => $row->lock_version,
            'back' => "/jobs/$job->id/wiring#fold-runs",
        ];
        $this->put("/jobs/$job->id/conductors/$row->id", $send)->assertRedirect("/jobs/$job->id/wiring#fold-runs");
        $row->refresh();
        self::assertSame([33.631, 0.4, 60.0, 4], [$row->size_mm2, $row->length_m, $row->ambient_c, $row->grouped]);
        $this->put(
            "/jobs/$job->id/conductors/$row->id",
            [...$send, 'lock_version' => $row->lock_version, 'grouped' => '0'],
        )->assertSessionHasErrors('grouped');
        $this->put(
            "/jobs/$job->id/conductors/$row->id",
            [...$send, 'lock_version' => $row->lock_version, 'size' => 'thick'],
        )->assertSessionHasErrors('size');
        self::assertSame(4, $row->refresh()->grouped);
    }

    public function testWhatIsAskedOfTheCircuitIsAnswered(): void
    {
        [$job, $is] = $this->van();
        $at = "/jobs/$job->id/wiring";
        $this->get("$at?safe={$is['fuse']}")->assertOk()->assertSee('Lift the leads off')->assertSee('Prove it dead');
        $this->get("$at?safe={$is['battery']}")->assertOk()->assertSee('A battery is never dead');
        $this->get("$at?safe=nobody")->assertOk()->assertDontSee('Where is it safe?');
        $this->get("$at?show=both&tap=fly")->assertStatus(422);
    }

    public function testTheVansOutletsOpenersAndDifferenceAreShown(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $van = Job::query()->where('title', 'Dental van')->firstOrFail();
        $this->get("/jobs/$van->id/wiring?fold=outlets")->assertOk()->assertSee('Who guards the outlets?')->assertSee('Neutral to earth');
        $this->get("/jobs/$van->id/wiring?fold=matrix")->assertOk()->assertSee('The whole bank');
        $this->get("/jobs/$van->id/wiring?show=both")->assertOk()->assertSee('class="strike"', false);
        $this->get("/jobs/$van->id/wiring?show=found")->assertOk()->assertDontSee('class="strike"', false);
    }

    public function testARunIsOpenedFromTheDrawingAndTakesAPartInItsMiddle(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $van = Job::query()->where('title', 'Dental van')->firstOrFail();
        $run = $van->conductors()->where('from_terminal', 'like', '%.out')->where('size_mm2', 95)->firstOrFail();
        $page = (string) $this->get("/jobs/$van->id/wiring")->getContent();
        self::assertStringContainsString("edit=$run->uid#fold-runs", $page);
        $this->get(
            "/jobs/$van->id/wiring?edit=$run->uid",
        )->assertOk()->assertSee("Lead $run->uid")->assertSee('Drop in')->assertSee('Picture of this run');
        // Read as a line, shown back, then laid on the plan.
        $drop = ['drop' => ['into' => $run->uid, 'what' => 'switch', 'amps' => '350']];
        $shown = (string) $this->post("/jobs/$van->id/wiring/leads", $drop)->assertOk()->assertSee("$run->uid switch 350A")->getContent();
        self::assertSame(1, preg_match('/name="seen" value="([^"]+)"/', $shown, $seen));
        $switches = $van->parts()->where('kind', 'switch')->count();
        $this->post(
            "/jobs/$van->id/wiring/leads",
            ['leads' => "$run->uid switch 350A", 'seen' => $seen[1] ?? '', 'keep' => 1],
        )->assertRedirect();
        self::assertSame($switches + 1, $van->parts()->where('kind', 'switch')->count());
        foreach ([['into' => 'c1', 'what' => 'fuse', 'amps' => 'many'], ['into' => 'c1', 'what' => 'tree', 'amps' => '5']] as $wrong) {
            $this->post("/jobs/$van->id/wiring/leads", ['drop' => $wrong])->assertSessionHasErrors();
        }
        // The other side, and what was promised.
        $this->get("/jobs/$van->id/wiring?pole=minus")->assertOk()->assertSee('Negative side');
        $minus = (string) $this->get("/jobs/$van->id/wiring.svg?pole=minus")->assertOk()->getContent();
        self::assertNotSame((string) $this->get("/jobs/$van->id/wiring.svg")->getContent(), $minus);
        $this->get('/jobs/' . Job::query()->where('title', 'Cinema caravan')->value('id') . '/wiring?pole=minus')->assertOk();
        $later = (string) $this->get("/jobs/$van->id/wiring?watts=5000")->assertOk()->assertSee('Changed later')->getContent();
        self::assertMatchesRegularExpression('/Class T 300.*?300.*?600/s', $later);
        $this->get("/jobs/$van->id/wiring?watts=sun&pole=north")->assertStatus(422);
    }

    public function testTheCircuitGoesOutAsFiles(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $van = Job::query()->where('title', 'Dental van')->firstOrFail();
        $svg = (string) $this->get("/jobs/$van->id/wiring.svg?show=both")->assertOk()->assertHeader('Content-Type', 'image/svg+xml')->getContent();
        $drawn = simplexml_load_string($svg);
        self::assertNotFalse($drawn, 'well formed');
        self::assertStringNotContainsString('var(', $svg, 'it stands alone');
        self::assertGreaterThan(3, count($drawn->xpath('//*[local-name()="g"]') ?: []));
        $this->get("/jobs/$van->id/wiring/paper")->assertOk()->assertSee('Cables and fuses')->assertDontSee('As CSV');
        foreach (['', '?stock=letter-80'] as $query) {
            $pdf = (string) $this->get("/jobs/$van->id/wiring/labels.pdf$query")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
            self::assertStringStartsWith('%PDF', $pdf);
        }
        $this->get("/jobs/$van->id/wiring/labels.pdf?stock=wall")->assertStatus(422);
        // The workshop's own sheet goes before those that are usual; one that is larger than its paper is refused at its field.
        $shop = Workshop::current();
        $form = [
            'lock_version' => $shop->lock_version, 'name' => $shop->name, 'region' => $shop->region->value,
            'timezone' => $shop->timezone, 'first_terminal' => 'negative', 'currency' => $shop->currency, 'opens' => '08:00',
            'closes' => '16:00', 'work_days' => [1],
        ];
        $this->put('/workshop', [...$form, 'label_sheet' => '4 x 8, 70 x 37'])->assertSessionHasErrors('label_sheet');
        $this->put('/workshop', [...$form, 'label_sheet' => 'small ones'])->assertSessionHasErrors('label_sheet');
        $this->put('/workshop', [...$form, 'label_sheet' => '2 x 5, 99.1 x 57, 4.7, 6, 2.5'])->assertSessionHasNoErrors();
        $this->get("/jobs/$van->id/wiring")->assertSee('Labels: 2 × 5, 99.1');
        $pages = fn(string $query): int => (int) preg_match_all(
            '~/Type\s*/Page\b(?!s)~',
            (string) $this->get("/jobs/$van->id/wiring/labels.pdf$query")->getContent(),
        );
        self::assertGreaterThan($pages('?stock=a4-65'), $pages(''), 'ten on a sheet instead of 65');
        $labels = array_column((new LabelsPage(Workbench::of($van)))->labels(), 'big');
        self::assertCount(1, preg_grep('/^fuse 300/', $labels) ?: []);
        self::assertSame(
            2 * PartsList::of(Workbench::of($van)->study)->runs(),
            count($labels) - count(preg_grep('/^(fuse|isolating switch)/', $labels) ?: []),
        );
    }

    public function testTheShelfPricesTheListAndSaysWhatIsToOrder(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $van = Job::query()->where('title', 'Dental van')->firstOrFail();
        $list = static fn(): array => (new PartsListPage(Workbench::of($van->refresh())))->rows();
        $lug = array_values(array_filter($list(), static fn(array $r): bool => str_starts_with($r['item'], 'lug ')))[0];
        $cable = array_values(
            array_filter($list(), static fn(array $r): bool => str_starts_with($r['item'], 'cable plus') && $r['much'] !== null),
        )[0];
        $this->get("/jobs/$van->id/wiring/shelf")->assertOk()->assertSee('What is on the shelf?')->assertSee($lug['item']);
        $put = fn(array $with): TestResponse => $this->put(
            "/jobs/$van->id/wiring/shelf",
            [
                'item' => [$lug['item'], $cable['item']], 'price' => ['2,40', '11'], 'stock' => ['3', '500'],
                'place' => ['drawer 4', 'rack'], 'version' => [0, 0], ...$with,
            ],
        );
        $put(['price' => ['cheap', '']])->assertSessionHasErrors('price.0');
        $put([])->assertSessionHasNoErrors();
        $by = array_column($list(), null, 'item');
        self::assertEqualsWithDelta(2.4 * $lug['much'], $by[$lug['item']]['costs'], 1e-9);
        self::assertEqualsWithDelta(11.0 * $cable['much'], $by[$cable['item']]['costs'], 1e-9);
        self::assertSame(
            ['from stock', $lug['much'] > 3 ? 'order ' . ($lug['much'] - 3) : 'from stock'],
            [$by[$cable['item']]['order'], str_replace("\u{a0}", ' ', $by[$lug['item']]['order'])],
        );
        // Picked in the order of the shelf: what has a place first.
        self::assertSame(['drawer 4', 'rack'], array_slice(array_column($list(), 'place'), 0, 2));
        $this->get("/jobs/$van->id/wiring?fold=list")->assertOk()->assertSee('drawer 4');
        self::assertStringContainsString('drawer 4', (string) $this->get("/jobs/$van->id/wiring.csv")->getContent());
        // Who still sees it as it was overwrites nothing.
        $put(['price' => ['3', '12']])->assertConflict()->assertSee('2.40')->assertSee('3');
        self::assertSame(2.4, (float) ShelfItem::query()->where('item', $lug['item'])->value('price'));
    }
}
