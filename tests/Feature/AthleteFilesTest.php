<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\AthleteFiles\AthleteArchive;
use App\Clinic\Models\Examination;
use App\Club\Models\Athlete;
use App\Trust\Audit\Verifier;
use App\Trust\Models\ErasedAthlete;
use ErrorException;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use RuntimeException;
use Smalot\PdfParser\Parser;
use ZipArchive;

/** An athlete's whole record: exported, or erased. */
final class AthleteFilesTest extends FeatureTestCase
{
    public function test_the_archive_holds_everything_and_nothing_of_anybody_else(): void
    {
        $user = $this->member(role: Role::Lead);
        $id = $this->signedBy($user);
        $athlete = $this->named($id, 'Tove Brandreth');
        $draft = (string) $this->postJson("/api/athletes/{$athlete->id}/examinations", [
            'hurtSide' => 'right', 'daysSinceInjury' => 1, 'route' => 'clinic_core',
        ])->json('id');
        $this->postJson("/api/episodes/{$this->examination($id)->episode_id}/reference-results", [
            'kind' => 'mri', 'on' => '2026-05-20', 'answers' => [['condition' => 'acl', 'seen' => 'present', 'grade' => 2]],
        ])->assertCreated();
        $this->postJson("/api/examinations/{$id}/addenda", ['words' => 'He rang: it locked once'])->assertCreated();
        $this->named($this->signedBy($user), 'Sana Withernsea');
        $athlete->update(['profile' => (object) ['notes' => 'Hay fever', 'doctor' => 'Dr Ines Falkner']]);
        $this->deleteJson("/api/athletes/{$athlete->id}")->assertNoContent();

        $files = $this->unpacked($this->archiveOf($athlete->id));
        self::assertCount(3 + 2 * 3 + 1, $files);
        self::assertCount(1, preg_grep('/it locked once/', $files) ?: []);
        self::assertEquals(
            (object) ['notes' => 'Hay fever', 'doctor' => 'Dr Ines Falkner'], json_decode($files['athlete.json'])->profile,
        );
        self::assertStringContainsString('ACL tear grade 2 found', preg_replace('/\s+/', ' ', $files['index.html']));
        foreach ([$id, $draft] as $one) {
            $folder = array_values(preg_grep('/'.substr($one, -6).'\/document\.json$/', array_keys($files)) ?: []);
            self::assertSame($one, json_decode($files[$folder[0]])->id);
            self::assertStringContainsString(dirname($folder[0]).'/summary.pdf', $files['index.html']);
            $pdf = (new Parser)->parseContent($files[dirname($folder[0]).'/summary.pdf'])->getText();
            self::assertStringContainsString('Tove Brandreth', $pdf);
        }
        self::assertStringContainsString('Signed', $files['log.csv']);
        self::assertSame([], preg_grep('/Withernsea/', $files));
        self::assertSame([], self::inPlainText());
    }

    public function test_an_archive_that_fails_leaves_nothing_in_plain_text(): void
    {
        $user = $this->member(role: Role::Lead);
        $athlete = $this->named($this->signedBy($user), 'Tove Brandreth');
        config(['app.papers' => '/nowhere']);
        try {
            $this->app->make(AthleteArchive::class)->open($athlete);
            self::fail('It has been written.');
        } catch (ErrorException|RuntimeException $failed) {
            self::assertStringContainsString('tempnam', $failed->getMessage());
        }
        self::assertSame([], self::inPlainText());
    }

    public function test_nothing_of_an_erased_athlete_is_left_and_the_log_stays_sound(): void
    {
        $user = $this->member(role: Role::Lead);
        $id = $this->signedBy($user);
        $athlete = $this->named($id, 'Tove Brandreth');
        $this->postJson("/api/athletes/{$athlete->id}/tasks", ['title' => 'ring', 'dueOn' => now()->toDateString()])->assertCreated();
        $other = $this->signedBy($user);
        $this->deleteJson("/api/athletes/{$athlete->id}/record", ['reason' => 'asked for it in writing'])->assertNoContent();

        $holds = static fn (string $table, string $column): array => DB::table($table)->distinct()->pluck($column)->all();
        self::assertSame([$this->examination($other)->episode->athlete_id], $holds('athletes', 'id'));
        foreach (['sections', 'records', 'snapshots'] as $table) {
            self::assertSame([$other], $holds($table, 'examination_id'), $table);
        }
        self::assertNotContains($athlete->id, [...$holds('tasks', 'athlete_id'), ...$holds('athlete_runs', 'athlete_id'), ...$holds('availabilities', 'athlete_id')]);
        $this->getJson("/api/examinations/{$id}")->assertNotFound();
        $stub = ErasedAthlete::query()->firstOrFail();
        self::assertSame([[$id], 'asked for it in writing', $user->id], [$stub->examinations, $stub->reason, $stub->erased_by]);
        self::assertSame([], app(Verifier::class)->faults());
        $this->getJson('/api/audit-log')->assertJsonPath('entries.1.event', 'Athlete erased')->assertJsonPath('entries.1.about', '');

        DB::table('erased_athletes')->update(['examinations' => json_encode([$id, $other])]);
        DB::table('snapshots')->delete();
        self::assertCount(2, app(Verifier::class)->faults());
    }

    public function test_it_asks_for_the_password_and_for_a_reason(): void
    {
        $user = $this->member(role: Role::Lead);
        $athlete = $this->athleteOf($user);
        $erase = fn (array $said) => $this->deleteJson("/api/athletes/{$athlete->id}/record", $said);
        $this->actingAs($user);
        $erase(['reason' => ' '])->assertStatus(422)->assertJsonPath('error.path', 'reason');
        $this->withSession(['presence' => ['given' => 0]]);
        $erase(['reason' => 'asked for it'])->assertForbidden()->assertJsonPath('error.path', 'password');
        self::assertSame(1, Athlete::query()->count());
    }

    public function test_what_a_backup_brought_back_is_erased_again_by_its_ids(): void
    {
        $user = $this->member(role: Role::Lead);
        $athlete = $this->athleteOf($user);
        self::assertSame(0, Artisan::call('data:erase', ['athlete' => [$athlete->id, 'elsewhere']]));
        self::assertSame("1 erased.\n", Artisan::output());
        Artisan::call('data:erase', ['--list' => true]);
        self::assertSame("{$athlete->id}\n", Artisan::output());
        self::assertSame(0, DB::table('athletes')->count());
    }

    /**
     * @return array<string, string> contents by name
     */
    private function unpacked(string $content): array
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($path, $content);
        $zip = new ZipArchive;
        self::assertTrue($zip->open($path));
        $files = [];
        for ($place = 0; $place < $zip->count(); $place++) {
            $files[(string) $zip->getNameIndex($place)] = (string) $zip->getFromIndex($place);
        }
        $zip->close();
        unlink($path);

        return $files;
    }

    private function examination(string $id): Examination
    {
        return Examination::query()->findOrFail($id);
    }

    private function named(string $examination, string $name): Athlete
    {
        return tap($this->examination($examination)->episode->athlete)->update(['name' => $name]);
    }

    private function signedBy(User $user): string
    {
        $id = $this->openedBy($user);
        $this->save($id, 'records/gait/both', ['normal' => true])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return $id;
    }

    /** @return list<string> folders of this process that hold what passes unencrypted */
    private static function inPlainText(): array
    {
        return glob('/dev/shm/gc-passing-'.getmypid().'-*') ?: [];
    }
}
