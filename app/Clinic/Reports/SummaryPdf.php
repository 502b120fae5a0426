<?php

declare(strict_types=1);

namespace App\Clinic\Reports;

use App\Access\Teams\TeamDays;
use App\Clinic\Models\Examination;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Condition;
use Illuminate\Contracts\View\View;

/** The summary of one examination: on one sheet of A4 in two columns where it fits, on several in one where not. */
final class SummaryPdf
{
    public function __construct(private readonly Figures $data)
    {
    }

    /**
     * @param  array<string, mixed>  $assessment
     * @return string the PDF
     */
    public function render(Examination $examination, array $assessment): string
    {
        $words = new SummaryWords($this->data->catalogue(), $this->data->signs(), $this->data->schools());
        $frame = self::frame($examination);
        /** @var list<array{id: string, zone: string, posttest: float, unsettled: bool}> $verdicts */
        $verdicts = $assessment['conditions'];

        $shown = [
            'examination' => $examination,
            'days' => TeamDays::ofTeam($examination->team_id),
            'athlete' => $examination->episode->athlete,
            'frame' => $frame,
            'drawing' => KneeDrawing::of(($frame['hurtSide'] ?? '') === 'right' ? 'right' : 'left'),
            'zones' => array_column($verdicts, 'zone', 'id'),
            'figures' => array_map($words->onDrawing(...), array_column($verdicts, null, 'id')),
            'assessment' => $assessment,
            'words' => $words,
            'marked' => self::marked($examination, $words),
            'conditions' => array_combine(
                array_column(Condition::cases(), 'value'),
                array_map(static fn (Condition $condition): string => $condition->label(), Condition::cases()),
            ),
        ];

        return Paper::of(
            view('summary', [...$shown, 'isLong' => false]),
            static fn (): View => view('summary', [...$shown, 'isLong' => true]),
        );
    }

    /**
     * @return array<array-key, mixed>
     */
    private static function frame(Examination $examination): array
    {
        $frame = (array) ($examination->sections->firstWhere('name', 'frame')->payload ?? []);
        $frame['schools'] = (array) ($frame['schools'] ?? []);

        return $frame;
    }

    /**
     * What was taken against the gate or before it, and what was entered afterwards, stays marked.
     *
     * @return list<string>
     */
    private static function marked(Examination $examination, SummaryWords $words): array
    {
        $lines = [];
        foreach ($examination->records as $record) {
            $payload = (array) $record->payload;
            $name = $words->manoeuvre($record->manoeuvre);
            $lines = [...$lines, ...match (true) {
                $record->before_gate => [__('papers.summary.before_safety_check', ['manoeuvre' => $name])],
                is_string($payload['override'] ?? null) => [__('papers.summary.despite_safety_check', [
                    'manoeuvre' => $name, 'reason' => $payload['override'],
                ])],
                default => [],
            }];
            if (($payload['fromMemory'] ?? false) === true) {
                $lines[] = __('papers.summary.from_memory', ['manoeuvre' => $name]);
            }
            foreach ((array) ($payload['by'] ?? []) as $source) {
                $lines[] = __('papers.summary.measured_with', [
                    'manoeuvre' => $name, 'instrument' => self::instrument((array) $source, $words),
                ]);
            }
        }

        return array_values(array_unique($lines));
    }

    /** @param  array<array-key, mixed>  $source */
    private static function instrument(array $source, SummaryWords $words): string
    {
        $kind = \is_string($source['kind'] ?? null) ? $source['kind'] : '';

        return implode(', ', array_filter(
            [$words->plain($kind), $source['device'] ?? null, $source['serial'] ?? null],
            is_string(...),
        ));
    }
}
