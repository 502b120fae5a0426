<?php

declare(strict_types=1);

namespace App\Providers;

use App\Access\Accounts\LoginLimits;
use App\Access\Accounts\MemberProvider;
use App\Access\Accounts\SecretLimits;
use App\Access\Models\ApiToken;
use App\Access\Models\Membership;
use App\Access\Models\User;
use App\Access\Teams\Abilities;
use App\Access\Tokens\TokenLimits;
use App\Access\Values\Ability;
use App\Clinic\Audit\Additions;
use App\Clinic\Audit\ExaminationNames;
use App\Clinic\Audit\PartNames;
use App\Clinic\Audit\ReferenceResultRows;
use App\Clinic\Audit\Signatures;
use App\Clinic\Examinations\FiguresCache;
use App\Clinic\History\WithoutRecords;
use App\Clinic\History\WritesHistory;
use App\Clinic\Http\HistoryWriter;
use App\Clinic\Models\Attachment;
use App\Clinic\Models\Episode;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Policies\ExaminationPolicy;
use App\Clinic\Policies\ProposalPolicy;
use App\Club\Athletes\AthleteNames;
use App\Club\Athletes\WithoutHistory;
use App\Club\Models\Athlete;
use App\Club\Models\Doctor;
use App\Club\Policies\AthletePolicy;
use App\Exchange\Fhir\ConfiguredTerms;
use App\Exchange\Webhooks\TellsPrograms;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\ChainHeads;
use App\Platform\Audit\Recorded;
use App\Platform\Database\KeptConnector;
use App\Platform\Encryption\AthleteKeys;
use App\Platform\Encryption\MasterKey;
use App\Platform\Mail\Outbox;
use App\Platform\Server\Disk;
use App\Trust\Audit\AccountNames;
use App\Trust\Audit\NamesParts;
use App\Trust\Audit\Subjects;
use App\Trust\Audit\Verifier;
use App\Trust\Policies\AuditEntryPolicy;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Arithmetic;
use GrayCompass\Core\Assessor;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Catalogue\Catalogue;
use GrayCompass\Core\Catalogue\Manoeuvre;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Figures;
use Illuminate\Auth\Access\Response;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\Date;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Mail;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->singleton(Figures::class, static fn (): Figures => FiguresCache::figures());
        $this->app->singleton(Arithmetic::class, fn (): Arithmetic => new Arithmetic($this->app->make(Figures::class)));
        $this->app->bind('db.connector.mariadb', KeptConnector::class);
        $this->app->bind(Disk::class, static function (): Disk {
            $folder = config('app.instance');

            return new Disk(\is_string($folder) && $folder !== '' ? $folder : null);
        });
        $this->app->bind(ChainHeads::class, static function (): ChainHeads {
            $folder = config('app.heads');

            return new ChainHeads(\is_string($folder) && $folder !== '' ? $folder : null);
        });
        $this->app->bind(WithoutHistory::class, WithoutRecords::class);
        $this->app->bind(WritesHistory::class, HistoryWriter::class);
        $this->app->bind(NamesParts::class, PartNames::class);
        $this->app->tag([AccountNames::class, AthleteNames::class, ExaminationNames::class], Subjects::NAMED_BY);
        $this->app->tag([Signatures::class, Additions::class, ReferenceResultRows::class], Verifier::CHECKS);
        $this->app->scoped(MasterKey::class);
        $this->app->scoped(AthleteKeys::class);
        $this->app->singleton(Terms::class, static fn (): Terms => ConfiguredTerms::read());
        $this->app->singleton(Bundles::class, fn (): Bundles => new Bundles(
            $this->app->make(Figures::class), $this->app->make(Terms::class),
        ));
        $this->app->singleton(Assessor::class, fn (): Assessor => new Assessor($this->app->make(Figures::class)));
    }

    public function boot(): void
    {
        Date::use(CarbonImmutable::class);
        // An address that is mailed or shown never follows what a request calls itself.
        URL::useOrigin(Config::string('app.url'));
        Model::shouldBeStrict();
        JsonResource::withoutWrapping();
        Vite::useManifestFilename('.vite/manifest.json');
        // Whatever host or proxy the page came through, its parts come the same way.
        Vite::createAssetPathsUsing(static fn (string $path): string => "/{$path}");
        Auth::provider('members', static fn (Application $app): MemberProvider => new MemberProvider(
            $app->make(Hasher::class), User::class,
        ));
        RateLimiter::for('login', LoginLimits::for(...));
        RateLimiter::for('invitation', fn (Request $request): array => $this->app->make(LoginLimits::class)->forInvitation($request));
        RateLimiter::for('secrets', SecretLimits::for(...));
        RateLimiter::for('tokens', TokenLimits::for(...));
        Sanctum::usePersonalAccessTokenModel(ApiToken::class);
        Event::listen(Recorded::class, TellsPrograms::class);
        Mail::extend('outbox', static fn (): Outbox => new Outbox);
        // Named, so that none is looked for at each request.
        Gate::policy(AuditEntry::class, AuditEntryPolicy::class);
        Gate::policy(Athlete::class, AthletePolicy::class);
        Gate::policy(Examination::class, ExaminationPolicy::class);
        Gate::policy(Proposal::class, ProposalPolicy::class);
        foreach (Ability::cases() as $ability) {
            Gate::define($ability, fn (User $user): Response => $this->app->make(Abilities::class)
                ->has($user->membership?->role, $ability)
                    ? Response::allow()
                    : Response::deny($ability->refusal()));
        }
        // Another person's team has no members here.
        Route::bind('membership', static fn (string $id): Membership => Membership::query()
            ->whereKey($id)->whereNull('ended_at')
            ->where('team_id', Auth::user()?->membership?->team_id)->firstOrFail());
        // Of an athlete of this team, whether or not they are put away.
        Route::bind('episode', static fn (string $id): Episode => Episode::query()
            ->whereHas('athlete')->findOrFail($id));
        Route::bind('removed', static fn (string $id): ReferenceResult => ReferenceResult::onlyTrashed()->findOrFail($id));
        Route::bind('removedDoctor', static fn (string $id): Doctor => Doctor::onlyTrashed()->findOrFail($id));
        Route::bind('removedFile', static fn (string $id): Attachment => Attachment::onlyTrashed()->findOrFail($id));
        Route::bind('discarded', static fn (string $id): Letter => Letter::onlyTrashed()->findOrFail($id));
        Route::bind('anyone', static fn (string $id): Athlete => Athlete::withTrashed()->findOrFail($id));
        Route::bind('archived', static fn (string $id): Athlete => Athlete::onlyTrashed()->findOrFail($id));
        // Codes in an address are matched exactly against the catalogue before any query.
        Route::bind(
            'manoeuvre',
            fn (string $id): Manoeuvre => $this->catalogue()->has($id) ? $this->catalogue()->get($id) : abort(404),
        );
    }

    private function catalogue(): Catalogue
    {
        return $this->app->make(Figures::class)->catalogue();
    }
}
