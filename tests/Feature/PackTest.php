<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Handover;
use App\Models\Job;
use App\Models\Role;
use App\Models\Signature;
use App\Pack\Sticker;
use App\Record\JobFiles;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\Process\Process;

/** What the customer keeps. */
final class PackTest extends TestCase
{
    private function pack(): Handover
    {
        DemoShop::lay($this);
        auth()->forgetUser();

        return Handover::query()->firstOrFail();
    }

    public function testThePageOpensByItsSignedLinkAloneAndNotWithout(): void
    {
        $pack = $this->pack();
        $this->get($pack->link())->assertOk()->assertSee('Seabird-survey camper')->assertSee('K200W-25-1331')->assertSee('14.2')->assertSee('Equalise');
        $this->get("/pack/$pack->token")->assertForbidden();
        $this->get(str_replace($pack->token, strrev($pack->token), $pack->link()))->assertNotFound();
        $pack->update(['revoked_at' => now()]);
        $this->get($pack->link())->assertNotFound();
    }

    public function testItDoesNotChangeWhenTheJobDoes(): void
    {
        $pack = $this->pack();
        $before = $this->get($pack->link())->getContent();
        Job::query()->whereKey($pack->job_id)->firstOrFail()->parts()->where('serial', 'K200W-25-1331')->firstOrFail()->update(['serial' => 'CHANGED']);
        self::assertSame($before, $this->get($pack->link())->getContent());
        $this->get($pack->link('pack.file'))->assertOk()->assertSee('K200W-25-1331');
    }

    private function text(string $pdf): string
    {
        $process = new Process(['pdftotext', '-layout', '-', '-'], null, null, $pdf);
        $process->mustRun();

        return $process->getOutput();
    }

    /** Who reads German gets all of it in German: no line of English is left but names that people typed. */
    public function testItIsWrittenInTheCustomersLanguageAndSealed(): void
    {
        $this->travelTo('2026-11-26 10:00:00');
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $job = Job::query()->where('title', 'Seabird-survey camper')->firstOrFail();
        $job->customer?->update(['language' => 'de']);
        $this->post("/jobs/$job->id/handovers", ['expires_on' => '2026-11-20'])->assertSessionHasErrors('expires_on');
        $this->post("/jobs/$job->id/handovers", ['expires_on' => '2027-11-20'])->assertSessionHasNoErrors();
        $pack = Handover::query()->latest('id')->firstOrFail();
        self::assertSame(hash('sha256', $pack->document), $pack->sha256);
        $this->get("/jobs/$job->id/handover")->assertOk()->assertDontSee('changed since')->assertSee('20 Nov 2027');
        auth()->logout();
        $page = (string) $this->get($pack->link())->assertOk()->assertSee('lang="de"', false)->assertSee($pack->sha256)->getContent();
        $text = $this->text((string) $this->get($pack->link('pack.pdf'))->getContent());
        foreach ([
            'Für Sie, die damit fahren', 'Für alle, die es reparieren', 'Für die Werkstatt', 'Liste der Sicherungen', 'Nachgewiesen',
            'Eingestellt', 'Absorption, höchstens', '4,08 Tage', 'K200W-25-1331', 'Selhavn Vehicle Electrics',
        ] as $word) {
            self::assertStringContainsString($word, $text);
            self::assertStringContainsString(
                $word,
                (string) preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags(str_replace('<', ' <', $page)))),
            );
        }
        foreach ([' the ', ' and ', ' of ', 'charge', 'Handover', 'Setting', 'Fuse', 'days'] as $english) {
            self::assertStringNotContainsString(
                $english,
                (string) preg_replace('/(Laptop charging|on the bank|over the bank|behind the driver|Recorders and radios).*/', '', $text),
                "English in the German pack: $english",
            );
        }
        self::assertSame(1, Handover::query()->whereKey($pack->id)->value('opened'));
        // Elsewhere it is the same file, with the same seal.
        [$system, $tree, $faults] = JobFiles::read($pack->document);
        self::assertSame([], $faults);
        self::assertNotNull($system);
        $copy = JobFiles::import($system, $tree);
        self::assertSame($pack->sha256, hash('sha256', JobFiles::export($copy->refresh())));
        // After its last day it opens no more.
        $this->travelTo('2027-11-21 10:00:00');
        $this->get($pack->link())->assertNotFound();
        $this->get($pack->link('pack.night'))->assertNotFound();
    }

    public function testAPackOfBeforeKeepsWhatItWasAndIsGivenTheNightPage(): void
    {
        $pack = $this->pack();
        $pack->forceFill(['page' => '<p>as it was issued</p>', 'pdf' => '%PDF- as it was', 'night' => null])->saveQuietly();
        $this->get($pack->link('pack.night'))->assertOk()->assertSee('Nothing charges');
        $this->get($pack->link())->assertOk()->assertSee('as it was issued');
        self::assertSame('%PDF- as it was', $this->get($pack->link('pack.pdf'))->getContent());
    }

    public function testTheNightPageIsThisVehiclesAndItsStickerLeadsThere(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $pack = Handover::query()->firstOrFail();
        $this->get($pack->link('pack.night'))->assertOk()->assertSee('What is wrong?')->assertSee('Nothing charges')->assertSee('All is dark')->assertSee('It smells, hisses or is hot')
            ->assertSee('Hadrelvik Class T 200')->assertSee('555 0140')->assertSee('data-keep-page="signed"', false);
        $this->get("/pack/$pack->token/night")->assertForbidden();
        $pdf = (string) $this->get(
            "/jobs/$pack->job_id/handovers/$pack->id/sticker",
        )->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringContainsString('555 0140', $this->text($pdf));
        $png = tempnam(sys_get_temp_dir(), 'qr') . '.png';
        file_put_contents($png, Sticker::of($pack)->png());
        $read = new Process(['zbarimg', '-q', '--raw', $png]);
        $read->mustRun();
        unlink($png);
        self::assertSame($pack->link('pack.night'), trim($read->getOutput()));
        // What comes after is said on the stage.
        $pack->job?->parts()->firstOrFail()->update(['note' => 'looked at again']);
        $this->get("/jobs/$pack->job_id/handover")->assertOk()->assertSee('changed since');
        $pack->update(['revoked_at' => now()]);
        $this->get("/jobs/$pack->job_id/handovers/$pack->id/sticker")->assertNotFound();
    }

    public function testThePdfHoldsComponentsSettingsCautionsAndPictures(): void
    {
        $pack = $this->pack();
        $pdf = (string) $this->get($pack->link('pack.pdf'))->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
        $text = $this->text($pdf);
        foreach ([
            'Seabird-survey camper', 'K200W-25-1331', 'Halverin Crest 50 C', 'Absorption', 'Equalise', 'Careful',
            'Selhavn Vehicle Electrics',
        ] as $word) {
            self::assertStringContainsStringIgnoringCase($word, $text);
        }
        self::assertStringContainsString('/Subtype /Image', $pdf);
    }

    public function testTheWalkIsNotedSignedAndStandsInThePackAndItsFile(): void
    {
        DemoShop::lay($this);
        $this->actingAs($this->user());
        $job = Handover::query()->firstOrFail()->job()->firstOrFail();
        $html = (string) $this->get("/jobs/$job->id/handover/walk")->assertOk()->assertSee('Papers, sticker, night page')->getContent();
        self::assertSame(1, preg_match('/name="step" value="(lithium\.[^"]+)"/', $html, $m));
        $walk = fn(array $with): TestResponse => $this->postJson(
            "/jobs/$job->id/handover/walk",
            ['step' => $m[1] ?? '', 'state' => 'done', ...$with],
        );
        $walk(
            ['client_id' => $id = (string) Str::uuid(), 'state' => 'otherwise', 'note' => 'May it freeze? Yes, it stops by itself.'],
        )->assertOk()->assertJson(['new' => true]);
        $walk(
            ['client_id' => $id, 'state' => 'otherwise', 'note' => 'May it freeze? Yes, it stops by itself.'],
        )->assertOk()->assertJson(['new' => false]);
        $walk(['client_id' => $id, 'state' => 'otherwise', 'note' => 'something else'])->assertConflict();
        $walk(['step' => 'nowhere'])->assertStatus(422);
        $sign = fn(array $with): TestResponse => $this->postJson(
            "/jobs/$job->id/signatures",
            ['signed_by' => 'Ase Holm', 'strokes' => 'M20 120L60 40L100 130', ...$with],
        );
        foreach ([
            ['strokes' => '"><script>'], ['strokes' => 'M20 120 L1e9 4'], ['signed_by' => ''],
            ['read_at' => now()->addDay()->toIso8601String()],
        ] as $bad) {
            $sign($bad)->assertStatus(422);
        }
        $sign(['client_id' => $own = (string) Str::uuid()])->assertOk();
        $sign(['client_id' => $own])->assertOk();
        $signature = Signature::query()->sole();
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/', $signature->sha256);
        $this->get("/jobs/$job->id/handover")->assertSee('1 question')->assertSee('signed by Ase Holm');
        $this->post("/jobs/$job->id/handovers", [])->assertSessionHasNoErrors();
        $pack = Handover::query()->latest('id')->firstOrFail();
        $text = $this->text((string) $pack->pdf);
        foreach ([
            'Ase Holm signed on', $signature->sha256, 'May it freeze?', 'The circuit as one line', 'The system at a glance',
            '2031-11-19',
        ] as $word) {
            self::assertStringContainsString($word, $text);
        }
        self::assertSame(1, preg_match('~data:image/svg\+xml;base64,([^"]+)" alt="Signature~', (string) $pack->page, $image));
        self::assertStringContainsString('M20 120L60 40L100 130', (string) base64_decode($image[1] ?? '', true));
        // The contents name the page on which each part begins.
        $pages = explode("\f", $text);
        foreach (['For whoever repairs it', 'For the workshop'] as $part) {
            self::assertSame(1, preg_match('/' . $part . '\s+(\d+)/', $pages[0], $n));
            self::assertStringContainsString($part, $pages[(int) ($n[1] ?? 1) - 1]);
        }
    }

    public function testIssuedPacksTravelWithTheJobAndAreNotForged(): void
    {
        $pack = $this->pack();
        $this->actingAs($this->user(Role::Office));
        $file = (string) $this->get("/jobs/$pack->job_id/file")->assertOk()->getContent();
        [$system, $tree, $faults] = JobFiles::read($file);
        self::assertSame([], $faults);
        self::assertNotNull($system);
        $copy = JobFiles::import($system, $tree);
        $theirs = $copy->handovers()->firstOrFail();
        self::assertSame([$pack->sha256, $pack->document, $pack->number], [$theirs->sha256, $theirs->document, $theirs->number]);
        self::assertSame($pack->created_at->getTimestamp(), $theirs->created_at->getTimestamp());
        self::assertSame($file, JobFiles::export($copy->refresh(), true), 'out again byte for byte');
        auth()->logout();
        $this->get($theirs->link())->assertOk()->assertSee('K200W-25-1331');
        // A pack that somebody changed on the way is refused with its place.
        $forged = json_decode($file);
        $forged->packs[0]->document = str_replace('K200W-25-1331', 'K200W-25-9999', $forged->packs[0]->document);
        self::assertSame('/packs/0/document', JobFiles::read((string) json_encode($forged))[2][0]['path'] ?? '');
    }
}
