<?php

declare(strict_types=1);

namespace App\Clinic\ReferenceResults;

use App\Access\Models\User;
use App\Clinic\Models\Attachment;
use App\Clinic\Models\AttachmentPart;
use App\Clinic\Models\ReferenceResult;
use App\Clinic\Values\FileType;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\DB;

/** Reports and pictures beside results: PDF, PNG or JPEG by their content, encrypted with the athlete's key in pieces. */
final readonly class Attachments
{
    /** 10 MB. */
    public const MOST_BYTES = 10_485_760;

    private const MOST_BESIDE_ONE = 10;

    private const PART_BYTES = 1_048_576;

    public function __construct(private AuditLog $log)
    {
    }

    /** @throws Refusal where it is empty, too large, one too many, or neither PDF nor picture */
    public function add(ReferenceResult $result, string $name, string $content, User $by): Attachment
    {
        $type = match (true) {
            $content === '' => throw Refusal::ofTheWhole(__('clinic.attachments.the_file_is_empty')),
            \strlen($content) > self::MOST_BYTES => throw Refusal::ofTheWhole(
                __('clinic.attachments.the_file_is_larger_than_10'),
            ),
            default => FileType::of($content)
                ?? throw Refusal::ofTheWhole(__('clinic.attachments.expected_a_pdf_png_or_jpeg')),
        };

        return DB::transaction(function () use ($result, $name, $content, $type, $by): Attachment {
            ReferenceResult::query()->lockForUpdate()->findOrFail($result->id);
            if (Attachment::query()->where('reference_result_id', $result->id)->count() >= self::MOST_BESIDE_ONE) {
                throw Refusal::ofTheWhole(__('clinic.attachments.a_result_can_have_files_at', [
                    'most_beside_one' => self::MOST_BESIDE_ONE,
                ]));
            }
            $made = Attachment::query()->create([
                'team_id' => $result->team_id, 'athlete_id' => $result->athlete_id, 'reference_result_id' => $result->id,
                'name' => $name, 'type' => $type, 'bytes' => \strlen($content), 'made_by' => $by->id,
            ]);
            for ($number = 0; $number * self::PART_BYTES < \strlen($content); $number++) {
                AttachmentPart::query()->create([
                    'athlete_id' => $result->athlete_id, 'attachment_id' => $made->id, 'number' => $number,
                    'content' => substr($content, $number * self::PART_BYTES, self::PART_BYTES),
                ]);
            }
            $this->log->record(AuditEvent::FileAdded, $result->athlete_id, ['bytes' => $made->bytes]);

            return $made;
        });
    }

    /**
     * Piece by piece.
     *
     * @return iterable<string>
     */
    public function content(Attachment $attachment): iterable
    {
        foreach ($attachment->parts()->lazy(1) as $part) {
            yield $part->content;
        }
    }

    /** For a day it can be taken back; see PruneExpired. */
    public function remove(Attachment $attachment): void
    {
        $this->done($attachment, AuditEvent::FileRemoved, $attachment->delete(...));
    }

    public function restore(Attachment $attachment): void
    {
        $this->done($attachment, AuditEvent::FileRestored, $attachment->restore(...));
    }

    /**
     * @param  callable(): mixed  $entry
     */
    private function done(Attachment $attachment, AuditEvent $what, callable $entry): void
    {
        DB::transaction(function () use ($attachment, $what, $entry): void {
            $entry();
            $this->log->record($what, $attachment->athlete_id);
        });
    }
}
