<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Accounts\DeviceKey;
use App\Access\Models\Invitation;
use App\Access\Models\Team;
use App\Access\Models\User;
use App\Clinic\Models\Addendum;
use App\Clinic\Models\Attachment;
use App\Clinic\Models\AttachmentPart;
use App\Clinic\Models\Availability;
use App\Clinic\Models\Examination;
use App\Clinic\Models\LetterVersion;
use App\Clinic\Models\Proposal;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Models\Section;
use App\Clinic\Models\Snapshot;
use App\Clinic\Models\StoredRecord;
use App\Clinic\Models\Task;
use App\Club\Models\Athlete;
use App\Club\Models\Doctor;
use App\Club\Models\Import;
use App\Exchange\Models\RecordImport;
use App\Exchange\Models\SentReferral;
use App\Exchange\Models\TableExportPart;
use App\Exchange\Models\Webhook;
use App\Platform\Encryption\DecryptionFailed;
use App\Platform\Encryption\Encrypted;
use App\Platform\Encryption\EncryptedByMasterKey;
use App\Platform\Encryption\HasEncryptedColumns;
use App\Platform\Encryption\KeyCheck;
use App\Platform\Encryption\KeyRotation;
use App\Platform\Mail\Mail;
use App\Trust\Audit\Verifier;
use App\Trust\Backup\BackupCipher;
use App\Trust\Models\ErasedAthlete;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Encryption\Encrypter;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;

/** Keys change, records stay; a backup opens for the person who has its passphrase, whole or not at all. */
final class SecretsTest extends FeatureTestCase
{
    private const MODELS = [
        Team::class, User::class, Athlete::class, Examination::class, Section::class, StoredRecord::class, Snapshot::class,
        Addendum::class, Attachment::class, AttachmentPart::class, Doctor::class, LetterVersion::class, ErasedAthlete::class, Import::class, RecordImport::class, Invitation::class, Mail::class, ReferenceResult::class, Proposal::class, Task::class, Availability::class, TableExportPart::class,
        Webhook::class, SentReferral::class,
    ];

    public function test_all_that_the_key_of_the_records_seals_is_on_the_list_of_what_a_new_key_seals(): void
    {
        $encrypted = ['secrets' => ['encrypted'], 'athletes' => ['data_key']];
        foreach (self::MODELS as $model) {
            $one = new $model;
            self::assertInstanceOf(HasEncryptedColumns::class, $one);
            if (\in_array(EncryptedByMasterKey::class, class_uses_recursive($one), true)) {
                $encrypted[$one->getTable()] = array_keys(self::sealedBy($one));
            }
        }
        self::assertEqualsCanonicalizing($encrypted, KeyRotation::COLUMNS);
    }

    public function test_nothing_opens_in_another_row_or_column(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $this->save($id, 'sections/episode', ['whatHappened' => 'slipped'])->assertOk();
        $this->save($id, 'sections/history', ['pop' => true])->assertOk();
        $of = static fn (string $name) => DB::table('sections')->where('name', $name);
        $of('history')->update(['payload' => $of('episode')->value('payload')]);
        $this->expectException(DecryptionFailed::class);
        Section::query()->where('name', 'history')->firstOrFail()->payload;
    }

    public function test_nothing_of_one_athlete_opens_with_the_key_of_another_or_without_their_own(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $one = $this->athleteOf($user);
        $other = $this->athleteOf($user);
        $keys = DB::table('athletes')->pluck('data_key', 'id');
        DB::table('athletes')->where('id', $one->id)->update(['data_key' => $keys[$other->id]]);
        $this->app->forgetScopedInstances();
        $this->expectException(DecryptionFailed::class);
        Athlete::query()->findOrFail($one->id)->name;
    }

    public function test_names_birth_dates_and_addresses_stand_nowhere_in_plain(): void
    {
        $user = $this->member();
        $this->athleteOf($user);
        $all = (string) json_encode([DB::table('users')->get(), DB::table('athletes')->get()]);
        foreach ([$user->name, $user->email, 'Aldous', '2004-03-02'] as $plain) {
            self::assertStringNotContainsString($plain, $all);
        }
    }

    /**
     * @return array<string, string>
     */
    private static function sealedBy(Model $model): array
    {
        return array_filter($model->getCasts(), static fn (mixed $cast): bool => str_starts_with((string) $cast, Encrypted::class));
    }

    public function test_after_a_new_key_the_old_one_opens_nothing_and_nothing_is_lost(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $id = $this->openedBy($user);
        $this->save($id, 'sections/episode', ['whatHappened' => 'slipped'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();
        $device = DeviceKey::of($user);
        $name = Athlete::query()->firstOrFail()->name;

        $this->useKey($new = random_bytes(32), config('app.key'));
        self::assertTrue((new KeyCheck)->passes());
        self::assertSame(0, $this->artisan('keys:rotate'));
        $this->useKey($new);
        self::assertTrue((new KeyCheck)->passes());
        self::assertSame([], app(Verifier::class)->faults());
        $this->getJson("/api/examinations/{$id}")->assertOk()->assertJsonFragment(['whatHappened' => 'slipped']);
        $this->postJson('/api/today', ['search' => substr($name, 1, 5)])->assertOk()->assertJsonPath('total', 1);
        self::assertSame($device, DeviceKey::of($user->refresh()));
        self::assertSame(0, app(KeyRotation::class)->run(static fn () => null), 'it may be begun again');
    }

    public function test_a_rotation_without_the_key_before_changes_nothing(): void
    {
        $this->openedBy($this->member());
        self::assertTrue((new KeyCheck)->passes());
        $before = DB::table('athletes')->pluck('data_key')->all();
        $this->useKey(random_bytes(32));
        self::assertSame(1, $this->artisan('keys:rotate'));
        self::assertSame($before, DB::table('athletes')->pluck('data_key')->all());
    }

    public function test_a_backup_opens_as_it_was_sealed(): void
    {
        foreach (['', 'short', random_bytes(200_001), str_repeat('a', 131_072)] as $text) {
            self::assertSame($text, self::opened(self::computeHash($text)));
        }
    }

    /**
     * @return iterable<string, array{callable(string): string, string, string}>
     */
    public static function spoilt(): iterable
    {
        $another = 'The passphrase is another one, or the backup was changed or cut off.';
        yield 'another passphrase' => [static fn (string $encrypted): string => $encrypted, 'not the same words', $another];
        yield 'one byte changed' => [static fn (string $encrypted): string => substr_replace($encrypted, '~', 90_000, 1), self::WORDS, $another];
        yield 'the end cut off' => [static fn (string $encrypted): string => substr($encrypted, 0, 70_000), self::WORDS, $another];
        yield 'another file' => [static fn (string $encrypted): string => 'PK'.$encrypted, self::WORDS, 'This is no backup of Gray Compass.'];
    }

    /**
     * @param  callable(string): string  $spoil
     */
    #[DataProvider('spoilt')]
    public function test_a_spoilt_backup_is_told_and_not_opened(callable $spoil, string $words, string $reason): void
    {
        $this->expectExceptionObject(new RuntimeException($reason));
        self::opened($spoil(self::computeHash(str_repeat('records ', 20_000))), $words);
    }

    private const WORDS = 'six words nobody else would choose';

    private static function computeHash(string $text): string
    {
        return self::through(static fn ($from, $to) => (new BackupCipher(self::WORDS))->encrypt($from, $to), $text);
    }

    private static function opened(string $encrypted, string $words = self::WORDS): string
    {
        return self::through(static fn ($from, $to) => (new BackupCipher($words))->decrypt($from, $to), $encrypted);
    }

    private static function through(callable $what, string $text): string
    {
        [$from, $to] = [fopen('php://memory', 'r+'), fopen('php://memory', 'r+')];
        self::assertIsResource($from);
        self::assertIsResource($to);
        fwrite($from, $text);
        rewind($from);
        $what($from, $to);
        rewind($to);

        return (string) stream_get_contents($to);
    }

    private function useKey(string $key, string ...$before): void
    {
        config(['app.key' => 'base64:'.base64_encode($key), 'app.previous_keys' => $before]);
        $this->app->forgetScopedInstances();
        $bytes = static fn (string $one): string => (string) base64_decode(substr($one, 7), true);
        Crypt::swap((new Encrypter($key, 'AES-256-CBC'))->previousKeys(array_map($bytes, $before)));
    }
}
