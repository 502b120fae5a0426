<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assessment;
use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;
use Symfony\Component\Yaml\Yaml;

/** What is answered is what contract/openapi.yaml says. */
final class ContractTest extends FeatureTestCase
{
    public function test_answers_match_the_contract(): void
    {
        $user = $this->member();
        $id = $this->openedBy($user);
        $this->save($id, 'findings/lachman/right', ['normal' => true])->assertOk();
        $this->assertMatches('Saved', $this->save($id, 'findings/lachman/left', ['differenceBand' => 'clear', 'checks' => ['hamstringsRelaxed' => true]])->content());
        $this->assertMatches('Saved', $this->save($id, 'findings/effusion_sweep/left', ['grade' => 'bulge'])->content());
        $this->assertMatches('Saved', $this->save($id, 'sections/history', ['mechanism' => ['twist_on_planted_foot'], 'pop' => true])->content());
        $this->assertMatches('Saved', $this->save($id, 'sections/safety', [...self::CLEAR, 'footDropped' => true], 1)->content());
        $this->assertMatches('Examination', $this->getJson("/api/examinations/{$id}")->content());
        $problem = (string) $this->getJson("/api/examinations/{$id}/weighing")->content();
        $this->assertMatches('Problem', $problem);
        $this->assertMatches('WeighUp', $this->call('POST', '/api/weigh?condition=acl&order=lachman', content: $problem)->content());
        $this->assertMatches('Examination', $this->postJson("/api/examinations/{$id}/signature")->content());
        $this->assertMatches('Today', $this->getJson('/api/today')->content());
        $this->assertMatches('Catalogue', $this->getJson('/api/catalogue')->content());
        $this->assertMatches('Session', $this->getJson('/api/me')->content());
    }

    public function test_the_open_document_matches_the_schema_made_from_the_catalogue(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'findings/mcmurray/left', ['cells' => [['rotation' => 'outward', 'stress' => 'varus', 'click' => true]]])->assertOk();
        $this->save($id, 'sections/history', ['swellingOnset' => 'none'])->assertOk();
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../contract/examination.schema.json'));
        $document = json_decode((string) $this->getJson("/api/examinations/{$id}/document")->content());
        self::assertTrue((new Validator)->validate($document, $schema)->isValid());
        $bench = json_decode((string) file_get_contents(__DIR__.'/../../examples/whole-clinic-route.json'));
        self::assertTrue((new Validator)->validate($bench, $schema)->isValid());
        $bench->findings[0]->heelRises = true;
        self::assertFalse((new Validator)->validate($bench, $schema)->isValid());
    }

    public function test_what_was_signed_by_earlier_rules_can_still_be_read(): void
    {
        $id = $this->openedBy($this->member());
        $this->save($id, 'findings/lachman/left', ['differenceBand' => 'clear'])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature")->assertOk();
        $snapshot = Assessment::query()->where('examination_id', $id)->firstOrFail();
        $then = $snapshot->payload;
        unset($then['setting'], $then['nothingChanges'], $then['earlierFinding'], $then['plan']['availability'], $then['plan']['advice'], $then['plan']['matters'], $then['route']['core'], $then['route']['tooShort']);
        $then['safety'] = array_intersect_key($then['safety'], ['gateOpen' => 0, 'lines' => 0, 'blocked' => 0, 'blockedBy' => 0]);
        $without = static fn (array $rows, string ...$keys): array => array_map(static fn (array $row): array => array_diff_key($row, array_flip($keys)), $rows);
        $then['conditions'] = $without($then['conditions'], 'bare', 'raised', 'seriousness');
        $then['results'] = $without($then['results'], 'level', 'againstRule');
        $then['measurements'] = $without($then['measurements'], 'level');
        $then['trace'] = $without($then['trace'], 'level');
        $then['plan']['sendOn'] = $without($then['plan']['sendOn'], 'question');
        unset($then['plan']['support']['range']);
        $then['plan']['lookAgain'] = ['from' => 3, 'to' => 8, 'why' => 'so it was'];
        $snapshot->update(['payload' => $then]);
        $shown = $this->getJson("/api/examinations/{$id}")->assertOk();
        $this->assertMatches('Examination', $shown->content());
        self::assertSame('In 3 to 8 days.', $shown->json('assessment.plan.lookAgain.say'));
        $this->get("/api/examinations/{$id}/summary.pdf")->assertOk();
    }

    private function assertMatches(string $schema, string|false $body): void
    {
        /** @var array<string, mixed> $contract */
        $contract = Yaml::parseFile(__DIR__.'/../../contract/openapi.yaml');
        $root = json_decode(str_replace('#/components/schemas/', '#/$defs/', (string) json_encode(['$defs' => $contract['components']['schemas'], '$ref' => "#/\$defs/{$schema}"], JSON_UNESCAPED_SLASHES)));
        $result = (new Validator)->validate(json_decode((string) $body), $root);
        self::assertTrue($result->isValid(), $schema.': '.json_encode($result->error() === null ? null : (new ErrorFormatter)->format($result->error())));
    }
}
