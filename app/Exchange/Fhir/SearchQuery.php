<?php

declare(strict_types=1);

namespace App\Exchange\Fhir;

use Carbon\CarbonImmutable;
use GrayCompass\Document\Refusal;
use Illuminate\Http\Request;
use Throwable;

/**
 * What a FHIR search asks for, read from its address, or from its body where a name is to stand in no address: a
 * parameter may stand there twice.
 */
final readonly class SearchQuery
{
    public const USUAL_COUNT = 50;

    public const MOST_COUNT = 200;

    /** Parameters about the form of the answer, which is JSON always. */
    private const OF_FORM = ['_format', '_pretty'];

    private const OF_PAGES = ['_count', '_offset'];

    private const PREFIXED = '/^(eq|ge|le|gt|lt)?(\d{4}-\d{2}-\d{2}(?:T[0-9:.]+(?:Z|[+-]\d{2}:\d{2}))?)$/D';

    /**
     * @param  array<string, list<string>>  $values  by parameter
     */
    private function __construct(private array $values)
    {
    }

    /**
     * @param  list<string>  $known  the parameters of this search
     *
     * @throws Refusal naming a parameter that it does not know
     */
    public static function of(Request $request, array $known): self
    {
        $values = [];
        foreach (array_filter(explode('&', self::asked($request))) as $pair) {
            [$name, $value] = [...array_map(urldecode(...), explode('=', $pair, 2)), ''];
            if (! \in_array($name, [...$known, ...self::OF_PAGES, ...self::OF_FORM], true)) {
                throw Refusal::at($name, __('exchange.search.unknown'));
            }
            $values[$name][] = $value;
        }
        $values = array_diff_key($values, array_flip(self::OF_FORM));

        return new self($values);
    }

    private static function asked(Request $request): string
    {
        return $request->isMethod('POST') ? $request->getContent() : $request->server->getString('QUERY_STRING');
    }

    public function text(string $name): ?string
    {
        return $this->values[$name][0] ?? null;
    }

    /** What stands behind the bar of a token such as `urn:gray-compass:athlete|01M8…`. */
    public function token(string $name): ?string
    {
        $text = $this->text($name);

        return $text === null ? null : substr((string) strrchr("|{$text}", '|'), 1);
    }

    /** @return int<1, 200> */
    public function count(): int
    {
        return \max(1, \min(self::MOST_COUNT, $this->whole('_count', self::USUAL_COUNT)));
    }

    /** @return int<0, max> */
    public function offset(): int
    {
        return \max(0, $this->whole('_offset', 0));
    }

    /**
     * Whether a moment lies where a parameter says.
     *
     * @throws Refusal naming the parameter
     */
    public function holds(string $name, CarbonImmutable $moment): bool
    {
        foreach ($this->values[$name] ?? [] as $value) {
            [$prefix, $from, $until] = self::span($name, $value);
            $fits = match ($prefix) {
                'ge' => $moment >= $from,
                'gt' => $moment > $until,
                'le' => $moment <= $until,
                'lt' => $moment < $from,
                default => $moment >= $from && $moment <= $until,
            };
            if (! $fits) {
                return false;
            }
        }

        return true;
    }

    /** The address of the next page. */
    public function next(string $path): string
    {
        $pairs = [];
        foreach (['_offset' => [(string) ($this->offset() + $this->count())]] + $this->values as $name => $values) {
            foreach ($values as $value) {
                $pairs[] = rawurlencode($name).'='.rawurlencode($value);
            }
        }

        return "{$path}?".implode('&', $pairs);
    }

    private function whole(string $name, int $otherwise): int
    {
        $text = $this->text($name);
        if ($text !== null && preg_match('/^\d{1,9}$/D', $text) !== 1) {
            throw Refusal::at($name, __('exchange.search.whole'));
        }

        return $text === null ? $otherwise : (int) $text;
    }

    /**
     * @return array{string, CarbonImmutable, CarbonImmutable} prefix, and the moments that the value lasts from and to
     */
    private static function span(string $name, string $value): array
    {
        try {
            if (preg_match(self::PREFIXED, $value, $found) === 1) {
                $from = CarbonImmutable::parse($found[2], 'UTC');

                return [$found[1], $from, str_contains($found[2], 'T') ? $from : $from->endOfDay()];
            }
        } catch (Throwable) {
            // No such day; told below.
        }
        throw Refusal::at($name, __('exchange.search.date'));
    }
}
