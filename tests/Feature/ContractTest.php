<?php

declare(strict_types=1);

namespace Tests\Feature;

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

    private function assertMatches(string $schema, string|false $body): void
    {
        /** @var array<string, mixed> $contract */
        $contract = Yaml::parseFile(__DIR__.'/../../contract/openapi.yaml');
        $root = json_decode(str_replace('#/components/schemas/', '#/$defs/', (string) json_encode(['$defs' => $contract['components']['schemas'], '$ref' => "#/\$defs/{$schema}"], JSON_UNESCAPED_SLASHES)));
        $result = (new Validator)->validate(json_decode((string) $body), $root);
        self::assertTrue($result->isValid(), $schema.': '.json_encode($result->error() === null ? null : (new ErrorFormatter)->format($result->error())));
    }
}
