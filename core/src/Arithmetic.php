<?php

declare(strict_types=1);

namespace GrayCompass\Core;

use GrayCompass\Core\Wire\WeighUpWriter;
use GrayCompass\Document\Refusal;
use GrayCompass\Inference\Entered\RatesWire;
use GrayCompass\Inference\Readings\Weighed;
use GrayCompass\Inference\Weighing;
use GrayCompass\Inference\Wire\ProblemReader;
use GrayCompass\Inference\Wire\WeighedWriter;

/** The door to the arithmetic alone: figures go in, chances come out, and no knee is needed. */
final readonly class Arithmetic
{
    public function __construct(private Figures $figures = new Figures)
    {
    }

    /**
     * @param  mixed  $document  decoded JSON, objects as objects: the input of `weigh:combine`
     *
     * @throws Refusal naming the first place that cannot be weighed
     */
    public function weigh(mixed $document): Weighed
    {
        return Weighing::of(ProblemReader::read($document));
    }

    /**
     * The output of `weigh:combine`.
     *
     * @return array<string, mixed>
     */
    public function written(Weighed $weighed): array
    {
        return WeighedWriter::write($weighed);
    }

    /**
     * The same with the way of one condition: its steps, and a curve for each test that speaks of it.
     *
     * @param  string  $condition  id; an unknown or empty one has no steps
     * @param  list<string>  $order  finding ids in the order done
     * @return array<string, mixed>
     */
    public function weighUp(Weighed $weighed, string $condition, array $order): array
    {
        return WeighUpWriter::write($weighed, $condition, $order, $this->figures->signs(), $this->figures->phrases());
    }

    /**
     * What a test is worth by counts, ratios or rates, as the rates that are weighed.
     *
     * @param  mixed  $document  decoded JSON, objects as objects
     * @return array<string, mixed>
     *
     * @throws Refusal where no test is worth that
     */
    public function rates(mixed $document): array
    {
        return RatesWire::write(RatesWire::read($document));
    }
}
