<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Examinations\Start;
use App\Clinic\Http\Shapes\ExaminationShapes;
use App\Platform\Http\ShapedRequest;
use Carbon\CarbonImmutable;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Definition;
use Illuminate\Support\Facades\App;
use Illuminate\Validation\Rule;

/** The few facts with which an examination begins. */
final class StartRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return ExaminationShapes::start();
    }

    protected function also(): array
    {
        return ['route' => [Rule::in(self::routes()->ids())]];
    }

    /** @throws Refusal */
    public function start(): Start
    {
        return new Start(
            Side::from($this->string('hurtSide')->toString()),
            $this->input('daysSinceInjury') === null ? null : max(0, $this->integer('daysSinceInjury')),
            self::routes()->get($this->string('route')->toString()),
            $this->enum('setting', Setting::class),
            $this->filled('id') ? $this->string('id')->toString() : null,
            $this->filled('at') ? CarbonImmutable::parse($this->string('at')->toString()) : null,
        );
    }

    private static function routes(): Routes
    {
        return App::make(Figures::class)->routes();
    }
}
