<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Handover;
use App\Models\Job;
use App\Pack\Sticker;
use App\Record\JobFiles;
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
        foreach (['Für Sie, die damit fahren', 'Für alle, die es reparieren', 'Für die Werkstatt', 'Liste der Sicherungen', 'Nachgewiesen', 'Eingestellt', 'Absorption, höchstens', '4,08 Tage', 'K200W-25-1331', 'Selhavn Vehicle Electrics'] as $word) {
            self::assertStringContainsString($word, $text);
            self::assertStringContainsString($word, (string) preg_replace('/\s+/u', ' ', html_entity_decode(strip_tags(str_replace('<', ' <', $page)))));
        }
        foreach ([' the ', ' and ', ' of ', 'charge', 'Handover', 'Setting', 'Fuse', 'days'] as $english) {
            self::assertStringNotContainsString($english, (string) preg_replace('/(Laptop charging|on the bank|over the bank|behind the driver|Recorders and radios).*/', '', $text), "English in the German pack: $english");
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
        $pdf = (string) $this->get("/jobs/$pack->job_id/handovers/$pack->id/sticker")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
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
        foreach (['Seabird-survey camper', 'K200W-25-1331', 'Halverin Crest 50 C', 'Absorption', 'Equalise', 'Careful', 'Selhavn Vehicle Electrics'] as $word) {
            self::assertStringContainsStringIgnoringCase($word, $text);
        }
        self::assertStringContainsString('/Subtype /Image', $pdf);
    }
}
