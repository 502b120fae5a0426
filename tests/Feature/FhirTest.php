<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Tokens\ApiTokens;
use App\Access\Values\Role;
use App\Access\Values\TokenAbility;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;
use App\Clinic\Models\LetterVersion;
use App\Club\Models\Athlete;
use App\Exchange\Fhir\RecordBundles;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use GrayCompass\Core\Bundles;
use GrayCompass\Core\Fhir\Terms;
use GrayCompass\Core\Fhir\Uuids;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Auth;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Records as other health software reads them: whole bundles, and resource by resource by token. */
final class FhirTest extends FeatureTestCase
{
    private const MRI = ['kind' => 'mri', 'answers' => [['condition' => 'acl', 'seen' => 'present', 'grade' => 2]], 'note' => 'torn'];

    private User $user;

    private string $examination;

    private Athlete $athlete;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(role: Role::Lead);
        $this->examination = $this->openedBy($this->user);
        $this->save($this->examination, 'records/lachman/right', ['translationMm' => 4, 'endFeel' => 'firm'])->assertOk();
        $this->save($this->examination, 'records/lachman/left', ['translationMm' => 12, 'endFeel' => 'absent'])->assertOk();
        $this->athlete = Athlete::query()->withoutGlobalScopes()->sole();
    }

    public function test_a_bundle_of_an_examination_gives_its_document_back(): void
    {
        $document = json_decode((string) $this->getJson("/api/examinations/{$this->examination}/document")->content());
        $bundle = $this->getJson("/api/examinations/{$this->examination}/bundle")->assertOk()
            ->assertHeader('Content-Type', 'application/fhir+json');
        $read = app(Bundles::class)->read(json_decode((string) $bundle->content()), now());
        unset($read->document->athlete, $read->document->examiner);
        self::assertEquals($document, $read->document);
        self::assertSame($this->athlete->born_on->toDateString(), $read->patient->birthDate);
        self::assertSame([], $read->unknown);
    }

    public function test_a_signed_examination_says_who_signed_what_and_brings_its_summary(): void
    {
        $this->postJson("/api/examinations/{$this->examination}/signature", $this->seen($this->examination))->assertOk();
        $bundle = json_decode((string) $this->getJson("/api/examinations/{$this->examination}/bundle")->assertOk()->content());
        $resources = collect($bundle->entry)->pluck('resource')->keyBy('resourceType');
        $signed = AuditEntry::query()->where('event', AuditEvent::Signed)->sole();
        $provenance = $resources['Provenance'];
        self::assertSame("sha256:{$signed->detail['digest']}", base64_decode($provenance->signature[0]->data));
        self::assertSame('urn:uuid:'.Uuids::ofUlid($this->user->id), $provenance->agent[0]->who->reference);
        self::assertStringStartsWith('%PDF-', (string) base64_decode($resources['DiagnosticReport']->presentedForm[0]->data));
        self::assertSame([], app(Bundles::class)->read($bundle, now())->unknown);
        $whole = $this->get("/api/athletes/{$this->athlete->id}/bundle")->streamedContent();
        self::assertStringContainsString('"Provenance"', $whole);
        self::assertStringNotContainsString('presentedForm', $whole);
    }

    public function test_codes_of_other_terminologies_stand_beside_ours_and_a_wrong_file_is_named(): void
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'codings');
        config(['exchange.fhir_codings' => $file]);
        file_put_contents($file, "ours,theirs\nmanoeuvre/lachman,https://terms.example|L-1\n");
        self::assertSame(0, Artisan::call('exchange:codings'));
        app()->forgetInstance(Terms::class);
        app()->forgetInstance(Bundles::class);
        $bundle = (string) $this->getJson("/api/examinations/{$this->examination}/bundle")->assertOk()->content();
        self::assertStringContainsString('{"system":"https://terms.example","code":"L-1"}', $bundle);
        file_put_contents($file, "manoeuvre/lachman,L-1\n");
        self::assertSame(1, Artisan::call('exchange:codings'));
        self::assertStringContainsString('line 1: expected a system and a code', Artisan::output());
        unlink($file);
        self::assertSame(1, Artisan::call('exchange:codings'));
    }

    public function test_the_bundle_of_an_athlete_holds_each_resource_once_and_what_the_knee_turned_out_to_have(): void
    {
        $this->postJson("/api/episodes/{$this->episode()}/reference-results", self::MRI + ['on' => now()->toDateString()])->assertCreated();
        $bundle = json_decode($this->get("/api/athletes/{$this->athlete->id}/bundle")->assertOk()->streamedContent());
        $urls = array_column($bundle->entry, 'fullUrl');
        self::assertSame($urls, array_values(array_unique($urls)));
        $types = array_count_values(array_map(static fn (object $one): string => $one->resource->resourceType, $bundle->entry));
        self::assertSame([1, 1, 2], [$types['Patient'], $types['Encounter'], $types['DiagnosticReport']]);
        $answer = end($bundle->entry)->resource;
        self::assertSame('torn', $answer->conclusion);
        self::assertContains($answer->result[0]->reference, $urls);
    }

    public function test_it_names_guardian_consent_letters_and_roles_and_reads_all_of_it_again(): void
    {
        $this->athlete->update(['profile' => (object) [
            'guardian' => 'Ina Marl', 'coachToldBy' => 'Ina Marl', 'coachToldFrom' => '2026-01-01',
        ]]);
        $letter = Letter::query()->create([
            'team_id' => $this->athlete->team_id, 'athlete_id' => $this->athlete->id, 'version' => 1, 'sent_at' => now(),
            'examination_id' => Examination::query()->whereRelation('episode', 'athlete_id', $this->athlete->id)->firstOrFail()->id,
        ]);
        LetterVersion::query()->create([
            'athlete_id' => $this->athlete->id, 'letter_id' => $letter->id, 'number' => 1, 'content' => [
                'to' => ['name' => 'Dr Ines Falkner', 'practice' => '', 'address' => '', 'email' => ''],
                'subject' => 'The left knee', 'text' => 'Please see it.',
            ],
        ]);
        $bundle = $this->get("/api/athletes/{$this->athlete->id}/bundle")->assertOk()->streamedContent();
        $resources = collect(json_decode($bundle)->entry)->pluck('resource')->keyBy('resourceType');

        self::assertSame('Ina Marl', $resources['RelatedPerson']->name[0]->text);
        self::assertSame(['permit', '2026-01-01'], [
            $resources['Consent']->provision->type, $resources['Consent']->provision->period->start,
        ]);
        self::assertSame(['Dr Ines Falkner', 'Please see it.'], [
            $resources['Communication']->recipient[0]->display, $resources['Communication']->payload[0]->contentString,
        ]);
        self::assertSame('Lead', $resources['PractitionerRole']->code[0]->text);
        $read = app(Bundles::class)->readRecord(json_decode($bundle), now());
        self::assertSame([], [...$read->unknown, ...array_merge(...array_column($read->entries, 'unknown'))]);
    }

    public function test_a_program_finds_an_athlete_and_all_that_is_recorded(): void
    {
        $id = Uuids::ofUlid($this->athlete->id);
        $this->fhir('metadata')->assertOk();
        $this->fhir('metadata', token: null)->assertOk()->assertJsonPath('fhirVersion', '4.0.1');
        foreach ([
            "identifier=urn:gray-compass:athlete%7C{$this->athlete->id}", "birthdate={$this->athlete->born_on->toDateString()}",
            'family='.rawurlencode($this->athlete->name), '_lastUpdated=ge2026-01-01',
        ] as $query) {
            $this->fhir("Patient?{$query}")->assertOk()->assertJsonCount(1, 'entry')->assertJsonPath('entry.0.resource.id', $id);
        }
        // A name that is searched for need not stand in an address.
        $form = ['Authorization' => "Bearer {$this->token([TokenAbility::Fhir])}", 'Content-Type' => 'application/x-www-form-urlencoded'];
        Auth::forgetGuards();
        Auth::shouldUse('web');
        $this->call('POST', '/fhir/Patient/_search', server: $this->transformHeadersToServerVars($form), content: 'family='.rawurlencode($this->athlete->name))
            ->assertOk()->assertJsonPath('entry.0.resource.id', $id);
        $this->fhir('Patient?birthdate=1901-01-01')->assertOk()->assertJsonMissingPath('entry');
        $this->fhir("Patient/{$id}")->assertOk()->assertJsonPath('birthDate', $this->athlete->born_on->toDateString());

        $found = $this->fhir("Observation?patient=Patient/{$id}&date=ge2026-01-01&_count=200")->assertOk();
        $lachman = collect($found->json('entry'))->pluck('resource')
            ->where('code.coding.0.code', 'lachman')->where('bodySite.coding.0.code', 'left-knee')->sole();
        self::assertSame("Patient/{$id}", $lachman['subject']['reference']);
        self::assertSame(12, $lachman['component'][0]['valueQuantity']['value']);
        $chances = $this->fhir("RiskAssessment?patient={$id}")->assertOk()->json('entry.0.resource.prediction');
        $shown = collect($this->again()->getJson("/api/examinations/{$this->examination}")->json('assessment.conditions'));
        self::assertSame($shown->firstWhere('id', 'acl')['posttest'], collect($chances)->firstWhere('outcome.coding.0.code', 'acl')['probabilityDecimal']);
        $this->fhir("Observation?patient={$id}&date=lt2026-01-01")->assertOk()->assertJsonMissingPath('entry');
        $this->fhir('CodeSystem/manoeuvre')->assertOk()->assertJsonPath('url', 'urn:gray-compass:manoeuvre');
        $this->fhir('CodeSystem?url=urn:gray-compass:condition')->assertOk()->assertJsonCount(1, 'entry');
    }

    public function test_an_examination_that_was_corrected_is_not_told_beside_its_correction(): void
    {
        $this->postJson("/api/examinations/{$this->examination}/signature", $this->seen($this->examination))->assertOk();
        $correction = (string) $this->postJson("/api/examinations/{$this->examination}/correction", [
            'reason' => 'the other knee was meant',
        ])->assertCreated()->json('id');
        $this->postJson("/api/examinations/{$correction}/signature", $this->seen($correction))->assertOk();
        $risks = $this->fhir('RiskAssessment?patient='.Uuids::ofUlid($this->athlete->id))->assertOk()->json('entry');
        self::assertCount(1, $risks);
        $this->again();
        $types = array_map(
            static fn (array $entry): mixed => $entry['resource']['resourceType'],
            iterator_to_array(app(RecordBundles::class)->ofAthlete($this->asUser()), false),
        );
        self::assertSame(1, array_count_values($types)['Encounter']);
    }

    public function test_pages_hold_everything_once(): void
    {
        $id = Uuids::ofUlid($this->athlete->id);
        $all = iterator_count(app(RecordBundles::class)->ofAthlete($this->asUser()));
        $seen = [];
        for ($path = "Patient/{$id}/\$everything?_count=7"; $path !== null;) {
            $page = $this->fhir($path)->assertOk();
            $seen = [...$seen, ...collect($page->json('entry'))->pluck('fullUrl')];
            self::assertLessThanOrEqual(7, count($page->json('entry')));
            $next = collect($page->json('link'))->firstWhere('relation', 'next')['url'] ?? null;
            $path = $next === null ? null : substr($next, (int) strpos($next, '/fhir/') + 6);
        }
        self::assertSame($seen, array_values(array_unique($seen)));
        self::assertCount($all, $seen);
    }

    #[DataProvider('refused')]
    public function test_what_is_refused_is_told_as_an_outcome(string $path, int $status, string $code, string $words): void
    {
        $answer = $this->fhir(str_replace('ID', Uuids::ofUlid($this->athlete->id), $path))->assertStatus($status);
        $answer->assertHeader('Content-Type', 'application/fhir+json')->assertJsonPath('resourceType', 'OperationOutcome')
            ->assertJsonPath('issue.0.code', $code);
        self::assertStringContainsString($words, (string) $answer->json('issue.0.diagnostics'));
    }

    /** @return iterable<string, array{string, int, string, string}> */
    public static function refused(): iterable
    {
        yield 'no patient named' => ['Observation', 400, 'invalid', 'patient'];
        yield 'an unknown parameter' => ['Patient?colour=red', 400, 'invalid', 'colour'];
        yield 'no date' => ['Observation?patient=ID&date=soon', 400, 'invalid', 'date'];
        yield 'no such day' => ['Patient?birthdate=2001-13-45', 400, 'invalid', 'birthdate'];
        yield 'no number' => ['Patient?_count=many', 400, 'invalid', '_count'];
        yield 'a stranger' => ['Patient/00000000-0000-4000-8000-000000000000', 404, 'not-found', ''];
        yield 'no id' => ['Patient/1', 404, 'not-found', ''];
        yield 'another resource' => ['Medication?patient=ID', 404, 'not-found', ''];
        yield 'no code system' => ['CodeSystem/colour', 404, 'not-found', ''];
    }

    public function test_no_token_and_a_token_without_the_ability_open_nothing(): void
    {
        $this->fhir('Patient', token: null)->assertUnauthorized()->assertJsonPath('issue.0.code', 'login');
        $this->fhir('Patient', $this->token([TokenAbility::Read]))->assertForbidden()->assertJsonPath('issue.0.code', 'forbidden');
        $coach = User::factory()->memberOf($this->user->present()->team, Role::Coach)->create();
        $this->fhir('Patient', $this->token([TokenAbility::Fhir], $coach))->assertForbidden();
        $stranger = $this->member('Fen Rowers');
        $this->fhir('Patient/'.Uuids::ofUlid($this->athlete->id), $this->token([TokenAbility::Fhir], $stranger))->assertNotFound();
        $this->fhir('Patient', $this->token([TokenAbility::Fhir], $stranger))->assertOk()->assertJsonMissingPath('entry');
    }

    public function test_each_use_stands_in_the_log(): void
    {
        $this->fhir('Patient/'.Uuids::ofUlid($this->athlete->id))->assertOk();
        $entries = AuditEntry::query()->withoutGlobalScopes()->whereIn('event', [AuditEvent::TokenUsed, AuditEvent::Exported])->orderBy('id')->get();
        self::assertSame([AuditEvent::TokenUsed, AuditEvent::Exported], $entries->map(static fn (AuditEntry $one): AuditEvent => $one->event)->all());
        self::assertSame($this->athlete->id, $entries[1]?->subject);
    }

    /** @param  list<TokenAbility>  $abilities */
    private function token(array $abilities, ?User $user = null): string
    {
        return app(ApiTokens::class)->make($user ?? $this->user, 'A reader', $abilities, 30, false)[1];
    }

    /** @return TestResponse<\Illuminate\Http\Response> */
    private function fhir(string $path, ?string $token = ''): TestResponse
    {
        $token = $token === '' ? $this->token([TokenAbility::Fhir]) : $token;
        Auth::forgetGuards();
        Auth::shouldUse('web');

        return $this->getJson("/fhir/{$path}", $token === null ? [] : ['Authorization' => "Bearer {$token}"]);
    }

    private function again(): static
    {
        Auth::forgetGuards();
        Auth::shouldUse('web');

        return $this->actingAs($this->user->refresh());
    }

    private function asUser(): Athlete
    {
        $this->again();

        return Athlete::query()->findOrFail($this->athlete->id);
    }

    private function episode(): string
    {
        return (string) $this->getJson("/api/examinations/{$this->examination}")->json('episode');
    }
}
