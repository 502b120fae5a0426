<?php

declare(strict_types=1);

namespace App\Platform\Http;

use App\Platform\Wire\SchemaRules;
use GrayCompass\Document\Shape\Definition;
use Illuminate\Foundation\Http\FormRequest;

/** A request whose body has a shape, from which its rules follow. */
abstract class ShapedRequest extends FormRequest
{
    abstract protected function shape(): Definition;

    /**
     * What else must hold of a field, which no shape can say.
     *
     * @return array<string, list<mixed>> by place
     */
    protected function also(): array
    {
        return [];
    }

    /**
     * @return array<string, list<mixed>>
     */
    public function rules(): array
    {
        return SchemaRules::with(SchemaRules::of($this->shape()->definition()), $this->also());
    }
}
