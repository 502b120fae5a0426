<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Clinic\Models\ReferenceResult;
use App\Club\Models\Athlete;
use App\Club\Values\ImportState;
use App\Exchange\Incoming\RecordImports;
use App\Exchange\Incoming\StoreRecords;
use App\Exchange\Models\RecordImport;
use GrayCompass\Core\Tests\Support\Example;
use GrayCompass\Document\Json;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use stdClass;
use ZipArchive;

/** Examinations and results come in from elsewhere: one preview, all or nothing, undone for a day. */
final class RecordImportTest extends FeatureTestCase
{
    private const MRI = ['kind' => 'mri', 'answers' => [['condition' => 'acl', 'seen' => 'present', 'grade' => 3]], 'note' => 'torn'];

    private User $lead;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lead = $this->member(role: Role::Lead);
        $this->actingAs($this->lead);
    }

    public function test_the_bundle_of_an_athlete_comes_back_into_an_empty_team(): void
    {
        [$examination, $athlete] = $this->signedOne();
        $this->postJson("/api/episodes/{$this->episodeOf($examination)}/reference-results", self::MRI + ['on' => now()->toDateString()])->assertCreated();
        $bundle = $this->get("/api/athletes/{$athlete->id}/bundle")->assertOk()->streamedContent();
        $shown = $this->getJson("/api/examinations/{$examination}")->json('assessment.conditions');

        $changed = json_decode($bundle);
        foreach ($changed->entry as $place => $entry) {
            if ($entry->resource->resourceType === 'Observation' && $entry->resource->code->coding[0]->code === 'lachman') {
                $entry->resource->device = (object) ['display' => 'bare hands'];
                $path = "entry[{$place}].resource.device";
            }
        }
        $bundle = (string) json_encode($changed);
        $this->actingAs($this->member('Marsh Rowing Club'));
        $this->preview($bundle)->assertJsonPath('format', 'bundle')->assertJsonPath('items.0.status', 'refused')
            ->assertJsonPath('items.0.athlete', null);
        $preview = $this->preview($bundle, ['squad' => 'Rowing'])->assertOk();
        self::assertContains($path ?? '', (array) $preview->json('items.0.left'));
        self::assertSame([['Examination', 'new', true], ['MRI', 'new', true]], array_map(
            static fn (array $one): array => [$one['what'], $one['status'], $one['addsAthlete']], (array) $preview->json('items'),
        ));
        $this->import($bundle, 2, ['squad' => 'Rowing'])->assertStatus(202)->assertJsonPath('state', 'done');
        $there = Examination::query()->sole();
        self::assertNotSame($examination, $there->id);
        self::assertSame(
            [true, null, 'Marsh clinic', $athlete->name],
            [$there->isSigned(), $there->signed_by, $there->origin, $there->episode->athlete->name],
        );
        self::assertSame(['display' => 'bare hands'], $there->unread[$path ?? ''] ?? null);
        $told = $this->getJson("/api/examinations/{$there->id}")->assertOk()->assertJsonPath('origin', 'Marsh clinic');
        self::assertEquals(self::chances($shown), self::chances($told->json('assessment.conditions')));
        self::assertSame('torn', ReferenceResult::query()->sole()->content['note']);
        $this->preview($bundle)->assertJsonPath('items.0.status', 'same')->assertJsonPath('items.1.status', 'same');
        $this->import($bundle, 0)->assertStatus(422);
        $this->assertAuditIsWhole();
    }

    public function test_a_document_needs_an_athlete_and_arrives_as_a_draft_as_it_was(): void
    {
        $document = $this->document();
        unset($document->signedAt);
        $this->preview($document)->assertJsonPath('items.0.status', 'needs_athlete')->assertJsonPath('items.0.side', 'left');
        $this->import($document, 1)->assertStatus(422)->assertJsonPath('error.reason', 'there is nothing to store');
        $athlete = $this->athleteOf($this->lead);
        $this->import($document, 1, ['athlete' => $athlete->id])->assertStatus(202);
        $stored = Examination::query()->sole();
        self::assertSame(['draft', 0, strtolower((string) $document->id)], [$stored->status->value, $stored->revision, $stored->id]);
        $back = json_decode((string) $this->getJson("/api/examinations/{$stored->id}/document")->content());
        unset($document->athlete, $document->examiner);
        [$document->id, $back->id] = ['', ''];
        self::assertEquals(self::sorted($document), self::sorted($back));
        $this->save($stored->id, 'sections/opening', ['consentGiven' => true], 1)->assertOk();
        $this->assertAuditIsWhole();
    }

    public function test_a_signed_document_can_arrive_as_a_draft_and_is_signed_here(): void
    {
        $document = $this->document();
        $athlete = $this->athleteOf($this->lead);
        $this->import($document, 1, ['athlete' => $athlete->id, 'signed' => 'draft'])->assertStatus(202);
        $stored = Examination::query()->sole();
        self::assertSame('draft', $stored->status->value);
        $this->postJson("/api/examinations/{$stored->id}/signature", $this->seen($stored->id) + ['ungated' => 'seen elsewhere'])->assertOk();
        self::assertSame($this->lead->id, $stored->refresh()->signed_by);
        $this->assertAuditIsWhole();
    }

    public function test_json_lines_and_zips_hold_many_and_the_same_is_stored_once(): void
    {
        $athlete = $this->athleteOf($this->lead);
        [$one, $other] = [$this->document(3), $this->document(2)];
        $one->episode->whatHappened = 'Å kneet vred seg';
        $lines = json_encode($one, JSON_UNESCAPED_UNICODE)."\n".json_encode($other)."\n".json_encode($one)."\n{\"format\": \"gray-compass/examination\"}\n";
        $preview = $this->preview($lines, ['athlete' => $athlete->id])->assertJsonPath('format', 'json_lines');
        self::assertSame(['refused', 'new', 'same', 'new'], array_column((array) $preview->json('items'), 'status'));
        self::assertSame('line 4', $preview->json('items.0.place'));
        self::assertStringStartsWith('version: ', (string) $preview->json('items.0.why'));
        $zip = self::zip(['a.json' => (string) json_encode($one), 'b.json' => (string) json_encode($other), 'read me.txt' => 'hello']);
        $this->preview($zip, ['athlete' => $athlete->id])->assertJsonPath('format', 'zip')->assertJsonPath('unread', ['read me.txt']);
        $this->import($zip, 2, ['athlete' => $athlete->id])->assertStatus(202);
        self::assertSame(2, Examination::query()->count());
    }

    public function test_the_archive_of_an_athlete_comes_back(): void
    {
        [$examination, $athlete] = $this->signedOne();
        $archive = $this->archiveOf($athlete->id);
        $this->actingAs($other = $this->member('Marsh Rowing Club'));
        $there = $this->athleteOf($other);
        $there->update(['born_on' => $athlete->born_on]);
        $preview = $this->preview($archive, ['athlete' => $there->id])->assertJsonPath('items.0.status', 'new');
        self::assertStringEndsWith('/document.json', (string) $preview->json('items.0.place'));
        self::assertContains('athlete.json', (array) $preview->json('unread'));
        $this->import($archive, 1, ['athlete' => $there->id])->assertStatus(202);
        self::assertNotSame($examination, Examination::query()->sole()->id);
    }

    public function test_a_table_of_results_finds_its_athletes_and_knees(): void
    {
        [$examination, $athlete] = $this->signedOne();
        $athlete->update(['number' => 'F12']);
        $born = $athlete->born_on->toDateString();
        $on = now()->toDateString();
        $table = "Number;Born on;Name;Side;Kind;Seen on;Condition;Seen;Grade;Note\n"
            ."F12;{$born};;left;mri;{$on};ACL tear;present;3;\"'=torn\"\n"
            ."F12;{$born};;left;mri;{$on};medial_meniscus;absent;;\n"
            ."F12;1990-01-01;;left;mri;{$on};acl;present;;\n"
            ."F99;{$born};;left;mri;{$on};acl;present;;\n"
            .";;;left;mri;{$on};acl;present;;\n"
            ."F12;{$born};;right;mri;{$on};acl;present;;\n"
            ."F12;{$born};;left;mri;1999-01-01;acl;present;;\n"
            ."F12;{$born};;left;xray;{$on};patellofemoral_pain;present;;\n"
            ."F12;{$born};;left;ultrasound;{$on};mcl;absent;2;\n"
            ."F12;{$born};;left;arthroscopy;{$on};acl;torn;;\n"
            ."F12;{$born};;left;arthroscopy;31.12.2025;acl;present;;\n";
        $preview = $this->preview($table)->assertOk()->assertJsonPath('format', 'result_table');
        $items = collect((array) $preview->json('items'))->keyBy('place');
        self::assertSame(['new', 'MRI', $athlete->name], [$items['rows 2 to 3']['status'], $items['rows 2 to 3']['what'], $items['rows 2 to 3']['athlete']['name']]);
        self::assertSame('needs_athlete', $items['row 6']['status']);
        self::assertSame(['rows 2 to 3', 'row 6'], $items->reject(static fn (array $one): bool => $one['status'] === 'refused')->keys()->all());
        foreach ($items as $place => $item) {
            self::assertSame($item['status'] === 'new', $item['why'] === '', $place);
        }
        $id = (string) $this->import($table, 1)->assertStatus(202)->json('id');
        $result = ReferenceResult::query()->sole();
        self::assertSame([$this->episodeOf($examination), '=torn'], [$result->episode_id, $result->content['note']]);
        self::assertCount(2, $result->content['answers']);
        self::assertContains('same', array_column((array) $this->preview($table)->json('items'), 'status'));
        $this->assertAuditIsWhole();
        $this->deleteJson("/api/record-imports/{$id}")->assertOk()->assertJsonPath('stayed', 0);
        self::assertSame(0, ReferenceResult::withTrashed()->count());
        $this->assertAuditIsWhole();
    }

    public function test_what_does_not_fit_the_athlete_is_refused_and_nothing_is_stored(): void
    {
        $athlete = $this->athleteOf($this->lead);
        $document = $this->document();
        $document->ageYears = 8;
        $this->preview($document, ['athlete' => $athlete->id])->assertJsonPath('items.0.status', 'refused');
        $table = "name,side,kind,seen_on,condition,seen\nSomeone Else,left,mri,".now()->toDateString().",acl,present\n";
        $this->preview($table, ['athlete' => $athlete->id])->assertJsonPath('items.0.status', 'refused')
            ->assertJsonPath('items.0.why', "athlete: the file says Someone Else, and {$athlete->name} was chosen");
        $future = $this->document();
        $future->examinedAt = now()->addDays(3)->toIso8601ZuluString();
        $this->preview($future, ['athlete' => $athlete->id])->assertJsonPath('items.0.why', 'examinedAt: this day has not come yet');
        $this->preview($this->document(), ['athlete' => 'nobody'])->assertStatus(422);
        $elsewhere = $this->athleteOf($this->member('Marsh Rowing Club'));
        $this->actingAs($this->lead)->postJson('/api/record-imports/preview', [
            'content' => base64_encode(Json::write($this->document())), 'athlete' => $elsewhere->id,
        ])->assertStatus(422)->assertJsonPath('error.path', 'athlete');
        $this->import($this->document(), 2, ['athlete' => $athlete->id])->assertStatus(422)->assertJsonPath('error.path', 'expects');
        $this->import($this->document(), 1, ['athlete' => $athlete->id, 'origin' => ' '])->assertStatus(422)->assertJsonPath('error.path', 'origin');
        self::assertSame(0, DB::table('examinations')->count() + DB::table('record_imports')->count());
    }

    public function test_it_is_undone_for_a_day_but_for_what_was_worked_on(): void
    {
        $athlete = $this->athleteOf($this->lead);
        $draft = $this->document(3);
        unset($draft->signedAt);
        $lines = json_encode($draft)."\n".json_encode($this->document(2));
        $id = (string) $this->import($lines, 2, ['athlete' => $athlete->id])->json('id');
        $worked = Examination::query()->where('status', 'draft')->sole();
        $this->save($worked->id, 'sections/opening', ['consentGiven' => true], 1)->assertOk();
        $this->deleteJson("/api/record-imports/{$id}")->assertOk()->assertJsonPath('stayed', 1);
        self::assertSame([$worked->id], Examination::query()->pluck('id')->all());
        $this->deleteJson("/api/record-imports/{$id}")->assertStatus(422);
        $this->assertAuditIsWhole();

        [, $other] = $this->signedOne();
        $bundle = $this->get("/api/athletes/{$other->id}/bundle")->streamedContent();
        $this->actingAs($this->member('Marsh Rowing Club'));
        $id = (string) $this->import($bundle, 1, ['squad' => 'Rowing'])->json('id');
        $this->deleteJson("/api/record-imports/{$id}")->assertOk()->assertJsonPath('stayed', 0);
        self::assertSame([0, 0, 0], [Examination::withTrashed()->count(), Athlete::withTrashed()->count(), RecordImport::query()->where('state', 'done')->count()]);
        self::assertSame(0, DB::table('episodes')->whereNotIn('athlete_id', DB::table('athletes')->pluck('id'))->count());
        $this->assertAuditIsWhole();
        $late = (string) $this->import($bundle, 1, ['squad' => 'Rowing'])->json('id');
        DB::table('record_imports')->where('id', $late)->update(['created_at' => now()->subHours(25)]);
        $this->deleteJson("/api/record-imports/{$late}")->assertStatus(422);
    }

    public function test_a_worker_that_dies_stores_nothing_and_begins_again(): void
    {
        $athlete = $this->athleteOf($this->lead);
        Queue::fake();
        $id = (string) $this->import($this->document(), 1, ['athlete' => $athlete->id])->assertJsonPath('state', 'waiting')->json('id');
        $job = new StoreRecords($id);
        DB::table('record_imports')->where('id', $id)->update(['state' => ImportState::Running->value, 'done' => 40]);
        self::assertTrue($this->heldByAnother($id, fn (): bool => ! app(RecordImports::class)->run(RecordImport::query()->findOrFail($id))));
        self::assertSame(0, Examination::query()->count());
        $job->handle(app(RecordImports::class));
        $job->handle(app(RecordImports::class));
        self::assertSame(1, Examination::query()->count());
        $this->getJson("/api/record-imports/{$id}")->assertJsonPath('state', 'done');
        self::assertNull(RecordImport::query()->sole()->content);

        $next = (string) $this->import($this->document(5), 1, ['athlete' => $athlete->id])->json('id');
        $plain = (string) json_encode(DB::table('record_imports')->get());
        self::assertStringNotContainsString('lachman', base64_decode($plain).$plain);
        (new StoreRecords($next))->failed(null);
        $this->getJson("/api/record-imports/{$next}")->assertJsonPath('state', 'failed');
    }

    public function test_the_worker_stores_nothing_for_a_member_who_may_not_any_more(): void
    {
        Queue::fake();
        $id = (string) $this->import($this->document(), 1, ['athlete' => $this->athleteOf($this->lead)->id])->json('id');
        $this->lead->memberships()->update(['role' => Role::Student]);
        (new StoreRecords($id))->handle(app(RecordImports::class));
        self::assertSame('failed', DB::table('record_imports')->where('id', $id)->value('state'));
        self::assertSame(0, DB::table('examinations')->count());
    }

    public function test_commands_do_what_the_screens_do_in_the_name_of_a_member(): void
    {
        [$examination, $athlete] = $this->signedOne();
        $by = ['--by' => $this->lead->email];
        [$code, $document] = self::command('exchange:export', ['what' => 'examination', 'id' => $examination, '--format' => 'document'] + $by);
        self::assertSame([0, $examination], [$code, json_decode($document)->id]);
        foreach ([['examination', 'fhir', $examination], ['athlete', 'fhir', $athlete->id], ['athlete', 'zip', $athlete->id]] as [$what, $format, $id]) {
            [$code, $answer] = self::command('exchange:export', ['what' => $what, 'id' => $id, '--format' => $format] + $by);
            self::assertSame(0, $code);
            self::assertSame($format === 'fhir' ? 'Bundle' : 'PK', $format === 'fhir' ? json_decode($answer)->resourceType : substr($answer, 0, 2));
            $bundle = $format === 'fhir' ? $answer : $bundle ?? '';
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'records');
        file_put_contents($file, $bundle);
        $marsh = $this->member('Marsh Rowing Club');
        $asked = ['file' => $file, '--by' => $marsh->email, '--squad' => 'Rowing'];
        [$code, $preview] = self::command('exchange:import', $asked);
        self::assertSame([0, 'new'], [$code, json_decode($preview)->items[0]->status]);
        self::assertStringContainsString('"path": "origin"', self::command('exchange:import', $asked + ['--store' => true])[1]);
        [$code, $import] = self::command('exchange:import', $asked + ['--store' => true, '--origin' => 'Fenmoor']);
        self::assertSame([0, 'Fenmoor'], [$code, json_decode($import)->origin]);
        self::assertSame(1, Examination::query()->withoutGlobalScopes()->where('team_id', $marsh->teamId())->count());
        unlink($file);

        $student = $this->member(role: Role::Student);
        foreach ([['--by' => 'nobody@fenmoor.example'], ['--by' => $student->email]] as $who) {
            [$code, $why] = self::command('exchange:export', ['what' => 'athlete', 'id' => $athlete->id] + $who);
            self::assertSame([2, 'by'], [$code, json_decode($why)->error->path]);
        }
        [$code, $why] = self::command('exchange:export', ['what' => 'examination', 'id' => $examination, '--by' => $marsh->email]);
        self::assertSame([2, 'id'], [$code, json_decode($why)->error->path]);
    }

    /**
     * @param  array<string, mixed>  $asked
     * @return array{int, string} exit code and what it wrote
     */
    private static function command(string $name, array $asked): array
    {
        $code = Artisan::call($name, $asked);

        return [$code, Artisan::output()];
    }

    /** While another worker has it. */
    private function heldByAnother(string $import, callable $meanwhile): bool
    {
        config(['database.connections.another' => config('database.connections.'.DB::getDefaultConnection())]);
        $other = DB::connection('another');
        self::assertSame(1, (int) $other->scalar('select get_lock(?, 0)', ["record-import {$import}"]));
        try {
            return $meanwhile();
        } finally {
            $other->scalar('select release_lock(?)', ["record-import {$import}"]);
        }
    }

    private function assertAuditIsWhole(): void
    {
        self::assertSame(0, Artisan::call('data:verify'), Artisan::output());
    }

    /** @return array{string, Athlete} */
    private function signedOne(): array
    {
        $id = $this->openedBy($this->lead);
        $this->save($id, 'records/lachman/right', ['translationMm' => 4, 'endFeel' => 'firm'])->assertOk();
        $this->save($id, 'records/lachman/left', ['translationMm' => 12, 'endFeel' => 'absent'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return [$id, Examination::query()->findOrFail($id)->episode->athlete];
    }

    private function episodeOf(string $examination): string
    {
        return Examination::query()->findOrFail($examination)->episode_id;
    }

    /** A signed document of some days ago. */
    private function document(int $days = 1): stdClass
    {
        $document = Example::document('fresh-cruciate-tear');
        unset($document->ageYears);
        $document->id = '01KBDR0000000000000000000'.$days;
        $document->examinedAt = now()->subDays($days)->startOfHour()->toIso8601ZuluString();
        $document->signedAt = now()->subDays($days)->startOfHour()->addHour()->toIso8601ZuluString();

        return $document;
    }

    /** @param  array<string, mixed>  $said */
    private function preview(string|stdClass $file, array $said = []): TestResponse
    {
        return $this->postJson('/api/record-imports/preview', ['content' => base64_encode(self::text($file)), ...$said]);
    }

    /** @param  array<string, mixed>  $said */
    private function import(string|stdClass $file, int $expects, array $said = []): TestResponse
    {
        return $this->postJson('/api/record-imports', [
            'content' => base64_encode(self::text($file)), 'origin' => 'Marsh clinic', 'expects' => $expects, ...$said,
        ]);
    }

    private static function text(string|stdClass $file): string
    {
        return is_string($file) ? $file : Json::write($file);
    }

    /**
     * @param  array<string, string>  $files
     */
    private static function zip(array $files): string
    {
        $name = (string) tempnam(sys_get_temp_dir(), 'records');
        $zip = new ZipArchive;
        $zip->open($name, ZipArchive::OVERWRITE);
        foreach ($files as $path => $content) {
            $zip->addFromString($path, $content);
        }
        $zip->close();
        $bytes = (string) file_get_contents($name);
        unlink($name);

        return $bytes;
    }

    /**
     * @return array<string, mixed>
     */
    private static function chances(mixed $conditions): array
    {
        return collect((array) $conditions)->mapWithKeys(static fn (array $one): array => [$one['id'] => $one['posttest']])->all();
    }

    private static function sorted(mixed $value): mixed
    {
        if ($value instanceof stdClass) {
            $value = get_object_vars($value);
            ksort($value);
        }

        return is_array($value) ? array_map(self::sorted(...), $value) : $value;
    }
}
