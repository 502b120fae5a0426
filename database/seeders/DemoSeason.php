<?php

declare(strict_types=1);

namespace Database\Seeders;

/**
 * What lay behind the club when the demo begins: knees that were hurt, looked at again and again, scanned, and came back.
 * Days count back from the day on which the demo is started, so that what is due is due then.
 *
 * @phpstan-type Look array{ago: int, mm?: int, feel?: string, medial?: int, fluid?: string, bend?: int, short?: int, pain?: int, line?: bool, otherHurt?: bool}
 * @phpstan-type Past array{of: string, side: string, injured: int|null, looks: list<Look>, came?: array{string, int, array<string, string>, string}, operated?: int, baseline?: bool}
 */
final class DemoSeason
{
    /** Those of the squads who stand in no other list of the demo. */
    public const ATHLETES = [
        ['Hanne Østerbrook', 'H02', 'Handball', 23],
        ['Pia Valtersen', 'H04', 'Handball', 20],
        ['Dag Umberline', 'H09', 'Handball', 25],
        ['Rosa Quillfeather', 'H14', 'Handball', 17],
        ['Ebba Marchmont-Lie', 'H17', 'Handball', 28],
        ['Nils Farrowdale', 'H19', 'Handball', 30],
        ['Ayo Brackwater', 'J11', 'Judo', 19],
        ['Lena Tideswell', 'J14', 'Judo', 22],
        ['Marek Holloway-Sand', 'J17', 'Judo', 26],
        ['Suvi Peverell', 'J21', 'Judo', 33],
        ['Noor Ashgrove', 'T05', 'Trampoline', 14],
        ['Kaia Linnell', 'T09', 'Trampoline', 17],
        ['Bo Starling-Roe', 'T11', 'Trampoline', 16],
        ['Freya Undercliff', 'T13', 'Trampoline', 20],
        ['Gethin Moorcroft', 'F02', 'Fell running', 38],
        ['Una Blackstone', 'F04', 'Fell running', 51],
        ['Iver Cairnduff', 'F08', 'Fell running', 42],
        ['Maud Sheepwash', 'F09', 'Fell running', 27],
    ];

    /**
     * @return list<Past>
     */
    public static function all(): array
    {
        $acl = static fn (int $injured, int $first = 3): array => [
            ['ago' => $injured - $first, 'mm' => 7, 'feel' => 'soft', 'fluid' => 'refills', 'bend' => 95, 'short' => 8, 'pain' => 6],
            ['ago' => $injured - $first - 9, 'mm' => 8, 'feel' => 'soft', 'fluid' => 'bulge', 'bend' => 115, 'short' => 5, 'pain' => 4],
        ];

        return [
            // Before the season, while both knees were sound.
            ...array_map(static fn (string $of): array => [
                'of' => $of, 'side' => 'left', 'injured' => null, 'baseline' => true, 'looks' => [['ago' => 310]],
            ], ['H02', 'H09', 'H14', 'J14', 'T13']),
            // A torn ligament over a season: twelve looks, from the injury through the operation to the return.
            [
                'of' => 'H02', 'side' => 'left', 'injured' => 300, 'operated' => 235, 'looks' => [
                    ...$acl(300),
                    ['ago' => 270, 'mm' => 8, 'feel' => 'soft', 'fluid' => 'trace', 'bend' => 130, 'short' => 0, 'pain' => 2],
                    ['ago' => 250, 'mm' => 7, 'feel' => 'soft', 'fluid' => 'none', 'bend' => 138, 'short' => 0, 'pain' => 1],
                    ['ago' => 214, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'bulge', 'bend' => 90, 'short' => 10, 'pain' => 5],
                    ['ago' => 198, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'bulge', 'bend' => 105, 'short' => 6, 'pain' => 4],
                    ['ago' => 177, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'trace', 'bend' => 118, 'short' => 4, 'pain' => 3],
                    ['ago' => 149, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'trace', 'bend' => 128, 'short' => 2, 'pain' => 2],
                    ['ago' => 120, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'none', 'bend' => 135, 'short' => 0, 'pain' => 1],
                    ['ago' => 85, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'none', 'bend' => 140, 'short' => 0, 'pain' => 1],
                    ['ago' => 44, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'none', 'bend' => 142, 'short' => 0, 'pain' => 0],
                    ['ago' => 12, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'none', 'bend' => 143, 'short' => 0, 'pain' => 0],
                ],
                'came' => ['mri', 284, ['acl' => 'present', 'medial_meniscus' => 'absent', 'mcl' => 'absent'], 'complete tear at the thigh bone'],
            ],
            ['of' => 'J11', 'side' => 'right', 'injured' => 60, 'looks' => $acl(60), 'came' => ['mri', 40, ['acl' => 'present', 'lateral_meniscus' => 'present'], '']],
            ['of' => 'F08', 'side' => 'left', 'injured' => 41, 'looks' => $acl(41, 5), 'came' => ['arthroscopy', 10, ['acl' => 'present', 'medial_meniscus' => 'present'], 'bucket handle, sutured']],
            ['of' => 'T13', 'side' => 'right', 'injured' => 12, 'looks' => [['ago' => 9, 'mm' => 6, 'feel' => 'soft', 'fluid' => 'refills', 'bend' => 100, 'pain' => 5]]],
            // Inner ligaments: they grow firm again by themselves.
            [
                'of' => 'H09', 'side' => 'right', 'injured' => 75, 'looks' => [
                    ['ago' => 73, 'medial' => 7, 'fluid' => 'trace', 'bend' => 105, 'pain' => 6],
                    ['ago' => 63, 'medial' => 6, 'fluid' => 'trace', 'bend' => 118, 'pain' => 4],
                    ['ago' => 49, 'medial' => 4, 'fluid' => 'none', 'bend' => 132, 'pain' => 2],
                    ['ago' => 28, 'medial' => 2, 'fluid' => 'none', 'bend' => 140, 'pain' => 0],
                ],
                'came' => ['clinical_course', 28, ['mcl' => 'present', 'acl' => 'absent'], 'firm again after seven weeks'],
            ],
            [
                'of' => 'J14', 'side' => 'left', 'injured' => 33, 'looks' => [
                    ['ago' => 31, 'medial' => 6, 'fluid' => 'trace', 'bend' => 110, 'pain' => 5],
                    ['ago' => 20, 'medial' => 4, 'fluid' => 'none', 'bend' => 128, 'pain' => 3],
                    ['ago' => 7, 'medial' => 2, 'fluid' => 'none', 'bend' => 138, 'pain' => 1, 'otherHurt' => true],
                ],
            ],
            ['of' => 'H14', 'side' => 'left', 'injured' => 20, 'looks' => [['ago' => 18, 'medial' => 5, 'fluid' => 'trace', 'bend' => 112, 'pain' => 5], ['ago' => 7, 'medial' => 4, 'fluid' => 'none', 'bend' => 130, 'pain' => 2]]],
            ['of' => 'T09', 'side' => 'right', 'injured' => 16, 'looks' => [['ago' => 14, 'medial' => 6, 'fluid' => 'bulge', 'bend' => 108, 'pain' => 6]]],
            // Menisci, and knees that came on by themselves.
            [
                'of' => 'F02', 'side' => 'right', 'injured' => 90, 'looks' => [
                    ['ago' => 84, 'line' => true, 'fluid' => 'bulge', 'bend' => 110, 'pain' => 5],
                    ['ago' => 63, 'line' => true, 'fluid' => 'trace', 'bend' => 125, 'pain' => 4],
                    ['ago' => 30, 'line' => true, 'fluid' => 'trace', 'bend' => 130, 'pain' => 3],
                ],
                'came' => ['mri', 51, ['medial_meniscus' => 'present', 'acl' => 'absent'], 'degenerate tear of the back horn'],
            ],
            ['of' => 'F04', 'side' => 'left', 'injured' => null, 'looks' => [['ago' => 52, 'line' => true, 'fluid' => 'trace', 'bend' => 125, 'pain' => 4], ['ago' => 24, 'line' => true, 'fluid' => 'none', 'bend' => 130, 'pain' => 3]], 'came' => ['xray', 45, ['patellar_instability' => 'absent'], 'narrow inner joint line']],
            ['of' => 'J17', 'side' => 'right', 'injured' => 26, 'looks' => [['ago' => 21, 'line' => true, 'fluid' => 'bulge', 'bend' => 115, 'pain' => 5], ['ago' => 8, 'line' => true, 'fluid' => 'trace', 'bend' => 126, 'pain' => 3]], 'came' => ['mri', 2, ['medial_meniscus' => 'absent', 'acl' => 'absent', 'mcl' => 'absent'], 'bruise of the bone alone']],
            ['of' => 'F09', 'side' => 'left', 'injured' => null, 'looks' => [['ago' => 35, 'fluid' => 'none', 'bend' => 138, 'pain' => 4], ['ago' => 14, 'fluid' => 'none', 'bend' => 140, 'pain' => 2]]],
            ['of' => 'T05', 'side' => 'left', 'injured' => null, 'looks' => [['ago' => 10, 'fluid' => 'none', 'bend' => 140, 'pain' => 3]]],
            // Sprains that passed.
            ['of' => 'H04', 'side' => 'left', 'injured' => 120, 'looks' => [['ago' => 118, 'fluid' => 'trace', 'bend' => 120, 'pain' => 4], ['ago' => 108, 'fluid' => 'none', 'bend' => 138, 'pain' => 1]]],
            ['of' => 'H17', 'side' => 'right', 'injured' => 52, 'looks' => [['ago' => 50, 'medial' => 4, 'fluid' => 'trace', 'bend' => 118, 'pain' => 4], ['ago' => 38, 'medial' => 2, 'fluid' => 'none', 'bend' => 136, 'pain' => 1]]],
            // An old tear that was never operated on, and a new twist of the same knee.
            ['of' => 'H19', 'side' => 'left', 'injured' => 912, 'looks' => $acl(912, 4), 'came' => ['mri', 893, ['acl' => 'present', 'medial_meniscus' => 'absent'], 'complete tear, treated without an operation']],
            ['of' => 'H19', 'side' => 'left', 'injured' => 29, 'looks' => [['ago' => 28, 'mm' => 7, 'feel' => 'soft', 'fluid' => 'trace', 'bend' => 122, 'pain' => 4], ['ago' => 21, 'mm' => 7, 'feel' => 'soft', 'fluid' => 'none', 'bend' => 136, 'pain' => 1]]],
            // A graft that is hurt again.
            [
                'of' => 'H04', 'side' => 'right', 'injured' => 474, 'operated' => 431, 'looks' => [
                    ...$acl(474, 4),
                    ['ago' => 402, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'bulge', 'bend' => 105, 'short' => 6, 'pain' => 4],
                    ['ago' => 331, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'none', 'bend' => 135, 'short' => 0, 'pain' => 1],
                    ['ago' => 152, 'mm' => 1, 'feel' => 'firm', 'fluid' => 'none', 'bend' => 142, 'short' => 0, 'pain' => 0],
                ],
                'came' => ['mri', 458, ['acl' => 'present', 'lateral_meniscus' => 'absent'], ''],
            ],
            ['of' => 'H04', 'side' => 'right', 'injured' => 6, 'looks' => [['ago' => 5, 'mm' => 6, 'feel' => 'soft', 'fluid' => 'bulge', 'bend' => 104, 'pain' => 5]]],
            // Hands and scan do not agree.
            ['of' => 'J21', 'side' => 'left', 'injured' => 15, 'looks' => [['ago' => 13, 'mm' => 7, 'feel' => 'soft', 'fluid' => 'refills', 'bend' => 100, 'pain' => 6], ['ago' => 4, 'mm' => 8, 'feel' => 'soft', 'fluid' => 'bulge', 'bend' => 122, 'pain' => 3]], 'came' => ['mri', 8, ['acl' => 'absent', 'medial_meniscus' => 'absent'], 'ligament continuous, bruise of the outer condyle']],
            ['of' => 'J21', 'side' => 'right', 'injured' => 140, 'looks' => [['ago' => 139, 'fluid' => 'trace', 'bend' => 124, 'pain' => 3], ['ago' => 130, 'fluid' => 'none', 'bend' => 138, 'pain' => 0]]],
            ['of' => 'T11', 'side' => 'left', 'injured' => 18, 'looks' => [['ago' => 17, 'fluid' => 'trace', 'bend' => 120, 'pain' => 5], ['ago' => 9, 'fluid' => 'none', 'bend' => 134, 'pain' => 2]]],
            // A second episode of a known athlete.
            ['of' => 'J09', 'side' => 'left', 'injured' => 210, 'looks' => [['ago' => 208, 'medial' => 4, 'fluid' => 'trace', 'bend' => 115, 'pain' => 4], ['ago' => 190, 'medial' => 2, 'fluid' => 'none', 'bend' => 138, 'pain' => 1]]],
            ['of' => 'H23', 'side' => 'right', 'injured' => 160, 'looks' => [['ago' => 158, 'fluid' => 'bulge', 'line' => true, 'bend' => 112, 'pain' => 5], ['ago' => 140, 'fluid' => 'trace', 'line' => true, 'bend' => 128, 'pain' => 3], ['ago' => 112, 'fluid' => 'none', 'bend' => 140, 'pain' => 1]], 'came' => ['mri', 147, ['medial_meniscus' => 'present'], 'small tear, left alone']],
            ['of' => 'H11', 'side' => 'right', 'injured' => 8, 'looks' => [['ago' => 7, 'medial' => 5, 'fluid' => 'trace', 'bend' => 110, 'pain' => 5]]],
        ];
    }

    /**
     * @param  Look  $look
     * @return list<array{string, string, array<string, mixed>}> manoeuvre, side, what was found
     */
    public static function records(array $look, string $hurt): array
    {
        $other = $hurt === 'left' ? 'right' : 'left';
        $held = ['footStayedDown' => true, 'thighStable' => true, 'hamstringsRelaxed' => true];
        $found = [
            ['effusion_sweep', $other, ['grade' => 'none']],
            ['effusion_sweep', $hurt, ['grade' => $look['fluid'] ?? 'none']],
            ['passive_extension', $other, ['extensionDeg' => 2]],
            ['passive_extension', $hurt, ['extensionDeg' => 2 - ($look['short'] ?? 0)]],
            ['flexion_range', $other, ['flexionDeg' => 143]],
            ['flexion_range', $hurt, ['flexionDeg' => $look['bend'] ?? 143]],
            ['posterior_sag', $other, ['normal' => true]],
            ['posterior_sag', $hurt, ['sagSeen' => false]],
            ['lachman', $other, ['translationMm' => 3, 'endFeel' => 'firm', 'checks' => $held]],
            ['lachman', $hurt, ['translationMm' => 3 + ($look['mm'] ?? 0), 'endFeel' => $look['feel'] ?? 'firm', 'checks' => $held]],
            ['valgus_30', $other, ['openingMm' => 3, 'endFeel' => 'firm']],
            ['valgus_30', $hurt, ['openingMm' => 3 + ($look['medial'] ?? 0), 'endFeel' => ($look['medial'] ?? 0) > 2 ? 'soft' : 'firm']],
            ['varus_30', $other, ['openingMm' => 3, 'endFeel' => 'firm']],
            ['varus_30', $hurt, ['openingMm' => 3, 'endFeel' => 'firm']],
        ];
        if ($look['line'] ?? false) {
            array_push(
                $found,
                ['joint_line_palpation', $other, ['points' => []]],
                ['joint_line_palpation', $hurt, ['points' => ['medial_back'], 'pinpoint' => true, 'familiar' => true]],
                ['thessaly_20', $hurt, ['pain' => 4, 'site' => 'medial']],
            );
        }

        return $found;
    }
}
