<?php

declare(strict_types=1);

namespace App\Platform\Logging;

use Illuminate\Database\QueryException;
use Monolog\Formatter\FormatterInterface;
use Monolog\LogRecord;
use Throwable;

/**
 * One line for each record: when, how bad, and for a failure which kind and where. What a failure says in its own
 * words is left out, since statements, paths and payloads with people's data travel in it.
 */
final class OneLine implements FormatterInterface
{
    public function format(LogRecord $record): string
    {
        $failure = $record->context['exception'] ?? null;

        return "{$record->datetime->format('Y-m-d\TH:i:s.v\Z')} {$record->level->getName()} "
            .($failure instanceof Throwable ? self::failure($failure) : self::onOneLine($record->message))."\n";
    }

    /**
     * @param  array<LogRecord>  $records
     */
    public function formatBatch(array $records): string
    {
        return implode('', array_map($this->format(...), $records));
    }

    private static function failure(Throwable $failure): string
    {
        $number = $failure instanceof QueryException ? $failure->errorInfo[1] ?? $failure->getCode() : '';
        $code = is_scalar($number) && $number !== '' ? " database {$number}" : '';
        $from = $failure->getPrevious();

        return $failure::class.$code.' at '.basename($failure->getFile()).':'.$failure->getLine()
            .($from === null || $failure instanceof QueryException ? '' : ', from '.self::failure($from));
    }

    /** A line feed in what is logged would look like a record of its own. */
    private static function onOneLine(string $message): string
    {
        return trim((string) preg_replace('/[\p{C}\s]+/u', ' ', $message));
    }
}
