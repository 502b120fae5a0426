<?php

declare(strict_types=1);

namespace GrayCompass\Core\Grading;

/** A school of judging drawers and Lachman tests. An absent end feel is positive under every one. */
interface LaxityRule
{
    public function judge(Laxity $laxity): Graded;
}
