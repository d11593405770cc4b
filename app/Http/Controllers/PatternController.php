<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Bulletin;
use App\Models\Figure;
use App\Models\Lesson;
use App\Models\User;
use App\UseCases\Advice\Learn;
use App\UseCases\Advice\WatchPatterns;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** What stands out of all jobs, and what the shop makes of it. */
final class PatternController
{
    public function index(Catalogue $catalogue, #[CurrentUser] User $user): View
    {
        $figure = Figure::query()->find('patterns');

        return view('patterns', [
            'figure' => $figure,
            'patterns' => self::visibleTo($user, $figure->body['patterns'] ?? []),
            'people' => User::query()->pluck('name', 'id'),
            'bulletins' => Bulletin::query()->with('user')->orderByDesc('id')->limit(40)->get(),
            'lessons' => Lesson::query()->with('user')->orderByDesc('id')->limit(6)->get(),
            'asked' => Learn::askedAt(),
            'catalogue' => $catalogue,
        ]);
    }

    public function look(WatchPatterns $watch): RedirectResponse
    {
        $watch->look();

        return redirect()->route('patterns')->with('status', 'Looked through again.');
    }

    /**
     * What stands out of a person's work is for that person and the lead.
     *
     * @param  list<array<string, mixed>>  $patterns
     *
     * @return list<array<string, mixed>>
     */
    private static function visibleTo(User $user, array $patterns): array
    {
        return array_values(
            array_filter(
                $patterns,
                fn (array $pattern): bool => $pattern['attribute'] !== 'technician'
                    || $user->can('lead')
                    || $pattern['value'] === (string) $user->id,
            ),
        );
    }
}
