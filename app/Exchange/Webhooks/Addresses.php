<?php

declare(strict_types=1);

namespace App\Exchange\Webhooks;

use GrayCompass\Document\Refusal;
use Illuminate\Support\Facades\Config;

/**
 * The addresses that the operator of this server lets it call: hosts by name in `WEBHOOK_HOSTS`, with a port or without,
 * and `*` for every public one over https. None are allowed where nothing is said.
 */
final readonly class Addresses
{
    private const ALL_PUBLIC = '*';

    private const PORTS = ['https' => 443, 'http' => 80];

    private const PUBLIC_ONLY = FILTER_FLAG_NO_PRIV_RANGE | FILTER_FLAG_NO_RES_RANGE | FILTER_FLAG_GLOBAL_RANGE;

    /** Whether any may be called. */
    public function areAllowed(): bool
    {
        return $this->hosts() !== [];
    }

    /**
     * Asked again before each call: a name may lead elsewhere by then.
     *
     * @return list<string> the host with the very machine to call, as cURL takes it; empty: as the name resolves
     *
     * @throws Refusal where this server may not call it
     */
    public function resolved(string $address): array
    {
        $parts = parse_url($address);
        $scheme = strtolower($parts['scheme'] ?? '');
        $host = strtolower($parts['host'] ?? '');
        if ($host === '' || ! isset(self::PORTS[$scheme]) || isset($parts['user']) || isset($parts['fragment'])) {
            throw Refusal::at('address', __('exchange.addresses.no_address'));
        }
        $port = $parts['port'] ?? self::PORTS[$scheme];
        if (array_intersect([$host, "{$host}:{$port}"], $this->hosts()) !== []) {
            return [];
        }
        if (! \in_array(self::ALL_PUBLIC, $this->hosts(), true)) {
            throw Refusal::at('address', __('exchange.addresses.not_allowed', ['host' => $host]));
        }
        if ($scheme !== 'https') {
            throw Refusal::at('address', __('exchange.addresses.https'));
        }

        return ["{$host}:{$port}:".self::publicMachine($host)];
    }

    private static function publicMachine(string $host): string
    {
        $bare = trim($host, '[]');
        $machines = filter_var($bare, FILTER_VALIDATE_IP) !== false ? [$bare] : (gethostbynamel($host) ?: []);
        foreach ($machines as $machine) {
            if (filter_var($machine, FILTER_VALIDATE_IP, self::PUBLIC_ONLY) === false) {
                throw Refusal::at('address', __('exchange.addresses.not_public', ['host' => $host]));
            }
        }

        return $machines[0] ?? throw Refusal::at('address', __('exchange.addresses.unknown_host', ['host' => $host]));
    }

    /** @return list<string> */
    private function hosts(): array
    {
        $said = array_map(trim(...), explode(',', strtolower(Config::string('exchange.webhook_hosts'))));

        return array_values(array_filter($said, static fn (string $one): bool => $one !== ''));
    }
}
