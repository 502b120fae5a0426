<?php

declare(strict_types=1);

namespace App\Clinic\Http\Requests;

use App\Access\Models\User;
use App\Access\Values\Ability;
use App\Clinic\Examinations\SaveRequest;
use App\Clinic\Http\Shapes\SavingShapes;
use App\Platform\Http\ShapedRequest;
use Closure;
use GrayCompass\Document\Json;
use GrayCompass\Document\Refusal;
use GrayCompass\Document\Shape\Definition;
use stdClass;

/** One part of an examination to save; what is in the payload is the core's to judge. */
final class PartRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return $this->isMethod('DELETE') ? SavingShapes::takeBack() : SavingShapes::savePart();
    }

    protected function also(): array
    {
        return ['version' => ['integer:strict'], 'known' => [self::areMarks(...)]];
    }

    /** All at once: a rule for each of sixty took longer than everything else of a request's rules. */
    private static function areMarks(string $attribute, mixed $value, Closure $fail): void
    {
        foreach (is_array($value) ? $value : [] as $name => $mark) {
            if (! is_string($mark) || \strlen($mark) > 32) {
                $fail("{$attribute}.{$name} must be a mark that the server gave.");
            }
        }
    }

    /** @throws Refusal where the payload is a list */
    public function save(): SaveRequest
    {
        $body = Json::read((string) $this->getContent());
        $payload = $body instanceof stdClass ? $body->payload ?? null : null;

        return $this->with($payload instanceof stdClass ? $payload : throw Refusal::at(
            'payload',
            'expected an object',
        ));
    }

    public function takeBack(): SaveRequest
    {
        return $this->with(null);
    }

    private function with(?stdClass $payload): SaveRequest
    {
        $by = $this->user();

        return $by instanceof User ? new SaveRequest(
            $this->string('key')->toString(),
            $this->integer('version'),
            $by->id,
            $payload,
            $by->can(Ability::ChangeOthers),
        ) : abort(401);
    }
}
