<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\Order;
use App\Models\PartsSupplier;
use App\Models\User;
use App\UseCases\Parts\OrderParts;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** Parts on order: placed for a job, taken in, found dead, sent back. */
final class OrderController
{
    public function index(Catalogue $catalogue): View
    {
        return view('orders', [
            'open' => Order::query()
                ->with(['job.machine', 'user', 'spare'])
                ->where(fn ($query) => $query->whereIn('state', Order::UNSETTLED)->orWhere(fn ($back) => $back->toBeCredited()))
                ->orderByRaw('due_at is not null, due_at')
                ->limit(200)
                ->get(),
            'suppliers' => PartsSupplier::query()->inUse()->orderBy('name')->get(),
            'kinds' => array_filter($catalogue->parts, fn ($kind): bool => $kind->lendable),
            'done' => Order::query()
                ->with(['job.machine', 'user', 'spare'])
                ->whereIn('state', ['fitted', 'back', 'cancelled'])
                ->orderByDesc('id')
                ->limit(20)
                ->get(),
        ]);
    }

    public function store(Request $request, Job $job, OrderParts $orders, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            [
                'offer' => ['required', 'string', 'max:40'],
                'part' => ['nullable', 'string', 'max:30'],
                'held_for' => ['nullable', 'string', 'max:30'],
                'again' => ['nullable', 'boolean'],
            ],
            ['offer.*' => 'Pick what is ordered.'],
        );
        $order = $orders->place(
            $job,
            $user,
            (string) ($given['part'] ?? ''),
            $given['offer'],
            ($given['held_for'] ?? '') === '' ? null : $given['held_for'],
            $request->boolean('again'),
        );

        return redirect()
            ->route('jobs.decide', $job)
            ->with(
                'status',
                $order->state === 'held'
                    ? "{$order->tag} is held back until that part is proved."
                    : "{$order->tag} is ordered, due {$order->due_at?->format('j M')}.",
            );
    }

    public function receive(Request $request, Order $order, OrderParts $orders, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['seen' => ['required', Rule::in(['fine', 'wrong', 'damaged'])], 'words' => ['nullable', 'string', 'max:300']],
            ['seen.*' => 'Open the parcel and say what you see.', 'words.max' => 'Keep it under 300 letters.'],
        );
        $orders->receive($order, $user, $given['seen'], (string) ($given['words'] ?? ''));

        return back()->with(
            'status',
            $given['seen'] === 'fine'
                ? "{$order->tag} is here. It is not trusted until it is proved."
                : "{$order->tag} is put aside; send it back, or claim it.",
        );
    }

    public function dead(Request $request, Order $order, OrderParts $orders, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(
            ['words' => ['required', 'string', 'max:300']],
            ['words.*' => 'Write how it was tried and what it did, in up to 300 letters.'],
        );
        $orders->dead($order, $user, $given['words']);

        return back()->with('status', "{$order->tag} is dead on arrival. What rested on it is weighed again.");
    }

    public function giveUp(Request $request, Order $order, OrderParts $orders, #[CurrentUser] User $user): RedirectResponse
    {
        $given = $request->validate(['words' => ['required', 'string', 'max:300']], ['words.*' => 'Say why, in up to 300 letters.']);
        $orders->giveUp($order, $user, $given['words']);

        return back()->with('status', "{$order->tag}: ".Order::STATES[$order->refresh()->state].'.');
    }
}
