<?php

declare(strict_types=1);

namespace App\Clinic\Audit;

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
        [$name, $side] = [...explode(':', $part, 2), ''];
        $catalogue = $this->figures->catalogue();

        return match ($side) {
            '' => SectionName::tryFrom($name)?->label() ?? $name,
            default => ($catalogue->has($name) ? $catalogue->get($name)->card->name : $name).", {$side}",
        };
    }
}
