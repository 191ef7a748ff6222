<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Role;
use Illuminate\Routing\Route;
use Illuminate\Support\Facades\Route as Routes;
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
        foreach (['/', '/library', '/customers', '/accounts', '/workshop', '/keys', "/jobs/$job->id/survey", "/jobs/$job->id/file", '/search?q=x'] as $url) {
            $this->get($url)->assertRedirect('/sign-in');
        }
    }

    /**
     * @return iterable<string, array{Role, string, string, bool}> role, method, path, allowed
     */
    public static function doors(): iterable
    {
        foreach ([
            ['get', '/accounts', [Role::Office]],
            ['get', '/workshop', [Role::Office, Role::Planner]],
            ['get', '/jobs/create', [Role::Office, Role::Planner]],
            ['get', '/library/create', [Role::Planner]],
            ['get', '/jobs/{job}/survey', [Role::Office, Role::Planner, Role::Technician]],
            ['get', '/jobs/{job}/brief', [Role::Office, Role::Planner]],
            ['delete', '/jobs/{job}', [Role::Office]],
            ['post', '/jobs/{job}/parts', [Role::Planner, Role::Technician]],
            ['post', '/jobs/{job}/appliances', [Role::Planner, Role::Technician]],
            ['put', '/jobs/{job}/bank', [Role::Planner]],
            ['put', '/jobs/{job}/target', [Role::Planner]],
            ['put', '/jobs/{job}/bank/links', [Role::Planner]],
            ['put', '/jobs/{job}/bank/order', [Role::Planner]],
            ['get', '/jobs/{job}/balance', [Role::Office, Role::Planner, Role::Technician]],
            ['post', '/jobs/{job}/balance', [Role::Planner, Role::Technician]],
            ['get', '/balance.ics', [Role::Office, Role::Planner, Role::Technician]],
            ['post', '/jobs/{job}/findings', [Role::Planner]],
            ['post', '/jobs/{job}/handovers', [Role::Office, Role::Planner]],
            ['post', '/library/csv', [Role::Planner]],
            ['post', '/accounts', [Role::Office]],
        ] as [$method, $path, $allowed]) {
            foreach (Role::cases() as $role) {
                yield "$role->value $method $path" => [$role, $method, $path, in_array($role, $allowed, true)];
            }
        }
    }

    #[DataProvider('doors')]
    public function testEachRoleAtEachDoor(Role $role, string $method, string $path, bool $allowed): void
    {
        $response = $this->actingAs($this->user($role))->call(
            strtoupper($method),
            str_replace('{job}', (string) $this->job()->id, $path),
        );
        $allowed ? self::assertNotSame(403, $response->status()) : $response->assertForbidden();
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
