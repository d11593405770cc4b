<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use InvalidArgumentException;
use Orthoscope\Core\Identity\CardData;
use Orthoscope\Core\Identity\CardIdentity;

/** What a graphics card says it is, against what is published of its model, and the reading that follows. */
final class CardIdentityController
{
    private const FIELDS = ['memory_type', 'memory', 'bus', 'units'];

    public function __invoke(Request $request, Job $job): View
    {
        $identity = null;
        if ($request->hasAny(array_map(fn (string $field): string => "says_{$field}", self::FIELDS))) {
            $identity = CardIdentity::of($this->data($request, 'says') ?? CardData::of([]), $this->data($request, 'published'));
        }

        return view('card', [
            'job' => $job->load('machine.owner'),
            'identity' => $identity,
            'once' => (string) Str::uuid(),
            'written' => $identity === null || ! $identity->wasCompared
                    ? null
                    : json_encode(
                        [
                            [
                                'kind' => 'finding',
                                'check' => 'card-identity',
                                'result' => $identity->isFalse() ? 'false' : 'true',
                                'text' => implode(' ', $identity->against),
                            ],
                        ],
                        JSON_THROW_ON_ERROR,
                    ),
        ]);
    }

    /** Null where nothing was typed of it. */
    private function data(Request $request, string $of): ?CardData
    {
        $given = $mistakes = [];
        foreach (self::FIELDS as $field) {
            $typed = $request
                ->string("{$of}_{$field}")
                ->trim()
                ->limit(40, '')
                ->toString();
            if ($typed === '') {
                continue;
            }
            try {
                CardData::of([$field => $typed]);
                $given[$field] = $typed;
            } catch (InvalidArgumentException $mistake) {
                $mistakes["{$of}_{$field}"] = $mistake->getMessage();
            }
        }
        if ($mistakes !== []) {
            // Shown on this page's own form, with all that was typed.
            throw ValidationException::withMessages($mistakes)->redirectTo(route('jobs.card', $request->route('job')));
        }

        return $given === [] ? null : CardData::of($given);
    }
}
