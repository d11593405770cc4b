<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Code128;
use App\Documents\QrCode;
use App\Http\Requests\NewPersonRequest;
use App\Models\Pin;
use App\Models\Role;
use App\Models\SecondFactor;
use App\Models\User;
use App\Models\WayIn;
use App\UseCases\Shop\DeedsOf;
use App\UseCases\Shop\KeepALead;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** Who works in the shop: invited, given a role, let in anew, ended. What they wrote keeps their names. */
final class PeopleController
{
    public function index(): View
    {
        return view('people', ['people' => User::query()->orderByRaw('ended_at is not null, ended_at')->orderBy('name')->get()]);
    }

    public function store(NewPersonRequest $request, #[CurrentUser] User $lead): RedirectResponse
    {
        $person = User::query()->create([
            'name' => $request->string('person')->trim()->toString(),
            'email' => $request->string('login')->toString(),
            // Nobody knows it: they choose their own by the address they are given.
            'password' => Str::random(40),
            'role' => Role::from($request->string('role')->toString()),
        ]);

        return self::withWayIn($person, $lead, "{$person->name} is invited.");
    }

    public function letIn(User $person, #[CurrentUser] User $lead): RedirectResponse
    {
        abort_if($person->ended_at !== null, 409, "{$person->name} does not work here any more.");

        return self::withWayIn($person, $lead, "{$person->name} can choose a new password.");
    }

    /** A code to be read out, where no address can be given. */
    public function code(User $person, #[CurrentUser] User $lead): RedirectResponse
    {
        abort_if($person->ended_at !== null, 409, "{$person->name} does not work here any more.");

        return redirect()
            ->route('people')
            ->with('way-in', ['name' => $person->name, 'code' => WayIn::code($person, $lead), 'address' => route('forgotten')]);
    }

    /** A new badge, shown once to be printed. */
    public function badge(User $person): View
    {
        abort_if($person->ended_at !== null, 409, "{$person->name} does not work here any more.");
        $code = Pin::newBadge($person);

        return view('badge', ['person' => $person, 'qr' => QrCode::svg($code, 'Badge'), 'bars' => Code128::svg($code)]);
    }

    /** A telephone was lost: the second factor ends, and a new password lets them in. */
    public function endSecond(User $person): RedirectResponse
    {
        SecondFactor::end($person);

        return redirect()->route('people')->with('status', "{$person->name} is asked for no code any more.");
    }

    public function show(User $person): View
    {
        return view('person', ['person' => $person, 'deeds' => DeedsOf::lately($person)]);
    }

    public function update(Request $request, User $person): RedirectResponse
    {
        $given = $request->validate(['role' => ['required', Rule::enum(Role::class)]], ['role.*' => 'Choose one of the roles.']);
        $role = Role::from($given['role']);
        KeepALead::whileChanging($person, ['role' => $role]);

        return redirect()->route('people')->with('status', "{$person->name} is {$role->value} now.");
    }

    public function destroy(User $person): RedirectResponse
    {
        KeepALead::whileChanging($person, ['ended_at' => now(), 'remember_token' => null]);

        return redirect()->route('people')->with('status', "{$person->name} can log in no more. What they wrote keeps their name.");
    }

    private static function withWayIn(User $person, User $lead, string $sentence): RedirectResponse
    {
        return redirect()
            ->route('people')
            ->with('status', $sentence)
            ->with('way-in', ['name' => $person->name, 'address' => route('way-in', WayIn::open($person, $lead))]);
    }
}
