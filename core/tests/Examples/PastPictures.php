<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Examples;

/** What follows from the rules for each example with a past, written by hand; what is not named is empty. */
final class PastPictures
{
    /** The ligament is loose, nobody has looked inside: an MRI and a surgeon, and no sport. */
    private const LOOSE = [
        'act' => 'acl',
        'sendOn' => 'cruciate_loose two_weeks',
        'status' => 'out',
        'again' => '[null,14] result',
    ];

    /**
     * @return iterable<string, array{string, array<string, string>}>
     */
    public static function all(): iterable
    {
        $pictures = [
            // Nothing of the first visit is repeated: all of it stands, day 2 negatives of laxity weigh but rule nothing out.
            'visits-loose-a-week-ago' => [
                ...self::LOOSE,
                'carried' => 'lachman positive, valgus_30_laxity negative, valgus_30_pain negative, effusion positive',
            ],
            // What was guarded on day 1 never counted; the effusion of the episode stands.
            'visits-guarded-then-loose' => [...self::LOOSE, 'carried' => 'effusion positive'],
            // A firm Lachman of day 2 is dropped beside a loose one of day 12.
            'visits-firm-on-day-2-then-loose' => self::LOOSE,
            // A Lachman that was loose and is firm: both count, nothing is settled, the surgeon decides.
            'visits-loose-then-firm' => [
                'unsettled' => 'acl',
                'sendOn' => 'cruciate_loose two_weeks',
                'status' => 'out',
                'again' => '[5,10]',
                'carried' => 'lachman positive',
            ],
            // Soreness that has gone still counts beside its absence, and is looked at once more.
            'visits-soreness-gone' => [
                'status' => 'modified', 'again' => '[14,28]', 'carried' => 'joint_line_tenderness_medial positive',
            ],
            // Guarded today: the loose Lachman of six days ago stands.
            'visits-guarded-today' => [
                ...self::LOOSE,
                'unsettled' => 'acl',
                'excluded' => 'lachman hamstrings_guarded',
                'again' => '[5,10]',
                'carried' => 'lachman positive',
            ],
            // After 43 days the Lachman has expired, and the history alone leaves the ACL open.
            'visits-six-weeks-later' => ['status' => 'modified', 'again' => '[5,10]'],
            // An MCL that opened by 6 mm, 4 mm and now 1 mm: graded by today, no brace, not settled by a contradiction.
            'visits-inner-side-grows-firm' => [
                'unsettled' => 'mcl',
                'status' => 'modified',
                'again' => '[5,10]',
                'carried' => 'valgus_30_laxity positive, valgus_30_pain positive',
            ],
            // The ACL at one visit, the MCL at the next: two ligaments all the same.
            'visits-two-ligaments-over-two-visits' => [
                'act' => 'acl mcl',
                'sendOn' => 'inner_gross week, two_ligaments week, cruciate_loose two_weeks',
                'support' => 'hinged_limited',
                'status' => 'out',
                'again' => '[7,10]',
                'carried' => 'lachman positive',
            ],
            // A joint that was swollen is not weighed as one that never was.
            'visits-effusion-gone' => [
                'excluded' => 'effusion too_late',
                'status' => 'modified',
                'again' => '[5,10]',
                'carried' => 'effusion positive',
            ],
            // The MRI found it: an opinion on treatment, and no second MRI.
            'known-scan-torn' => [
                'act' => 'acl', 'sendOn' => 'known_tear two_weeks', 'status' => 'out', 'again' => '[14,28]',
            ],
            // A clean MRI of a loose knee: the surgeon with the question, and no MRI.
            'known-scan-clean-knee-loose' => [
                'sendOn' => 'cruciate_loose two_weeks', 'status' => 'out', 'again' => '[null,14] result',
            ],
            // The arthroscopy saw three structures intact, though the joint line is sore.
            'known-arthroscopy-excludes' => [
                'status' => 'modified', 'known' => 'acl excluded, medial_meniscus excluded, lateral_meniscus excluded',
            ],
            // A graft is not judged by figures; loose, it goes to the surgeon who made it, within a week.
            'known-graft-hurt-again' => [
                'sendOn' => 'cruciate_loose week', 'status' => 'out', 'again' => '[7,14]', 'known' => 'acl withheld',
            ],
            // Known to be torn since 2024, with a surgeon's word: the new twist is about everything else.
            'known-old-tear-new-twist' => [
                'excluded' => 'lachman old_tear', 'status' => 'modified', 'again' => '[7,14]', 'known' => 'acl confirmed',
            ],
        ];
        foreach ($pictures as $name => $expected) {
            yield $name => [$name, $expected];
        }
    }
}
