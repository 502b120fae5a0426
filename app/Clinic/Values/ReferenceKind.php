<?php

declare(strict_types=1);

namespace App\Clinic\Values;

use GrayCompass\Core\Knee\Condition;

/** How one came to know what a knee has. Case order is the order of every list. */
enum ReferenceKind: string
{
    case Mri = 'mri';
    case Arthroscopy = 'arthroscopy';
    case Operation = 'operation';
    case Ultrasound = 'ultrasound';
    case XRay = 'xray';

    /** What the weeks showed. */
    case ClinicalCourse = 'clinical_course';

    public function label(): string
    {
        return match ($this) {
            self::Mri => __('clinic.referenceKind.mri'),
            self::Arthroscopy => __('clinic.referenceKind.arthroscopy'),
            self::Operation => __('clinic.referenceKind.operation'),
            self::Ultrasound => __('clinic.referenceKind.ultrasound'),
            self::XRay => 'X-ray',
            self::ClinicalCourse => __('clinic.referenceKind.course_of_weeks'),
        };
    }

    /** Whether such a look can say anything of it: no picture shows a pain. */
    public function canTell(Condition $condition): bool
    {
        return $this === self::ClinicalCourse || $condition->isStructural();
    }

    /** What looks inside the joint can also treat what it finds there. */
    public function treats(): bool
    {
        return $this === self::Arthroscopy || $this === self::Operation;
    }

    /**
     * Of two that differ the stronger one stands: a look inside the joint, then the MRI, then everything else.
     *
     * @return int<1, 3>
     */
    public function strength(): int
    {
        return match ($this) {
            self::Arthroscopy, self::Operation => 3,
            self::Mri => 2,
            default => 1,
        };
    }
}
