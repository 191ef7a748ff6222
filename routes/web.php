<?php

declare(strict_types=1);

use App\Http\Controllers as C;
use App\Models\Customer;
use App\Models\Job;
use App\Models\LibraryPart;
use App\Models\Place;
use App\Models\User;
use App\Models\Workshop;
use Illuminate\Support\Facades\Route;

/*
 * Every route below says who may use it: `can:` for people who signed in, `signed` for a customer's private link,
 * `guest` for signing in. tests/Feature/EveryRouteGuardedTest holds this file to it.
 */

Route::get('/up', C\UpController::class)->withoutMiddleware('web')->name('up');

Route::middleware('guest')->group(static function (): void {
    Route::get('/sign-in', [C\SessionController::class, 'create'])->name('sign-in');
    Route::post('/sign-in', [C\SessionController::class, 'store'])->middleware('throttle:sign-in')->name('sign-in.store');
});

Route::middleware(['signed:relative', 'throttle:pack', 'unlisted'])->group(static function (): void {
    Route::get('/pack/{handover:token}', [C\Handover\PackController::class, 'show'])->name('pack.show');
    Route::post('/pack/{handover:token}/message', [C\Handover\MessageController::class, 'store'])->middleware(['throttle:message', 'whole'])->name('pack.message');
    Route::get('/pack/{handover:token}/night', [C\Handover\PackController::class, 'night'])->name('pack.night');
    Route::get('/pack/{handover:token}/pdf', [C\Handover\PackController::class, 'pdf'])->name('pack.pdf');
    Route::get('/pack/{handover:token}/file', [C\Handover\PackController::class, 'file'])->name('pack.file');
    Route::get('/pack/{handover:token}/photo/{sha256}', [C\Handover\PackController::class, 'photo'])->name('pack.photo');
});

Route::middleware(['signed:relative', 'throttle:pack', 'unlisted'])->group(static function (): void {
    Route::get('/offer/{offer:token}', [C\DayPlan\OfferLinkController::class, 'show'])->name('offer.show');
    Route::get('/offer/{offer:token}/pdf', [C\DayPlan\OfferLinkController::class, 'pdf'])->name('offer.pdf');
    Route::post('/offer/{offer:token}', [C\DayPlan\OfferLinkController::class, 'accept'])->middleware('whole')->name('offer.accept');
});

Route::middleware(['auth', 'active', 'whole'])->group(static function (): void {
    Route::delete('/sign-out', [C\SessionController::class, 'destroy'])->middleware('can:change-own-password')->name('sign-out');
    Route::get('/password', [C\PasswordController::class, 'edit'])->middleware('can:change-own-password')->name('password.edit');
    Route::put('/password', [C\PasswordController::class, 'update'])->middleware('can:change-own-password')->name('password.update');
    Route::get('/here', C\UpController::class)->middleware('can:read-help')->name('here');
    Route::get('/keys', [C\HelpController::class, 'keys'])->middleware('can:read-help')->name('keys');
    Route::get('/components', [C\HelpController::class, 'components'])->middleware('can:view-components')->name('components');

    Route::get('/', [C\JobController::class, 'index'])->middleware(['can:viewAny,' . Job::class])->name('yard');
    Route::put('/yard', [C\YardController::class, 'update'])->middleware(['can:plan,' . Job::class])->name('yard.update');
    Route::get('/balance.ics', C\CalendarController::class)->middleware(['can:viewAny,' . Job::class])->name('balance.ics');
    Route::get('/recall', [C\RecallController::class, 'index'])->middleware(['can:viewAny,' . Job::class])->name('recall');
    Route::get('/recall/letters', [C\RecallController::class, 'letters'])->middleware(['can:viewAny,' . Job::class])->name('recall.letters');
    Route::post('/recall/told', [C\RecallController::class, 'tell'])->middleware(['can:create,' . Job::class])->name('recall.tell');
    Route::put('/recall/{recallNotice}', [C\RecallController::class, 'answer'])->middleware(['can:create,' . Job::class])->name('recall.answer');
    Route::get('/measured', [C\MeasuredController::class, 'index'])->middleware(['can:viewAny,' . Job::class])->name('measured');
    Route::get('/recall.csv', [C\RecallController::class, 'show'])->middleware(['can:viewAny,' . Job::class])->name('recall.csv');
    Route::get('/search', C\SearchController::class)->middleware(['can:viewAny,' . Job::class])->name('search');
    Route::get('/jobs/create', [C\JobController::class, 'create'])->middleware(['can:create,' . Job::class])->name('jobs.create');
    Route::post('/jobs', [C\JobController::class, 'store'])->middleware(['can:create,' . Job::class])->name('jobs.store');
    Route::get('/jobs/import', [C\JobFileController::class, 'create'])->middleware(['can:create,' . Job::class])->name('jobs.import');
    Route::post('/jobs/import', [C\JobFileController::class, 'store'])->middleware(['can:create,' . Job::class])->name('jobs.import.store');

    Route::prefix('/jobs/{job}')->scopeBindings()->group(static function (): void {
        Route::middleware('can:view,job')->group(static function (): void {
            Route::get('/', [C\JobController::class, 'show'])->name('jobs.show');
            Route::get('/survey', [C\Survey\SurveyController::class, 'show'])->name('survey');
            Route::get('/letter', [C\Survey\LetterController::class, 'show'])->name('letter');
            Route::get('/loads', [C\Loads\LoadsController::class, 'show'])->name('loads');
            Route::get('/trial', [C\Loads\TrialController::class, 'create'])->name('trial');
            Route::post('/trial/csv', [C\Loads\TrialCsvController::class, 'store'])->name('trial.csv');
            Route::get('/trial/judged', [C\Loads\TrialController::class, 'show'])->name('trial.show');
            Route::get('/size', [C\Size\SizeController::class, 'show'])->name('size');
            Route::get('/size/pin', [C\Size\SizeController::class, 'pin'])->name('size.pin');
            Route::get('/sources', [C\Sources\SourcesController::class, 'show'])->name('sources');
            Route::get('/bank', [C\Bank\BankController::class, 'show'])->name('bank');
            Route::get('/wiring', [C\Wiring\WiringController::class, 'show'])->name('wiring');
            Route::get('/wiring.csv', [C\Wiring\WiringController::class, 'csv'])->name('wiring.csv');
            Route::get('/wiring.svg', [C\Wiring\PaperController::class, 'svg'])->name('wiring.svg');
            Route::get('/wiring/paper', [C\Wiring\PaperController::class, 'show'])->name('wiring.paper');
            Route::get('/wiring/labels.pdf', [C\Wiring\PaperController::class, 'labels'])->name('wiring.labels');
            Route::get('/day-plan', [C\DayPlan\DayPlanController::class, 'index'])->name('day-plan');
            Route::get('/day-plan/steps', [C\DayPlan\DayPlanController::class, 'show'])->name('day-plan.steps');
            Route::get('/offers', [C\DayPlan\OfferController::class, 'index'])->name('offers');
            Route::get('/day-plan.ics', [C\DayPlan\DayPlanController::class, 'ics'])->name('day-plan.ics');
            Route::get('/balance', [C\Balance\BalanceController::class, 'show'])->name('balance');
            Route::get('/balance/{balanceSession}/readings.csv', [C\Balance\BalanceController::class, 'csv'])->name('balance.csv');
            Route::get('/settings', [C\Settings\SettingsController::class, 'index'])->name('settings');
            Route::get('/settings/step', [C\Settings\StepController::class, 'show'])->name('settings.step');
            Route::get('/wiring/shelf', [C\Wiring\ShelfController::class, 'edit'])->name('shelf');
            Route::get('/settings/paper', [C\Settings\SettingsController::class, 'paper'])->name('settings.paper');
            Route::get('/settings/{part}/model', [C\Settings\ModelBoxController::class, 'edit'])->name('settings.model');
            Route::get('/settings.csv', [C\Settings\SettingsCsvController::class, 'show'])->name('settings.csv');
            Route::get('/test', [C\Test\TestController::class, 'index'])->name('test');
            Route::get('/test/proof', C\Test\ProofController::class)->name('test.proof');
            Route::get('/test/readings', [C\Test\ReadingsController::class, 'show'])->name('test.readings');
            Route::get('/test/vehicle', [C\Test\VehicleController::class, 'index'])->name('test.vehicle');
            Route::get('/test/vehicle/readings', [C\Test\VehicleController::class, 'show'])->name('test.vehicle.readings');
            Route::get('/test/training', C\Test\TrainingController::class)->name('test.training');
            Route::get('/handover', [C\Handover\HandoverController::class, 'index'])->name('handover');
            Route::get('/handover/walk', [C\Handover\WalkController::class, 'show'])->name('handovers.walk');
            Route::get('/handovers/{handover}/sticker', [C\Handover\StickerController::class, 'show'])->name('handovers.sticker');
            Route::get('/aftercare', [C\Aftercare\AftercareController::class, 'index'])->name('aftercare');
            Route::get('/aftercare.ics', [C\Aftercare\AftercareController::class, 'ics'])->name('aftercare.ics');
            Route::get('/messages/{message}/file', [C\Handover\MessageController::class, 'file'])->name('messages.file');
            Route::get('/logs/{logFile}', [C\Aftercare\LogController::class, 'show'])->name('logs.show');
            Route::get('/logs/{logFile}/progress', [C\Aftercare\LogController::class, 'progress'])->name('logs.progress');
            Route::get('/history', [C\HistoryController::class, 'index'])->name('history');
            Route::get('/file', [C\JobFileController::class, 'show'])->name('jobs.file');
            Route::get('/parts.csv', [C\Survey\PartCsvController::class, 'show'])->name('parts.csv');
            Route::get('/loads.csv', [C\Loads\ApplianceCsvController::class, 'show'])->name('appliances.csv');
            Route::get('/parts/{part}', [C\Survey\PartController::class, 'edit'])->name('parts.edit');
            Route::get('/parts/{part}/photos/{photo}', [C\Survey\PhotoController::class, 'show'])->name('photos.show');
        });
        Route::middleware('can:update,job')->group(static function (): void {
            Route::get('/brief', [C\JobController::class, 'edit'])->name('jobs.edit');
            Route::put('/brief', [C\JobController::class, 'update'])->name('jobs.update');
        });
        Route::delete('/', [C\JobController::class, 'destroy'])->middleware('can:delete,job')->name('jobs.destroy');
        Route::middleware('can:survey,job')->group(static function (): void {
            Route::post('/parts', [C\Survey\PartController::class, 'store'])->name('parts.store');
            Route::post('/typed', [C\Survey\TypedController::class, 'store'])->name('typed.store');
            Route::post('/layout', [C\Survey\LayoutController::class, 'store'])->name('layout.store');
            Route::delete('/parts/{part}', [C\Survey\PartController::class, 'destroy'])->name('parts.destroy');
            Route::post('/parts/csv', [C\Survey\PartCsvController::class, 'store'])->name('parts.csv.store');
            Route::post('/conductors', [C\Survey\ConductorController::class, 'store'])->name('conductors.store');
            Route::put('/conductors/{conductor}', [C\Survey\ConductorController::class, 'update'])->name('conductors.update');
            Route::delete('/conductors/{conductor}', [C\Survey\ConductorController::class, 'destroy'])->name('conductors.destroy');
            Route::post('/signals', [C\Survey\SignalController::class, 'store'])->name('signals.store');
            Route::delete('/signals/{signal}', [C\Survey\SignalController::class, 'destroy'])->name('signals.destroy');
            Route::post('/appliances', [C\Loads\ApplianceController::class, 'store'])->name('appliances.store');
            Route::put('/appliances/{appliance}', [C\Loads\ApplianceController::class, 'update'])->name('appliances.update');
            Route::delete('/appliances/{appliance}', [C\Loads\ApplianceController::class, 'destroy'])->name('appliances.destroy');
            Route::post('/loads/csv', [C\Loads\ApplianceCsvController::class, 'store'])->name('appliances.csv.store');
            Route::post('/scenarios', [C\Loads\ScenarioController::class, 'store'])->name('scenarios.store');
            Route::put('/scenarios/{scenario}', [C\Loads\ScenarioController::class, 'update'])->name('scenarios.update');
            Route::delete('/scenarios/{scenario}', [C\Loads\ScenarioController::class, 'destroy'])->name('scenarios.destroy');
        });
        Route::middleware('can:record,job')->group(static function (): void {
            Route::put('/parts/{part}', [C\Survey\PartController::class, 'update'])->name('parts.update');
            Route::post('/parts/{part}/photos', [C\Survey\PhotoController::class, 'store'])->name('photos.store');
            Route::delete('/parts/{part}/photos/{photo}', [C\Survey\PhotoController::class, 'destroy'])->name('photos.destroy');
            Route::post('/parts/{part}/measurements', [C\Survey\MeasurementController::class, 'store'])->name('measurements.store');
            Route::put('/settings/{part}', [C\Settings\SettingsController::class, 'update'])->name('settings.update');
            Route::post('/settings/{part}/typed', [C\Settings\StepController::class, 'store'])->name('settings.typed');
            Route::put('/settings/{part}/model', [C\Settings\ModelBoxController::class, 'update'])->name('settings.model.update');
            Route::put('/settings/{part}/programming', [C\Settings\ProgrammingController::class, 'update'])->name('settings.programming');
            Route::post('/settings/{part}/secrets', [C\Settings\SecretController::class, 'store'])->name('secrets.store');
            Route::post('/secrets/{secret}', [C\Settings\SecretController::class, 'show'])->name('secrets.show');
            Route::delete('/secrets/{secret}', [C\Settings\SecretController::class, 'destroy'])->name('secrets.destroy');
            Route::post('/settings/csv', [C\Settings\SettingsCsvController::class, 'store'])->name('settings.csv.store');
            Route::put('/wiring/shelf', [C\Wiring\ShelfController::class, 'update'])->name('shelf.update');
            Route::post('/handover/walk', [C\Handover\WalkController::class, 'store'])->name('handovers.walk.store');
            Route::post('/signatures', [C\Handover\SignatureController::class, 'store'])->name('signatures.store');
            Route::post('/ticks', [C\DayPlan\TickController::class, 'store'])->name('ticks.store');
            Route::put('/messages/{message}', [C\Handover\MessageController::class, 'update'])->name('messages.update');
            Route::post('/messages/{message}/log', [C\Handover\MessageController::class, 'take'])->name('messages.take');
            Route::post('/logs', [C\Aftercare\LogController::class, 'store'])->name('logs.store');
            Route::put('/logs/{logFile}', [C\Aftercare\LogController::class, 'update'])->name('logs.update');
            Route::delete('/logs/{logFile}', [C\Aftercare\LogController::class, 'destroy'])->name('logs.destroy');
            Route::post('/aftercare', [C\Aftercare\AftercareController::class, 'store'])->name('aftercare.store');
            Route::delete('/history/ticks/{tick}', [C\HistoryTickController::class, 'destroy'])->name('history.ticks');
            Route::post('/test/capacity', [C\Test\CapacityController::class, 'store'])->name('test.capacity');
            Route::post('/test/readings', [C\Test\ReadingsController::class, 'store'])->name('test.readings.store');
            Route::post('/test', [C\Test\TestController::class, 'store'])->name('test.store');
            Route::post('/box-words', [C\Settings\BoxWordController::class, 'store'])->name('box-words.store');
            Route::delete('/box-words/{boxWord}', [C\Settings\BoxWordController::class, 'destroy'])->withoutScopedBindings()->name('box-words.destroy');
        });
        Route::middleware('can:record,job')->prefix('/balance')->group(static function (): void {
            Route::post('/', [C\Balance\BalanceController::class, 'store'])->name('balance.store');
            Route::put('/{balanceSession}/join', [C\Balance\BalanceController::class, 'join'])->name('balance.join');
            Route::put('/{balanceSession}/finish', [C\Balance\BalanceController::class, 'finish'])->name('balance.finish');
            Route::put('/{balanceSession}/bench', [C\Balance\BenchController::class, 'update'])->name('balance.bench');
            Route::get('/{balanceSession}/live', [C\Balance\BenchController::class, 'live'])->name('balance.live');
            Route::post('/{balanceSession}/readings', [C\Balance\ReadingController::class, 'storeMany'])->name('balance.table');
            Route::put('/{balanceSession}/batteries/{balanceBattery}', [C\Balance\BalanceController::class, 'step'])->name('balance.step');
            Route::post('/{balanceSession}/batteries/{balanceBattery}/readings', [C\Balance\ReadingController::class, 'store'])->name('balance.read');
        });
        Route::middleware('can:plan,job')->group(static function (): void {
            Route::put('/parts/{part}/fate', [C\Survey\FateController::class, 'update'])->name('fate.update');
            Route::put('/bank', [C\Size\PlannedBankController::class, 'update'])->name('bank.update');
            Route::put('/bank/order', [C\Bank\BankController::class, 'order'])->name('bank.order');
            Route::put('/bank/links', [C\Bank\BankController::class, 'update'])->name('bank.links');
            Route::put('/wiring', [C\Wiring\WiringController::class, 'update'])->name('wiring.update');
            Route::post('/wiring/leads', [C\Wiring\LeadsController::class, 'store'])->name('leads.store');
            Route::put('/plan', [C\Size\PlanController::class, 'update'])->name('plan.update');
            Route::put('/arrays/{part}', [C\Sources\ArrayController::class, 'update'])->name('arrays.update');
            Route::put('/settings/{part}/earlier', [C\Settings\EarlierController::class, 'update'])->name('settings.earlier');
            Route::put('/school', [C\Settings\SchoolController::class, 'update'])->name('school.update');
            Route::put('/ladder', [C\Settings\LadderController::class, 'update'])->name('ladder.update');
            Route::post('/offers', [C\DayPlan\OfferController::class, 'store'])->name('offers.store');
            Route::put('/offers/{offer}', [C\DayPlan\OfferController::class, 'update'])->name('offers.update');
            Route::delete('/offers/{offer}', [C\DayPlan\OfferController::class, 'destroy'])->name('offers.destroy');
            Route::put('/day-plan', [C\DayPlan\DayPlanController::class, 'update'])->name('day-plan.update');
            Route::put('/stay', [C\Size\StayController::class, 'update'])->name('stay.update');
            Route::put('/roof', [C\Size\RoofController::class, 'update'])->name('roof.update');
            Route::put('/choices/{choice:uid}', [C\Size\ChoiceController::class, 'update'])->name('choices.update');
            Route::delete('/choices/{choice:uid}', [C\Size\ChoiceController::class, 'destroy'])->name('choices.destroy');
            Route::put('/target', [C\Size\SizeController::class, 'update'])->name('size.update');
            Route::put('/history/{act}', [C\HistoryController::class, 'update'])->where('act', '[A-Za-z0-9-]{1,60}')->name('history.update');
            Route::post('/findings', [C\FindingController::class, 'store'])->name('findings.store');
            Route::post('/findings/apply', [C\FindingController::class, 'apply'])->name('findings.apply');
        });
        Route::middleware('can:handOver,job')->group(static function (): void {
            Route::post('/handovers', [C\Handover\HandoverController::class, 'store'])->name('handovers.store');
            Route::delete('/handovers/{handover}', [C\Handover\HandoverController::class, 'destroy'])->name('handovers.destroy');
        });
    });

    Route::get('/library', [C\LibraryController::class, 'index'])->middleware(['can:viewAny,' . LibraryPart::class])->name('library.index');
    Route::get('/library.csv', [C\LibraryCsvController::class, 'show'])->middleware(['can:viewAny,' . LibraryPart::class])->name('library.csv');
    Route::post('/library/csv', [C\LibraryCsvController::class, 'store'])->middleware(['can:create,' . LibraryPart::class])->name('library.csv.store');
    Route::get('/library/create', [C\LibraryController::class, 'create'])->middleware(['can:create,' . LibraryPart::class])->name('library.create');
    Route::post('/library', [C\LibraryController::class, 'store'])->middleware(['can:create,' . LibraryPart::class])->name('library.store');
    Route::get('/library/{libraryPart}', [C\LibraryController::class, 'edit'])->middleware(['can:viewAny,' . LibraryPart::class])->name('library.edit');
    Route::put('/library/{libraryPart}', [C\LibraryController::class, 'update'])->middleware('can:update,libraryPart')->name('library.update');
    Route::delete('/library/{libraryPart}', [C\LibraryController::class, 'destroy'])->middleware('can:delete,libraryPart')->name('library.destroy');

    Route::get('/customers', [C\CustomerController::class, 'index'])->middleware(['can:viewAny,' . Customer::class])->name('customers.index');
    Route::post('/customers', [C\CustomerController::class, 'store'])->middleware(['can:create,' . Customer::class])->name('customers.store');
    Route::get('/customers/{customer}', [C\CustomerController::class, 'edit'])->middleware('can:update,customer')->name('customers.edit');
    Route::put('/customers/{customer}', [C\CustomerController::class, 'update'])->middleware('can:update,customer')->name('customers.update');

    Route::get('/accounts', [C\UserController::class, 'index'])->middleware(['can:viewAny,' . User::class])->name('users.index');
    Route::post('/accounts', [C\UserController::class, 'store'])->middleware(['can:create,' . User::class])->name('users.store');
    Route::get('/accounts/{user}', [C\UserController::class, 'edit'])->middleware('can:update,user')->name('users.edit');
    Route::put('/accounts/{user}', [C\UserController::class, 'update'])->middleware('can:update,user')->name('users.update');

    Route::get('/workshop', [C\WorkshopController::class, 'edit'])->middleware(['can:update,' . Workshop::class])->name('workshop.edit');
    Route::put('/workshop', [C\WorkshopController::class, 'update'])->middleware(['can:update,' . Workshop::class])->name('workshop.update');
    Route::post('/workshop/busy', [C\DayPlan\BusyController::class, 'store'])->middleware(['can:update,' . Workshop::class])->name('busy.store');
    Route::delete('/workshop/busy', [C\DayPlan\BusyController::class, 'destroy'])->middleware(['can:update,' . Workshop::class])->name('busy.destroy');
    Route::post('/places', [C\PlaceController::class, 'store'])->middleware(['can:create,' . Place::class])->name('places.store');
    Route::get('/places/{place}', [C\PlaceController::class, 'edit'])->middleware('can:update,place')->name('places.edit');
    Route::post('/places/{place}/weather', [C\PlaceController::class, 'weather'])->middleware('can:update,place')->name('places.weather');
    Route::put('/places/{place}', [C\PlaceController::class, 'update'])->middleware('can:update,place')->name('places.update');

    // An unknown address still gets a session, and with it a page of our own.
    Route::fallback(static fn() => abort(404))->middleware('can:read-help');
});
