<?php

declare(strict_types=1);

namespace GrayCompass\Core\Tests\Fhir;

use GrayCompass\Core\Tests\Support\RandomDocuments;
use GrayCompass\Inference\Tests\Support\SeededFigures;

/** Random documents with all that a document may carry beside its findings: free texts, a past, nulls, empty lists. */
final class RandomRecords
{
    private const TEXTS = ['Landed on one leg.', '', 'torn', '2025', ' "quoted", and ö 膝 ', "two\nlines"];

    /** @return array<string, mixed> */
    public static function one(SeededFigures $figures): array
    {
        $document = RandomDocuments::one($figures);
        foreach (self::parts($figures) as $key => $part) {
            if ($figures->whole(0, 1) === 1) {
                $document[$key] = $figures->whole(0, 9) === 0 ? null : $part;
            }
        }
        foreach ($document['findings'] as &$finding) {
            $finding += self::by($finding, $figures);
            $finding += match ($figures->whole(0, 5)) {
                0 => ['note' => self::text($figures), 'fromMemory' => true],
                1 => ['override' => 'Asked for by the surgeon', 'checks' => null],
                2 => ['checks' => (object) [], 'notDone' => null, 'override' => null],
                default => [],
            };
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $finding
     * @return array{by?: array<string, mixed>|object}
     */
    private static function by(array $finding, SeededFigures $figures): array
    {
        $measured = array_values(array_filter(
            array_keys($finding),
            static fn (string $key): bool => preg_match('/(Mm|Deg|Cm)$/', $key) === 1,
        ));

        return $measured === [] ? [] : match ($figures->whole(0, 3)) {
            0 => ['by' => [$measured[0] => ['kind' => 'arthrometer', 'device' => 'Pull 1', 'spread' => 0.25, 'pulls' => [
                ['at67N' => 3.1, 'at89N' => 4.25, 'at134N' => 6.5],
                ['at67N' => 1, 'peakN' => 140, 'guarded' => true],
            ]]]],
            1 => ['by' => [$measured[0] => ['kind' => 'sensor', 'serial' => null, 'pulls' => []]]],
            2 => ['by' => (object) []],
            default => [],
        };
    }

    /** @return array<string, mixed> */
    private static function parts(SeededFigures $figures): array
    {
        $findings = RandomDocuments::one($figures)['findings'];
        $isGiven = (bool) $figures->whole(0, 1);

        return [
            'id' => "fenmoor-{$figures->whole(1, 999)}",
            'athlete' => ['Ada Fennick', '17'][$figures->whole(0, 1)],
            'examiner' => self::text($figures),
            'examinedAt' => ['2026-03-14', '2026-03-14T09:30:00Z', '2026-03-14T9 in the morning'][$figures->whole(0, 2)],
            'signedAt' => self::text($figures),
            'settingChosen' => 'Sent by the club doctor',
            'route' => 'clinic_core',
            'timeLimitMin' => 12.5,
            'otherKneeReliable' => $isGiven,
            'firstImpression' => 'acl',
            'opening' => $isGiven ? (object) [] : ['handsClean' => true, 'coachMayKnow' => null],
            'episode' => [
                'sport' => self::text($figures),
                'whatHappened' => self::text($figures),
                'bleedingRisk' => $isGiven,
                'fluidDrawn' => 'blood',
                'operated' => ['what' => 'acl', 'weeksAgo' => $figures->whole(0, 99)],
                'surgeonSaid' => ['on' => '2026-01-05', 'cleared' => $isGiven, 'plan' => self::text($figures)],
            ],
            'schools' => ['laxity' => 'five_millimetre', 'evidence' => 'first_reports'],
            'history' => [
                'pop' => $isGiven,
                'mechanism' => $isGiven ? [] : ['valgus_blow', 'hyperextension'],
                'painNow' => $figures->whole(0, 10),
                'painSite' => $isGiven ? ['inner', 'back'] : 'over the shin bone',
            ],
            'earlierFinding' => [['what' => 'Lachman firm', 'by' => 'R. Marl', 'on' => 'last spring'], ['what' => 'effusion']],
            'baseline' => ['on' => '2025-08-01', 'findings' => $isGiven ? [] : $findings],
            'pulseChecks' => [
                ['at' => '2026-03-14T09:30Z', 'felt' => true, 'by' => 'R. Marl'],
                ['at' => '2026-03-14T09:45:00+01:00', 'felt' => $isGiven],
            ],
            'earlier' => $isGiven ? [] : [[
                'examinedOn' => '2026-03-01', 'daysAgo' => 13, 'findings' => $findings, 'id' => 'before',
                'frame' => ['setting' => 'acute_trauma', 'hoursSinceInjury' => 1.5, 'safety' => ['deformity' => false]],
            ]],
            'known' => [[
                'by' => 'mri', 'on' => '2026-03-10', 'daysAgo' => 4, 'episode' => 'this', 'results' => ['acl' => 'present', 'mcl' => 'absent'],
                'grade' => self::text($figures), 'treated' => 'none', 'report' => self::text($figures),
            ]],
        ];
    }

    private static function text(SeededFigures $figures): string
    {
        return self::TEXTS[$figures->whole(0, \count(self::TEXTS) - 1)];
    }
}
