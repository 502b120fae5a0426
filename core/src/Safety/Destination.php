<?php

declare(strict_types=1);

namespace GrayCompass\Core\Safety;

use GrayCompass\Core\Sentences\Sentence;

/** To whom, or for what picture, someone is referred. */
enum Destination: string
{
    case Emergency = 'emergency';
    case HospitalDoctor = 'doctor.hospital';
    case Doctor = 'doctor';
    case XrayAndDoctor = 'doctor.xray_first';
    case DoctorWithXray = 'doctor.xray';
    case HipXray = 'doctor.hip_xray';
    case CtOrMri = 'doctor.ct_or_mri';
    case ShinImaging = 'doctor.shin_imaging';
    case OtherImaging = 'doctor.imaging';
    case Xray = 'imaging.xray';
    case Mri = 'imaging.mri';
    case KneeSurgeon = 'surgeon.knee';
    case KneeSurgeonWithMri = 'surgeon.knee.mri';
    case KneecapSurgeon = 'surgeon.kneecap';
    /** The surgeon who operated on this knee. */
    case OperatingSurgeon = 'surgeon.operator';

    /**
     * The places that one who is sent there comes to.
     *
     * @return list<Place>
     */
    public function places(): array
    {
        return match ($this) {
            self::Emergency => [Place::Emergency],
            self::HospitalDoctor => [Place::HospitalDoctor],
            self::Doctor => [Place::Doctor],
            self::XrayAndDoctor, self::DoctorWithXray => [Place::Xray, Place::Doctor],
            self::HipXray, self::CtOrMri, self::ShinImaging, self::OtherImaging => [Place::OtherImaging, Place::Doctor],
            self::Xray => [Place::Xray],
            self::Mri => [Place::Scan],
            self::KneeSurgeon, self::KneecapSurgeon, self::OperatingSurgeon => [Place::Surgeon],
            self::KneeSurgeonWithMri => [Place::Surgeon, Place::Scan],
        };
    }

    /** What leads to this place and nothing else; null where nothing does. */
    public static function alone(Place $place): ?self
    {
        return match ($place) {
            Place::Scan => self::Mri,
            Place::Doctor => self::Doctor,
            Place::Xray => self::Xray,
            default => null,
        };
    }

    /** As it stands after “to”: “the emergency department”. */
    public function name(): Sentence
    {
        return new Sentence("to.{$this->value}");
    }
}
