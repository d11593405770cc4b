<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Shift;
use App\Models\User;
use App\UseCases\Shop\WhoIsIn;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use Orthoscope\Core\Queue\UnusableShift;

/** People write down when they are in; the lead does it for all. */
final class ShiftController
{
    public function store(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'person' => ['required', 'integer', 'exists:users,id'],
                'day' => ['required', 'date_format:Y-m-d', 'after_or_equal:today', 'before:'.now()->addDays(60)->format('Y-m-d')],
                'from' => ['required', 'date_format:H:i'],
                'to' => ['required', 'date_format:H:i'],
            ],
            [
                'person.*' => 'Pick a person of the list.',
                'day.*' => 'Choose a day from today on, within two months.',
                'from.*' => 'Write when it begins, such as 09:00.',
                'to.*' => 'Write when it ends, such as 18:00.',
            ],
        );
        $who = User::query()->here()->whereKey($given['person'])->firstOrFail();
        self::mayFor($user, $who);
        try {
            WhoIsIn::put($who, Carbon::parse("{$given['day']} {$given['from']}"), Carbon::parse("{$given['day']} {$given['to']}"));
        } catch (UnusableShift $mistake) {
            throw ValidationException::withMessages(['to' => $mistake->getMessage()]);
        }

        return redirect()
            ->route('diary')
            ->with('status', "{$who->name} is written down for ".Carbon::parse($given['day'])->format('l').'.');
    }

    public function destroy(Shift $shift, #[CurrentUser] User $user): RedirectResponse
    {
        self::mayFor($user, $shift->user);
        WhoIsIn::takeOut($shift);

        return redirect()->route('diary')->with('status', 'Taken out. The plan of the day goes by it.');
    }

    private static function mayFor(User $user, User $who): void
    {
        abort_unless($who->is($user) || $user->can('lead'), 403);
    }
}
