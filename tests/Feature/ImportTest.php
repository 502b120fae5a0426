<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Access\Values\Role;
use App\Club\Models\Athlete;
use App\Club\Models\Import;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Lists of athletes, in and out. */
final class ImportTest extends FeatureTestCase
{
    private const HEADS = 'Nachname;Vorname;Geburtsdatum;Mannschaft;Nr.';

    /**
     * @return iterable<string, array{string, string, string}>
     */
    public static function files(): iterable
    {
        $text = self::HEADS."\r\nWithernséa;Sána;4.5.2010;Judo;J09\r\n\"Rigg; Mayne\";Callum;26.06.1980;Läufer;\r\n";
        yield 'Latin-1, semicolons' => [mb_convert_encoding($text, 'ISO-8859-1', 'UTF-8'), 'Windows-1252', ';'];
        yield 'UTF-8 with a mark' => ["\xEF\xBB\xBF{$text}", 'UTF-8', ';'];
        yield 'UTF-16, tabs' => ["\xFF\xFE".mb_convert_encoding(strtr($text, [';' => "\t", '"Rigg; Mayne"' => 'Rigg; Mayne']), 'UTF-16LE', 'UTF-8'), 'UTF-16LE', "\t"];
        yield 'commas, old line ends' => [strtr($text, [';' => ',', "\r\n" => "\r", 'Rigg; Mayne' => 'Rigg; Mayne']), 'UTF-8', ','];
    }

    #[DataProvider('files')]
    public function test_a_list_is_read_as_spreadsheets_write_it(string $bytes, string $letters, string $between): void
    {
        $this->actingAs($this->member());
        $preview = $this->preview($bytes)->assertOk()->assertJsonPath('letters', $letters)->assertJsonPath('between', $between)
            ->assertJsonPath('dates', 'dmy')->assertJsonPath('lines.0.name', 'Sána Withernséa')
            ->assertJsonPath('lines.0.bornOn', '2010-05-04')->assertJsonPath('lines.1.squad', 'Läufer');
        self::assertSame(['new', 'new'], $preview->json('lines.*.status'));
        self::assertSame(0, Athlete::query()->count());
    }

    public function test_every_line_has_its_fate_and_the_reason(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        foreach ([['Sana Withernsea', '2010-05-04', 'J09'], ['Ines Carrowmore', '2002-01-09', 'J02']] as [$name, $born, $number]) {
            $this->postJson('/api/athletes', ['name' => $name, 'bornOn' => $born, 'squad' => 'Judo', 'number' => $number]);
        }
        $lines = $this->preview(self::HEADS."\n".implode("\n", [
            'Withernsea;Sana;04.05.2010;Judo;',       // here already
            'Withernsea;Mila;04.05.2010;Judo;',       // her twin?
            'Penhale;Oskar;01.02.1999;Judo;J02',      // the number is taken
            'Penhale;Oskar;30.02.1999;Judo;',         // no such day
            ';;01.02.1999;Judo;',                     // nobody
            'Tarbuck;Wynn;01.02.2008;;',              // no squad
            'Sollund;Edda;01.02.2005;Judo;J77',
            'Sollund;Edda;01.02.2005;Judo;',          // twice in the list
        ]))->json('lines');
        self::assertSame(
            ['same', 'clash', 'refused', 'refused', 'refused', 'refused', 'new', 'same'], array_column($lines, 'status'),
        );
        foreach ([
            'already here, unchanged', 'much like Sana Withernsea', 'Ines Carrowmore has J02', '“30.02.1999” is no day', 'name', 'squad', '', 'row 8 says the same',
        ] as $place => $why) {
            self::assertStringContainsString($why, $lines[$place]['why']);
        }
        self::assertSame([2, 9], [$lines[0]['row'], $lines[7]['row']]);
    }

    public function test_columns_dates_and_squad_are_said_by_hand(): void
    {
        $this->actingAs($this->member());
        $bytes = "who,when\nEdda Sollund,03/04/2005\n";
        self::assertSame('refused', $this->preview($bytes)->json('lines.0.status'));
        $said = ['columns' => ['name' => 0, 'born' => 1], 'squad' => 'Trampoline'];
        $this->preview($bytes, $said)->assertJsonPath('lines.0.bornOn', '2005-04-03')->assertJsonPath('lines.0.squad', 'Trampoline');
        $this->preview($bytes, [...$said, 'dates' => 'mdy'])->assertJsonPath('lines.0.bornOn', '2005-03-04');
        $this->preview(strtr($bytes, ['03/04' => '03/24']), $said)->assertJsonPath('dates', 'mdy');
        $this->preview(strtr($bytes, ['03/04/2005' => '3.4.05']), $said)->assertJsonPath('lines.0.bornOn', '2005-04-03');
    }

    public function test_a_list_comes_in_whole_and_is_taken_back_for_a_day(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        $this->postJson('/api/athletes', ['name' => 'Sana Withernsea', 'bornOn' => '2010-05-04', 'squad' => 'Judo']);
        $bytes = self::HEADS."\nWithernsea;Mila;04.05.2010;Judo;\nSollund;Edda;01.02.2005;Judo;J77\nNobody;;31.31.2000;Judo;\n";
        $this->import($bytes, ['expects' => 2])->assertStatus(422)->assertJsonPath('error.path', 'expects');
        $import = (string) $this->import($bytes, ['take' => [2], 'expects' => 2])->assertStatus(202)
            ->assertJsonPath('state', 'done')->assertJsonPath('done', 2)->json('id');
        self::assertNull(Import::query()->firstOrFail()->content);
        $this->postJson('/api/today', ['search' => 'sollu'])->assertJsonPath('total', 1);
        $this->import($bytes)->assertStatus(422)->assertJsonPath('error.reason', 'it has no athletes to add');

        $edda = Athlete::query()->where('number', 'J77')->firstOrFail();
        $this->postJson("/api/athletes/{$edda->id}/examinations", ['hurtSide' => 'left', 'daysSinceInjury' => 0, 'route' => 'clinic_core'])->assertCreated();
        $this->travel(23)->hours();
        $this->actingAs($user)->getJson('/api/imports')->assertJsonPath('0.canBeTakenBack', true);
        $this->deleteJson("/api/imports/{$import}")->assertOk()->assertJsonPath('stayed', 1);
        $this->getJson('/api/today')->assertJsonPath('total', 2);
        $this->deleteJson("/api/imports/{$import}")->assertStatus(422);

        $second = (string) $this->import(self::HEADS."\nTarbuck;Wynn;01.02.2008;Judo;\n")->json('id');
        $this->travel(25)->hours();
        $this->actingAs($user)->deleteJson("/api/imports/{$second}")->assertStatus(422);
    }

    public function test_where_one_cannot_be_stored_none_is(): void
    {
        $user = $this->member();
        $this->actingAs($user);
        config(['queue.default' => 'database']);
        $id = (string) $this->import(self::HEADS."\nSollund;Edda;01.02.2005;Judo;J77\nTarbuck;Wynn;01.02.2008;Judo;J78\n")
            ->assertJsonPath('state', 'waiting')->json('id');
        self::assertStringNotContainsString('Sollund', (string) json_encode([DB::table('imports')->get(), DB::table('jobs')->get()]));
        $this->postJson('/api/athletes', ['name' => 'Bo Own', 'bornOn' => '2001-01-01', 'squad' => 'Judo', 'number' => 'J78'])->assertCreated();
        $this->artisan('queue:work', ['--once' => true, '--quiet' => true]);
        $this->actingAs($user)->getJson("/api/imports/{$id}")->assertJsonPath('state', 'failed')->assertJsonPath('done', 0)
            ->assertJsonPath('problem', 'A number was given to another athlete meanwhile; nothing of the list was stored.');
        self::assertSame(['Bo Own'], Athlete::query()->get()->pluck('name')->all());
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function noLists(): iterable
    {
        yield 'nothing' => ['', 'content'];
        yield 'heads alone' => [self::HEADS, 'content'];
        yield 'a workbook' => ["PK\x03\x04\0\0\0", 'content'];
        yield 'too long' => [self::HEADS.str_repeat("\na;b;1.1.2001;c;", 2001), 'content'];
    }

    #[DataProvider('noLists')]
    public function test_what_is_no_list_is_refused(string $bytes, string $path): void
    {
        $this->actingAs($this->member());
        $this->preview($bytes)->assertStatus(422)->assertJsonPath('error.path', $path);
    }

    public function test_the_lists_leave_as_a_table_that_another_reader_reads(): void
    {
        $this->actingAs($this->member(role: Role::Lead));
        $this->postJson('/api/athletes', [
            'name' => '=Tove, "the wall" Brandreth', 'bornOn' => '2007-01-02', 'squad' => "Hand\nball", 'profile' => ['massKg' => 61],
        ])->assertCreated();
        $rows = (new CsvEncoder)->decode((string) $this->get('/api/athletes.csv')->assertOk()->content(), 'csv');
        self::assertSame(['\'=Tove, "the wall" Brandreth', '2007-01-02', '61'], [$rows[0]['Name'], $rows[0]['Birth date'], $rows[0]['Weight, kg']]);
    }

    public function test_an_export_comes_back_whole_and_numbers_sort_as_numbers(): void
    {
        $this->actingAs($this->member(role: Role::Lead));
        $whole = [
            'sex' => 'female', 'leadingLeg' => 'right', 'heightCm' => 171, 'massKg' => 61, 'sport' => 'Judo',
            'doctor' => 'Dr Falkner', 'guardian' => 'I. Brandreth', 'notes' => "=cautious;=1\nand -2", 'alsoIn' => 'Handball',
            'coachToldBy' => 'her mother', 'coachToldFrom' => '2026-01-02', 'coachToldUntil' => '2026-12-31',
        ];
        foreach (['10' => [], '2' => $whole, '1' => []] as $number => $profile) {
            $year = 2000 + $number;
            $this->postJson('/api/athletes', [
                'name' => "Tove Brandreth {$number}", 'bornOn' => "{$year}-01-02", 'squad' => 'Judo', 'number' => (string) $number,
                'profile' => $profile, 'isAnother' => true,
            ])->assertCreated();
        }
        $this->getJson('/api/today')->assertJsonPath('athletes.*.number', ['1', '2', '10']);
        $before = Athlete::query()->where('number', '2')->firstOrFail()->profile;
        foreach (['', '?separator=comma', '?separator=semicolon'] as $for) {
            $file = (string) $this->get("/api/athletes.csv{$for}")->assertOk()->content();
            self::assertSame($for !== '', str_starts_with($file, "\xEF\xBB\xBF"));
            self::assertDoesNotMatchRegularExpression('/(^|[;,"])=/m', $file);
            DB::table('athletes')->delete();
            $this->import($file)->assertStatus(202)->assertJsonPath('done', 3);
            self::assertEquals($before, Athlete::query()->where('number', '2')->firstOrFail()->profile);
        }
        $this->get('/api/athletes.csv?separator=tab')->assertStatus(422);
    }

    public function test_a_line_that_differs_in_its_number_says_so(): void
    {
        $this->actingAs($this->member());
        $this->preview(self::HEADS."\nSollund;Edda;01.02.2005;Judo;6\nSollund;Edda;01.02.2005;Judo;66\n")
            ->assertJsonPath('lines.1.why', 'row 2 has the same name and birth date, with number 6: only that row is taken');
    }

    /**
     * @param  array<string, mixed>  $said
     */
    private function preview(string $bytes, array $said = []): TestResponse
    {
        return $this->postJson('/api/imports/preview', ['content' => base64_encode($bytes), ...$said]);
    }

    /**
     * @param  array<string, mixed>  $said
     */
    private function import(string $bytes, array $said = []): TestResponse
    {
        return $this->postJson('/api/imports', ['content' => base64_encode($bytes), ...$said]);
    }
}
