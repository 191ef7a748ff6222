<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;

/** How far a long request is, told under a name that the browser chose, to the same person only. */
final readonly class Progress
{
    private const KEPT_S = 60;

    private function __construct(private ?string $key)
    {
    }

    /** Without a name nobody asks, and nothing is kept. */
    public static function of(Request $request): self
    {
        $name = $request->string('progress')->toString();

        return new self(preg_match('/^[a-z0-9]{8,40}$/', $name) === 1 ? self::key($request, $name) : null);
    }

    public function tell(int $done, int $of): void
    {
        if ($this->key !== null) {
            Cache::put($this->key, [$done, $of], self::KEPT_S);
        }
    }

    /** @return array{done: int, of: int} zeros while nothing is known */
    public static function ask(Request $request, string $name): array
    {
        [$done, $of] = Cache::get(self::key($request, $name), [0, 0]);

        return ['done' => $done, 'of' => $of];
    }

    private static function key(Request $request, string $name): string
    {
        $user = $request->user();

        return 'progress.' . ($user instanceof User ? $user->id : 0) . '.' . $name;
    }
}
