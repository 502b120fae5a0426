<?php

declare(strict_types=1);

namespace App\Exchange\Incoming;

use App\Exchange\Values\ItemStatus;

/** What a file is, and what would become of each examination and result of it; nothing is stored. */
final readonly class RecordPreview
{
    /** @param  list<Fate>  $fates  in the order in which they are stored */
    public function __construct(public RecordFile $file, public array $fates)
    {
    }

    /** @return list<Fate> */
    public function toStore(): array
    {
        return array_values(array_filter(
            $this->fates, static fn (Fate $fate): bool => $fate->status === ItemStatus::New,
        ));
    }
}
