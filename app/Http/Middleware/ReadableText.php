<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/** What is sent is text that can be read: whole UTF-8 without zero bytes. Else it is told at its field before anything reads it. */
final class ReadableText
{
    public function handle(Request $request, Closure $next): Response
    {
        abort_if(self::unreadable($request->query->all()) !== [], 400, 'This address holds signs that are no letters.');
        $wrong = self::unreadable($request->request->all());
        if ($wrong !== []) {
            // What cannot be read cannot be given back either.
            $request->replace(
                array_diff_key(
                    $request->request->all(),
                    array_flip(array_map(fn (string $name): string => (string) strtok($name, '.'), $wrong)),
                ),
            );
            throw ValidationException::withMessages(
                array_fill_keys($wrong, 'There are signs in it that are no letters; type it again.'),
            );
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $fields
     *
     * @return list<string> names of those that cannot be read
     */
    private static function unreadable(array $fields, string $within = ''): array
    {
        $names = [];
        foreach ($fields as $name => $value) {
            if (is_array($value)) {
                array_push($names, ...self::unreadable($value, "{$within}{$name}."));
            } elseif (is_string($value) && (str_contains($value, "\0") || ! mb_check_encoding($value, 'UTF-8'))) {
                $names[] = "{$within}{$name}";
            }
        }

        return $names;
    }
}
