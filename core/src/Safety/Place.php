<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

/** Where someone is sent; what a referral says in words names one or more of these. */
enum Place: string
{
    case Emergency = 'emergency';
    case HospitalDoctor = 'hospital_doctor';
    case Doctor = 'doctor';
    case Xray = 'xray';
    case Scan = 'scan';
    case Surgeon = 'surgeon';
    /** Of something else than the knee's ligaments and menisci: hip, shin, a lump, a break that an X-ray hid. */
    case OtherImaging = 'other_imaging';

    /**
     * Whom one who goes there meets as well.
     *
     * @return list<self>
     */
    public function reaches(): array
    {
        return match ($this) {
            self::Emergency => self::cases(),
            self::HospitalDoctor => [self::HospitalDoctor, self::Doctor],
            default => [$this],
        };
    }
}
