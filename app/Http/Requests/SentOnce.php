<?php

declare(strict_types=1);

namespace App\Http\Requests;

/** A form that carries a key of its own, so that sent twice it is recorded once. */
trait SentOnce
{
    public function once(): ?string
    {
        $once = $this->input('once');

        return is_string($once) && $once !== '' ? $once : null;
    }
}
