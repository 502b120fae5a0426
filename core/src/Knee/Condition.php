<?php

declare(strict_types=1);

namespace GrayCompass\Core\Knee;

use GrayCompass\Core\Sentences\Sentence;

/** The nine injuries in the balance; none excludes another. Case order is the order of every list. */
enum Condition: string
{
    case Acl = 'acl';
    case Pcl = 'pcl';
    case Plc = 'plc';
    case Mcl = 'mcl';
    case Lcl = 'lcl';
    case MedialMeniscus = 'medial_meniscus';
    case LateralMeniscus = 'lateral_meniscus';
    case PatellofemoralPain = 'patellofemoral_pain';
    case PatellarInstability = 'patellar_instability';

    /**
     * Place in the list of conditions, from 0.
     *
     * @return int<0, max>
     */
    public function position(): int
    {
        return (int) array_search($this, self::cases(), true);
    }

    public function isCruciate(): bool
    {
        return $this === self::Acl || $this === self::Pcl;
    }

    public function isLigament(): bool
    {
        return \in_array($this, [self::Acl, self::Pcl, self::Plc, self::Mcl, self::Lcl], true);
    }

    /** Something torn or loose, not only painful. */
    public function isStructural(): bool
    {
        return $this !== self::PatellofemoralPain;
    }

    /** As practitioners say it. */
    public function label(): string
    {
        return match ($this) {
            self::Acl => 'ACL tear',
            self::Pcl => 'PCL tear',
            self::Plc => 'posterolateral corner injury',
            self::Mcl => 'MCL sprain',
            self::Lcl => 'LCL sprain',
            self::MedialMeniscus => 'medial meniscus tear',
            self::LateralMeniscus => 'lateral meniscus tear',
            self::PatellofemoralPain => 'patellofemoral pain',
            self::PatellarInstability => 'patellar instability',
        };
    }

    /** “an ACL tear”, “patellar instability”. */
    public function withArticle(): string
    {
        return match ($this) {
            self::PatellofemoralPain, self::PatellarInstability => $this->label(),
            self::Acl, self::Mcl, self::Lcl => "an {$this->label()}",
            default => "a {$this->label()}",
        };
    }

    /** The part that it hurts, as an athlete reads it, with its short name. */
    public function part(): Sentence
    {
        return new Sentence("part.{$this->value}");
    }
}
