<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Middleware\StillWelcome;
use App\Http\Requests\SetUpRequest;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

/** The first page of an empty installation. It is there until somebody has answered it, and never again. */
final class SetUpController
{
    public function show(): View
    {
        abort_if(User::query()->exists(), 404);

        return view('set-up');
    }

    public function store(SetUpRequest $request): RedirectResponse
    {
        $lead = DB::transaction(function () use ($request): User {
            abort_if(User::query()->lockForUpdate()->exists(), 404);
            $lead = User::query()->create([
                'name' => $request->string('person')->trim()->toString(),
                'email' => $request->string('login')->toString(),
                'password' => $request->string('password')->toString(),
                'role' => Role::Lead,
            ]);
            shop()->set($request->values(), $lead);

            return $lead;
        });
        Auth::login($lead);
        StillWelcome::sign($request, $lead);

        return redirect()->route('floor')->with('status', shop()->name.' is open. What is still missing stands on the page of the shop.');
    }
}
