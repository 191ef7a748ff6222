<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Handover;
use App\Models\Job;
use Database\Seeders\DatabaseSeeder;
use Symfony\Component\Process\Process;

/** What the customer keeps. */
final class PackTest extends TestCase
{
    private function pack(): Handover
    {
        $this->seed(DatabaseSeeder::class);
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

    public function testThePdfHoldsComponentsSettingsCautionsAndPictures(): void
    {
        $pack = $this->pack();
        $pdf = (string) $this->get($pack->link('pack.pdf'))->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent();
        self::assertStringStartsWith('%PDF-', $pdf);
        $process = new Process(['pdftotext', '-layout', '-', '-'], null, null, $pdf);
        $process->mustRun();
        $text = $process->getOutput();
        foreach (['Seabird-survey camper', 'K200W-25-1331', 'Halverin Crest 50 C', 'Absorption', 'Equalise', 'Careful', 'Selhavn Vehicle Electrics'] as $word) {
            self::assertStringContainsStringIgnoringCase($word, $text);
        }
        self::assertStringContainsString('/Subtype /Image', $pdf);
    }
}
