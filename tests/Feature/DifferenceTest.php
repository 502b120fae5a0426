<?php

declare(strict_types=1);

namespace Tests\Feature;

use Monolog\Handler\TestHandler;

/** Where a device judged otherwise than the server, the log says so, and nothing about anybody. */
final class DifferenceTest extends FeatureTestCase
{
    public function test_a_difference_is_a_line_of_the_log_with_its_place_and_both_digests(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        config(['logging.default' => 'kept', 'logging.channels.kept' => ['driver' => 'monolog', 'handler' => TestHandler::class]]);
        $kept = app('log')->channel()->getLogger()->getHandlers()[0];
        self::assertInstanceOf(TestHandler::class, $kept);
        $this->actingAs($user)->postJson("/api/examinations/{$id}/differences", [
            'path' => 'plan.play', 'archive' => '0123456789abcdef',
        ])->assertNoContent();
        self::assertCount(1, $kept->getRecords());
        self::assertMatchesRegularExpression(
            "/^A device judged otherwise: examination {$id}, place plan\\.play, rules 0123456789abcdef there and ([0-9a-f]{16}|none) here, version /",
            $kept->getRecords()[0]->message,
        );
    }

    public function test_what_is_no_place_and_what_another_team_judged_is_refused(): void
    {
        $id = $this->openedBy($this->member());
        $told = ['path' => 'plan.play', 'archive' => '0123456789abcdef'];
        $this->postJson("/api/examinations/{$id}/differences", [...$told, 'path' => 'Mirre fell'])
            ->assertStatus(422)->assertJsonPath('error.path', 'path');
        $this->actingAs($this->member())->postJson("/api/examinations/{$id}/differences", $told)->assertNotFound();
    }
}
