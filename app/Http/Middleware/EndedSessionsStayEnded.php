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

    private bool $beginsNone = false;

    protected function startSession(Request $request, $session)
    {
        $this->found = $session->getHandler()->read($session->getId()) === '' ? null : $session->getId();
        $this->beginsNone = $this->found === null && $request->ajax();

        return parent::startSession($request, $session);
    }

    protected function addCookieToResponse(Response $response, $session)
    {
        $this->isNoMore() || parent::addCookieToResponse($response, $session);
    }

    protected function saveSession($request)
    {
        $this->isNoMore() || parent::saveSession($request);
    }

    /** Whether another request ended the session meanwhile. One that this request itself ended goes on under another id. */
    private function isNoMore(): bool
    {
        $session = $this->manager->driver();

        return $this->beginsNone
            || ($this->found === $session->getId() && $session->getHandler()->read($this->found) === '');
    }
}
