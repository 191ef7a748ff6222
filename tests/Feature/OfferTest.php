<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\KeepChoice;
use App\Models\Job;
use App\Models\Offer;
use App\Models\Part;
use App\Models\Role;
use Pebblefell\Finding\Change;

/** An offer: sums to the cent, frozen, chosen and accepted by its link, and then the plan. */
final class OfferTest extends TestCase
{
    private function van(): Job
    {
        $this->travelTo('2026-11-26 10:00:00');
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $job = Job::query()->where('title', 'Dental van')->firstOrFail();
        $job->customer?->update(['language' => 'de']);
        $inverter = $job->parts()->where('kind', 'inverter_charger')->firstOrFail();
        app(KeepChoice::class)($job, ['name' => 'Ohne Wechselrichter', 'group' => 'mains'], [Change::remove('part', $inverter->uid)]);
        app(KeepChoice::class)($job, ['name' => 'Andere Lösung', 'group' => 'mains'], [Change::remove('part', $inverter->uid)]);

        return $job->refresh();
    }

    public function testASumIsExactFrozenAndInTheCustomersLanguage(): void
    {
        $job = $this->van();
        $job->changeTo(['bay_length_mm' => 2400.0]);
        foreach ([['tax_pct' => 'x'], ['tax_pct' => 99], ['valid_until' => '2020-01-01'], ['valid_until' => 'soon']] as $bad) {
            $this->post(
                "/jobs/$job->id/offers",
                ['tax_pct' => '25', 'valid_until' => '2026-12-24', ...$bad],
            )->assertSessionHasErrors(array_key_first($bad));
        }
        $this->post(
            "/jobs/$job->id/offers",
            ['tax_pct' => '25', 'sundries' => '310,5', 'valid_until' => '2026-12-24', 'text' => 'Wie besprochen.'],
        )->assertSessionHasNoErrors();
        $offer = Offer::query()->firstOrFail();
        $d = $offer->document;
        $net = array_sum(array_map(static fn(array $p): float => $p['count'] * (float) $p['each'], $d['parts']))
            + array_sum(array_map(static fn(array $l): float => $l['hours'] * 74.0, $d['labour'])) + 310.5;
        self::assertEqualsWithDelta(round($net, 2), $d['net'], 0.005);
        $gross = number_format(round($net, 2) + round(round($net, 2) * 0.25, 2), 2, ',', "\u{202F}");
        $this->post('/sign-out', ['_method' => 'delete']);
        $page = (string) $this->get($offer->link())->assertOk()->assertSee('Angebot 1')->assertSee('Zu zahlen')->assertSee($gross)->assertSee('Wie besprochen.')->assertSee('lang="de"', false)->assertSee('Was später dazukommen kann')->assertSee('Sie passen gut dazu bis etwa')->getContent();
        self::assertSame(
            now()->addMonths(24)->format('Y-m'),
            array_column($d['later'], 'until', 'what')['battery'],
            'LFP of one model, two years',
        );
        // Whatever becomes of the job, what was offered stays.
        Part::query()->where('job_id', $job->id)->where('kind', 'battery')->update(
            ['data' => '{"chemistry":"lfp","nominal_v":12.8,"capacity_ah":1}'],
        );
        self::assertSame(strip_tags($page), strip_tags((string) $this->get($offer->link())->getContent()));
        self::assertStringStartsWith('%PDF', (string) $this->get($offer->link('offer.pdf'))->assertOk()->getContent());
        $this->get("/offer/$offer->token")->assertForbidden();
    }

    public function testItIsAcceptedOnceByNameAndThenBecomesThePlan(): void
    {
        $job = $this->van();
        $this->post("/jobs/$job->id/offers", ['tax_pct' => '25', 'valid_until' => '2026-12-24']);
        $offer = Offer::query()->firstOrFail();
        $uids = array_column(array_filter($offer->document['options'], static fn(array $o): bool => $o['group'] === 'mains'), 'uid');
        self::assertCount(2, $uids);
        $accept = $offer->link('offer.accept');
        $this->post($accept, ['choices' => [$uids[0]], 'agreed' => '1'])->assertSessionHasErrors(['name' => 'Bitte den Namen eintragen.']);
        $this->post($accept, ['name' => 'Ragna', 'choices' => [$uids[0]]])->assertSessionHasErrors('agreed');
        $this->post($accept, ['name' => 'Ragna', 'choices' => $uids, 'agreed' => '1'])->assertSessionHasErrors('choices');
        $this->post($accept, ['name' => 'Ragna', 'choices' => ['o999'], 'agreed' => '1'])->assertSessionHasErrors('choices.0');
        self::assertNull($offer->refresh()->accepted_at);
        // Nothing is the plan before somebody of the workshop makes it so.
        $this->put("/jobs/$job->id/offers/$offer->id", ['lock_version' => 1])->assertStatus(409);
        $this->post($accept, ['name' => 'Ragna Holm', 'choices' => [$uids[0]], 'agreed' => '1'])->assertSessionHasNoErrors();
        $offer->refresh();
        self::assertSame([[$uids[0]], 'Ragna Holm'], [$offer->accepted, $offer->accepted_by]);
        self::assertSame($offer->accepted_hash, $offer->hash('Ragna Holm', $offer->accepted_at?->utc()->format('Y-m-d\TH:i:s\Z') ?? ''));
        self::assertNotSame($offer->accepted_hash, $offer->hash('Somebody', '2026-11-26T10:00:00Z'));
        self::assertSame(1, $job->parts()->where('kind', 'inverter_charger')->count());
        $this->post($accept, ['name' => 'Another', 'agreed' => '1'])->assertStatus(409);
        $this->get("/jobs/$job->id/offers")->assertOk()->assertSee('Ragna Holm')->assertSee('with Ohne Wechselrichter');
        $this->delete("/jobs/$job->id/offers/$offer->id", ['lock_version' => $offer->lock_version])->assertStatus(409);
        $this->put("/jobs/$job->id/offers/$offer->id", ['lock_version' => $offer->lock_version])->assertSessionHasNoErrors();
        self::assertSame(0, $job->parts()->where('kind', 'inverter_charger')->count());
        self::assertSame(0, $job->choices()->where('group', 'mains')->count(), 'the question of the group is answered');
        $this->get("/jobs/$job->id/history")->assertOk()->assertSee('made offer 1')->assertSee(
            'noted the customer’s yes to offer 1',
        )->assertSee('made the plan of offer 1')->assertDontSee('Put back: made offer 1');
    }

    public function testAChoiceThatIsGoneByThenIsNamed(): void
    {
        $job = $this->van();
        $this->post("/jobs/$job->id/offers", ['tax_pct' => '25', 'valid_until' => '2026-12-24']);
        $offer = Offer::query()->firstOrFail();
        $option = array_values(array_filter($offer->document['options'], static fn(array $o): bool => $o['group'] === 'mains'))[0];
        $this->post(
            $offer->link('offer.accept'),
            ['name' => 'Ragna', 'choices' => [$option['uid']], 'agreed' => '1'],
        )->assertSessionHasNoErrors();
        $job->choices()->where('uid', $option['uid'])->delete();
        $this->put(
            "/jobs/$job->id/offers/$offer->id",
            ['lock_version' => $offer->refresh()->lock_version],
        )->assertSessionHas('said', static fn(string $said): bool => str_contains($said, $option['name']));
    }

    public function testOneThatIsWithdrawnOrOverIsNotAccepted(): void
    {
        $job = $this->van();
        foreach ([1, 2] as $ignored) {
            $this->post("/jobs/$job->id/offers", ['tax_pct' => '0', 'valid_until' => '2026-12-24']);
        }
        [$first, $second] = Offer::query()->orderBy('number')->get()->all();
        $this->delete("/jobs/$job->id/offers/$first->id", ['lock_version' => 1])->assertRedirect();
        $this->get($first->link())->assertNotFound();
        $this->travelTo('2026-12-25 10:00:00');
        $this->get($second->link())->assertOk()->assertSee('Dieses Angebot gilt nicht mehr');
        $this->post($second->link('offer.accept'), ['name' => 'R', 'agreed' => '1'])->assertStatus(409);
        $this->actingAs($this->user(Role::Technician))->post(
            "/jobs/$job->id/offers",
            ['tax_pct' => '0', 'valid_until' => '2026-12-30'],
        )->assertForbidden();
    }
}
