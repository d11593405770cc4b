<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Throwable;

/** For whoever watches the machine: whether the application reads and writes its data. It says nothing of what they are. */
final class HealthController
{
    public function __invoke(): Response
    {
        try {
            DB::table('users')->exists();
            // What cannot be written now cannot be written then either: nothing is changed by it.
            DB::transaction(fn () => DB::table('taken_once')->whereRaw('0 = 1')->delete());
        } catch (Throwable) {
            return response('not well', 503, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
        }

        return response('well', 200, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }
}
