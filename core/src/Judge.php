<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Examination\RouteKind;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;

/**
 * The core behind one call, for places into which only text goes: JSON is asked, JSON is answered. What it answers to a
 * document is what `examination:assess` and `weigh:combine` print.
 */
final readonly class Judge
{
    private Assessor $assessor;

    private Arithmetic $arithmetic;

    public function __construct(Figures $figures = new Figures)
    {
        $this->assessor = new Assessor($figures);
        $this->arithmetic = new Arithmetic($figures);
    }

    /**
     * @param  string  $question  an object with `assess` (an examination document), and the document of the visit `before`
     *     where a route asks for it; or with `weigh` (a problem)
     * @return string an object with one of `assessment`, `weighed` and `refusal` (path and reason)
     */
    public function answer(string $question): string
    {
        try {
            return Json::write($this->answered(Json::read($question)));
        } catch (Refusal $refusal) {
            return Json::write(['refusal' => ['path' => $refusal->path, 'reason' => $refusal->reason]]);
        }
    }

    /** @throws Refusal */
    private function assessed(mixed $document, mixed $before): Assessment
    {
        $examination = $this->assessor->read($document);
        $asksForBefore = $before !== null && $examination->route->takes === RouteKind::OpenBefore;

        return $this->assessor->assess(
            $examination,
            $asksForBefore ? $this->assessor->lastTime($this->assessor->read($before)) : null,
        );
    }

    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function answered(mixed $question): array
    {
        return match (true) {
            \is_object($question) && isset($question->assess) => [
                'assessment' => AssessmentWriter::write($this->assessed($question->assess, $question->before ?? null)),
            ],
            \is_object($question) && isset($question->weigh) => [
                'weighed' => $this->arithmetic->written($this->arithmetic->weigh($question->weigh)),
            ],
            default => throw Refusal::at('', 'expected an object with assess or weigh'),
        };
    }
}
