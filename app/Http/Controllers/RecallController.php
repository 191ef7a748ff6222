<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Csv\Csv;
use App\Http\Requests\RecallAnswerRequest;
use App\Http\Requests\RecallQuery;
use App\Models\Job;
use App\Models\Part;
use App\Models\RecallNotice;
use App\Models\Workshop;
use App\Record\Recall;
use App\Words\Lexicon;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Mail\Message as MailMessage;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Mail;
use Pebblefell\Setting\Parameter;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** A recall: which systems have that part, that firmware, those serials, or that setting, and whom to call. */
final class RecallController extends Controller
{
    /** Rows of the worklist as a file. Chosen: more systems than one workshop builds. */
    private const MOST = 20_000;

    public function index(RecallQuery $request): View
    {
        return view('recall', [
            'found' => $request->isAsked() ? Recall::page($request->terms()) : null,
            'count' => $request->isAsked() ? Recall::parts($request->terms())->reorder()->distinct()->count('job_id') : 0,
            'parameters' => ['' => '–'] + array_combine(
                array_column(Parameter::cases(), 'value'),
                array_map(Lexicon::plain()->name(...), Parameter::cases()),
            ),
            'findings' => ['' => '–'] + self::findings(),
            'asked' => $request,
            'notices' => $request->isAsked()
                ? RecallNotice::query()->where('recall', $request->recall())->get()->keyBy('job_id')
                : collect(),
            'mails' => (bool) config('pebblefell.mail'),
        ]);
    }

    public function show(RecallQuery $request): Response
    {
        $rows = [['job', 'title', 'customer', 'phone', 'email', 'part', 'serial', 'firmware', 'place']];
        foreach ($request->isAsked() ? Recall::parts($request->terms())->limit(self::MOST)->lazy(500) : [] as $part) {
            /** @var Part $part */
            $rows[] = [
                $part->job?->number, $part->job?->title, $part->job?->customer?->name, $part->job?->customer?->phone,
                $part->job?->customer?->email,
                $part->name(), $part->serial, $part->firmware, $part->place,
            ];
        }

        return Csv::response('recall', Csv::write($rows));
    }

    /** A letter to each owner, in their language, to be printed or copied. */
    public function letters(RecallQuery $request): View
    {
        return view('recall-letters', ['letters' => $this->written($request), 'asked' => $request, 'workshop' => Workshop::current()]);
    }

    /** Notes whom it was told, and by which way; e-mails go out where a mail server is named. */
    public function tell(RecallQuery $request): RedirectResponse
    {
        $way = $request->asked('way') === 'e-mail' && (bool) config('pebblefell.mail') ? 'e-mail' : 'letter';
        $told = 0;
        $mails = [];
        foreach ($this->written($request) as $letter) {
            if ($way === 'e-mail' && $letter['email'] === '') {
                continue;
            }
            $notice = RecallNotice::query()->firstOrCreate(
                ['recall' => $request->recall(), 'job_id' => $letter['job']->id],
                ['way' => $way, 'by' => $this->user($request)->name],
            );
            $told += $notice->wasRecentlyCreated ? 1 : 0;
            if ($notice->wasRecentlyCreated && $way === 'e-mail') {
                $mails[] = [$notice, $letter];
            }
        }
        // Noted first, so that nobody is told twice, also when all of this is tried again; what the mail server refuses is taken back.
        DB::afterCommit(static fn() => self::send($mails, $told));

        return redirect()->to(route('recall', $request->except(['_token', 'way', 'page'])))->with('said', self::said($told, []));
    }

    /**
     * @param list<array{RecallNotice, array{job: Job, email: string, subject: string, text: string}}> $mails
     */
    private static function send(array $mails, int $told): void
    {
        $refused = [];
        foreach ($mails as [$notice, $letter]) {
            try {
                Mail::raw($letter['text'], static fn(MailMessage $mail) => $mail->to($letter['email'])->subject($letter['subject']));
            } catch (TransportExceptionInterface) {
                $notice->delete();
                $refused[] = $letter['job']->title;
            }
        }
        session()->flash('said', self::said($told - count($refused), $refused));
    }

    /**
     * @param list<string> $refused titles of jobs
     */
    private static function said(int $told, array $refused): string
    {
        return "$told noted as told." . ($refused === [] ? '' : ' Not sent, and not noted: ' . implode(', ', $refused) . '.');
    }

    /** Who has answered, and what. */
    public function answer(RecallAnswerRequest $request, RecallNotice $recallNotice): RedirectResponse
    {
        self::onlyIf($recallNotice->answered_at === null, 'It was kept as answered already.');
        $recallNotice->saveIfUnchanged($request, ['answered_at' => now(), 'note' => $request->string('note')->toString()]);

        return back()->with('said', 'Kept as answered.');
    }

    /**
     * @return list<array{job: Job, email: string, subject: string, text: string}> one for each job, however many parts of it are meant
     */
    private function written(RecallQuery $request): array
    {
        $letters = [];
        foreach ($request->isAsked() ? Recall::parts($request->terms())->limit(self::MOST)->get()->groupBy('job_id') : [] as $parts) {
            $job = $parts->first()?->job;
            if ($job === null) {
                continue;
            }
            $say = Lexicon::in($job->customer->language ?? 'en');
            $listed = $parts->map(static fn(Part $p): string => $p->name() . ($p->serial === '' ? '' : " ($p->serial)"))->implode(', ');
            $letters[] = [
                'job' => $job, 'email' => (string) $job->customer?->email, 'subject' => $say->word(
                    'pack.recall-subject',
                    ['job' => $job->title],
                ),
                'text' => $say->word('pack.recall-text', [
                    'name' => (string) $job->customer?->name, 'job' => $job->title, 'parts' => $listed, 'why' => $request->why(),
                    'shop' => implode(
                        ', ',
                        array_filter([Workshop::current()->name, Workshop::current()->phone, Workshop::current()->email]),
                    ),
                ]),
            ];
        }

        return $letters;
    }

    /**
     * @return array<string, string> titles of what core may find, by rule; those that name an argument have it left out
     */
    private static function findings(): array
    {
        $titles = [];
        foreach ((array) __('findings') as $key => $said) {
            if (is_array($said) && isset($said['title']) && !str_contains((string) $key, '.')) {
                $titles[(string) $key] = (string) preg_replace('/\{[A-Za-z_]+\}/', '…', (string) $said['title']);
            }
        }
        asort($titles);

        return $titles;
    }
}
