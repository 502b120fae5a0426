<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clinic\Models\Examination;

/** Both knees are hurt: two examinations of one visit. */
final class TwinsTest extends FeatureTestCase
{
    public function test_they_share_the_injury_and_who_agreed_and_each_is_asked_its_own_gate(): void
    {
        $one = $this->openedBy($this->member());
        $this->save($one, 'sections/episode', ['whatHappened' => 'fell on both', 'fluidDrawn' => 'blood'])->assertOk();
        $this->save($one, 'sections/history', ['mechanism' => ['hyperextension'], 'pop' => true])->assertOk();
        $this->save($one, 'records/lachman/left', ['translationMm' => 9])->assertOk();
        $this->save($one, 'records/lachman/right', ['translationMm' => 8])->assertOk();
        $two = (string) $this->postJson("/api/examinations/{$one}/other-knee")->assertCreated()->json('id');
        self::assertSame($two, $this->postJson("/api/examinations/{$one}/other-knee")->assertCreated()->json('id'));

        $shown = $this->getJson("/api/examinations/{$two}")->assertOk()->assertJsonPath('twin.id', $one);
        $sections = collect($shown->json('sections'))->pluck('payload', 'name');
        self::assertSame(['right', 4, false], [$sections['frame']['hurtSide'], $sections['frame']['daysSinceInjury'], $sections['frame']['otherKneeReliable']]);
        self::assertSame([['whatHappened' => 'fell on both'], ['mechanism' => ['hyperextension']], true], [
            $sections['episode'], $sections['history'], $sections['opening']['consentGiven'],
        ]);
        self::assertArrayNotHasKey('safety', $sections->all());
        $shown->assertJsonPath('assessment.safety.gateOpen', false)->assertJsonCount(1, 'records')
            ->assertJsonPath('records.0.side', 'right')->assertJsonPath('records.0.beforeGate', true);
        $this->getJson("/api/examinations/{$one}")->assertJsonPath('twin', ['id' => $two, 'isSigned' => false])
            ->assertJsonPath('assessment.measurements.0.comparedWith', null);
    }

    public function test_each_is_of_its_own_story_is_signed_by_itself_and_keeps_its_side(): void
    {
        $one = $this->openedBy($this->member());
        $two = (string) $this->postJson("/api/examinations/{$one}/other-knee")->json('id');
        $episodes = Examination::query()->findMany([$one, $two])->pluck('episode_id');
        self::assertCount(2, $episodes->unique());
        $this->putJson("/api/examinations/{$one}/knee", ['hurtSide' => 'right', 'daysSinceInjury' => 4, 'version' => 2])
            ->assertStatus(422)->assertJsonPath('error.path', 'hurtSide');
        $this->save($two, 'sections/safety', self::CLEAR)->assertOk();
        $this->postJson("/api/examinations/{$two}/signature", $this->seen($two))->assertOk();
        $this->getJson("/api/examinations/{$one}")->assertJsonPath('twin.isSigned', true)->assertJsonPath('status', 'draft');
    }

    public function test_there_is_none_of_a_baseline_and_none_after_the_signature(): void
    {
        $user = $this->member();
        $signed = $this->openedBy($user);
        $this->postJson("/api/examinations/{$signed}/signature", $this->seen($signed))->assertOk();
        $this->postJson("/api/examinations/{$signed}/other-knee")->assertStatus(423);
        $baseline = (string) $this->postJson("/api/athletes/{$this->athleteOf($user)->id}/examinations", [
            'hurtSide' => 'left', 'daysSinceInjury' => null, 'route' => 'baseline',
        ])->json('id');
        $this->postJson("/api/examinations/{$baseline}/other-knee")->assertStatus(422);
    }
}
