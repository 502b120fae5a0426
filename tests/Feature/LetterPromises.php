<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Clinic\Models\Letter;

/** What the contract says of letters, whom they go to, the athlete's page, and of what the clock erases. */
trait LetterPromises
{
    private const WORDING = [
        'version' => 1, 'to' => ['name' => 'Dr Ines Falkner', 'practice' => '', 'address' => '', 'email' => ''],
        'subject' => 'A knee', 'text' => 'As told.',
    ];

    private function letters(string $signed, User $user): void
    {
        $this->actingAs($user);
        $draft = $this->openedBy($user);
        $this->postJson("/api/examinations/{$draft}/letters")->assertStatus(422);
        $this->postJson("/api/examinations/{$draft}/other-knee")->assertCreated();
        $this->postJson('/api/examinations/'.$this->baselineOf($user).'/other-knee')->assertStatus(422);
        $letter = (string) $this->postJson("/api/examinations/{$signed}/letters")->assertCreated()->json('id');
        $this->getJson("/api/examinations/{$signed}/letters")->assertOk()->assertJsonPath('0.id', $letter);
        $this->getJson("/api/letters/{$letter}")->assertOk();
        $this->putJson("/api/letters/{$letter}")->assertStatus(422);
        $this->putJson("/api/letters/{$letter}", self::WORDING)->assertOk();
        $this->putJson("/api/letters/{$letter}", self::WORDING)->assertStatus(409);
        $this->get("/api/letters/{$letter}/pdf")->assertOk();
        $this->get("/api/letters/{$letter}/text")->assertOk();
        $this->deleteJson("/api/letters/{$letter}")->assertNoContent();
        foreach ([['GET', ''], ['PUT', ''], ['DELETE', ''], ['POST', '/sending'], ['GET', '/pdf'], ['GET', '/text']] as [$method, $end]) {
            $this->json($method, "/api/letters/{$letter}{$end}", self::WORDING)->assertNotFound();
        }
        $this->asCoach($user, "/api/letters/{$letter}/restoration");
        $this->postJson("/api/letters/{$letter}/restoration")->assertNoContent();
        $this->postJson("/api/letters/{$letter}/restoration")->assertNotFound();
        $this->postJson("/api/letters/{$letter}/sending", ['version' => 2, 'by' => 'pigeon'])->assertStatus(422);
        $this->postJson("/api/letters/{$letter}/sending", ['version' => 1, 'by' => 'hand'])->assertStatus(409);
        $this->postJson("/api/letters/{$letter}/sending", ['version' => 2, 'by' => 'hand'])->assertOk();
        $this->deleteJson("/api/letters/{$letter}")->assertStatus(422);
        $this->doctors($user);
        $this->getJson("/api/examinations/{$signed}/page")->assertOk();
        $this->getJson("/api/examinations/{$signed}/athlete-text")->assertOk();
        $this->getJson('/api/examinations/elsewhere/athlete-text')->assertNotFound();
        $this->postJson("/api/examinations/{$signed}/page")->assertStatus(422);
        $this->putJson('/api/team', self::settings(['sharesPages' => true]))->assertNoContent();
        $page = (string) $this->postJson("/api/examinations/{$signed}/page")->assertCreated()->json('address');
        $this->getJson('/api/page', ['X-Page-Token' => (string) parse_url($page, PHP_URL_FRAGMENT)])->assertOk();
        $this->deleteJson("/api/examinations/{$signed}/page")->assertNoContent();
        $this->files($signed, $user);
        $this->getJson('/api/retention')->assertOk();
        $this->putJson('/api/athletes/elsewhere/retention')->assertNotFound();
        $this->putJson("/api/athletes/{$this->athleteOf($user)->id}/retention")->assertNoContent();
    }

    private function files(string $signed, User $user): void
    {
        $episode = Examination::query()->findOrFail($signed)->episode_id;
        $result = (string) $this->postJson("/api/episodes/{$episode}/reference-results", self::MRI)->json('id');
        $this->attachTo($result, 'no picture', 'scan.png')->assertStatus(422);
        $this->attachTo('elsewhere', 'no picture', 'scan.png')->assertNotFound();
        $file = (string) $this->attachTo($result, '%PDF-1.4 a report', 'report.pdf')
            ->assertCreated()->json('id');
        $this->get("/api/attachments/{$file}")->assertOk();
        $this->deleteJson("/api/attachments/{$file}")->assertNoContent();
        $this->deleteJson("/api/attachments/{$file}")->assertNotFound();
        $this->get("/api/attachments/{$file}")->assertNotFound();
        $this->asCoach($user, "/api/attachments/{$file}/restoration");
        $this->postJson("/api/attachments/{$file}/restoration")->assertNoContent();
        $this->postJson("/api/attachments/{$file}/restoration")->assertNotFound();
    }

    private function baselineOf(User $user): string
    {
        return (string) $this->postJson("/api/athletes/{$this->athleteOf($user)->id}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => null, 'route' => 'baseline',
        ])->json('id');
    }

    private function doctors(User $user): void
    {
        $this->postJson('/api/doctors')->assertStatus(422);
        $doctor = (string) $this->postJson('/api/doctors', ['name' => 'Dr Ines Falkner'])->assertCreated()->json('id');
        $this->getJson('/api/doctors')->assertOk()->assertJsonPath('0.id', $doctor);
        $this->putJson("/api/doctors/{$doctor}")->assertStatus(422);
        $this->putJson("/api/doctors/{$doctor}", ['name' => 'Dr I. Falkner'])->assertNoContent();
        $this->deleteJson("/api/doctors/{$doctor}")->assertNoContent();
        $this->deleteJson("/api/doctors/{$doctor}")->assertNotFound();
        $this->putJson("/api/doctors/{$doctor}", ['name' => 'Dr I. Falkner'])->assertNotFound();
        $this->asCoach($user, "/api/doctors/{$doctor}/restoration");
        $this->postJson("/api/doctors/{$doctor}/restoration")->assertNoContent();
        $this->postJson("/api/doctors/{$doctor}/restoration")->assertNotFound();
    }

    /** What is removed is brought back by nobody who may not remove it. */
    private function asCoach(User $user, string $uri): void
    {
        $coach = User::factory()->memberOf($user->present()->team, Role::Coach)->create();
        $this->actingAs($coach)->postJson($uri)->assertForbidden();
        $this->actingAs($user);
    }

    /**
     * @param  array<string, mixed>  $otherwise
     * @return array<string, mixed> all that a team sets
     */
    protected static function settings(array $otherwise = []): array
    {
        return [
            'name' => 'Fenmoor Indoor Sports Club', 'asksSecondFactor' => false, 'letterHead' => '',
            'sharesPages' => false, 'keepsYears' => null, 'schools' => (object) [], 'setting' => null, 'seasons' => [], 'timeZone' => 'UTC', 'dateOrder' => 'dmy', 'reviewedLanguages' => [], ...$otherwise,
        ];
    }

    /** A letter that has not left, of an examination that is signed or not; its id. */
    private function letterOf(string $examination): string
    {
        $about = Examination::query()->withoutGlobalScopes()->findOrFail($examination);
        $athlete = (string) $about->episode()->value('athlete_id');
        $letter = Letter::query()->create([
            'team_id' => $about->team_id, 'athlete_id' => $athlete, 'examination_id' => $about->id, 'version' => 1,
        ]);
        $letter->versions()->create([
            'athlete_id' => $athlete, 'number' => 1,
            'content' => array_diff_key(self::WORDING, ['version' => 0]),
        ]);

        return $letter->id;
    }

    /**
     * @return list<array{string, string, array<string, mixed>}> method, address, body
     */
    private static function letterChanges(string $examination): array
    {
        $doctor = ['name' => 'Dr Ines Falkner'];

        return [
            ['POST', "/api/examinations/{$examination}/letters", []],
            ['POST', "/api/examinations/{$examination}/page", []],
            ['DELETE', "/api/examinations/{$examination}/page", []],
            ['PUT', '/api/letters/{letter}', self::WORDING],
            ['DELETE', '/api/letters/{letter}', []],
            ['POST', '/api/letters/{discarded}/restoration', []],
            ['POST', '/api/letters/{letter}/sending', ['version' => 1, 'by' => 'hand']],
            ['POST', '/api/reference-results/{result}/attachments', []],
            ['DELETE', '/api/attachments/{attachment}', []],
            ['POST', '/api/attachments/{removedFile}/restoration', []],
            ['POST', '/api/doctors', $doctor],
            ['PUT', '/api/doctors/{doctor}', $doctor],
            ['DELETE', '/api/doctors/{doctor}', []],
            ['POST', '/api/doctors/{removedDoctor}/restoration', []],
            ['PUT', '/api/athletes/{anyone}/retention', []],
        ];
    }

    /**
     * @return list<string>
     */
    private static function letterPages(string $examination): array
    {
        return [
            '/api/attachments/{attachment}', '/api/doctors', '/api/letters/{letter}', '/api/letters/{letter}/pdf', '/api/letters/{letter}/text',
            "/api/examinations/{$examination}/letters", "/api/examinations/{$examination}/page",
            '/api/retention', '/api/team',
        ];
    }
}
