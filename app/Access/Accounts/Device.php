<?php

declare(strict_types=1);

namespace App\Access\Accounts;

/** What a browser says of itself, in words by which someone knows their own device. */
final class Device
{
    private const BROWSERS = [
        'Edg/' => 'Edge', 'OPR/' => 'Opera', 'Firefox/' => 'Firefox', 'Chrome/' => 'Chrome', 'Safari/' => 'Safari',
    ];

    private const SYSTEMS = [
        'iPhone' => 'an iPhone', 'iPad' => 'an iPad', 'Android' => 'Android', 'Windows' => 'Windows',
        'Mac OS' => 'a Mac', 'Linux' => 'Linux',
    ];

    public static function named(string $agent): string
    {
        $browser = self::first(self::BROWSERS, $agent) ?? 'A browser';
        $system = self::first(self::SYSTEMS, $agent);

        return $system === null ? $browser : "{$browser} on {$system}";
    }

    /**
     * @param  array<string, string>  $names
     */
    private static function first(array $names, string $agent): ?string
    {
        foreach ($names as $sign => $name) {
            if (str_contains($agent, $sign)) {
                return $name;
            }
        }

        return null;
    }
}
