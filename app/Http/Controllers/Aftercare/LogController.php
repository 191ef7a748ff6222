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
use App\Logs\LogLines;
use App\Logs\TakeInLog;
use App\Models\Job;
use App\Models\LogFile;
use Illuminate\Contracts\View\View;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Pebblefell\Stage;

/** Log files of monitors: sent, read piece by piece, shown beside the plan. */
final class LogController extends Controller
{
    /** So long one request goes on reading, s. Chosen: the page that waits asks again. */
    private const GOES_ON_S = 4.0;

    public function store(LogRequest $request, Job $job): RedirectResponse
    {
        [$form, $header] = $request->form();
        $path = 'logs/' . Str::uuid() . '.log';
        self::keep($request->upload()->getRealPath(), $path);
        $known = LogFile::query()->where('form', $form)->whereJsonContains('header', $header)->whereNotNull('columns')->latest('id')->first();
        $log = $job->logFiles()->create([
            'name' => Str::limit($request->upload()->getClientOriginalName(), 150), 'path' => $path, 'form' => $form, 'header' => $header,
            'bytes' => Storage::disk('private')->size($path), 'by' => $this->user($request)->name,
        ]);

        return redirect()->to(route('logs.show', [$job, $log]))->with(
            'said',
            $known?->header === $header ? 'A log with these columns was read before: they are as they were then.' : 'Say which column is which.',
        );
    }

    public function show(LogQuery $request, Job $job, LogFile $logFile): View
    {
        $bench = Workbench::of($job);
        $known = $logFile->columns ?? LogFile::query()->where('form', $logFile->form)->whereNotNull('columns')->latest('id')->limit(50)->get(['id', 'header', 'columns'])
            ->first(static fn(LogFile $other): bool => $other->header === $logFile->header)->columns ?? LogLines::guess($logFile->header);

        return $bench->view('stages.aftercare.log', Stage::Aftercare, [
            'page' => new LogPage($bench, $logFile, $known, $request->asked('from'), $request->asked('to')),
        ]);
    }

    /** Which column is which; read from the beginning. */
    public function update(LogColumnsRequest $request, Job $job, LogFile $logFile): RedirectResponse
    {
        if ($logFile->columns === null) {
            $logFile->saveIfUnchanged($request, ['columns' => $request->columns()]);
            app()->terminating(static fn() => TakeInLog::goOn($logFile, self::GOES_ON_S));
        }

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
        Storage::disk('private')->delete($logFile->path);

        return redirect()->to(route('aftercare', $job))->with('said', 'The log is deleted.');
    }

    /** As UTF-8, piece by piece: a place in the file is then a place in its text. */
    private static function keep(string $from, string $path): void
    {
        $in = fopen($from, 'r');
        assert($in !== false);
        $mark = (string) fread($in, 2);
        rewind($in);
        if ($mark === "\xFF\xFE" || $mark === "\xFE\xFF") {
            stream_filter_append($in, 'convert.iconv.UTF-16/UTF-8', STREAM_FILTER_READ);
        }
        Storage::disk('private')->writeStream($path, $in);
        fclose($in);
    }
}
