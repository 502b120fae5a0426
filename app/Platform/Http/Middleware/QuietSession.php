<?php

declare(strict_types=1);

namespace App\Platform\Http\Middleware;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * Starts the session as the framework does, and writes it, and hands out its cookie, only where something in it
 * changed: most requests read it and nothing else. When it was last used stands in it to the minute, see Presence, so
 * that both happen once a minute.
 */
final class QuietSession extends StartSession
{
    private const NOTHING_FLASHED = ['old' => [], 'new' => []];

    /** @var array<array-key, mixed> as it was read */
    private array $before = [];

    private string $id = '';

    /** What comes with a token of its own leaves no session behind. */
    private bool $isByToken = false;

    /**
     * @param  Session  $session
     * @return Session
     */
    protected function startSession(Request $request, $session)
    {
        $started = parent::startSession($request, $session);
        [$this->before, $this->id] = [$started->all(), $started->getId()];
        $this->isByToken = $request->bearerToken() !== null;

        return $started;
    }

    /**
     * An API has no page that one comes back to.
     *
     * @param  Session  $session
     */
    protected function storeCurrentUrl(Request $request, $session): void
    {
    }

    protected function addCookieToResponse(Response $response, Session $session): void
    {
        $this->isAsRead($session) || parent::addCookieToResponse($response, $session);
    }

    /**
     * @param  Request  $request
     */
    protected function saveSession($request): void
    {
        $this->isAsRead($request->session()) || parent::saveSession($request);
    }

    private function isAsRead(Session $session): bool
    {
        return $this->isByToken || $session->getId() === $this->id && $session->all() === $this->before
            && ($this->before['_flash'] ?? null) === self::NOTHING_FLASHED;
    }
}
