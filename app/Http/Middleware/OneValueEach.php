<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpFoundation\Response;

/**
 * No form of ours sends several values for a field that takes one. What does was made by hand, and is refused before
 * anything reads it: a form is told at the field, with all else kept as it was typed; an address has nothing to go back to.
 */
final class OneValueEach
{
    /** Fields of which a form sends several. */
    private const SEVERAL = [
        'accessories',
        'at_home',
        'columns',
        'earlier',
        'entry',
        'events',
        'facts',
        'faults',
        'filled',
        'guess',
        'has',
        'marks',
        'of_machine',
        'of_part',
        'open_days',
        'options',
        'parts',
        'platform',
        'steps',
        'tags',
        'uses',
        'values',
        'variants',
        'with',
        'without',
    ];

    public function handle(Request $request, Closure $next): Response
    {
        $asked = $this->severalIn($request->query->all());
        abort_if($asked !== [], 400, current($asked) ?: '');
        $sent = $this->severalIn($request->request->all());
        if ($sent !== []) {
            $request->replace(array_diff_key($request->request->all(), $sent));
            throw ValidationException::withMessages($sent);
        }

        return $next($request);
    }

    /**
     * @param  array<array-key, mixed>  $fields
     * @return array<array-key, string> what to say of each field that came with several values
     */
    private function severalIn(array $fields): array
    {
        $several = array_filter(
            $fields,
            fn (mixed $value, int|string $name): bool => is_array($value) && ! in_array($name, self::SEVERAL, true),
            ARRAY_FILTER_USE_BOTH,
        );

        return array_map(
            fn (int|string $name): string => "The field “{$name}” takes one value.",
            array_combine(array_keys($several), array_keys($several)),
        );
    }
}
