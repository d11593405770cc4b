<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\JobWords;
use App\Models\Order;
use App\Models\Spare;
use App\Models\User;
use App\UseCases\Shop\TagMaker;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Catalogue;

/** The find box: a tag, typed or scanned, goes to its job; anything else looks for owner and machine. */
final class FindController
{
    public function __invoke(Request $request, Catalogue $catalogue, #[CurrentUser] User $user): View|RedirectResponse
    {
        $typed = trim((string) $request->query('q', ''));
        $tag = TagMaker::in($typed);
        $job = $tag === null ? null : Job::query()->where('tag', $tag)->first();
        if ($job !== null) {
            return redirect()->route(
                match (true) {
                    ! $job->hasArrived() => 'calls.show',
                    $user->can('work-at-bench') => 'jobs.show',
                    default => 'jobs.stand',
                },
                $job,
            );
        }

        $there = $user->can('work-at-bench') ? self::onTheShelf($typed) : null;
        if ($there !== null) {
            return $there;
        }

        return view('found', [
            'typed' => $typed,
            'tag' => $tag,
            'jobs' => $typed === '' ? collect() : JobWords::find($typed),
            'called' => $typed === '' ? [] : $catalogue->partsCalled($typed),
        ]);
    }

    /** A spare, or an order that is on its way. */
    private static function onTheShelf(string $typed): ?RedirectResponse
    {
        $order = self::order($typed);
        if ($order !== null) {
            return redirect()->to(route('orders', ['open' => $order->tag])."#{$order->tag}");
        }
        $spare = self::spare($typed);

        return $spare === null ? null : redirect()->route('spares.show', $spare);
    }

    /** One that is on its way, by its own tag or by the supplier's number. */
    private static function order(string $typed): ?Order
    {
        return $typed === ''
            ? null
            : Order::query()
                ->whereIn('state', ['held', 'ordered'])
                ->where(fn ($query) => $query->where('tag', strtoupper($typed))->orWhere('number', $typed))
                ->first();
    }

    /** By its tag, or by the address on its label. */
    private static function spare(string $typed): ?Spare
    {
        return preg_match('~([A-Za-z0-9][A-Za-z0-9\-]{0,19})/?$~', $typed, $found) === 1
            ? Spare::query()->where('tag', strtoupper($found[1]))->first()
            : null;
    }
}
