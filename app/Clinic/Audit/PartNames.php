<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

use App\Clinic\Values\Part;
use App\Clinic\Values\SectionName;
use App\Trust\Audit\NamesParts;
use GrayCompass\Core\Figures;

/** Of sections and manoeuvres, as the catalogue has them. */
final readonly class PartNames implements NamesParts
{
    public function __construct(private Figures $figures)
    {
    }

    public function name(string $part): string
    {
        $read = Part::fromKey($part);
        $catalogue = $this->figures->catalogue();

        return match (true) {
            ! $read->isRecord() => SectionName::tryFrom($read->name)?->label() ?? $read->name,
            $catalogue->has($read->name) => "{$catalogue->get($read->name)->card->name}, {$read->side}",
            default => "{$read->name}, {$read->side}",
        };
    }
}
