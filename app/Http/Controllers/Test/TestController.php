<?php

declare(strict_types=1);

namespace App\Http\Controllers\Test;

use App\Actions\Test\NoteCheck;
use App\Http\Controllers\Controller;
use App\Http\Controllers\NotesTicks;
use App\Http\Pages\Test\TestPage;
use App\Http\Requests\Test\TestQuery;
use App\Http\Requests\TickRequest;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;

/** Shows what is proven of the system, and the hunt for the joint that is not. */
final class TestController extends Controller
{
    use NotesTicks;

    public function index(TestQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.test.show', Stage::Test, ['page' => new TestPage($bench, $request->asked('way'))]);
    }

    public function store(TickRequest $request, Job $job, NoteCheck $note): RedirectResponse|JsonResponse
    {
        $said = $request->said($this->user($request)->name);

        return $this->answered($request, route('test', $job), static fn(): bool => $note($job, $said));
    }
}
