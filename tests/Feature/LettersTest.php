<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\AthleteFiles\Erasure;
use App\Clinic\AthleteFiles\PruneExpired;
use App\Clinic\Letters\LetterMail;
use App\Clinic\Models\Letter;
use App\Clinic\Models\SharedPage;
use App\Clinic\Models\Snapshot;
use App\Clinic\Models\Task;
use App\Clinic\Values\TaskKind;
use App\Club\Doctors\TreatingDoctor;
use App\Club\Models\Athlete;
use App\Club\Models\Doctor;
use App\Platform\Mail\Mail;
use Illuminate\Mail\Transport\ArrayTransport;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Smalot\PdfParser\Parser;
use Symfony\Component\Mime\Email;
use ZipArchive;

/** Letters about signed examinations, the book of doctors, and the page of the athlete. */
final class LettersTest extends FeatureTestCase
{
    use LetterPromises;

    private const FALKNER = [
        'name' => 'Dr Ines Falkner', 'field' => 'knee surgery', 'practice' => 'Fenmoor Orthopaedics',
        'address' => "3 Mill Lane\nFenmoor", 'email' => 'falkner@ortho.example', 'phone' => '',
    ];

    private User $user;

    private string $signed;

    protected function setUp(): void
    {
        parent::setUp();
        $this->user = $this->member(role: Role::Lead);
        $this->signed = $this->openedBy($this->user);
        $loose = ['differenceBand' => 'clear', 'endFeel' => 'soft', 'checks' => ['hamstringsRelaxed' => true]];
        $this->save($this->signed, 'records/lachman/left', $loose)->assertOk();
        $this->postJson("/api/examinations/{$this->signed}/signature", $this->seen($this->signed))->assertOk();
    }

    public function test_it_says_what_was_signed_reason_and_urgency_first(): void
    {
        $letter = $this->begun(self::FALKNER);
        $athlete = Athlete::query()->firstOrFail();
        $note = (string) $this->getJson("/api/examinations/{$this->signed}")->json('assessment.plan.note');
        self::assertSame('Left knee of '.$athlete->name.', born '.$athlete->born_on->format('j F Y'), $letter->json('subject'));
        $text = (string) $letter->json('text');
        self::assertStringStartsWith('Dear Dr Ines Falkner,', $text);
        self::assertStringContainsString($note, $text);
        self::assertLessThan(strpos($text, 'Probability out of 100'), strpos($text, 'Question: '));
        self::assertSame('Fenmoor Orthopaedics', $letter->json('to.practice'));
        $this->getJson("/api/athletes/{$athlete->id}")->assertJsonPath('letters.0.toName', 'Dr Ines Falkner, Fenmoor Orthopaedics');
    }

    public function test_who_treats_the_athlete_is_the_first_to_be_written_to(): void
    {
        $this->postJson('/api/doctors', self::FALKNER)->assertCreated();
        $this->postJson('/api/doctors', ['name' => 'Dr Osric Vale'] + self::FALKNER)->assertCreated();
        $athlete = Athlete::query()->firstOrFail();
        $athlete->update(['profile' => ['doctor' => 'Prof. Ines Falkner']]);
        $treats = collect($this->getJson("/api/doctors?examination={$this->signed}")->assertOk()->json())->pluck('treats', 'name');
        self::assertSame(['Dr Ines Falkner' => true, 'Dr Osric Vale' => false], $treats->all());
        self::assertNotContains(true, $this->getJson('/api/doctors')->json('*.treats'));
    }

    public function test_a_treating_doctor_who_is_not_in_the_book_is_named_and_one_who_could_be_two_is_nobody(): void
    {
        $athlete = Athlete::query()->firstOrFail();
        $athlete->update(['profile' => ['doctor' => 'Dr Hale']]);
        $this->postJson("/api/examinations/{$this->signed}/letters")->assertCreated();
        self::assertSame('Dr Hale', Letter::query()->latest('id')->firstOrFail()->newest()->content['to']['name']);
        $book = collect(['Dr Ann Hale', 'Mr Tom Hale'])->map(static fn (string $name): Doctor => new Doctor(['content' => ['name' => $name]]));
        self::assertNull((new TreatingDoctor($athlete))->in($book));
        $athlete->update(['profile' => ['doctor' => 'TOM HALE']]);
        self::assertSame('Mr Tom Hale', (new TreatingDoctor($athlete))->in($book)?->content['name']);
        $athlete->update(['profile' => ['doctor' => '']]);
        self::assertNull((new TreatingDoctor($athlete))->in($book));
    }

    public function test_every_change_is_a_version_and_two_who_write_do_not_overwrite_each_other(): void
    {
        $letter = $this->begun();
        $id = (string) $letter->json('id');
        $this->write($id, 1, 'First')->assertJsonPath('version', 2);
        $this->write($id, 2, 'First')->assertJsonPath('version', 2);
        $this->write($id, 1, 'Second')->assertStatus(409)->assertJsonPath('letter.text', 'First')->assertJsonPath('error.path', 'version');
        $this->write($id, 2, 'Second');
        $shown = $this->getJson("/api/letters/{$id}");
        self::assertSame(['Second', 'First', $letter->json('text')], $shown->json('versions.*.text'));
        self::assertStringNotContainsString('Second', (string) json_encode(DB::table('letter_versions')->get()));
    }

    public function test_it_leaves_by_mail_with_its_pdf_says_nothing_in_the_subject_and_changes_no_more(): void
    {
        $athlete = Athlete::query()->firstOrFail();
        config(['mail.default' => 'outbox']);
        $id = (string) $this->begun(self::FALKNER)->json('id');
        $this->postJson("/api/letters/{$id}/sending", ['version' => 1, 'by' => 'mail'])
            ->assertStatus(422)->assertJsonPath('error.path', 'by');
        config(['mail.default' => 'array']);
        $referral = Task::query()->where('kind', TaskKind::Referral)->firstOrFail();
        $this->getJson("/api/letters/{$id}")->assertJsonPath('referrals.0.id', $referral->id);
        $sent = $this->postJson("/api/letters/{$id}/sending", ['version' => 1, 'by' => 'mail', 'carries' => [$referral->id]]);
        $sent->assertOk()->assertJsonPath('sent', 'by e-mail')->assertJsonPath('sentBy', $this->user->name)->assertJsonPath('referrals', []);
        self::assertSame('sent', $referral->refresh()->state->value);
        $left = app('mailer')->getSymfonyTransport();
        self::assertInstanceOf(ArrayTransport::class, $left);
        $mail = $left->messages()->sole()->getOriginalMessage();
        self::assertInstanceOf(Email::class, $mail);
        self::assertSame(['falkner@ortho.example', 'A letter from Fenmoor Indoor Sports Club'], [$mail->getTo()[0]->getAddress(), $mail->getSubject()]);
        preg_match('/application\/pdf.*?\R\R(.+?)\R--/s', $mail->toString(), $found);
        $pdf = (new Parser)->parseContent((string) base64_decode($found[1] ?? ''))->getText();
        foreach (['Dr Ines Falkner', '3 Mill Lane', $athlete->name, 'Question:'] as $words) {
            self::assertStringContainsString($words, $pdf);
        }
        self::assertStringNotContainsString('DRAFT', $pdf);
        $this->write($id, 1, 'Afterwards')->assertStatus(422);
        $this->postJson("/api/letters/{$id}/sending", ['version' => 1, 'by' => 'hand'])->assertStatus(422);
        $this->deleteJson("/api/letters/{$id}")->assertStatus(422);
    }

    public function test_over_a_real_mail_server_nothing_on_the_outside_says_whose_letter_it_is(): void
    {
        $headers = static fn (): array => (new LetterMail('a team', 'an athlete', 'Fenmoor', 'Dear', ''))->headers()->text;
        self::assertSame(['a team', 'an athlete'], array_values($headers()));
        config()->set('mail.default', 'smtp');
        self::assertSame([], $headers());
    }

    public function test_mail_needs_an_address_and_paper_does_not(): void
    {
        config(['mail.default' => 'array']);
        $id = (string) $this->begun()->json('id');
        $this->postJson("/api/letters/{$id}/sending", ['version' => 1, 'by' => 'mail'])
            ->assertStatus(422)->assertJsonPath('error.path', 'to.email');
        self::assertStringContainsString('DRAFT', (new Parser)->parseContent((string) $this->get("/api/letters/{$id}/pdf")->content())->getText());
        $this->putJson('/api/team', self::settings(['letterHead' => "Fenmoor Physiotherapy\n1 Hall Road"]))->assertNoContent();
        $this->postJson("/api/letters/{$id}/sending", ['version' => 1, 'by' => 'hand'])->assertOk()->assertJsonPath('sent', 'by hand or post');
        self::assertSame(0, Mail::query()->count());
        self::assertStringStartsWith("Fenmoor Physiotherapy\n1 Hall Road\n\n", (string) $this->get("/api/letters/{$id}/text")->content());
    }

    public function test_a_draft_is_discarded_and_taken_back_for_a_day(): void
    {
        $id = (string) $this->begun()->json('id');
        $this->deleteJson("/api/letters/{$id}")->assertNoContent();
        $this->getJson("/api/examinations/{$this->signed}/letters")->assertExactJson([]);
        (new PruneExpired)();
        $this->postJson("/api/letters/{$id}/restoration")->assertNoContent();
        $this->getJson("/api/letters/{$id}")->assertOk();
        $this->deleteJson("/api/letters/{$id}")->assertNoContent();
        $this->travel(25)->hours();
        (new PruneExpired)();
        self::assertSame(0, Letter::withTrashed()->withoutGlobalScopes()->count());
    }

    public function test_what_a_later_examination_took_the_place_of_is_not_written_about(): void
    {
        $later = (string) $this->postJson("/api/examinations/{$this->signed}/correction")->json('id');
        $this->postJson("/api/examinations/{$this->signed}/letters")->assertCreated();
        $this->postJson("/api/examinations/{$later}/letters")->assertStatus(422);
        $this->postJson("/api/examinations/{$later}/signature", $this->seen($later))->assertOk();
        $this->postJson("/api/examinations/{$this->signed}/letters")->assertStatus(422);
    }

    public function test_letters_and_mails_of_the_erased_go_with_them_and_before_that_into_their_archive(): void
    {
        $id = (string) $this->begun(self::FALKNER)->json('id');
        $this->postJson("/api/letters/{$id}/sending", ['version' => 1, 'by' => 'hand'])->assertOk();
        $athlete = Athlete::query()->firstOrFail();
        // From before letters stayed out of the outbox.
        Mail::query()->create([
            'team_id' => $athlete->team_id, 'athlete_id' => $athlete->id, 'secret' => false, 'recipient' => 'falkner@ortho.example',
            'subject' => 'A letter', 'message' => 'Dear Dr Falkner',
        ]);
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($file, $this->archiveOf($athlete->id));
        $zip = new ZipArchive;
        $zip->open($file);
        self::assertStringContainsString('Dr Ines Falkner', (string) $zip->getFromName("letters/{$id}.txt"));
        self::assertStringContainsString("letters/{$id}.txt", (string) $zip->getFromName('index.html'));
        unlink($file);
        app(Erasure::class)->erase($athlete, 'asked for it', $this->user);
        self::assertSame([0, 0, 0], [DB::table('letters')->count(), DB::table('letter_versions')->count(), DB::table('mails')->count()]);
    }

    public function test_doctors_are_kept_in_a_book_that_is_sealed(): void
    {
        $this->postJson('/api/doctors', [...self::FALKNER, 'email' => 'no address'])->assertStatus(422)->assertJsonPath('error.path', 'email');
        $id = (string) $this->postJson('/api/doctors', self::FALKNER)->json('id');
        $this->postJson('/api/doctors', ['name' => 'Dr Anselm Brook'])->assertCreated();
        self::assertSame(['Dr Anselm Brook', 'Dr Ines Falkner'], $this->getJson('/api/doctors')->json('*.name'));
        self::assertStringNotContainsString('Falkner', (string) json_encode(DB::table('doctors')->get()));
        $letter = $this->begun(self::FALKNER);
        $this->putJson("/api/doctors/{$id}", [...self::FALKNER, 'name' => 'Dr Falkner-Voss'])->assertNoContent();
        $this->getJson("/api/letters/{$letter->json('id')}")->assertJsonPath('to.name', 'Dr Ines Falkner');
    }

    public function test_the_athlete_s_page_says_its_text_and_nothing_else_until_it_is_closed_or_over(): void
    {
        $this->postJson("/api/examinations/{$this->signed}/page")->assertStatus(422);
        $this->putJson('/api/team', self::settings(['sharesPages' => true]))->assertNoContent();
        $open = fn (): string => (string) parse_url((string) $this->actingAs($this->user->refresh())
            ->postJson("/api/examinations/{$this->signed}/page")->assertCreated()->json('address'), PHP_URL_FRAGMENT);
        $first = $open();
        $page = $open();
        auth()->logout();
        $this->getJson('/api/page', ['X-Page-Token' => $first])->assertNotFound();
        $shown = $this->getJson('/api/page', ['X-Page-Token' => $page])->assertOk()->assertHeader('Cache-Control', 'no-store, private');
        $text = (string) $shown->content();
        self::assertStringContainsString('What we found', $text);
        $athlete = Athlete::query()->withoutGlobalScopes()->firstOrFail();
        foreach ([$athlete->name, $athlete->squad, $this->user->name, 'Fenmoor'] as $secret) {
            self::assertStringNotContainsString($secret, $text);
        }
        self::assertStringNotContainsString($page, (string) json_encode(DB::table('shared_pages')->get()));
        $this->travel(8)->days();
        $this->getJson('/api/page', ['X-Page-Token' => $page])->assertNotFound();
        (new PruneExpired)();
        self::assertSame(0, SharedPage::query()->withoutGlobalScopes()->count());
        $this->travelBack();
        $page = $open();
        $this->getJson('/api/page', ['X-Page-Token' => $page])->assertOk();
        $this->putJson('/api/team', self::settings())->assertNoContent();
        $this->getJson('/api/page', ['X-Page-Token' => $page])->assertNotFound();
        $this->putJson('/api/team', self::settings(['sharesPages' => true]))->assertNoContent();
        $this->deleteJson("/api/examinations/{$this->signed}/page")->assertNoContent();
        $this->getJson('/api/page', ['X-Page-Token' => $page])->assertNotFound();
        $page = $open();
        $later = (string) $this->postJson("/api/examinations/{$this->signed}/correction")->json('id');
        $this->getJson('/api/page', ['X-Page-Token' => $page])->assertOk();
        $this->postJson("/api/examinations/{$later}/signature", $this->seen($later))->assertOk();
        $this->getJson('/api/page', ['X-Page-Token' => $page])->assertNotFound();
    }

    public function test_an_athlete_reads_the_page_in_their_own_language_with_a_caution_until_it_is_reviewed(): void
    {
        $this->putJson('/api/team', self::settings(['sharesPages' => true]))->assertNoContent();
        $athlete = Athlete::query()->firstOrFail();
        $this->putJson("/api/athletes/{$athlete->id}", [
            'name' => $athlete->name, 'bornOn' => $athlete->born_on->toDateString(), 'squad' => $athlete->squad,
            'profile' => ['language' => 'de'],
        ])->assertOk()->assertJsonPath('profile.language', 'de');
        $token = (string) parse_url((string) $this->postJson("/api/examinations/{$this->signed}/page")->json('address'), PHP_URL_FRAGMENT);
        $page = fn (): TestResponse => $this->getJson('/api/page', ['X-Page-Token' => $token])->assertOk();
        $page()->assertJsonPath('language', 'de')->assertJsonPath('title', 'Dein Knie')
            ->assertJsonPath('parts.0.heading', 'Was wir angeschaut haben')
            ->assertJsonPath('caution', 'Diese Übersetzung hat noch keine Fachperson geprüft, die Deutsch spricht. Frag nach, wenn etwas unklar ist.');
        $text = $this->getJson("/api/examinations/{$this->signed}/athlete-text")->assertOk()
            ->assertJsonPath('languageName', 'German')->assertJsonPath('parts.acl', 'das vordere Kreuzband (ACL)');
        self::assertSame($page()->json('parts'), $text->json('sections'));
        $this->putJson('/api/team', self::settings(['sharesPages' => true, 'reviewedLanguages' => ['en']]))->assertStatus(422)
            ->assertJsonPath('error.path', 'reviewedLanguages.0');
        $this->putJson('/api/team', self::settings(['sharesPages' => true, 'reviewedLanguages' => ['de']]))->assertNoContent();
        $page()->assertJsonPath('caution', '');
    }

    public function test_a_signed_page_keeps_its_words_in_each_language_and_one_from_before_is_read_in_english(): void
    {
        $snapshot = Snapshot::query()->where('examination_id', $this->signed)->firstOrFail();
        $payload = $snapshot->payload;
        self::assertSame(['de', 'es', 'fr'], array_keys($payload['plan']['words']['translations']));
        Athlete::query()->firstOrFail()->update(['profile' => ['language' => 'fr']]);
        $payload['plan']['words']['translations']['fr'] = "Signé\nComme ce jour-là.";
        $snapshot->update(['payload' => $payload]);
        $this->getJson("/api/examinations/{$this->signed}/athlete-text")
            ->assertJsonPath('sections', [['heading' => 'Signé', 'say' => 'Comme ce jour-là.']]);
        unset($payload['plan']['words']);
        $snapshot->update(['payload' => $payload]);
        $this->getJson("/api/examinations/{$this->signed}/athlete-text")
            ->assertJsonPath('language', 'en')->assertJsonPath('caution', '')->assertJsonPath('sections.0.heading', 'What we looked at');
    }

    public function test_a_team_begins_with_its_own_schools_and_setting_and_unknown_ones_are_refused(): void
    {
        $this->putJson('/api/team', self::settings(['schools' => ['laxity' => 'unheard_of']]))
            ->assertStatus(422)->assertJsonPath('error.path', 'schools.laxity');
        $this->putJson('/api/team', self::settings(['setting' => 'touchline']))->assertStatus(422)->assertJsonPath('error.path', 'setting');
        $other = collect($this->getJson('/api/catalogue')->json('schools'))->firstWhere('id', 'effusion')['options'][1]['id'];
        $this->putJson('/api/team', self::settings(['schools' => ['effusion' => $other], 'setting' => 'specialist']))->assertNoContent();
        $this->getJson('/api/team')->assertJsonPath('schools.effusion', $other)->assertJsonPath('setting', 'specialist');
        $start = fn (string $route): array => collect($this->getJson('/api/examinations/'.$this->postJson(
            "/api/athletes/{$this->athleteOf($this->user)->id}/examinations",
            ['hurtSide' => 'left', 'daysSinceInjury' => 0, 'route' => $route],
        )->json('id'))->json('sections'))->firstWhere('name', 'frame')['payload'];
        $frame = $start('clinic_core');
        self::assertSame(['specialist', $other], [$frame['setting'], $frame['schools']['effusion']]);
        self::assertSame('touchline', $start('touchline')['setting']);
    }

    /**
     * @param  array<string, string>|null  $to
     */
    private function begun(?array $to = null): TestResponse
    {
        $doctor = $to === null ? null : $this->postJson('/api/doctors', $to)->json('id');
        $id = $this->postJson("/api/examinations/{$this->signed}/letters", ['doctor' => $doctor])->assertCreated()->json('id');

        return $this->getJson("/api/letters/{$id}")->assertOk();
    }

    private function write(string $id, int $seen, string $text): TestResponse
    {
        return $this->putJson("/api/letters/{$id}", [...self::WORDING, 'version' => $seen, 'text' => $text]);
    }
}
