<?php

declare(strict_types=1);

namespace App\Platform\Encryption;

/** A model some of whose columns are encrypted. */
interface HasEncryptedColumns
{
    /**
     * What must stand in the row before anything in it can be encrypted: its id at least.
     *
     * @param  array<string, mixed>  $attributes
     * @return array<string, mixed>
     */
    public function basis(array $attributes): array;

    /**
     * @param  array<string, mixed>  $attributes  with the basis
     */
    public function encrypter(array $attributes): Encrypter;
}
