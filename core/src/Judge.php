<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Assessed\Assessment;
use GrayCompass\Core\Examination\RouteKind;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Wire\AssessmentWriter;
use GrayCompass\Core\Wire\ExaminationReader;
use GrayCompass\Document\Given;
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

    public function __construct(private Figures $figures = new Figures)
    {
        $this->assessor = new Assessor($figures);
        $this->arithmetic = new Arithmetic($figures);
    }

    /**
     * @param  string  $question  an object that asks one of these:
     *     - `assess`, an examination document; `before`, the document of the visit before, where a route asks for it
     *     - `weigh`, a problem
     *     - `weighUp`, a problem; `condition`, an id; `order`, finding ids in the order done
     *     - `rates`, what a test is worth by counts, ratios or rates
     *     - `begin`, the `route`, `daysSinceInjury` and `ageYears` of an examination, and the setting `ofTeam`
     * @return string an object with one of `assessment`, `weighed`, `weighedUp`, `rates`, `begins` (format, version and
     *     setting of the document) and `refusal` (path and reason)
     */
    public function answer(string $question): string
    {
        try {
            $asked = Json::read($question);

            return Json::write($this->answered(Given::in($asked), \is_object($asked) ? get_object_vars($asked) : []));
        } catch (Refusal $refusal) {
            return Json::write(['refusal' => ['path' => $refusal->path, 'reason' => $refusal->reason]]);
        }
    }

    /**
     * @param  array<array-key, mixed>  $asked
     * @return array<string, mixed>
     *
     * @throws Refusal
     */
    private function answered(Given $given, array $asked): array
    {
        return match (true) {
            isset($asked['assess']) => [
                'assessment' => AssessmentWriter::write($this->assessed($asked['assess'], $asked['before'] ?? null)),
            ],
            isset($asked['weigh']) => ['weighed' => $this->arithmetic->written($this->arithmetic->weigh($asked['weigh']))],
            isset($asked['weighUp']) => ['weighedUp' => $this->arithmetic->weighUp(
                $this->arithmetic->weigh($asked['weighUp']), $given->text('condition'), $given->words('order'),
            )],
            isset($asked['rates']) => ['rates' => $this->arithmetic->rates($asked['rates'])],
            isset($asked['begin']) => ['begins' => [
                'format' => ExaminationReader::FORMAT,
                'version' => ExaminationReader::VERSION,
                'setting' => $this->setting($given->inner('begin'))->value,
            ]],
            default => throw Refusal::at('', 'expected an object with assess, weigh, weighUp, rates or begin'),
        };
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

    /** @throws Refusal */
    private function setting(Given $begin): Setting
    {
        $age = $begin->whole('ageYears') ?? throw Refusal::at('begin.ageYears', 'expected years');
        $route = $this->figures->routes()->find($begin->text('route'))
            ?? throw Refusal::at('begin.route', 'there is no such route');

        return Setting::atStart(
            $begin->word('ofTeam') === null ? null : Setting::tryFrom($begin->text('ofTeam')),
            $begin->whole('daysSinceInjury'),
            $age,
            $route->isTouchline(),
        );
    }
}
