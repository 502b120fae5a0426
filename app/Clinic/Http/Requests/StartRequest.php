<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Clinic\Http\Shapes\Examinations;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Core\Examination\Route;
use GrayCompass\Core\Examination\Routes;
use GrayCompass\Core\Figures;
use GrayCompass\Core\Knee\Setting;
use GrayCompass\Core\Knee\Side;
use GrayCompass\Document\Shape\Named;
use Illuminate\Support\Facades\App;
use Illuminate\Validation\Rule;

/** The few facts with which an examination begins. */
final class StartRequest extends ShapedRequest
{
    protected function shape(): Named
    {
        return Examinations::start();
    }

    protected function also(): array
    {
        return ['route' => [Rule::in(self::routes()->ids())]];
    }

    public function hurtSide(): Side
    {
        return Side::from($this->string('hurtSide')->toString());
    }

    /** Null: it came on without an injury. */
    public function daysSinceInjury(): ?int
    {
        return $this->input('daysSinceInjury') === null ? null : $this->integer('daysSinceInjury');
    }

    /** Null: the one that follows from days, age and route. */
    public function setting(): ?Setting
    {
        return $this->enum('setting', Setting::class);
    }

    public function examinationRoute(): Route
    {
        return self::routes()->get($this->string('route')->toString());
    }

    private static function routes(): Routes
    {
        return App::make(Figures::class)->routes();
    }
}
