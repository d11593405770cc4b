<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Sleep;
use stdClass;
use Symfony\Component\HttpFoundation\Response;

/**
 * Every form carries a key of its own. The same form sent twice, by a double press or because an answer was lost, is taken once: the second
 * is led to where the first led. What was refused, or says something else, is another sending.
 */
final class TakenOnce
{
    public const FIELD = '_once';

    /** Entries carry keys of their own as well: what was begun by somebody who was killed is not done twice, however often it is sent. */
    private const ENTRY = 'once';

    private const STOPPED = 'The program was stopped while it took this. Look whether it was done; if it was not, send it again.';

    /** Tenths of a second that a second sending waits for the first. */
    private const WAITS = 80;

    public function handle(Request $request, Closure $next): Response
    {
        if ($request->isMethodSafe() || ! is_string($request->input(self::FIELD)) || $request->input(self::FIELD) === '') {
            return $next($request);
        }
        $key = self::key($request);
        if (DB::table('taken_once')->insertOrIgnore(['key' => $key, 'taker' => self::taker(), 'sent_at' => now()]) === 0) {
            return $this->asTheFirst($key, $request, $next);
        }
        $response = $next($request);
        // Errors that were said before this sending are none of its own.
        $taken = $response->isRedirection() && ! in_array('errors', (array) $request->session()->get('_flash.new'), true);
        $row = DB::table('taken_once')->where('key', $key);
        $said = $request->session()->get('status');
        $taken
            ? $row->update(['led_to' => $response->headers->get('Location'), 'said' => is_string($said) ? $said : null])
            : $row->delete();

        return $response;
    }

    private function asTheFirst(string $key, Request $request, Closure $next): Response
    {
        for ($tries = 0; $tries < self::WAITS; $tries++) {
            /** @var ?stdClass $first */
            $first = DB::table('taken_once')->where('key', $key)->first();
            if ($first === null) {
                // The first was refused: this one is looked at for itself.
                return $this->handle($request, $next);
            }
            if ($first->led_to !== null) {
                return redirect()->to($first->led_to)->with('status', $first->said);
            }
            if (self::isGone($first->taker)) {
                DB::table('taken_once')->where('key', $key)->where('taker', $first->taker)->delete();
                if ($request->filled(self::ENTRY)) {
                    continue;
                }

                return back()->withInput()->withErrors(['refused' => self::STOPPED]);
            }
            Sleep::for(100)->milliseconds();
        }
        abort(409, 'This was sent a moment ago and is still being taken. Load the page again and look.');
    }

    /** Machine and process that a form is taken by. */
    private static function taker(): string
    {
        return gethostname().' '.getmypid();
    }

    /** Whether a process of this machine is no more; of another machine nobody here can say. */
    private static function isGone(string $taker): bool
    {
        [$host, $process] = [...explode(' ', $taker), '', ''];

        return $host === gethostname() && (int) $process !== getmypid() && ! is_dir('/proc/'.(int) $process);
    }

    private static function key(Request $request): string
    {
        $files = array_map(
            fn (mixed $file): string => $file instanceof UploadedFile ? "{$file->getClientOriginalName()} {$file->getSize()}" : '',
            $request->allFiles(),
        );

        return hash(
            'sha256',
            serialize([
                $request->user()?->id,
                $request->method(),
                $request->path(),
                $request->except(['_token', 'age', ...array_keys($files)]),
                $files,
            ]),
        );
    }
}
