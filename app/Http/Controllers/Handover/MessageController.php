<?php

declare(strict_types=1);

namespace App\Http\Controllers\Handover;

use App\Http\Controllers\Controller;
use App\Http\Requests\Aftercare\AnswerRequest;
use App\Http\Requests\Handover\MessageRequest;
use App\Logs\SentLog;
use App\Models\Handover;
use App\Models\Job;
use App\Models\LogFile;
use App\Models\Message;
use App\Record\Files;
use App\Words\Lexicon;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\StreamedResponse;
use Symfony\Component\Uid\Uuid;

/** Takes what owners write by the link of their pack, and what the workshop makes of it. */
final class MessageController extends Controller
{
    /** By the pack's signed link; it is a question, the model does not change. */
    public function store(MessageRequest $request, Handover $handover): RedirectResponse
    {
        abort_unless($handover->isGood(), 404);
        $message = new Message(
            [
                'handover_id' => $handover->id, 'text' => $request->string('text')->toString(),
                'ran_short' => $request->string('ran_short')->toString(), 'readings' => $request->readings(),
            ],
        );
        $file = $request->upload();
        if ($file !== null) {
            $path = 'messages/' . Uuid::v4();
            Files::put($path, $request->content($file));
            $message->fill(
                [
                    'file_name' => Str::limit($file->getClientOriginalName(), 150), 'file_path' => $path,
                    'file_kind' => $request->kind($file),
                ],
            );
        }
        $message->job()->associate($handover->job_id)->save();

        return redirect()->to($handover->link('pack.show', [], false) . '#write')->with(
            'said',
            Lexicon::in($handover->language)->word('pack.message-kept'),
        );
    }

    public function file(Job $job, Message $message): StreamedResponse
    {
        abort_if($message->file_path === '', 404);

        // Whatever it is, it is not opened in this site's name.
        return Storage::disk('private')->download($message->file_path, $message->file_name, ['Content-Type' => 'application/octet-stream']);
    }

    /** Answered, or its log taken in: that is what the person says who does it. */
    public function update(AnswerRequest $request, Job $job, Message $message): RedirectResponse
    {
        self::onlyIf($message->answered_at === null, 'Somebody has answered it already.');
        $message->saveIfUnchanged(
            $request,
            ['answered_at' => now(), 'answered_by' => $this->user($request)->name, 'answer' => $request->string('answer')->toString()],
        );

        return redirect()->to(route('aftercare', $job) . '#fold-messages')->with('said', 'Kept as answered.');
    }

    /** A log that an owner sent becomes one of the job's logs. */
    public function take(Job $job, Message $message): RedirectResponse
    {
        abort_unless($message->file_kind === 'log', 404);
        $stream = Storage::disk('private')->readStream($message->file_path);
        assert($stream !== null);
        $log = SentLog::keep($job, $stream, $message->file_name, $job->customer->name ?? '');
        if ($log === null) {
            return redirect()->to(route('aftercare', $job) . '#fold-messages')->withErrors(['log' => LogFile::IS]);
        }

        return redirect()->to(route('logs.show', [$job, $log]));
    }
}
