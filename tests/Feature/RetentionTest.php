<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\AthleteFiles\Retention;
use App\Club\Models\Athlete;
use App\Platform\Audit\AuditEntry;
use App\Platform\Audit\AuditEvent;
use App\Trust\Audit\Verifier;

/** What a team keeps for so many years, and no longer. */
final class RetentionTest extends FeatureTestCase
{
    use LetterPromises;

    private User $lead;

    protected function setUp(): void
    {
        parent::setUp();
        $this->travelTo('2006-05-10 09:00:00');
        $this->lead = $this->member(role: Role::Lead);
        $this->actingAs($this->lead)->putJson('/api/team', self::settings(['keepsYears' => 10]))->assertNoContent();
    }

    public function test_it_is_announced_for_a_month_and_then_erased_for_good(): void
    {
        $athlete = $this->born('1980-03-01');
        $this->clock('2016-05-09');
        self::assertSame([], $this->announced());
        $this->clock('2016-05-11');
        self::assertSame([['id' => $athlete->id, 'name' => $athlete->name, 'squad' => $athlete->squad, 'on' => '2016-06-10']], $this->announced());
        $this->clock('2016-06-09');
        self::assertCount(1, $this->announced());
        $this->clock('2016-06-10');
        self::assertSame(0, Athlete::withTrashed()->withoutGlobalScopes()->count());
        self::assertSame(
            [$this->lead->teamId(), $this->lead->teamId()],
            AuditEntry::query()->whereIn('event', [AuditEvent::ErasureAnnounced, AuditEvent::AthleteErased])->pluck('team_id')->all(),
        );
        self::assertSame([], app(Verifier::class)->faults());
    }

    public function test_a_child_is_kept_until_ten_years_after_coming_of_age(): void
    {
        $this->born('1995-03-01');
        $this->clock('2023-02-27');
        self::assertSame([], $this->announced());
        $this->clock('2023-03-02');
        self::assertCount(1, $this->announced());
    }

    public function test_a_visit_since_another_setting_or_a_lead_who_wants_it_keeps_the_record(): void
    {
        $athlete = $this->born('1980-03-01');
        $this->clock('2016-05-11');
        self::assertCount(1, $this->announced());
        $this->actingAs($this->lead)->putJson("/api/athletes/{$athlete->id}/retention")->assertNoContent();
        $this->clock('2016-07-01');
        self::assertSame([], $this->announced());
        $this->clock('2017-05-12');
        self::assertCount(1, $this->announced());
        $this->actingAs($this->lead)->postJson("/api/athletes/{$athlete->id}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => 4, 'route' => 'clinic_core',
        ])->assertCreated();
        $this->clock('2017-05-13');
        self::assertSame([], $this->announced());
        $this->clock('2027-05-20');
        self::assertCount(1, $this->announced());
        $this->putJson('/api/team', self::settings())->assertNoContent();
        $this->clock('2028-01-01');
        self::assertSame([], $this->announced());
        self::assertNotNull($athlete->fresh());
    }

    private function born(string $on): Athlete
    {
        return Athlete::factory()->create(['team_id' => $this->lead->teamId(), 'born_on' => $on]);
    }

    private function clock(string $day): void
    {
        $this->travelTo("{$day} 03:40:00");
        auth()->logout();
        app(Retention::class)();
    }

    /**
     * @return array<mixed>
     */
    private function announced(): array
    {
        return (array) $this->actingAs($this->lead)->getJson('/api/retention')->assertOk()->json();
    }
}
