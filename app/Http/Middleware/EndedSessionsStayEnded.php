<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/**
 * A slow request may answer after the person who made it has logged out, or after somebody else has logged in at the same computer. What
 * it read is not written back then, and its cookie is not handed out: both would let the first person in again. Nor does what a page asks
 * for beside its loading begin a session: it may come in after that, under an id that is no more.
 */
final class EndedSessionsStayEnded extends StartSession
{
    /** The session that was in store when the request came, by its id. */
    private ?string $found = null;

    /** Whether it is neither written nor handed out; decided once, for both. */
    private ?bool $isNoMore = null;

    protected function startSession(Request $request, $session)
    {
        $this->found = $session->getHandler()->read($session->getId()) === '' ? null : $session->getId();
        $this->isNoMore = $this->found === null && $request->ajax() ? true : null;

        return parent::startSession($request, $session);
    }

    protected function addCookieToResponse(Response $response, $session)
    {
        $this->isNoMore ??= $this->hasEnded();
        $this->isNoMore || parent::addCookieToResponse($response, $session);
    }

    protected function saveSession($request)
    {
        $this->isNoMore ??= $this->hasEnded();
        $this->isNoMore || parent::saveSession($request);
    }

    /** Whether another request ended the session meanwhile. One that this request itself ended goes on under another id. */
    private function hasEnded(): bool
    {
        $session = $this->manager->driver();

        return $this->found === $session->getId() && $session->getHandler()->read($this->found) === '';
    }
}
