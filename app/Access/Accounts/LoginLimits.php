<?php

declare(strict_types=1);

namespace App\Access\Accounts;

use App\Access\Values\Email;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** How often a password may be guessed. Only failed tries count, and each longer span lets fewer of them through. */
final class LoginLimits
{
    /**
     * For one account by span in minutes: the waits grow with the guesses. They come from wherever, but for those of a
     * device that its owner was logged in on before: nobody keeps an owner out.
     */
    private const BY_ACCOUNT = [1 => 10, 60 => 30, 1440 => 100];

    /** For one address in a minute: a clinic behind one address, whose people mistype now and then. */
    private const BY_ADDRESS = 40;

    /** For everybody together in a minute: guesses spread over many accounts and addresses. */
    private const IN_ALL = 600;

    public function __construct(private readonly Invitations $invitations)
    {
    }

    /**
     * @return list<Limit>
     */
    public static function for(Request $request): array
    {
        $typed = $request->input('email');

        return self::of($request, Email::normal(is_string($typed) ? $typed : '') ?? 'none');
    }

    /**
     * An invitation asks an account that is in no team for its password: counted with the log-ins of that account.
     *
     * @return list<Limit>
     */
    public function forInvitation(Request $request): array
    {
        $token = $request->input('token');
        $invitation = is_string($token) ? $this->invitations->find(Token::from($token)) : null;

        return $invitation === null ? [] : self::of($request, $invitation->email);
    }

    /**
     * @return list<Limit>
     */
    private static function of(Request $request, string $account): array
    {
        $limits = [
            Limit::perMinute(self::BY_ADDRESS)->by("address {$request->ip()}"),
            Limit::perMinute(self::IN_ALL)->by('all'),
        ];
        $counted = KnownDevice::of($request)->counts($account) ?? "account {$account}";
        foreach (self::BY_ACCOUNT as $minutes => $tries) {
            $limits[] = Limit::perMinutes($minutes, $tries)->by("{$minutes} {$counted}");
        }

        return array_map(static fn (Limit $limit): Limit => $limit->after(self::hasFailed(...)), $limits);
    }

    private static function hasFailed(Response $response): bool
    {
        return $response->getStatusCode() === 422;
    }
}
