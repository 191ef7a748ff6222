<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;

/** Two people edit one thing: the second sees both versions, and decides. */
final class TwoPeopleTest extends TestCase
{
    public function testTheSecondToSaveIsShownYoursAndTheirs(): void
    {
        $job = $this->job();
        $load = $this->appliance($job);
        $scenario = $job->scenarios()->firstOrFail()->uid;
        $form = [
            'lock_version' => $load->lock_version,
            'name' => 'Fridge',
            'watts' => '45',
            'side' => 'dc',
            'hours' => '0-24',
            'scenario' => $scenario,
        ];
        $url = "/jobs/$job->id/appliances/$load->id";

        $first = $this->user(Role::Technician);
        $this->actingAs($first)->put($url, [...$form, 'watts' => '52', 'name' => 'Fridge, new'])->assertRedirect();

        $answer = $this->actingAs($this->user())->put($url, [...$form, 'watts' => '60', 'hours' => '8-20']);
        $answer->assertConflict()->assertSee('Changed by ' . $first->name)->assertSee('52')->assertSee('60')->assertSee(
            'value="8-20"',
            false,
        );
        self::assertSame(52.0, $load->refresh()->watts, 'nothing was overwritten');

        // Keep their name, take my watts.
        $this->put(
            $url,
            [...$form, 'lock_version' => $load->refresh()->lock_version, 'watts' => '60', 'keep_theirs' => ['name']],
        )->assertRedirect();
        self::assertSame(['Fridge, new', 60.0], [$load->refresh()->name, $load->refresh()->watts]);
    }

    public function testDeletingWhatSomeoneChangedAsksFirst(): void
    {
        $job = $this->job();
        $load = $this->appliance($job);
        $load->changeTo(['watts' => 50]);
        $this->actingAs($this->user())->delete(
            "/jobs/$job->id/appliances/$load->id",
            ['lock_version' => 1],
        )->assertConflict()->assertSee('Delete all the same');
        $this->assertModelExists($load);
        $this->delete("/jobs/$job->id/appliances/$load->id", ['lock_version' => 2])->assertRedirect();
        $this->assertModelMissing($load);
    }

    public function testOneBoxOfADeviceIsLockedByItself(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $part = $this->plannedCharger($job);
        $url = "/jobs/$job->id/settings/$part->id";
        $this->put($url, ['box' => ['absorption_v' => ['as_set' => '14.2']], 'versions' => ['absorption_v' => 0]])->assertRedirect();
        // Another box: no conflict. The same box, made from the older page: both are shown, the rest of the sheet is kept in the form.
        $this->put($url, ['box' => ['float_v' => ['as_set' => '13.5']], 'versions' => ['float_v' => 0]])->assertRedirect();
        $this->put(
            $url,
            [
                'box' => ['absorption_v' => ['as_set' => '14.4'], 'rebulk_v' => ['as_set' => '13.2']],
                'versions' => ['absorption_v' => 0],
            ],
        )
            ->assertConflict()->assertSee('14.2')->assertSee('14.4')->assertSee(
                'name="box[rebulk_v][as_set]" value="13.2"',
                false,
            );
        self::assertSame(0, $job->settings()->where('parameter', 'rebulk_v')->count(), 'a sheet is saved whole or not at all');
    }
}
