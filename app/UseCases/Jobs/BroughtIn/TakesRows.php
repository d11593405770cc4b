<?php

declare(strict_types=1);

namespace App\UseCases\Jobs\BroughtIn;

use App\Models\BringIn;
use App\Models\User;

/** Takes the rows of one kind of sheet into the shop: all of them, or none. */
interface TakesRows
{
    /**
     * What of these rows cannot be, beyond what can be told by reading them.
     *
     * @param  array<int, array<string, string|int>>  $rows by line of the file
     *
     * @return array<int, string> line => what is wrong with it
     */
    public function against(array $rows): array;

    /**
     * @param  array<int, array<string, string|int>>  $rows by line of the file, none of them wrong
     *
     * @return string what came of it, in one sentence
     */
    public function take(array $rows, User $by, BringIn $from): string;
}
