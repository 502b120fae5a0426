<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Platform\Logging\OneLine;
use DateTimeImmutable;
use Illuminate\Database\QueryException;
use Monolog\Level;
use Monolog\LogRecord;
use PDOException;
use PHPUnit\Framework\TestCase;
use RuntimeException;
use Throwable;

/** What stands in the log: enough to find a fault, nothing about anybody. */
final class LogTest extends TestCase
{
    public function test_a_statement_that_failed_is_named_without_its_values(): void
    {
        $gone = new PDOException("Duplicate entry 'Mirre Aldous'");
        $gone->errorInfo = ['23000', 1062, "Duplicate entry 'Mirre Aldous'"];
        $said = $this->said(new QueryException('mariadb', 'insert into sessions values (?)', ['a-session-id'], $gone));
        self::assertMatchesRegularExpression(
            '/^2026-11-26T08:00:00\.000Z ERROR Illuminate.Database.QueryException database 1062 at LogTest\.php:\d+\n$/',
            $said,
        );
    }

    public function test_any_failure_is_one_line_with_its_kind_and_place_and_that_of_its_cause(): void
    {
        $said = $this->said(new RuntimeException("takes warfarin\nforged", 0, new RuntimeException('Mirre')));
        self::assertMatchesRegularExpression(
            '/^\S+ ERROR RuntimeException at LogTest\.php:\d+, from RuntimeException at LogTest\.php:\d+\n$/',
            $said,
        );
    }

    public function test_a_message_cannot_make_a_line_of_its_own(): void
    {
        $record = $this->record('ended', []);
        $forged = $this->record("ended\n2026-11-26T08:00:00.000Z INFO all is well\u{2028}x", []);
        $lines = (new OneLine)->formatBatch([$record, $forged]);
        self::assertSame(2, substr_count($lines, "\n"));
        self::assertStringNotContainsString("\u{2028}", $lines);
    }

    private function said(Throwable $failure): string
    {
        return (new OneLine)->format($this->record($failure->getMessage(), ['exception' => $failure]));
    }

    /**
     * @param  array<string, mixed>  $context
     */
    private function record(string $message, array $context): LogRecord
    {
        return new LogRecord(new DateTimeImmutable('2026-11-26T08:00:00Z'), 'app', Level::Error, $message, $context);
    }
}
