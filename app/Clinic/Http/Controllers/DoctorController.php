<?php

declare(strict_types=1);

namespace App\Clinic\Http\Controllers;

use App\Access\Models\User;
use App\Clinic\Models\Examination;
use App\Club\Doctors\TreatingDoctor;
use App\Club\Http\Requests\DoctorRequest;
use App\Club\Http\Resources\DoctorResource;
use App\Club\Models\Doctor;
use App\Platform\Audit\AuditEvent;
use App\Platform\Audit\AuditLog;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** The team's book of doctors. */
final readonly class DoctorController
{
    /** More than this is no book that one looks through. */
    private const MOST = 500;

    public function __construct(private AuditLog $log)
    {
    }

    /** By name; asked for an examination, it says who of them treats the athlete. */
    public function index(Request $request): JsonResponse
    {
        $request->validate(['examination' => ['sometimes', 'nullable', 'string', 'max:26']]);
        $book = Doctor::query()->orderByDesc('id')->limit(self::MOST)->get()
            ->sortBy(static fn (Doctor $doctor): string => mb_strtolower($doctor->content['name']))->values();
        $treats = $request->filled('examination')
            ? self::treating($request->string('examination')->toString(), $book)
            : null;

        return response()->json($book->map(
            static fn (Doctor $doctor): array => (new DoctorResource($doctor, $doctor->is($treats)))->resolve($request),
        ));
    }

    /**
     * @param  Collection<int, Doctor>  $book
     */
    private static function treating(string $examination, Collection $book): ?Doctor
    {
        $about = Examination::query()->with('episode.athlete')->find($examination);

        return $about === null ? null : (new TreatingDoctor($about->episode->athlete))->in($book);
    }

    public function store(DoctorRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $doctor = DB::transaction(function () use ($request, $user): Doctor {
            $made = Doctor::query()->create(['team_id' => $user->teamId(), 'content' => $request->content()]);
            $this->log->record(AuditEvent::DoctorAdded, $made->id);

            return $made;
        });

        return response()->json(['id' => $doctor->id], 201);
    }

    public function update(DoctorRequest $request, Doctor $doctor): Response
    {
        $change = static fn (): bool => $doctor->update(['content' => $request->content()]);

        return $this->done($doctor, AuditEvent::DoctorChanged, $change);
    }

    /** For a day it can be taken back; see PruneExpired. */
    public function destroy(Doctor $doctor): Response
    {
        return $this->done($doctor, AuditEvent::DoctorRemoved, $doctor->delete(...));
    }

    public function restore(Doctor $removedDoctor): Response
    {
        return $this->done($removedDoctor, AuditEvent::DoctorRestored, $removedDoctor->restore(...));
    }

    /**
     * @param  callable(): mixed  $entry
     */
    private function done(Doctor $doctor, AuditEvent $what, callable $entry): Response
    {
        DB::transaction(function () use ($doctor, $what, $entry): void {
            $entry();
            $this->log->record($what, $doctor->id);
        });

        return response()->noContent();
    }
}
