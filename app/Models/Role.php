<?php

declare(strict_types=1);

namespace App\Models;

/** What a person may do in the shop. */
enum Role: string
{
    case Counter = 'counter';
    case Technician = 'technician';
    case Lead = 'lead';

    public function worksAtBench(): bool
    {
        return $this !== self::Counter;
    }
}
