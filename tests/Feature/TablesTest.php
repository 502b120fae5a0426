<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Models\User;
use App\Access\Values\Role;
use App\Clinic\Models\Examination;
use App\Exchange\Models\TableExport;
use App\Exchange\Models\TableExportPart;
use App\Exchange\Tables\TableExports;
use App\Exchange\Tables\WriteTables;
use App\Exchange\Values\Table;
use App\Exchange\Values\TableExportState;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use RuntimeException;
use ZipArchive;

/** All signed examinations of a team as tables that a statistician's program reads typed. */
final class TablesTest extends FeatureTestCase
{
    private User $lead;

    protected function setUp(): void
    {
        parent::setUp();
        $this->lead = $this->member(role: Role::Lead);
    }

    public function test_each_table_has_the_columns_that_the_package_says_and_its_keys_lead_somewhere(): void
    {
        $id = $this->signed();
        $this->postJson("/api/episodes/{$this->getJson("/api/examinations/{$id}")->json('episode')}/reference-results", [
            'kind' => 'mri', 'on' => now()->toDateString(), 'answers' => [['condition' => 'acl', 'seen' => 'present', 'grade' => 3]],
        ])->assertCreated();
        $files = $this->fetched();
        $package = json_decode($files['datapackage.json'], true);
        $tables = [];
        foreach ($package['resources'] as $resource) {
            $lines = self::lines($files[$resource['path']]);
            $heads = array_shift($lines);
            self::assertSame(array_column($resource['schema']['fields'], 'name'), $heads, $resource['name']);
            $tables[$resource['name']] = array_map(static fn (array $line): array => array_combine($heads, $line), $lines);
        }
        foreach ($package['resources'] as $resource) {
            foreach ($resource['schema']['foreignKeys'] ?? [] as ['fields' => $column, 'reference' => $to]) {
                $known = array_column($tables[$to['resource']], $to['fields']);
                self::assertSame([], array_diff(array_filter(array_column($tables[$resource['name']], $column)), $known), $resource['name']);
            }
        }
        self::assertSame([$id], array_column($tables['visits'], 'id'));
        self::assertContains([$id, 'lachman', 'left', 'translationMm', '12', 'mm', 'arthrometer', '0.4'], array_map(array_values(...), $tables['measures']));
        self::assertContains([$id, 'passive_extension', 'left', 'extensionDeg', '-6', 'deg', '', ''], array_map(array_values(...), $tables['measures']));
        $shown = collect($this->getJson("/api/examinations/{$id}")->json('assessment.conditions'))->firstWhere('id', 'acl');
        $told = collect($tables['probabilities'])->firstWhere('condition', 'acl');
        self::assertSame([$shown['posttest'], $shown['interval'][0], $shown['zone']], [(float) $told['posttest'], (float) $told['low'], $told['zone']]);
        self::assertSame(['acl', 'present', '3'], array_slice(array_values($tables['reference_results'][0]), 5));
        self::assertSame('visit', array_search($id, $tables['tasks'][0], true));
        self::assertGreaterThan(90, count($tables['evidence']));
        self::assertStringNotContainsString($this->athleteName(), implode('', $files));
    }

    public function test_a_formula_is_made_harmless_and_what_is_not_signed_stays_out(): void
    {
        $id = $this->signed();
        $this->openedBy($this->lead);
        Examination::query()->findOrFail($id)->episode->athlete->update(['squad' => '=cmd()']);
        $files = $this->fetched();
        self::assertStringContainsString("'=cmd()", $files['athletes.csv']);
        self::assertCount(2, self::lines($files['visits.csv']));
    }

    public function test_a_step_that_dies_is_done_again_and_writes_nothing_twice(): void
    {
        $this->signed();
        Queue::fake();
        $export = (string) $this->postJson('/api/table-exports')->assertStatus(202)->json('id');
        Queue::assertPushed(WriteTables::class, 1);
        $writes = 0;
        TableExportPart::creating(static function () use (&$writes): void {
            $writes++ === 1 && throw new RuntimeException('the worker dies here');
        });
        try {
            app(TableExports::class)->step($export);
            self::fail('the worker lived');
        } catch (RuntimeException) {
            self::assertSame(0, TableExportPart::query()->count());
        }
        $this->getJson("/api/table-exports/{$export}")->assertJson(['state' => 'running', 'done' => 0, 'total' => 1, 'bytes' => null]);
        self::assertTrue(app(TableExports::class)->step($export));
        $this->getJson("/api/table-exports/{$export}")->assertJson(['state' => 'running', 'done' => 1]);
        $this->get("/api/table-exports/{$export}/file")->assertNotFound();
        self::assertFalse(app(TableExports::class)->step($export));
        self::assertFalse(app(TableExports::class)->step($export));
        self::assertCount(2, self::lines($this->unzipped($export)['visits.csv']));
    }

    public function test_the_rows_lie_encrypted_and_go_after_a_day(): void
    {
        $this->signed();
        $export = (string) $this->postJson('/api/table-exports')->json('id');
        self::assertStringNotContainsString('datapackage.json', (string) DB::table('table_export_parts')->value('content'));
        self::assertStringContainsString('datapackage.json', TableExportPart::query()->firstOrFail()->content);
        app(TableExports::class)->prune();
        self::assertSame(1, TableExport::query()->count());
        $this->travel(25)->hours();
        app(TableExports::class)->prune();
        self::assertSame([0, 0], [TableExport::query()->count(), TableExportPart::query()->count()]);
        $this->actingAs($this->lead)->getJson("/api/table-exports/{$export}")->assertNotFound();
    }

    public function test_what_fails_for_good_is_told(): void
    {
        Queue::fake();
        $export = (string) $this->actingAs($this->lead)->postJson('/api/table-exports')->json('id');
        (new WriteTables($export))->failed(null);
        $this->getJson("/api/table-exports/{$export}")->assertJsonPath('state', TableExportState::Failed->value);
        self::assertFalse(app(TableExports::class)->step($export));
    }

    private function signed(): string
    {
        $id = $this->openedBy($this->lead);
        $this->save($id, 'records/lachman/right', ['translationMm' => 3, 'endFeel' => 'firm'])->assertOk();
        $this->save($id, 'records/passive_extension/left', ['extensionDeg' => -6, 'endFeel' => 'springy'])->assertOk();
        $by = ['translationMm' => ['kind' => 'arthrometer', 'spread' => 0.4]];
        $this->save($id, 'records/lachman/left', ['translationMm' => 12, 'endFeel' => 'soft', 'by' => $by])->assertOk();
        $this->postJson("/api/examinations/{$id}/signature", $this->seen($id))->assertOk();

        return $id;
    }

    private function athleteName(): string
    {
        return Examination::query()->firstOrFail()->episode->athlete->name;
    }

    /** @return array<string, string> files by name */
    private function fetched(): array
    {
        return $this->unzipped((string) $this->postJson('/api/table-exports')->assertStatus(202)->json('id'));
    }

    /** @return array<string, string> files by name */
    private function unzipped(string $export): array
    {
        $name = (string) tempnam(sys_get_temp_dir(), 'tables');
        file_put_contents($name, $this->get("/api/table-exports/{$export}/file")->assertOk()->streamedContent());
        $zip = new ZipArchive;
        self::assertTrue($zip->open($name));
        $files = [];
        foreach (['datapackage.json', ...array_map(static fn (Table $one): string => $one->file(), Table::cases())] as $file) {
            $files[$file] = (string) $zip->getFromName($file);
        }
        $zip->close();
        unlink($name);

        return $files;
    }

    /** @return list<list<string>> */
    private static function lines(string $csv): array
    {
        return array_map(
            static fn (string $line): array => array_map(strval(...), str_getcsv($line, escape: '')),
            explode("\r\n", rtrim($csv, "\r\n")),
        );
    }
}
