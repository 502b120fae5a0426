<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Clinic\AthleteFiles\PruneExpired;
use App\Clinic\Models\Examination;
use App\Clinic\ReferenceResults\Attachments;
use App\Club\Models\Athlete;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use ZipArchive;

/** Reports and pictures beside what a knee turned out to have. */
final class AttachmentsTest extends FeatureTestCase
{
    private const PNG = "\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\0\1\0\0\0\1\x08\6\0\0\0\x1f\x15\xc4\x89";

    private string $episode;

    private string $result;

    protected function setUp(): void
    {
        parent::setUp();
        $user = $this->member();
        $this->episode = Examination::query()->findOrFail($this->openedBy($user))->episode_id;
        $this->outcome = (string) $this->postJson("/api/episodes/{$this->episode}/reference-results", [
            'kind' => 'mri', 'on' => '2026-05-01', 'answers' => [['condition' => 'acl', 'seen' => 'present']],
        ])->json('id');
    }

    public function test_what_came_back_is_what_was_sent_piece_by_piece_and_nothing_of_it_lies_open(): void
    {
        $report = "%PDF-1.4\n".str_repeat('MARSHREPORT ', 250_000);
        $id = (string) $this->attach($report, 'MRI of Ada.pdf')->assertCreated()->json('id');
        self::assertSame(3, DB::table('attachment_parts')->count());
        $this->shown()->assertJsonPath('referenceResults.0.files.0.name', 'MRI of Ada.pdf')->assertJsonPath('referenceResults.0.files.0.type', 'application/pdf');
        $answer = $this->get("/api/attachments/{$id}")->assertOk()->assertHeader('Content-Type', 'application/pdf')
            ->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('Content-Disposition', "attachment; filename=result-{$id}.pdf");
        self::assertSame($report, $answer->streamedContent());
        $stored = (string) json_encode([DB::table('attachments')->get(), DB::table('attachment_parts')->pluck('content')]);
        self::assertSame([false, false], [str_contains($stored, 'MARSHREPORT'), str_contains($stored, 'MRI of')]);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function refused(): iterable
    {
        yield 'empty' => ['', 'the file is empty'];
        yield 'a page that calls itself a report' => ['<html><script>alert(1)</script>', 'by what is in it'];
        yield 'too large' => ['%PDF-1.4'.str_repeat('x', Attachments::MOST_BYTES), 'larger than 10 MB'];
    }

    #[DataProvider('refused')]
    public function test_only_pdf_and_pictures_up_to_ten_megabytes_come_in(string $content, string $reason): void
    {
        self::assertStringContainsString($reason, (string) $this->attach($content, 'report.pdf')->assertStatus(422)->json('error.reason'));
        self::assertSame(0, DB::table('attachments')->count());
    }

    public function test_a_picture_is_told_by_its_content_and_a_name_says_nothing_of_paths(): void
    {
        $id = (string) $this->attach(self::PNG, "../../etc/\npasswd.pdf")->assertCreated()->json('id');
        $this->shown()->assertJsonPath('referenceResults.0.files.0.type', 'image/png')->assertJsonPath('referenceResults.0.files.0.name', '.. .. etc passwd.pdf');
        $this->get("/api/attachments/{$id}")->assertHeader('Content-Disposition', "attachment; filename=result-{$id}.png");
    }

    public function test_one_that_is_removed_is_taken_back_for_a_day_and_then_gone(): void
    {
        $id = (string) $this->attach(self::PNG, 'scan.png')->json('id');
        $this->deleteJson("/api/attachments/{$id}")->assertNoContent();
        $this->shown()->assertJsonPath('referenceResults.0.files.0.removed', true);
        $this->postJson("/api/attachments/{$id}/restoration")->assertNoContent();
        $this->deleteJson("/api/attachments/{$id}")->assertNoContent();
        $this->travel(25)->hours();
        (new PruneExpired)();
        self::assertSame([0, 0], [DB::table('attachments')->count(), DB::table('attachment_parts')->count()]);
    }

    public function test_ten_stand_beside_one_result_and_no_more(): void
    {
        for ($count = 0; $count < 10; $count++) {
            $this->attach(self::PNG, "{$count}.png")->assertCreated();
        }
        $this->attach(self::PNG, 'eleventh.png')->assertStatus(422);
    }

    public function test_they_leave_with_the_archive_of_the_athlete(): void
    {
        $id = (string) $this->attach(self::PNG, 'scan.png')->json('id');
        $lead = User::query()->firstOrFail();
        $lead->membership?->update(['role' => 'lead']);
        $athlete = Athlete::query()->firstOrFail();
        $file = (string) tempnam(sys_get_temp_dir(), 'zip');
        file_put_contents($file, $this->actingAs($lead->refresh())->archiveOf($athlete->id));
        $zip = new ZipArchive;
        $zip->open($file);
        self::assertSame(self::PNG, $zip->getFromName("files/{$id}.png"));
        self::assertStringContainsString("files/{$id}.png", (string) $zip->getFromName('index.html'));
        unlink($file);
    }

    private function attach(string $content, string $name): TestResponse
    {
        return $this->attachTo($this->outcome, $content, $name);
    }

    private function shown(): TestResponse
    {
        return $this->getJson("/api/episodes/{$this->episode}")->assertOk();
    }
}
