<?php

declare(strict_types=1);

namespace App\Http\Controllers\Aftercare;

use App\Http\Controllers\Controller;
use App\Http\Pages\Aftercare\LogPage;
use App\Http\Requests\ActRequest;
use App\Http\Requests\Aftercare\LogColumnsRequest;
use App\Http\Requests\Aftercare\LogQuery;
use App\Http\Requests\Aftercare\LogRequest;
use App\Http\Workbench;
use App\Logs\SentLog;
use App\Logs\TakeInLog;
use App\Models\Job;
use App\Models\LogColumns;
use App\Models\LogFile;
use App\Record\Files;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Pebblefell\Stage;

/** Log files of monitors: sent, read piece by piece, shown beside the plan. */
final class LogController extends Controller
{
    /** So long one request goes on reading, s. Chosen: the page that waits asks again. */
    private const GOES_ON_S = 4.0;

    public function store(LogRequest $request, Job $job): RedirectResponse
    {
        $stream = fopen($request->upload()->getRealPath(), 'r');
        assert($stream !== false);
        $log = SentLog::keep($job, $stream, $request->upload()->getClientOriginalName(), $this->user($request)->name)
            ?? throw ValidationException::withMessages(['log' => LogFile::IS]);

        return redirect()->to(route('logs.show', [$job, $log]))->with('said', LogColumns::remembered($log->header) === null
            ? 'Say which column is which.'
            : 'A log with these columns was read before: they are as they were then.');
    }

    public function show(LogQuery $request, Job $job, LogFile $logFile): View
    {
        $bench = Workbench::of($job);
        $known = $logFile->columns ?? LogColumns::remembered($logFile->header) ?? LogColumns::guess($logFile->header);

        return $bench->view('stages.aftercare.log', Stage::Aftercare, [
            'page' => new LogPage($bench, $logFile, $known, $request->asked('from'), $request->asked('to')),
        ]);
    }

    /** Which column is which; read from the beginning. */
    public function update(LogColumnsRequest $request, Job $job, LogFile $logFile): RedirectResponse
    {
        self::onlyIf($logFile->columns === null, 'It was said already which column is which; the log is being read so.');
        $logFile->saveIfUnchanged($request, ['columns' => $request->columns()]);
        LogColumns::remember($logFile->header, [...array_fill_keys(LogFile::MEANINGS, null), ...$request->columns()]);
        app()->terminating(static fn() => TakeInLog::goOn($logFile, self::GOES_ON_S));

        return redirect()->to(route('logs.show', [$job, $logFile]));
    }

    /** How far it is; what asks for it keeps it going. */
    public function progress(Job $job, LogFile $logFile): JsonResponse
    {
        app()->terminating(static fn() => TakeInLog::goOn($logFile, self::GOES_ON_S));

        return response()->json(['percent' => $logFile->percent(), 'rows' => $logFile->rows, 'read' => $logFile->isRead()]);
    }

    public function destroy(ActRequest $request, Job $job, LogFile $logFile): RedirectResponse
    {
        $logFile->deleteIfUnchanged($request);
        Files::drop([$logFile->path]);

        return redirect()->to(route('aftercare', $job))->with('said', 'The log is deleted.');
    }
}
