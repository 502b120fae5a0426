<?php

declare(strict_types=1);

namespace App\Access\Http\Requests;

use App\Access\Http\Shapes\AccountShapes;
use App\Platform\Http\ShapedRequest;
use GrayCompass\Document\Shape\Definition;

/** Six digits of an authenticator app. */
final class CodeRequest extends ShapedRequest
{
    protected function shape(): Definition
    {
        return AccountShapes::factorCode();
    }

    /** As it is typed, but for the gap that apps show in its middle. */
    public function code(): string
    {
        return (string) preg_replace('/\s+/', '', $this->string('code')->toString());
    }
}
