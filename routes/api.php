<?php

declare(strict_types=1);

use App\Access\Http\Controllers\InvitationController;
use App\Access\Http\Controllers\PasswordController;
use App\Access\Http\Controllers\SecondFactorController;
use App\Access\Http\Controllers\SessionController;
use App\Access\Http\Controllers\TokenController;
use App\Clinic\Http\Controllers\AthleteFileController;
use App\Clinic\Http\Controllers\AttachmentController;
use App\Clinic\Http\Controllers\BoardController;
use App\Clinic\Http\Controllers\CalendarController;
use App\Clinic\Http\Controllers\CatalogueController;
use App\Clinic\Http\Controllers\CorrectionController;
use App\Clinic\Http\Controllers\CourseController;
use App\Clinic\Http\Controllers\DifferenceController;
use App\Clinic\Http\Controllers\DoctorController;
use App\Clinic\Http\Controllers\ExaminationController;
use App\Clinic\Http\Controllers\HistoryController;
use App\Clinic\Http\Controllers\LetterController;
use App\Clinic\Http\Controllers\PageController;
use App\Clinic\Http\Controllers\PastController;
use App\Clinic\Http\Controllers\ProposalController;
use App\Clinic\Http\Controllers\RecordController;
use App\Clinic\Http\Controllers\ReferenceResultController;
use App\Clinic\Http\Controllers\RetentionController;
use App\Clinic\Http\Controllers\SectionController;
use App\Clinic\Http\Controllers\TaskController;
use App\Clinic\Http\Controllers\TodayController;
use App\Clinic\Http\Controllers\WeighController;
use App\Club\Http\Controllers\AthleteController;
use App\Club\Http\Controllers\ImportController;
use App\Club\Http\Controllers\MemberController;
use App\Club\Http\Controllers\TeamController;
use App\Club\Models\Athlete;
use App\Exchange\Http\Controllers\BundleController;
use App\Exchange\Http\Controllers\RecordImportController;
use App\Exchange\Http\Controllers\SentReferralController;
use App\Exchange\Http\Controllers\TableExportController;
use App\Exchange\Http\Controllers\WebhookController;
use App\Platform\Audit\AuditEntry;
use App\Trust\Http\Controllers\AuditLogController;
use App\Trust\Http\Controllers\MailController;
use Illuminate\Support\Facades\Route;

Route::post('login', [SessionController::class, 'store'])->middleware('throttle:login')->name('login');
Route::get('me', [SessionController::class, 'show'])->name('me');

Route::post('password/forgotten', [PasswordController::class, 'forgotten'])
    ->middleware('throttle:secrets')->name('password.forgotten');
// Mailed secrets of 256 bits; who guesses them is slowed down by nginx.
Route::post('password/reset', [PasswordController::class, 'reset'])->name('password.reset');
Route::post('invitation/look', [InvitationController::class, 'show'])->name('invitation.show');
Route::post('invitation', [InvitationController::class, 'accept'])
    ->middleware('throttle:invitation')->name('invitation.accept');

// An athlete does not log in, and neither does a calendar program: what they were given is the secret.
Route::get('page', [PageController::class, 'read'])->name('page.read');
Route::get('calendars/{token}', [CalendarController::class, 'read'])->name('calendars.read');

// One's own account: this much is open to the person who still has to set up a second factor.
Route::middleware('auth')->group(function (): void {
    Route::controller(SessionController::class)->group(function (): void {
        Route::post('logout', 'destroy')->name('logout');
        Route::get('ping', 'ping')->name('ping');
        Route::get('sessions', 'index')->name('sessions');
        Route::delete('sessions', 'endOthers')->name('sessions.others');
        Route::delete('sessions/{session}', 'end')->name('sessions.end');
    });
    Route::put('teams/{team}', [TeamController::class, 'choose'])->name('teams.choose');
    Route::middleware('throttle:secrets')->group(function (): void {
        Route::post('password/confirm', [PasswordController::class, 'confirm'])->name('password.confirm');
        Route::put('password', [PasswordController::class, 'update'])->name('password.update');
        Route::put('second-factor', [SecondFactorController::class, 'update'])->name('second-factor.update');
        Route::delete('second-factor', [SecondFactorController::class, 'destroy'])->name('second-factor.destroy');
    });
    Route::post('second-factor', [SecondFactorController::class, 'store'])->name('second-factor.store');
});

Route::middleware(['auth', 'second-factor', 'can:lead'])->group(function (): void {
    Route::get('members', [MemberController::class, 'index'])->name('members');
    Route::put('members/{membership}', [MemberController::class, 'update'])
        ->middleware('fresh-password')->name('members.update');
    Route::delete('members/{membership}', [MemberController::class, 'destroy'])
        ->middleware('fresh-password')->name('members.destroy');
    Route::post('invitations', [InvitationController::class, 'store'])
        ->middleware(['fresh-password', 'once'])->name('invitations.store');
    Route::delete('invitations/{invitation}', [InvitationController::class, 'destroy'])->name('invitations.destroy');
    Route::put('team', [TeamController::class, 'update'])->name('team.update');
    Route::get('team', [TeamController::class, 'show'])->name('team');
    Route::get('mails', [MailController::class, 'index'])->name('mails');
    Route::get('mails/{mail}', [MailController::class, 'show'])->name('mails.show');
});

Route::controller(SentReferralController::class)->middleware(['auth', 'second-factor', 'can:answer'])->group(function (): void {
    Route::get('athletes/{athlete}/sent-referrals', 'index')->name('sent-referrals');
    Route::post('tasks/{task}/sent-referral', 'store')->middleware('once')->name('sent-referrals.store');
    Route::post('sent-referrals/{sentReferral}/again', 'again')->middleware('once')->name('sent-referrals.again');
    Route::post('sent-referrals/{sentReferral}/result', 'add')->middleware('once')->name('sent-referrals.add');
});

// Everything that is kept on one athlete.
Route::controller(AthleteFileController::class)->middleware(['auth', 'second-factor', 'can:lead'])->group(function (): void {
    Route::post('athletes/{anyone}/archive', 'export')->middleware(['fresh-password', 'once'])->name('athlete-files.export');
    Route::get('exports/{export}', 'state')->name('exports');
    Route::get('exports/{export}/file', 'fetch')->name('exports.fetch');
    Route::delete('athletes/{anyone}/record', 'erase')->name('athlete-files.erase');
    Route::get('retention', [RetentionController::class, 'index'])->name('retention');
    Route::put('athletes/{anyone}/retention', [RetentionController::class, 'update'])->name('retention.update');
});

// All signed examinations of the team as tables.
Route::controller(TableExportController::class)->middleware(['auth', 'second-factor', 'can:lead'])->group(function (): void {
    Route::post('table-exports', 'store')->middleware(['fresh-password', 'once', 'token:export'])->name('table-exports.store');
    Route::get('table-exports/{tableExport}', 'show')->middleware('token:export')->name('table-exports.show');
    Route::get('table-exports/{tableExport}/file', 'fetch')->middleware('token:export')->name('table-exports.fetch');
});

// Programs that are told of what happens in the team.
Route::controller(WebhookController::class)->middleware(['auth', 'second-factor', 'can:lead'])->group(function (): void {
    Route::get('webhooks', 'index')->name('webhooks');
    Route::post('webhooks', 'store')->middleware(['fresh-password', 'once'])->name('webhooks.store');
    Route::delete('webhooks/{webhook}', 'destroy')->name('webhooks.destroy');
    Route::post('webhooks/{webhook}/test', 'test')->middleware('once')->name('webhooks.test');
    Route::get('webhooks/{webhook}/deliveries', 'deliveries')->name('webhooks.deliveries');
    Route::post('webhooks/{webhook}/deliveries/{delivery}', 'again')->middleware('once')->name('webhooks.again');
});

// The one thing of a record that is for everybody in the team.
Route::get('board', BoardController::class)->middleware(['auth', 'second-factor', 'can:seeBoard', 'token:read'])->name('board');

Route::middleware(['auth', 'second-factor', 'can:examine'])->group(function (): void {
    Route::get('catalogue', CatalogueController::class)->middleware('token:read')->name('catalogue');
    Route::get('today', TodayController::class)->middleware('token:read')->name('today');
    // What is searched for may be a name, so it comes in the body and stands in no address.
    Route::post('today', TodayController::class)->middleware('token:read')->name('today.search');
    Route::post('weigh', [WeighController::class, 'store'])->middleware('token:read')->name('weigh');
    Route::post('rates', [WeighController::class, 'rates'])->middleware('token:read')->name('rates');

    Route::controller(AuditLogController::class)->middleware('can:viewAny,'.AuditEntry::class)->group(function (): void {
        Route::get('audit-log', 'index')->name('audit-log');
        Route::get('audit-log.csv', 'table')->name('audit-log.table');
    });

    Route::controller(AthleteController::class)->group(function (): void {
        Route::get('squads', 'squads')->middleware('token:read')->name('squads');
        Route::get('athletes', 'index')->middleware('token:read')->name('athletes.index');
        Route::get('athletes/archived', 'archived')->name('athletes.archived');
        Route::delete('athletes/{athlete}', 'destroy')->can('delete', 'athlete')->name('athletes.destroy');
        Route::post('athletes/{archived}/restoration', 'restore')->can('update', 'archived')->name('athletes.restore');
    });
    Route::controller(TokenController::class)->group(function (): void {
        Route::get('tokens', 'index')->name('tokens');
        Route::post('tokens', 'store')->middleware(['fresh-password', 'once'])->name('tokens.store');
        Route::delete('tokens/{apiToken}', 'destroy')->name('tokens.destroy');
    });
    Route::controller(CalendarController::class)->group(function (): void {
        Route::get('calendar', 'show')->name('calendar');
        Route::put('calendar', 'update')->name('calendar.update');
        Route::delete('calendar', 'destroy')->name('calendar.destroy');
        Route::post('calendar/returned', 'takeBack')->middleware('can:answer')->name('calendar.returned');
        Route::get('tasks/{task}/calendar', 'task')->middleware('token:read')->name('tasks.calendar');
    });
    Route::controller(TaskController::class)->group(function (): void {
        Route::post('athletes/{athlete}/tasks', 'store')
            ->can('examine', 'athlete')->middleware(['once', 'token:record'])->name('athletes.tasks.store');
        Route::put('tasks/{task}', 'update')->name('tasks.update');
    });
    Route::controller(ImportController::class)->middleware('can:create,'.Athlete::class)->group(function (): void {
        Route::post('imports/preview', 'preview')->name('imports.preview');
        Route::post('imports', 'store')->middleware('once')->name('imports.store');
        Route::get('imports', 'index')->name('imports');
        Route::get('imports/{import}', 'show')->name('imports.show');
        Route::delete('imports/{import}', 'destroy')->name('imports.destroy');
        Route::get('athletes.csv', 'table')->middleware(['can:lead', 'fresh-password', 'token:export'])->name('athletes.table');
    });
    Route::controller(ReferenceResultController::class)->group(function (): void {
        Route::get('episodes/{episode}', 'index')->middleware('token:read')->name('episodes.show');
        Route::get('episodes/{episode}/course', [CourseController::class, 'show'])->middleware('token:read')->name('episodes.course');
        Route::get('episodes/{episode}/comparison', [CourseController::class, 'compare'])->middleware('token:read')->name('episodes.comparison');
        Route::post('episodes/{episode}/reference-results', 'store')
            ->middleware('once')->name('reference-results.store');
        Route::middleware('can:answer')->group(function (): void {
            Route::put('reference-results/{result}', 'update')->name('reference-results.update');
            Route::delete('reference-results/{result}', 'destroy')->name('reference-results.destroy');
            Route::post('reference-results/{removed}/restoration', 'restore')->name('reference-results.restore');
        });
    });
    Route::controller(ProposalController::class)->group(function (): void {
        Route::put('proposals/{proposal}', 'decide')->middleware('can:answer')->name('proposals.decide');
        Route::delete('proposals/{proposal}', 'withdraw')->can('withdraw', 'proposal')->name('proposals.withdraw');
    });
    Route::controller(AttachmentController::class)->middleware('can:answer')->group(function (): void {
        Route::post('reference-results/{result}/attachments', 'store')
            ->middleware('once')->name('attachments.store');
        Route::get('attachments/{attachment}', 'show')->name('attachments.show');
        Route::delete('attachments/{attachment}', 'destroy')->name('attachments.destroy');
        Route::post('attachments/{removedFile}/restoration', 'restore')->name('attachments.restore');
    });
    Route::controller(RecordImportController::class)->middleware('can:answer')->group(function (): void {
        Route::post('record-imports/preview', 'preview')->name('record-imports.preview');
        Route::post('record-imports', 'store')->middleware('once')->name('record-imports.store');
        Route::get('record-imports', 'index')->name('record-imports');
        Route::get('record-imports/{recordImport}', 'show')->name('record-imports.show');
        Route::delete('record-imports/{recordImport}', 'destroy')->name('record-imports.destroy');
    });
    Route::middleware('can:answer')->group(function (): void {
        Route::controller(DoctorController::class)->group(function (): void {
            Route::get('doctors', 'index')->name('doctors');
            Route::post('doctors', 'store')->middleware('once')->name('doctors.store');
            Route::put('doctors/{doctor}', 'update')->name('doctors.update');
            Route::delete('doctors/{doctor}', 'destroy')->name('doctors.destroy');
            Route::post('doctors/{removedDoctor}/restoration', 'restore')->name('doctors.restore');
        });
        Route::controller(LetterController::class)->group(function (): void {
            Route::get('letters/{letter}', 'show')->name('letters.show');
            Route::put('letters/{letter}', 'update')->name('letters.update');
            Route::delete('letters/{letter}', 'destroy')->name('letters.destroy');
            Route::post('letters/{discarded}/restoration', 'restore')->name('letters.restore');
            Route::post('letters/{letter}/sending', 'send')->name('letters.send');
            Route::get('letters/{letter}/pdf', 'pdf')->name('letters.pdf');
            Route::get('letters/{letter}/text', 'plain')->name('letters.text');
        });
    });
    Route::controller(HistoryController::class)->group(function (): void {
        Route::post('athletes', 'store')->can('create', Athlete::class)->middleware(['once', 'token:record'])->name('athletes.store');
        Route::get('athletes/{athlete}', 'show')->can('view', 'athlete')->middleware('token:read')->name('athletes.show');
        Route::put('athletes/{athlete}', 'update')->can('update', 'athlete')->middleware('token:record')->name('athletes.update');
    });
    Route::get('athletes/{athlete}/bundle', [BundleController::class, 'athlete'])
        ->can('view', 'athlete')->middleware(['can:lead', 'fresh-password', 'token:export'])->name('athletes.bundle');
    Route::get('athletes/{athlete}/past', [PastController::class, 'show'])->can('examine', 'athlete')->name('athletes.past');
    Route::post('athletes/{athlete}/examinations', [ExaminationController::class, 'store'])
        ->can('examine', 'athlete')->middleware(['once', 'token:record'])->name('athletes.examinations.store');

    Route::prefix('examinations/{examination}')->name('examinations.')->group(function (): void {
        Route::middleware('can:view,examination')->group(function (): void {
            Route::get('', [ExaminationController::class, 'show'])->middleware('token:read')->name('show');
            Route::get('summary.pdf', [ExaminationController::class, 'pdf'])->middleware('token:export')->name('pdf');
            Route::get('document', [ExaminationController::class, 'document'])->middleware('token:export')->name('document');
            Route::get('bundle', [BundleController::class, 'examination'])->middleware('token:export')->name('bundle');
            Route::get('weighing', [WeighController::class, 'show'])->middleware('token:read')->name('weighing');
            Route::get('athlete-text', [PageController::class, 'text'])->name('athlete-text');
            Route::post('differences', [DifferenceController::class, 'store'])->name('difference');
        });
        Route::post('signature', [ExaminationController::class, 'sign'])->can('sign', 'examination')->name('sign');
        Route::middleware('can:sign,examination')->group(function (): void {
            Route::get('letters', [LetterController::class, 'index'])->name('letters');
            Route::post('letters', [LetterController::class, 'store'])->middleware('once')->name('letters.store');
            Route::get('page', [PageController::class, 'show'])->name('page');
            Route::post('page', [PageController::class, 'store'])->middleware('once')->name('page.store');
            Route::delete('page', [PageController::class, 'destroy'])->name('page.destroy');
        });
        Route::controller(CorrectionController::class)->middleware('can:sign,examination')->group(function (): void {
            Route::post('addenda', 'addendum')->middleware('once')->name('addenda');
            Route::post('correction', 'correct')->middleware('once')->name('correction');
        });
        Route::middleware('can:record,examination')->group(function (): void {
            Route::post('countersignature', [ExaminationController::class, 'ask'])->middleware('token:record')->name('ask');
            Route::post('other-knee', [ExaminationController::class, 'other'])->middleware('once')->name('other');
            Route::put('knee', [ExaminationController::class, 'changeKnee'])->middleware('token:record')->name('knee');
            Route::put('sections/{section}', [SectionController::class, 'update'])->middleware('token:record')->name('sections.update');
            Route::put('records/{manoeuvre}/{side}', [RecordController::class, 'update'])->middleware('token:record')->name('records.update');
            Route::delete('records/{manoeuvre}/{side}', [RecordController::class, 'destroy'])->middleware('token:record')->name('records.destroy');
        });
    });
});

Route::any('{path}', static fn () => abort(404))->where('path', '.*')->name('nothing');
