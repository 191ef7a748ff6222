<?php

declare(strict_types=1);

namespace App\Http\Controllers\Size;

use App\Http\Controllers\Controller;
use App\Http\Desks\Size\Pin;
use App\Http\Pages\Size\MapQuestions;
use App\Http\Pages\Size\PinAnswer;
use App\Http\Pages\Size\SizeAnswers;
use App\Http\Pages\Size\SizePage;
use App\Http\Requests\Size\PinQuery;
use App\Http\Requests\Size\TargetRequest;
use App\Http\Workbench;
use App\Models\Job;
use App\Words\MapWords;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Pebblefell\Stage;

final class SizeController extends Controller
{
    public function show(PinQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);
        $page = new SizePage($bench, Pin::of($request, $bench));

        return $bench->view('stages.size.show', Stage::Size, [
            'page' => $page,
            'answers' => new SizeAnswers($bench),
            'asked' => new MapQuestions($bench, $page->pin),
            'at' => new PinAnswer($page->pin, $bench->show),
            'mapWords' => new MapWords(),
        ]);
    }

    /** Shows what the pin says where it stands now: a part of the page, asked for while it is dragged. */
    public function pin(PinQuery $request, Job $job): View
    {
        $bench = Workbench::of($job);

        return $bench->view('stages.size.pin', Stage::Size, ['at' => new PinAnswer(Pin::of($request, $bench), $bench->show)]);
    }

    /** The wish: how many days, which chemistry, how cold, how much money. */
    public function update(TargetRequest $request, Job $job): RedirectResponse
    {
        $job->saveIfUnchanged($request, $request->row($job));

        return redirect()->to($request->backTo(route('size', $job)));
    }
}
