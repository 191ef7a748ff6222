<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\PutBack;
use App\History\Acts;
use App\Http\Pages\TickLines;
use App\Http\Requests\ActRequest;
use App\Http\Requests\PageQuery;
use App\Http\Workbench;
use App\Models\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Who did what in a job; any act can be put back, as a new one. */
final class HistoryController extends Controller
{
    public function index(PageQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('history', null, ['acts' => Acts::page($job), 'noted' => new TickLines($bench)]);
    }

    public function update(ActRequest $request, Job $job, string $act, PutBack $putBack): RedirectResponse
    {
        $putBack($job, $act);

        return redirect()->route('history', $job)->with('said', 'Put back, as a new act: it can be put back as well.');
    }
}
