<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Clinic\Models\Examination;
use App\Platform\Database\KeptConnector;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;

/** How the application and its database speak: said once, when a connection is made, and the same for every request. */
final class ConnectionTest extends FeatureTestCase
{
    public function test_a_connection_knows_letters_zone_and_strictness_from_its_first_question(): void
    {
        $fresh = (new KeptConnector)->connect((array) config('database.connections.beside'));
        $spoken = $fresh->query('select @@character_set_client, @@collation_connection, @@session.time_zone, @@sql_mode')
            ->fetch(PDO::FETCH_NUM);
        self::assertSame(['utf8mb4', 'utf8mb4_unicode_ci', '+00:00'], \array_slice($spoken, 0, 3));
        foreach (['STRICT_TRANS_TABLES', 'ONLY_FULL_GROUP_BY', 'NO_ZERO_DATE', 'ERROR_FOR_DIVISION_BY_ZERO'] as $mode) {
            self::assertStringContainsString($mode, $spoken[3]);
        }
    }

    public function test_records_outlive_the_seconds_that_a_database_can_count(): void
    {
        $counted = DB::table('information_schema.columns')->whereRaw('table_schema = database()')
            ->where('data_type', 'timestamp')->get(['table_name', 'column_name']);
        self::assertSame([], $counted->all(), 'a time is kept as datetime, see the migration beyond 2038');
        $this->travelTo('2041-03-02 09:00:00');
        $examination = Examination::query()->findOrFail($this->examinationBy($this->member()));
        self::assertSame('2041-03-02 09:00', $examination->examined_at->format('Y-m-d H:i'));
    }

    public function test_one_call_is_one_statement(): void
    {
        $fresh = (new KeptConnector)->connect((array) config('database.connections.beside'));
        $this->expectException(PDOException::class);
        $fresh->query('select 1; select 2');
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function words(): iterable
    {
        yield 'a quote' => ["O'Hara\" or '1'='1"];
        yield 'backslashes' => ['\\\' or 1=1 -- \\'];
        yield 'a question mark and a name' => ['is it? :name ?'];
        yield 'signs beyond the first plane' => ['🦵 Østerbrook ﬁ'];
        yield 'nothing' => [''];
        yield 'control signs' => ["a\0b\x1a\r\n\t"];
    }

    #[DataProvider('words')]
    public function test_what_is_sent_comes_back_letter_by_letter(string $words): void
    {
        self::assertSame($words, DB::selectOne('select ? as said', [$words])->said);
        self::assertSame(1, DB::selectOne('select ? = binary ? as same', [$words, $words])->same);
    }

    public function test_numbers_stay_numbers_and_fingerprints_keep_their_bytes(): void
    {
        $bytes = "\xff\xfe\x00'\\\x80\x01\x1a";
        $row = DB::selectOne('select 7 as whole, 0.5e0 as part, null as nothing, hex(?) as bytes', [$bytes]);
        self::assertSame([7, 0.5, null], [$row->whole, $row->part, $row->nothing]);
        self::assertSame(strtoupper(bin2hex($bytes)), $row->bytes);
    }
}
