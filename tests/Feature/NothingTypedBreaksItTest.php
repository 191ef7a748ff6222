<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Actions\Survey\AddParts;
use App\Models\Job;
use App\Models\Part;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Log;
use Pebblefell\System\PartKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** What cannot be is named at its field, in forms and in addresses; nothing of it is kept; and no job takes another one down. */
final class NothingTypedBreaksItTest extends TestCase
{
    public function testANameThatPointsNowhereIsTakenBackAndNamedAtTheFieldThatHeldIt(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->post(
            "/jobs/$job->id/appliances",
            ['name' => 'Lamp', 'side' => 'dc', 'watts' => '5', 'hours' => '7-9', 'scenario' => 'true'],
        )->assertSessionHasErrors('scenario');
        self::assertSame(0, $job->appliances()->count());
        [$battery] = $this->batteries($job, 1);
        $this->post(
            "/jobs/$job->id/parts",
            ['kind' => 'fuse', 'count' => 1, 'fate' => 'keep', 'data' => ['rating_a' => '30']],
        )->assertSessionHasNoErrors();
        $fuse = $job->parts()->where('kind', 'fuse')->firstOrFail();
        $wire = ['from_terminal' => "$battery->uid.plus", 'to_terminal' => "$fuse->uid.in", 'fate' => 'keep'];
        $this->post("/jobs/$job->id/conductors", [...$wire, 'protected_by' => 'p77'])->assertSessionHasErrors('protected_by');
        $this->post("/jobs/$job->id/conductors", [...$wire, 'to_terminal' => "$fuse->uid.nowhere"])->assertSessionHasErrors('to_terminal');
        self::assertSame(0, $job->conductors()->count());
        $this->get('/')->assertOk();
        $this->get("/jobs/$job->id/survey")->assertOk();
    }

    public function testTheWholeRequestIsTakenBackNotOnlyTheRow(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $customers = DB::table('customers')->count();
        // A customer would be made on the way; the brief is refused after that.
        $this->put("/jobs/$job->id/brief", $this->brief(['new_customer' => 'Nobody yet', 'lock_version' => 99]))->assertConflict();
        self::assertSame($customers, DB::table('customers')->count());
        $this->put(
            "/jobs/$job->id/brief",
            $this->brief(['new_customer' => 'Nobody yet', 'lock_version' => $job->refresh()->lock_version]),
        )->assertSessionHasNoErrors();
        self::assertSame('Nobody yet', $job->refresh()->customer?->name);
    }

    /**
     * @return iterable<string, array{string, array<string, mixed>, string}> path below the job, form, field at fault
     */
    public static function misshapen(): iterable
    {
        $load = ['name' => 'Lamp', 'side' => 'dc', 'watts' => '5'];
        yield 'a list where a name is asked for' => ['appliances', [...$load, 'name' => ['x']], 'name'];
        yield 'a list of lists' => ['appliances', [...$load, 'hours' => ['x' => ['y' => '7']]], 'hours'];
        yield 'an endless number' => ['appliances', [...$load, 'surge_w' => '1e309'], 'surge_w'];
        yield 'no number' => ['appliances', [...$load, 'surge_w' => 'NaN'], 'surge_w'];
        yield 'an unknown word' => ['appliances', [...$load, 'side' => 'steam'], 'side'];
        yield 'a NUL' => ['appliances', [...$load, 'name' => "a\0b"], 'name'];
        yield 'half a character' => ['appliances', [...$load, 'name' => "a\xED\xA0\x80b"], 'name'];
        yield 'a novel' => ['appliances', [...$load, 'circuit' => str_repeat('x', 70_000)], 'circuit'];
        yield 'a list for the way back' => ['appliances', [...$load, 'back' => ['/']], 'back'];
        yield 'a version that is none' => ['appliances', [...$load, 'lock_version' => 'soon'], 'lock_version'];
        yield 'one value for a list' => ['balance', ['protocol' => 'full', 'parts' => 'p1', 'mm2' => 35, 'lead_m' => 0.5], 'parts'];
    }

    /**
     * @param array<string, mixed> $form
     */
    #[DataProvider('misshapen')]
    public function testWhatHasTheWrongShapeIsNamedAtItsField(string $path, array $form, string $field): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->post("/jobs/$job->id/$path", $form)->assertSessionHasErrors($field);
        self::assertSame(0, $job->appliances()->count());
        // To a script the same, as JSON; half a character cannot even be said in JSON.
        if (json_encode($form) !== false) {
            $this->postJson("/jobs/$job->id/$path", $form)->assertStatus(422)->assertJsonValidationErrors($field);
        }
        // What was typed and could be read is still there.
        $this->get("/jobs/$job->id/loads")->assertOk();
    }

    /**
     * @return iterable<string, array{string}> address, JOB and PART in it filled in
     */
    public static function addresses(): iterable
    {
        foreach ([
            '/?page=x', '/search?q[]=x', '/library?kind=wheel', '/library/create?kind[]=battery', '/customers?page=99999999999999',
            '/jobs/JOB/survey?add=wheel', '/jobs/JOB/loads?scenario=s99', '/jobs/JOB/loads?page=0',
            '/jobs/JOB/size?month=13', '/jobs/JOB/size?battery[]=1', '/jobs/JOB/size/pin?strings=-1',
            '/jobs/JOB/size/pin?in=perhaps', '/jobs/JOB/bank?layout=star', '/jobs/JOB/bank?load=NaN', '/jobs/JOB/bank?mm2=1e309',
            '/jobs/JOB/bank?amps=5', '/jobs/JOB/bank?groups=99', '/jobs/JOB/bank?plus=1', '/jobs/JOB/trial/judged?arrive_h=25',
            '/jobs/JOB/history?page=-1', '/jobs/JOB/parts/PART?back=elsewhere', '/search?q=a%00b', '/search?q=%ED%A0%80',
        ] as $address) {
            yield $address => [$address];
        }
    }

    #[DataProvider('addresses')]
    public function testAnAddressThatAsksForWhatCannotBeSaysSoAndShowsItsPage(string $address): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        [$battery] = $this->batteries($job, 1);
        $this->get(
            str_replace(['JOB', 'PART'], [(string) $job->id, (string) $battery->id], $address),
        )->assertStatus(422)->assertSee('The address asks for what cannot be')->assertDontSee('Something broke');
    }

    public function testDecimalCommasAreReadInEveryNumberAndInLists(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $place = $job->place()->firstOrFail();
        $this->put(
            "/places/$place->id",
            [
                'lock_version' => $place->lock_version, 'name' => 'Testvik', 'latitude_deg' => '63,25',
                'clearness' => array_fill(0, 12, '0,41'), 'min_c' => array_fill(0, 12, '−2,5'), 'record_low_c' => '−11,5',
            ],
        )->assertSessionHasNoErrors();
        $place->refresh();
        self::assertSame([63.25, 0.41, -2.5, -11.5], [$place->latitude_deg, $place->clearness[0], $place->min_c[11], $place->record_low_c]);
        $this->put(
            "/jobs/$job->id/brief",
            $this->brief(
                [
                    'lock_version' => $job->refresh()->lock_version, 'customer_id' => $job->customer_id,
                    'shade' => [['from_h' => '13,5', 'to_h' => '18', 'percent' => '37,5']],
                ],
            ),
        )->assertSessionHasNoErrors();
        self::assertEquals([['from_h' => 13.5, 'to_h' => 18.0, 'factor' => 0.375]], $job->refresh()->shade);
        $this->get("/jobs/$job->id/bank?mm2=37,5")->assertOk();
    }

    public function testTablesComeAsSpreadsheetsSaveThem(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $table = "name;side;watts\r\nKühlbox für Bücher;dc;38,5\r\n";
        foreach ([
            'UTF-8 with a mark' => "\xEF\xBB\xBF" . $table,
            'UTF-16, little end first' => "\xFF\xFE" . mb_convert_encoding($table, 'UTF-16LE', 'UTF-8'),
            'UTF-16, big end first' => "\xFE\xFF" . mb_convert_encoding($table, 'UTF-16BE', 'UTF-8'),
            'UTF-16 without a mark' => mb_convert_encoding($table, 'UTF-16LE', 'UTF-8'),
            'Windows-1252' => mb_convert_encoding($table, 'Windows-1252', 'UTF-8'),
        ] as $how => $bytes) {
            $this->post(
                "/jobs/$job->id/loads/csv",
                ['file' => UploadedFile::fake()->createWithContent('loads.csv', $bytes)],
            )->assertSessionHasNoErrors();
            self::assertSame(
                ['Kühlbox für Bücher', 38.5],
                array_values($job->appliances()->reorder('id', 'desc')->firstOrFail()->only(['name', 'watts'])),
                $how,
            );
        }
        // What is no table at all is refused in words that the session can hold.
        $this->post(
            "/jobs/$job->id/loads/csv",
            ['file' => UploadedFile::fake()->createWithContent('loads.csv', random_bytes(4000))],
        )->assertSessionHasErrors('file');
        self::assertIsString(json_encode(session()->all(), JSON_THROW_ON_ERROR));
    }

    public function testAJobHoldsSoMuchAndNoMoreWhicheverWayItComes(): void
    {
        config(['pebblefell.most' => [...config('pebblefell.most'), 'appliances' => 2, 'parts' => 3]]);
        $job = $this->job();
        $this->actingAs($this->user());
        foreach ([302, 302] as $i => $status) {
            $this->post("/jobs/$job->id/appliances", ['name' => "Lamp $i", 'side' => 'dc', 'watts' => '5'])->assertSessionHasNoErrors();
        }
        $this->post("/jobs/$job->id/appliances", ['name' => 'One too many', 'side' => 'dc', 'watts' => '5'])->assertSessionHasErrors();
        self::assertSame(2, $job->appliances()->count());
        $this->post(
            "/jobs/$job->id/parts",
            [
                'kind' => 'battery', 'count' => 4, 'fate' => 'keep',
                'data' => ['chemistry' => 'agm', 'nominal_v' => '12', 'capacity_ah' => '100'],
            ],
        )->assertSessionHasErrors();
        self::assertSame([0, 0], [$job->parts()->count(), $job->conductors()->count()]);
        $tree = json_decode((string) file_get_contents(dirname(__DIR__) . '/files/v1/library-trailer.json'), true);
        $this->post(
            '/jobs/import',
            ['file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($tree))],
        )->assertSessionHasErrors('file');
        self::assertSame(1, Job::query()->count());
    }

    public function testAJobThatCannotBeReadTakesNothingDownAndIsPutRightFromItsHistory(): void
    {
        $job = $this->job();
        $other = $this->job();
        $this->actingAs($this->user());
        [$a, $b] = $this->batteries($job, 2);
        $link = $job->conductors()->firstOrFail();
        // As an older version might have left it: a link to a part that is not there, with its line in the history.
        $link->update(['to_terminal' => 'p99.plus']);
        $logged = [];
        Log::listen(static function ($message) use (&$logged): void {
            $logged[] = $message->message;
        });
        $this->get("/jobs/$job->id/survey")->assertStatus(409)->assertSee('cannot be read')->assertSee('/conductors/0/to')->assertSee('p99.plus');
        self::assertStringContainsString('p99.plus', implode(' ', $logged));
        $this->get("/jobs/$other->id/survey")->assertOk();
        // The next write that touches it notes in the Yard what is wrong, and is not refused for what it did not do.
        Artisan::call('pebblefell:digests');
        $this->get('/')->assertOk()->assertSee('Cannot be read');
        $act = 'line-' . DB::table('activity_log')->where('job_id', $job->id)->max('id');
        $this->put("/jobs/$job->id/history/$act")->assertRedirect("/jobs/$job->id/history");
        self::assertSame("$b->uid.plus", $link->refresh()->to_terminal);
        $this->get("/jobs/$job->id/survey")->assertOk();
        $this->get('/')->assertOk()->assertDontSee('Cannot be read');
    }

    public function testWhatIsUnexpectedIsLoggedUnderAReferenceThatThePageShows(): void
    {
        $this->actingAs($this->user());
        $logged = [];
        Log::listen(static function ($message) use (&$logged): void {
            $logged[] = $message->context['reference'] ?? null;
        });
        $this->app?->bind(\App\History\Acts::class, static fn() => throw new \RuntimeException('broken on purpose'));
        \Illuminate\Support\Facades\Route::middleware(['web', 'auth'])->get(
            '/broken',
            static fn() => throw new \RuntimeException('broken on purpose'),
        );
        $this->app?->detectEnvironment(static fn(): string => 'production');
        $answer = $this->get('/broken')->assertStatus(500);
        $reference = (string) $answer->headers->get('X-Reference');
        self::assertMatchesRegularExpression('/^[A-Z0-9]{6}$/', $reference);
        $answer->assertSee($reference);
        self::assertContains($reference, $logged);
    }

    public function testDeletingSaysWhatHangsOnIt(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        [$a] = $this->batteries($job, 2);
        $this->post("/jobs/$job->id/parts/$a->id/measurements", ['quantity' => 'volts', 'value' => '12,6'])->assertSessionHasNoErrors();
        $this->get("/jobs/$job->id/parts/$a->id")->assertSee('Delete the part, and with it 2 conductors, 1 reading for good');
    }

    /**
     * @return list<Part>
     */
    private function batteries(Job $job, int $count): array
    {
        return (new AddParts())($job, PartKind::Battery, [], ['chemistry' => 'agm', 'nominal_v' => 12.0, 'capacity_ah' => 100.0], $count);
    }

    /**
     * @param array<string, mixed> $more
     *
     * @return array<string, mixed>
     */
    private function brief(array $more): array
    {
        return [
            'title' => 'Test trailer', 'vehicle_kind' => 'caravan', 'system_v' => '12', 'wish_days' => '3', 'hook_up' => 'never',
            'driving_h_day' => '1', ...$more,
        ];
    }
}
