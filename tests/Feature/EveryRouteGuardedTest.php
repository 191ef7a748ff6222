<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\DayPlan\MakeOffer;
use App\Models\BalanceSession;
use App\Models\BoxWord;
use App\Models\Customer;
use App\Models\Handover;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Message;
use App\Models\Part;
use App\Models\Photo;
use App\Models\Place;
use App\Models\RecallNotice;
use App\Models\Role;
use App\Models\Secret;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route as Routes;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;

/** No route is open by accident, and each role gets what its policy says and no more. */
final class EveryRouteGuardedTest extends TestCase
{
    public function testEveryRouteSaysWhoMayUseIt(): void
    {
        $open = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (!$this->isGuarded($route)) {
                $open[] = implode('|', $route->methods()) . ' ' . $route->uri();
            }
        }
        self::assertSame(['GET|HEAD up'], $open, 'only the sign of life is open to everyone');
    }

    public function testEveryPageSendsAStrangerToSignIn(): void
    {
        $job = $this->job();
        foreach ([
            '/', '/library', '/customers', '/accounts', '/workshop', '/keys', "/jobs/$job->id/survey", "/jobs/$job->id/file",
            '/search?q=x',
        ] as $url) {
            $this->get($url)->assertRedirect('/sign-in');
        }
    }

    private const ALL = [Role::Office, Role::Planner, Role::Technician];

    /**
     * Who may pass each door, as the trade shares its work: office and planners open jobs, planners decide, those at the vehicle record.
     */
    private const DOORS = [
        'yard' => self::ALL, 'yard.update' => [Role::Planner], 'search' => self::ALL, 'recall' => self::ALL, 'recall.csv' => self::ALL, 'recall.letters' => self::ALL,
        'measured' => self::ALL, 'recall.tell' => [Role::Office, Role::Planner], 'recall.answer' => [Role::Office, Role::Planner],
        'balance.ics' => self::ALL, 'here' => self::ALL, 'keys' => self::ALL, 'components' => self::ALL, 'password.edit' => self::ALL,
        'password.update' => self::ALL, 'sign-out' => self::ALL,
        'users.index' => [Role::Office], 'users.store' => [Role::Office], 'users.edit' => [Role::Office], 'users.update' => [Role::Office],
        'workshop.edit' => [Role::Office, Role::Planner], 'workshop.update' => [Role::Office, Role::Planner],
        'places.store' => [Role::Office, Role::Planner], 'places.edit' => [Role::Office, Role::Planner],
        'places.update' => [Role::Office, Role::Planner], 'places.weather' => [Role::Office, Role::Planner],
        'customers.index' => self::ALL, 'customers.store' => [Role::Office, Role::Planner],
        'customers.edit' => [Role::Office, Role::Planner], 'customers.update' => [Role::Office, Role::Planner],
        'library.index' => self::ALL, 'library.csv' => self::ALL, 'library.edit' => self::ALL,
        'library.create' => [Role::Planner], 'library.store' => [Role::Planner], 'library.update' => [Role::Planner],
        'library.destroy' => [Role::Planner], 'library.csv.store' => [Role::Planner],
        'jobs.create' => [Role::Office, Role::Planner], 'jobs.store' => [Role::Office, Role::Planner],
        'jobs.import' => [Role::Office, Role::Planner], 'jobs.import.store' => [Role::Office, Role::Planner],
        'jobs.edit' => [Role::Office, Role::Planner], 'jobs.update' => [Role::Office, Role::Planner], 'jobs.destroy' => [Role::Office],
        'jobs.show' => self::ALL, 'survey' => self::ALL, 'loads' => self::ALL, 'size' => self::ALL, 'size.pin' => self::ALL,
        'sources' => self::ALL, 'bank' => self::ALL, 'wiring' => self::ALL, 'wiring.csv' => self::ALL, 'shelf' => self::ALL,
        'shelf.update' => self::SURVEY, 'wiring.svg' => self::ALL, 'wiring.paper' => self::ALL, 'wiring.labels' => self::ALL,
        'day-plan' => self::ALL, 'day-plan.steps' => self::ALL, 'day-plan.ics' => self::ALL, 'offers' => self::ALL,
        'test' => self::ALL, 'test.training' => self::ALL, 'test.proof' => self::ALL, 'test.readings' => self::ALL,
        'test.vehicle' => self::ALL, 'test.vehicle.readings' => self::ALL, 'balance' => self::ALL, 'settings' => self::ALL,
        'settings.csv' => self::ALL, 'settings.step' => self::ALL, 'settings.model' => self::ALL, 'settings.paper' => self::ALL,
        'handover' => self::ALL, 'handovers.sticker' => self::ALL, 'handovers.walk' => self::ALL, 'aftercare' => self::ALL,
        'aftercare.ics' => self::ALL, 'logs.show' => self::ALL, 'messages.file' => self::ALL, 'messages.update' => self::SURVEY,
        'messages.take' => self::SURVEY, 'logs.progress' => self::ALL, 'logs.store' => self::SURVEY, 'logs.update' => self::SURVEY,
        'logs.destroy' => self::SURVEY,
        'history' => self::ALL, 'jobs.file' => self::ALL, 'parts.csv' => self::ALL, 'appliances.csv' => self::ALL,
        'parts.edit' => self::ALL, 'photos.show' => self::ALL, 'balance.csv' => self::ALL, 'trial' => self::ALL,
        'trial.csv' => self::ALL, 'trial.show' => self::ALL,
        'parts.store' => self::SURVEY, 'parts.destroy' => self::SURVEY, 'parts.csv.store' => self::SURVEY,
        'layout.store' => self::SURVEY, 'conductors.store' => self::SURVEY, 'conductors.update' => self::SURVEY,
        'conductors.destroy' => self::SURVEY, 'signals.store' => self::SURVEY, 'signals.destroy' => self::SURVEY,
        'appliances.store' => self::SURVEY, 'appliances.update' => self::SURVEY, 'appliances.destroy' => self::SURVEY,
        'appliances.csv.store' => self::SURVEY, 'scenarios.store' => self::SURVEY, 'scenarios.update' => self::SURVEY,
        'scenarios.destroy' => self::SURVEY,
        'parts.update' => self::SURVEY, 'photos.store' => self::SURVEY, 'photos.destroy' => self::SURVEY,
        'measurements.store' => self::SURVEY, 'settings.update' => self::SURVEY, 'settings.typed' => self::SURVEY,
        'settings.csv.store' => self::SURVEY, 'settings.model.update' => self::SURVEY, 'settings.programming' => self::SURVEY,
        'secrets.store' => self::SURVEY, 'secrets.show' => self::SURVEY, 'secrets.destroy' => self::SURVEY,
        'balance.store' => self::SURVEY, 'balance.step' => self::SURVEY, 'balance.read' => self::SURVEY,
        'balance.bench' => self::SURVEY, 'balance.finish' => self::SURVEY, 'balance.join' => self::SURVEY,
        'balance.live' => self::SURVEY, 'balance.table' => self::SURVEY,
        'ticks.store' => self::SURVEY, 'handovers.walk.store' => self::SURVEY, 'signatures.store' => self::SURVEY,
        'test.readings.store' => self::SURVEY, 'history.ticks' => self::SURVEY, 'test.store' => self::SURVEY,
        'test.capacity' => self::SURVEY, 'aftercare.store' => self::SURVEY, 'day-plan.update' => [Role::Planner],
        'offers.store' => [Role::Planner], 'offers.update' => [Role::Planner], 'offers.destroy' => [Role::Planner],
        'busy.store' => [Role::Office, Role::Planner], 'busy.destroy' => [Role::Office, Role::Planner],
        'fate.update' => [Role::Planner], 'bank.update' => [Role::Planner], 'bank.order' => [Role::Planner],
        'bank.links' => [Role::Planner], 'wiring.update' => [Role::Planner], 'leads.store' => [Role::Planner],
        'ladder.update' => [Role::Planner], 'school.update' => [Role::Planner], 'settings.earlier' => [Role::Planner],
        'box-words.store' => self::SURVEY, 'box-words.destroy' => self::SURVEY, 'plan.update' => [Role::Planner],
        'arrays.update' => [Role::Planner], 'stay.update' => [Role::Planner], 'size.update' => [Role::Planner],
        'typed.store' => [
            Role::Planner,
            Role::Technician,
        ], 'letter' => self::ALL, 'roof.update' => [Role::Planner], 'choices.update' => [Role::Planner], 'choices.destroy' => [Role::Planner],
        'findings.store' => [Role::Planner], 'findings.apply' => [Role::Planner], 'history.update' => [Role::Planner],
        'handovers.store' => [Role::Office, Role::Planner], 'handovers.destroy' => [Role::Office, Role::Planner],
    ];

    private const SURVEY = [Role::Planner, Role::Technician];

    public function testEveryDoorIsInTheList(): void
    {
        $named = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            if (in_array('auth', $route->gatherMiddleware(), true) && $route->getName() !== null) {
                $named[] = $route->getName();
            }
        }
        sort($named);
        $listed = array_keys(self::DOORS);
        sort($listed);
        self::assertSame($listed, $named);
    }

    /**
     * @return iterable<string, array{Role}>
     */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role];
        }
    }

    /** Each role knocks at every door of a demo job, with real rows behind it and an empty form in hand. */
    #[DataProvider('roles')]
    public function testEachRoleAtEveryDoor(Role $role): void
    {
        DemoShop::lay($this);
        $session = BalanceSession::query()->firstOrFail();
        $job = Job::query()->findOrFail($session->job_id);
        $other = Job::query()->whereHas('conductors')->whereHas('appliances')->whereHas('signals')->firstOrFail();
        $photo = Photo::query()->first();
        $word = BoxWord::query()->create(['word' => 'green phase', 'parameter' => 'absorption_v']);
        $secret = (new Secret(
            ['part_uid' => $job->parts()->value('uid'), 'label' => 'app', 'entered_by' => 'P'],
        ))->forceFill(['sealed' => '1234', 'job_id' => $job->id]);
        $secret->save();
        $log = $job->logFiles()->create(
            ['name' => 'x.csv', 'path' => 'logs/x', 'form' => 'csv', 'header' => ['time', 'volts'], 'bytes' => 1, 'by' => 'P'],
        );
        Storage::disk('private')->put('messages/x', "time,volts\n");
        $message = (new Message(
            [
                'handover_id' => Handover::query()->value('id'), 'text' => 'q', 'file_name' => 'x.csv', 'file_path' => 'messages/x',
                'file_kind' => 'log',
            ],
        ))->forceFill(['job_id' => $job->id]);
        $message->save();
        $notice = RecallNotice::query()->create(
            ['recall' => str_repeat('a', 32), 'job_id' => $job->id, 'way' => 'letter', 'by' => 'P'],
        )->refresh();
        $user = $this->user($role);
        $offer = app(MakeOffer::class)($job, ['tax_pct' => 0.0, 'sundries' => 0.0, 'text' => '', 'valid_until' => '2099-01-01'], 'P');
        $held = [];
        foreach (Routes::getRoutes()->getRoutes() as $route) {
            $allowed = self::DOORS[$route->getName()] ?? null;
            if ($allowed === null) {
                continue;
            }
            $of = preg_match('/conductor|signal|appliance|scenario/', $route->uri()) === 1 ? $other : $job;
            $rows = ['job' => $of->id, 'part' => $of->parts()->value('id'), 'conductor' => $of->conductors()->value('id'), 'signal' => $of->signals()->value('id'), 'appliance' => $of->appliances()->value('id'), 'scenario' => $of->scenarios()->value('id'),
                'balanceSession' => $session->id, 'balanceBattery' => $session->balanceBatteries()->value('id'),
                'choice' => $of->choices()->value('uid'), 'handover' => 0, 'offer' => $offer->id, 'photo' => 0, 'act' => 'x',
                'user' => $user->id, 'customer' => Customer::query()->value('id'), 'place' => Place::query()->value('id'), 'libraryPart' => LibraryPart::query()->value('id'), 'boxWord' => $word->id, 'secret' => $secret->id, 'logFile' => $log->id, 'message' => $message->id, 'recallNotice' => $notice->id, 'tick' => $of->ticks()->value('id')
                    ?? 0];
            if (str_contains($route->uri(), '{photo}')) {
                if ($photo === null) {
                    continue;
                }
                $part = Part::query()->findOrFail($photo->part_id);
                $rows = [...$rows, 'job' => $part->job_id, 'part' => $part->id, 'photo' => $photo->id];
            }
            if (str_contains($route->uri(), '{handover}')) {
                $handover = Handover::query()->firstOrFail();
                $rows = [...$rows, 'job' => $handover->job_id, 'handover' => $handover->id];
            }
            $path = (string) preg_replace_callback(
                '/\{(\w+)(?::\w+)?\}/',
                static fn(array $m): string => (string) $rows[$m[1]],
                $route->uri(),
            );
            DB::beginTransaction();
            $status = $this->actingAs($user)->call(
                $route->methods()[0],
                '/' . ltrim($path, '/'),
                [],
                [],
                [],
                ['HTTP_ACCEPT' => 'text/html'],
            )->baseResponse->getStatusCode();
            DB::rollBack();
            $held[$route->getName() ?? ''] = $status === 403
                ? 'shut'
                : ($status < 500 && $status !== 404 || $route->getName() === 'photos.show' ? 'open' : (string) $status);
        }
        $expected = array_map(
            static fn(array $roles): string => in_array($role, $roles, true) ? 'open' : 'shut',
            array_intersect_key(self::DOORS, $held),
        );
        ksort($expected);
        ksort($held);
        self::assertSame($expected, $held);
        self::assertGreaterThan(90, count($held));
    }

    public function testAPartOfOneJobIsNotReachedThroughAnother(): void
    {
        $mine = $this->job();
        $other = $this->appliance($this->job());
        $this->actingAs($this->user())->delete("/jobs/$mine->id/appliances/$other->id", ['lock_version' => 1])->assertNotFound();
        $this->assertModelExists($other);
    }

    public function testSecurityHeadersStandOnEveryAnswer(): void
    {
        foreach (['/sign-in', '/up', '/nowhere'] as $url) {
            $response = $this->get($url);
            $policy = (string) $response->headers->get('Content-Security-Policy');
            self::assertStringContainsString("default-src 'none'", $policy);
            self::assertStringNotContainsString('unsafe', $policy);
            $response->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('X-Frame-Options', 'DENY');
        }
    }

    private function isGuarded(Route $route): bool
    {
        $middleware = $route->gatherMiddleware();
        $can = array_filter($middleware, static fn($m): bool => is_string($m) && str_starts_with($m, 'can:'));
        $signedIn = in_array('auth', $middleware, true) && in_array('active', $middleware, true) && $can !== [];

        return $signedIn || in_array('guest', $middleware, true) || in_array('signed:relative', $middleware, true);
    }
}
