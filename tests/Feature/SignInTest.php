<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use App\Models\User;

final class SignInTest extends TestCase
{
    public function testSignsInAndOut(): void
    {
        $user = $this->user();
        $this->post('/sign-in', ['email' => strtoupper($user->email), 'password' => 'a long enough secret'])->assertRedirect('/');
        $this->assertAuthenticatedAs($user);
        $this->delete('/sign-out')->assertRedirect('/sign-in');
        $this->assertGuest();
    }

    public function testAWrongPasswordKeepsTheAddressAndSaysSoAtTheField(): void
    {
        $user = $this->user();
        $this->from('/sign-in')->post(
            '/sign-in',
            ['email' => $user->email, 'password' => 'open sesame'],
        )->assertRedirect('/sign-in')->assertSessionHasErrors('email');
        $this->get('/sign-in')->assertSee($user->email)->assertDontSee('open sesame');
    }

    public function testGuessingIsSlowedDown(): void
    {
        $user = $this->user();
        for ($i = 0; $i < 5; ++$i) {
            $this->post('/sign-in', ['email' => $user->email, 'password' => "guess $i"])->assertRedirect();
        }
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long enough secret'])->assertTooManyRequests();
        $this->assertGuest();
    }

    public function testAClosedAccountIsOutAtOnce(): void
    {
        $user = $this->user();
        $this->actingAs($user)->get('/')->assertOk();
        User::query()->whereKey($user->id)->update(['active' => false]);
        $this->actingAs($user->fresh() ?? $user)->get('/')->assertRedirect('/sign-in');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long enough secret'])->assertSessionHasErrors('email');
    }

    public function testAFirstPasswordIsChangedBeforeAnythingElse(): void
    {
        $user = $this->user();
        $user->update(['must_change_password' => true]);
        $this->actingAs($user)->get('/')->assertRedirect('/password');
        $this->put(
            '/password',
            ['current_password' => 'a long enough secret', 'password' => 'short', 'password_confirmation' => 'short'],
        )->assertSessionHasErrors('password');
        $this->put(
            '/password',
            [
                'current_password' => 'a long enough secret', 'password' => 'a quite different one',
                'password_confirmation' => 'a quite different one',
            ],
        )->assertRedirect('/');
        $this->get('/')->assertOk();
    }

    public function testTheOfficeMakesAccountsButCannotLockItselfOut(): void
    {
        $office = $this->user(Role::Office);
        $this->actingAs($office)->post(
            '/accounts',
            ['name' => 'New Hand', 'email' => 'new@test.example', 'roles' => ['technician']],
        )->assertRedirect('/accounts');
        $new = User::query()->where('email', 'new@test.example')->firstOrFail();
        self::assertTrue($new->must_change_password);
        $this->put(
            "/accounts/$office->id",
            ['name' => 'X', 'email' => $office->email, 'roles' => ['planner'], 'active' => 1, 'lock_version' => $office->lock_version],
        )->assertSessionHasErrors('roles');
        self::assertTrue($office->fresh()?->holds(Role::Office));
    }

    public function testWhatWasTypedOutlivesTheSession(): void
    {
        $user = $this->user();
        $job = $this->job();
        // The session is gone: the post comes from a stranger.
        $this->from("/jobs/$job->id/loads")->post(
            "/jobs/$job->id/appliances",
            ['_form' => 'a-new', 'name' => 'Ice maker', 'watts' => '140', 'side' => 'dc'],
        )->assertRedirect('/sign-in');
        $this->get('/sign-in')->assertSee('What you typed is kept');
        $this->post('/sign-in', ['email' => $user->email, 'password' => 'a long enough secret'])->assertRedirect("/jobs/$job->id/loads");
        $this->get("/jobs/$job->id/loads")->assertSee('value="Ice maker"', false)->assertSee('value="140"', false);
        self::assertSame(0, $job->appliances()->count(), 'nothing is saved without being sent again');
    }

    public function testWhatAPageAsksForByItselfDoesNotTakeWhatWasSaidToThePerson(): void
    {
        $this->actingAs($this->user());
        $job = $this->job();
        $this->withSession(['said' => 'Done.', '_flash' => ['old' => ['said'], 'new' => []]]);
        $this->get("/jobs/$job->id/survey", ['X-Background' => 'refresh'])->assertSee('Done.');
        $this->get("/jobs/$job->id/survey", ['X-Background' => 'refresh'])->assertSee('Done.');
        $this->get("/jobs/$job->id/survey")->assertSee('Done.');
        $this->get("/jobs/$job->id/survey")->assertDontSee('Done.');
    }
}
