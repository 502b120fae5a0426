<?php

declare(strict_types=1);

use App\Access\Http\AccessProblems;
use App\Access\Http\Middleware\CsrfOfSessions;
use App\Access\Http\Middleware\EnterByToken;
use App\Access\Http\Middleware\FreshPassword;
use App\Access\Http\Middleware\HasSecondFactor;
use App\Access\Http\Middleware\OpenToTokens;
use App\Access\Http\Middleware\StillHere;
use App\Clinic\Http\ClinicProblems;
use App\Club\Http\ClubProblems;
use App\Exchange\Http\FhirProblems;
use App\Platform\Http\Middleware\AnswerInJson;
use App\Platform\Http\Middleware\KnownBeforeLarge;
use App\Platform\Http\Middleware\NoteRefusals;
use App\Platform\Http\Middleware\Once;
use App\Platform\Http\Middleware\QuietSession;
use App\Platform\Http\Middleware\ReadableBody;
use App\Platform\Http\Middleware\RoomToSave;
use App\Platform\Http\Middleware\SecurityHeaders;
use App\Platform\Http\Problems as Platform;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Routing\Middleware\SubstituteBindings;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        api: __DIR__.'/../routes/api.php',
        commands: __DIR__.'/../routes/console.php',
        then: static fn () => Route::middleware('fhir')->prefix('fhir')->group(__DIR__.'/../routes/fhir.php'),
    )
    ->withCommands(glob(__DIR__.'/../app/*/Console') ?: [])
    ->withMiddleware(function (Middleware $middleware): void {
        // What is sent stands as it was sent; walking every value of a body before anybody is known is a door for strangers.
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        $middleware->append(SecurityHeaders::class);
        // The interface is known by its session, and a change carries the session's token; other programs by a token of theirs.
        $middleware->group('api', [
            AnswerInJson::class,
            NoteRefusals::class,
            RoomToSave::class,
            EncryptCookies::class,
            AddQueuedCookiesToResponse::class,
            QuietSession::class,
            StillHere::class,
            EnterByToken::class,
            KnownBeforeLarge::class,
            ReadableBody::class,
            CsrfOfSessions::class,
            SubstituteBindings::class,
        ]);
        // Without sessions: who comes has a token.
        $middleware->group('fhir', [NoteRefusals::class, EnterByToken::class, SubstituteBindings::class]);
        $middleware->alias(['second-factor' => HasSecondFactor::class, 'fresh-password' => FreshPassword::class, 'once' => Once::class, OpenToTokens::ALIAS => OpenToTokens::class]);
        // The shell is the same for everyone and needs no session.
        $middleware->group('web', []);
        $middleware->redirectGuestsTo(static fn (): ?string => null);
    })
    ->withExceptions(static function (Exceptions $exceptions): void {
        // The first that answers is heard: what any request may meet stands last.
        FhirProblems::register($exceptions);
        AccessProblems::register($exceptions);
        ClubProblems::register($exceptions);
        ClinicProblems::register($exceptions);
        Platform::register($exceptions);
    })
    ->create();
