<?php

declare(strict_types=1);

namespace App\Clinic\Examinations;

use App\Clinic\Values\Part;
use App\Clinic\Values\SectionName;
use GrayCompass\Document\Given;
use stdClass;

/** A document that came in, taken apart into what is stored: the way back from {@see Document}. */
final readonly class DocumentParts
{
    /** What the record of the knee says by itself once its visits are in it. */
    private const PAST = ['earlier', 'known', 'baseline'];

    /**
     * @param  array<string, stdClass>  $sections  payloads by name
     * @param  list<array{part: Part, payload: stdClass, beforeGate: bool}>  $records  in their order
     * @param  list<string>  $left  keys of the document that are not taken over
     */
    private function __construct(public array $sections, public array $records, public array $left)
    {
    }

    /** @param  stdClass  $document  accepted by the core */
    public static function of(stdClass $document): self
    {
        $frame = new stdClass;
        $sections = [];
        foreach (get_object_vars($document) as $key => $value) {
            $name = SectionName::tryFrom($key);
            if (\in_array($key, SectionName::FRAME, true)) {
                $frame->{$key} = $value;
            } elseif ($name !== null && $name !== SectionName::Frame) {
                $sections[$name->value] = $name->isList() ? (object) ['entries' => $value] : (object) $value;
            }
        }

        return new self(
            $sections + [SectionName::Frame->value => $frame],
            array_map(self::record(...), self::findings($document)),
            array_values(array_intersect(self::PAST, array_keys(get_object_vars($document)))),
        );
    }

    /** @return list<stdClass> */
    private static function findings(stdClass $document): array
    {
        $findings = $document->findings ?? [];

        return array_values(array_filter(
            \is_array($findings) ? $findings : [], static fn (mixed $one): bool => $one instanceof stdClass,
        ));
    }

    /** @return array{part: Part, payload: stdClass, beforeGate: bool} */
    private static function record(stdClass $finding): array
    {
        $beforeGate = ($finding->override ?? null) === Document::BEFORE_GATE;
        $given = Given::in($finding);
        $payload = clone $finding;
        unset($payload->manoeuvre, $payload->side);
        if ($beforeGate) {
            unset($payload->override);
        }

        return [
            'part' => Part::record($given->text('manoeuvre'), $given->text('side')),
            'payload' => $payload,
            'beforeGate' => $beforeGate,
        ];
    }
}
