<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** The commands as a person runs them: JSON on standard output, refusals on standard error. */
final class CommandTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function test_a_worked_example_is_weighed_from_a_file_and_from_standard_input(): void
    {
        $file = self::ROOT.'/packages/inference/data/golden/1-independent-chain.json';
        [$code, $out] = $this->artisan(['weigh:combine', $file]);
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(0.748093096, json_decode($out)->conditions[0]->posttest, 1e-8);

        $input = (string) json_encode(json_decode((string) file_get_contents($file))->input);
        self::assertSame($out, $this->artisan(['weigh:combine', '-'], $input)[1]);
    }

    public function test_refused_input_ends_with_two_and_names_the_place(): void
    {
        [$code, $out, $error] = $this->artisan(['weigh:combine', '-'], '{"conditions":[{"id":"a","pretest":2}]}');
        self::assertSame([2, ''], [$code, $out]);
        self::assertSame('conditions[0].pretest', json_decode($error)->error->path);
        self::assertSame(2, $this->artisan(['examination:assess', '-'], 'not json')[0]);
        self::assertSame(2, $this->artisan(['examination:assess', 'no/such/file'])[0]);
    }

    public function test_an_examination_is_assessed_without_a_database(): void
    {
        $document = ['format' => 'gray-compass/examination', 'version' => 1, 'setting' => 'acute_trauma', 'hurtSide' => 'left', 'findings' => [
            ['manoeuvre' => 'lachman', 'side' => 'left', 'translationMm' => 12, 'endFeel' => 'absent'],
        ]];
        [$code, $out] = $this->artisan(['examination:assess', '-'], (string) json_encode($document));
        self::assertSame(0, $code);
        self::assertTrue(json_decode($out)->measurements[0]->provisional);
        [$code, $again] = $this->artisan(['weigh:combine', '-'], (string) json_encode(json_decode($out)->weighing));
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(
            json_decode($out)->conditions[0]->posttest,
            json_decode($again)->conditions[0]->posttest,
            1e-12,
        );
    }

    public function test_a_case_of_learning_is_computed_without_a_database(): void
    {
        $case = (string) json_encode(['method' => 'rate', 'input' => ['published' => 0.2, 'worth' => 40, 'sum' => 96.4, 'knees' => 320]]);
        [$code, $out] = $this->artisan(['learning:compute', '-'], $case);
        self::assertSame(0, $code);
        self::assertEqualsWithDelta(0.29, json_decode($out)->own, 1e-9);
        [$code, $out, $error] = $this->artisan(['learning:compute', '-'], '{"method":"net","input":{"p":[0.2],"y":[2],"t":0.5}}');
        self::assertSame([2, ''], [$code, $out]);
        self::assertSame('input.y[0]', json_decode($error)->error->path);
    }

    public function test_a_document_becomes_a_bundle_and_comes_back_without_a_database(): void
    {
        $file = self::ROOT.'/examples/touchline-go.json';
        [$code, $bundle] = $this->artisan(['exchange:document', '--to=fhir', $file]);
        self::assertSame(0, $code);
        [$code, $document, $error] = $this->artisan(['exchange:document', '--from=fhir', '-'], $bundle);
        self::assertSame([0, ''], [$code, $error]);
        self::assertEquals(json_decode((string) file_get_contents($file)), json_decode($document));

        $more = json_decode($bundle);
        $more->entry[] = ['resource' => ['resourceType' => 'Device']];
        [$code, , $error] = $this->artisan(['exchange:document', '--from=fhir', '-'], (string) json_encode($more));
        self::assertSame(0, $code);
        self::assertSame(['entry['.(count($more->entry) - 1).'].resource'], json_decode($error)->unknown);
    }

    public function test_a_bundle_that_is_not_accepted_is_refused_by_its_element(): void
    {
        [$code, $out, $error] = $this->artisan(['exchange:document', '--from=fhir', '-'], '{"resourceType":"Bundle","type":"batch"}');
        self::assertSame([2, ''], [$code, $out]);
        self::assertSame('type', json_decode($error)->error->path);
        self::assertSame(2, $this->artisan(['exchange:document', self::ROOT.'/examples/touchline-go.json'])[0]);
    }

    /**
     * @param  list<string>  $arguments
     * @return array{int, string, string} exit code, standard output, standard error
     */
    private function artisan(array $arguments, string $input = ''): array
    {
        $process = proc_open(
            [PHP_BINARY, 'artisan', ...$arguments],
            [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']],
            $pipes,
            self::ROOT,
            ['PATH' => (string) getenv('PATH'), 'DB_HOST' => '192.0.2.1'],
        );
        self::assertIsResource($process);
        fwrite($pipes[0], $input);
        fclose($pipes[0]);
        [$out, $error] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

        return [proc_close($process), $out, $error];
    }
}
