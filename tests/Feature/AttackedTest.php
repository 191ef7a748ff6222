<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Csv\Csv;
use App\Http\KeptInput;
use App\Models\Handover;
use App\Models\Job;
use App\Models\Message;
use App\Models\Photo;
use App\Models\Role;
use App\Models\Tick;
use App\Models\User;
use App\Record\CleanPicture;
use App\Record\JobFiles;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Pebblefell\Stage\DayPlan\Standing;
use Symfony\Component\HttpFoundation\Response;

/** What an attacker tried, and what held or did not. */
final class AttackedTest extends TestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->defaultCookies = [];
    }

    /** A browser that this server has given a session. */
    private function visitor(): self
    {
        config(['session.driver' => 'patient']);

        return $this->withCookie((string) config('session.cookie'), Str::random(40));
    }

    private static function sessions(): int
    {
        return DB::table('sessions')->count();
    }

    public function testAStrangerFillsNothing(): void
    {
        config(['session.driver' => 'patient']);
        $job = $this->job();
        $big = str_repeat('x', 300_000);
        for ($i = 0; $i < 30; ++$i) {
            $answer = $this->post("/jobs/$job->id/appliances", ['name' => $big]);
            self::assertContains($answer->getStatusCode(), [302, 419]);
            self::assertSame([], $answer->headers->getCookies(), 'no cookie: a page elsewhere that posts here signs nobody out');
        }
        $this->post("/jobs/$job->id/appliances", ['name' => $big])->assertStatus(429);
        self::assertSame(0, self::sessions());
        // Reading is answered all the same, and leaves a small one.
        $this->get('/sign-in')->assertOk()->assertCookie((string) config('session.cookie'));
        self::assertSame(1, self::sessions());
        self::assertLessThan(2_000, strlen((string) DB::table('sessions')->value('payload')));
    }

    public function testWhoHadASessionKeepsWhatWasTypedButNotMoreThanAPersonTypes(): void
    {
        $job = $this->job();
        $kept = function (string $text) use ($job): array {
            DB::table('sessions')->delete();
            $this->visitor()->from("/jobs/$job->id/loads")->post("/jobs/$job->id/appliances", ['name' => $text]);
            $payload = (string) DB::table('sessions')->value('payload');
            self::assertLessThan(300_000, strlen($payload));

            return (array) json_decode((string) base64_decode($payload, true), true);
        };
        self::assertSame('Ice maker', $kept('Ice maker')[KeptInput::KEY]['input']['name'] ?? '');
        self::assertArrayNotHasKey(KeptInput::KEY, $kept(str_repeat('y', 250_000)));
    }

    public function testVisitorsAreBoundedInNumber(): void
    {
        config(['session.driver' => 'patient', 'session.lottery' => [100, 100]]);
        foreach (range(1, 1_050) as $i) {
            DB::table('sessions')->insert(['id' => "v$i", 'payload' => '', 'last_activity' => time() - $i]);
        }
        DB::table('sessions')->insert(['id' => 'old', 'payload' => '', 'last_activity' => time() - 4_000]);
        DB::table('sessions')->insert(['id' => 'theirs', 'user_id' => 1, 'payload' => '', 'last_activity' => time() - 4_000]);
        $this->get('/sign-in')->assertOk();
        self::assertLessThanOrEqual(1_002, self::sessions());
        self::assertSame(['theirs'], DB::table('sessions')->whereIn('id', ['old', 'theirs', 'v1050'])->pluck('id')->all());
    }

    public function testABodyIsNoLargerThanItsAddressTakes(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $part = $this->plannedCharger($job);
        $size = fn(string $url, int $bytes): TestResponse => $this->call('POST', $url, [], [], [], ['CONTENT_LENGTH' => (string) $bytes]);
        $size("/jobs/$job->id/appliances", 1_000_001)->assertStatus(413)->assertSee('larger than the 1 MB');
        self::assertNotSame(413, $size("/jobs/$job->id/appliances", 900_000)->getStatusCode());
        $size("/jobs/$job->id/parts/$part->id/photos", 12_000_001)->assertStatus(413);
        // What PHP itself takes here is less than on the server.
        self::assertNotSame(413, $size("/jobs/$job->id/logs", 7_000_000)->getStatusCode());
        $size("/jobs/$job->id/logs", 64_000_001)->assertStatus(413);
    }

    public function testItAnswersByItsOwnName(): void
    {
        config(['app.url' => 'https://selhavn.example']);
        $this->get('https://selhavn.example/sign-in')->assertOk();
        $this->get('https://elsewhere.example/sign-in')->assertStatus(421)->assertSee('selhavn.example')->assertDontSee('elsewhere.example/');
        $this->get('https://elsewhere.example/up')->assertOk();
    }

    public function testAPasswordEndsWhereElseOneWasSignedInAndIsNotCutOff(): void
    {
        $user = $this->user();
        DB::table('sessions')->insert([
            ['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()],
            ['id' => 'another person', 'user_id' => $user->id + 1, 'payload' => '', 'last_activity' => time()],
        ]);
        $user->forceFill(['remember_token' => 'before'])->save();
        $this->actingAs($user);
        $change = fn(string $to): TestResponse => $this->put(
            '/password',
            ['current_password' => 'a long enough secret', 'password' => $to, 'password_confirmation' => $to],
        );
        $change(str_repeat('å', 37))->assertSessionHasErrors('password');
        $change(str_repeat('a', 73))->assertSessionHasErrors('password');
        $change(str_repeat('å', 36))->assertSessionHasNoErrors()->assertSessionHas(
            'said',
            static fn(string $s): bool => str_contains($s, 'signed out'),
        );
        self::assertSame(['another person'], DB::table('sessions')->pluck('id')->all());
        self::assertNotSame('before', $user->refresh()->remember_token);
        // So does a first password that the office gives, and an account that is closed.
        DB::table('sessions')->insert(['id' => 'again', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
        $this->actingAs($this->user(Role::Office))->put("/accounts/$user->id", [
            'lock_version' => $user->lock_version, 'name' => $user->name, 'email' => $user->email, 'roles' => ['planner'], 'active' => 1,
            'new_password' => 1,
        ])->assertSessionHasNoErrors();
        self::assertSame(['another person'], DB::table('sessions')->pluck('id')->all());
    }

    public function testGuessesAreCountedByTheAccountAndDoNotLockOutItsOwnBrowser(): void
    {
        $user = User::query()->create(['name' => 'T', 'email' => 'technician@test.example', 'password' => 'a long enough secret', 'roles' => [Role::Planner]]);
        $try = fn(string $email, string $password): TestResponse => $this->post('/sign-in', ['email' => $email, 'password' => $password]);
        $signedIn = $try($user->email, 'a long enough secret')->assertRedirect();
        $device = $signedIn->headers->getCookies();
        $name = config('session.cookie') . '_device';
        $cookie = array_values(array_filter($device, static fn($c): bool => $c->getName() === $name))[0] ?? self::fail('no device is remembered');
        $value = CookieValuePrefix::remove((string) app('encrypter')->decrypt((string) $cookie->getValue(), false));
        $this->delete('/sign-out');
        foreach (['technician@test.example', 'TECHNICIAN@test.example', 'technìcian@test.example', 'technícian@test.example', 'technician@test.example'] as $spelling) {
            $try($spelling, 'guess')->assertRedirect();
        }
        $try('têchnician@test.example', 'guess')->assertTooManyRequests();
        // From the browser that has signed in to it before, its person comes in.
        $this->withCookie($name, $value);
        $try($user->email, 'a slip of the pen')->assertRedirect();
        $try($user->email, 'a long enough secret')->assertRedirect('/');
        $this->assertAuthenticated();
    }

    public function testASealedCodeStandsNowhereWhenItsFormIsRefused(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $part = $this->plannedCharger($job);
        $this->post("/jobs/$job->id/settings/$part->id/secrets", ['label' => '', 'code' => 'open-sesame-4711'])->assertSessionHasErrors('label');
        self::assertStringNotContainsString('open-sesame-4711', (string) json_encode(session()->all()));
        $this->app['auth']->forgetGuards();
        $this->visitor()->post("/jobs/$job->id/settings/$part->id/secrets", ['label' => 'app', 'code' => 'open-sesame-4711']);
        self::assertStringNotContainsString(
            'open-sesame-4711',
            DB::table('sessions')->pluck('payload')->map(static fn(string $p): string => (string) base64_decode($p, true))->implode(''),
        );
    }

    /** A JPEG that tells of place and camera, holds a comment, a profile, XMP, and a page behind its end. */
    private static function talkative(): string
    {
        $image = imagecreatetruecolor(40, 30);
        assert($image !== false);
        ob_start();
        imagejpeg($image, null, 80);
        $plain = (string) ob_get_clean();
        $segment = static fn(int $marker, string $text): string => "\xFF" . chr($marker) . pack('n', strlen($text) + 2) . $text;
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x0F\0\x02\0\0\0\x06\0\0\0\x1ACamer\0\0\0\0\0";

        return substr($plain, 0, 2) . $segment(0xE1, $exif) . $segment(0xE1, 'http://ns.adobe.com/xap/1.0/<x:xmpmeta>home</x:xmpmeta>')
            . $segment(0xED, "Photoshop 3.0\08BIM IPTC by-line") . $segment(0xFE, 'a comment') . substr($plain, 2) . '<html>behind its end</html>';
    }

    public function testAPictureTellsNothingWhicheverWayItComes(): void
    {
        $job = $this->job();
        $this->actingAs($this->user(Role::Office, Role::Planner, Role::Technician));
        $part = $this->plannedCharger($job);
        $told = '/Exif|xmpmeta|Photoshop|a comment|behind its end|Camer/';
        $clean = static function (string $jpeg) use ($told): void {
            self::assertDoesNotMatchRegularExpression($told, $jpeg);
            self::assertTrue(CleanPicture::isClean($jpeg));
            self::assertNotFalse(imagecreatefromstring($jpeg));
        };
        $jpeg = self::talkative();
        self::assertMatchesRegularExpression($told, $jpeg);
        self::assertNotFalse(imagecreatefromstring($jpeg));
        // The form.
        $this->post("/jobs/$job->id/parts/$part->id/photos", ['photo' => UploadedFile::fake()->createWithContent('a.jpg', $jpeg)])
            ->assertSessionHasNoErrors();
        $path = Photo::query()->firstOrFail()->path;
        $clean((string) Storage::disk('private')->get($path));
        // A job file: what is clean stays byte for byte, the other is made so.
        $file = JobFiles::export($job->refresh());
        [$system, $same] = JobFiles::read($file);
        self::assertNotNull($system);
        self::assertSame(Photo::query()->value('sha256'), JobFiles::import($system, $same)->parts()->whereHas('photos')->firstOrFail()->photos->first()?->sha256);
        $file = (string) preg_replace('/"sha256": "[0-9a-f]+"/', '"sha256": "' . hash('sha256', $jpeg) . '"', $file);
        $file = (string) preg_replace('~"data_base64": "[^"]+"~', '"data_base64": "' . base64_encode($jpeg) . '"', $file);
        [$system, $read, $faults] = JobFiles::read($file);
        self::assertSame([], $faults);
        self::assertNotNull($system);
        $photo = JobFiles::import($system, $read)->parts()->whereHas('photos')->firstOrFail()->photos->first();
        self::assertNotNull($photo);
        $clean((string) Storage::disk('private')->get($photo->path));
        self::assertSame(hash('sha256', (string) Storage::disk('private')->get($photo->path)), $photo->sha256);
        // An owner's message.
        $this->post("/jobs/$job->id/handovers")->assertSessionHasNoErrors();
        $pack = Handover::query()->firstOrFail();
        $this->post($pack->link('pack.message', [], false), ['text' => 'see', 'file' => UploadedFile::fake()->createWithContent('a.jpg', $jpeg)])
            ->assertSessionHasNoErrors();
        $clean((string) Storage::disk('private')->get(Message::query()->firstOrFail()->file_path));
        // A restored backup.
        Storage::disk('private')->put($path, $jpeg);
        self::assertSame(0, Artisan::call('pebblefell:pictures'));
        $clean((string) Storage::disk('private')->get($path));
        // Too many pixels are refused by the header, before anything is decoded.
        $huge = (string) preg_replace('/(\xFF\xC0\x00\x11\x08)..../s', '$1' . pack('nn', 7_000, 6_000), $jpeg, 1);
        $this->post("/jobs/$job->id/parts/$part->id/photos", ['photo' => UploadedFile::fake()->createWithContent('a.jpg', $huge)])
            ->assertSessionHasErrors(['photo' => 'The file has more than 40 megapixels: make it smaller first.']);
    }

    public function testAnOwnersFormThatIsOlderThanItsSessionComesBackAsItWasTyped(): void
    {
        DemoShop::lay($this);
        $pack = Handover::query()->firstOrFail();
        // Tests pass the token's check by: here it is what is asked.
        $this->app['env'] = 'production';
        $this->app->instance('env', 'production');
        config(['session.driver' => 'patient']);
        $url = $pack->link('pack.message', [], false);
        $this->assertOlder($this->post($url, ['_form' => 'write', 'text' => 'The freezer stops at night.', 'ran_short' => 'morning', 'arrive' => '96']));
        $this->assertOlder($this->visitor()->post($url, ['_form' => 'write', 'text' => 'The freezer stops at night.', 'ran_short' => 'morning', 'arrive' => '96']));
        self::assertSame(0, Message::query()->where('text', 'like', '%freezer%')->count());
        $this->post($url, ['text' => str_repeat('long ', 8_000)])->assertOk()->assertDontSee('long long');
        // Another's signature opens nothing.
        $this->post((string) preg_replace('/signature=\w{4}/', 'signature=0000', $url), ['text' => 'x'])->assertForbidden();
    }

    /** @param TestResponse<Response> $answer */
    private function assertOlder(TestResponse $answer): void
    {
        $page = (string) $answer->assertOk()->assertSee('nothing was sent yet')->getContent();
        $form = (new Page($page))->form('/message');
        self::assertSame(['The freezer stops at night.', 'morning', '96'], [$form['text'], $form['ran_short'], $form['arrive']]);
        self::assertNotSame('', $form['_token']);
        self::assertNotEmpty($answer->headers->getCookies(), 'it is sent again with a session');
    }

    public function testAnOwnerWritesSoOftenAndNoMore(): void
    {
        DemoShop::lay($this);
        $pack = Handover::query()->firstOrFail();
        $write = fn(): TestResponse => $this->visitor()->post($pack->link('pack.message', [], false), ['_form' => 'write', 'text' => 'Once more.']);
        for ($i = 0; $i < 10; ++$i) {
            $write()->assertRedirect();
        }
        $write()->assertStatus(429)->assertSee('many messages in a short time')->assertSee('Once more.');
        for ($hour = 1; $hour < 5; ++$hour) {
            $this->travel(61)->minutes();
            for ($i = 0; $i < 10; ++$i) {
                $write()->assertRedirect();
            }
        }
        $this->travel(61)->minutes();
        $write()->assertStatus(429);
        self::assertSame(50, Message::query()->where('text', 'Once more.')->count());
    }

    public function testAnIdFromAnOutboxIsThatOfItsContent(): void
    {
        [$job, $other] = [$this->job(), $this->job()];
        $this->actingAs($this->user());
        $id = (string) Str::uuid();
        $send = fn(Job $to, string $note, string $as = ''): TestResponse => $this->postJson("/jobs/$to->id/ticks", [
            'step' => Standing::FOUND, 'state' => 'otherwise', 'note' => $note, 'client_id' => $id,
        ]);
        $send($job, 'a crack')->assertOk()->assertJson(['new' => true]);
        $send($job, 'a crack')->assertOk()->assertJson(['new' => false]);
        $send($job, 'another')->assertStatus(409)->assertJsonPath('message', static fn(string $m): bool => str_contains($m, 'was not kept'));
        $send($other, 'a crack')->assertStatus(409);
        $this->actingAs($this->user(Role::Technician));
        $send($job, 'a crack')->assertStatus(409);
        self::assertSame(1, Tick::query()->count());
    }

    public function testTextIsWhatItLooksLike(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->post("/jobs/$job->id/appliances", ['name' => "Lamp \u{202E}gpj.exe", 'side' => 'dc', 'watts' => '4'])->assertSessionHasErrors('name');
        $file = json_decode(JobFiles::export($job->refresh()), true);
        $file['title'] = "Trailer \u{2066}x";
        self::assertNotSame([], JobFiles::read((string) json_encode($file))[2]);
        self::assertSame("a,\"x;=1+1\",'=1+1,\"two\r\nlines\"\r\n", Csv::write([['a', 'x;=1+1', '=1+1', "two\r\nlines"]]));
        $number = $job->number;
        $this->get("/search?q={$number}abc")->assertOk()->assertDontSee('Test trailer');
        $this->get("/search?q=$number")->assertOk()->assertSee('Test trailer');
    }

    public function testADiskThatIsNearlyFullIsReadAndNotWritten(): void
    {
        $job = $this->job();
        $this->actingAs($this->user());
        $this->get("/jobs/$job->id/loads")->assertOk();
        config(['pebblefell.least_free_mb' => 1_000_000_000]);
        $kept = DB::table('kept_studies')->count();
        $this->get("/jobs/$job->id/survey")->assertOk();
        $this->post("/jobs/$job->id/appliances", ['name' => 'Lamp', 'side' => 'dc', 'watts' => '4'])->assertStatus(507)->assertSee('nearly full');
        $this->postJson("/jobs/$job->id/ticks", ['step' => Standing::FOUND, 'state' => 'otherwise', 'note' => 'x'])->assertStatus(507);
        self::assertSame([0, 0, $kept], [$job->appliances()->count(), $job->ticks()->count(), DB::table('kept_studies')->count()]);
        config(['pebblefell.least_free_mb' => 1]);
        $this->post("/jobs/$job->id/appliances", ['name' => 'Lamp', 'side' => 'dc', 'watts' => '4'])->assertSessionHasNoErrors();
    }
}
