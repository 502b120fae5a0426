<?php

declare(strict_types=1);

namespace App\Exchange\Webhooks;

/** Where the API says more of what a call is about; a token opens it. */
final class Links
{
    private const OF = ['examination' => 'examinations.show', 'athlete' => 'athletes.show', 'episode' => 'episodes.show'];

    /**
     * @param  array<string, string>  $ids  by kind
     * @return object addresses by kind
     */
    public static function of(array $ids): object
    {
        $links = [];
        foreach (array_intersect_key($ids, self::OF) as $kind => $id) {
            $links[$kind] = route(self::OF[$kind], [$kind => $id]);
        }

        return (object) $links;
    }
}
