<?php

declare(strict_types=1);

namespace App\Platform\Http\Shapes;

use GrayCompass\Document\Shape\Noted;
use GrayCompass\Document\Shape\OrNull;
use GrayCompass\Document\Shape\Text;

/** Ids that a client may choose, so that it can go on with what it made before the server knows of it. */
final class IdShapes
{
    private const LENGTH = 26;

    /** In the letters in which the application writes its own. */
    private const ULID = '^[0-7][0-9a-hjkmnp-tv-z]{25}$';

    public static function chosen(): Noted
    {
        return new Noted(
            new OrNull(new Text(self::LENGTH, self::LENGTH, self::ULID, 'expected a ULID in small letters')),
            'a ULID of the client’s own; sent again it is made once. null: the server chooses',
        );
    }
}
