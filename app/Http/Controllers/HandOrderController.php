<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Pdf;
use App\Http\PdfPage;
use App\Http\Requests\HandOrderRequest;
use App\Http\Requests\MoneyTyped;
use App\Models\Job;
use App\Models\Order;
use App\Models\User;
use App\Outside\NotSent;
use App\Outside\PlainMail;
use App\UseCases\Advice\AssessJob;
use App\UseCases\Parts\OrderParts;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;

/** Orders that are placed outside the program, their sheets, and the credit notes for what went back. */
final class HandOrderController
{
    public function forJob(
        HandOrderRequest $request,
        Job $job,
        OrderParts $orders,
        AssessJob $assessJob,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $order = $orders->byHand($job, $user, $request->order($assessJob), $request->boolean('again'));

        return redirect()->route('jobs.decide', $job)->with('status', self::sentence($order));
    }

    public function forShelf(
        HandOrderRequest $request,
        OrderParts $orders,
        AssessJob $assessJob,
        #[CurrentUser] User $user,
    ): RedirectResponse {
        $order = $orders->byHand(null, $user, $request->order($assessJob));

        return redirect()->route('orders')->with('status', self::sentence($order));
    }

    public function sheet(Order $order): Response
    {
        return PdfPage::shown('order-sheet', self::sheetOf($order), "order-{$order->tag}");
    }

    public function mail(Order $order, PlainMail $mail): RedirectResponse
    {
        $to = $order->from->mail ?? '';
        try {
            $to === '' && throw NotSent::because('no mail address of this supplier is known');
            $mail->send(
                $to,
                "Order {$order->tag}, ".shop()->name,
                "Please send us what the sheet says.\n\n".shop()->name.', '.shop()->phone,
                ['name' => "order-{$order->tag}.pdf", 'bytes' => Pdf::of('order-sheet', self::sheetOf($order))],
            );
        } catch (NotSent $reason) {
            throw ValidationException::withMessages([
                'mail' => "The order did not go by mail: {$reason->getMessage()}. Print the sheet, or ring them.",
            ]);
        }
        $order->update(['words' => 'mailed '.shop()->date(now(), time: true)]);

        return back()->with('status', "The order sheet of {$order->tag} went to {$to}.");
    }

    public function credit(Request $request, Order $order): RedirectResponse
    {
        $given = $request->validate(
            ['credit_number' => ['required', 'string', 'max:40'], 'credit' => ['required', 'string', new MoneyTyped]],
            ['credit_number.*' => 'Type the number of the credit note.', 'credit.required' => 'Type what is credited.'],
        );
        $credit = shop()->money()->parse($given['credit'])->minor;
        // Taken once, however often it is sent.
        $taken = Order::query()
            ->whereKey($order->id)
            ->toBeCredited()
            ->update(['credit_number' => $given['credit_number'], 'credit' => $credit, 'credited_at' => now()]);
        if ($taken === 0) {
            throw ValidationException::withMessages([
                'credit_number' => "{$order->tag} waits for no credit note; load the page again.",
            ]);
        }
        $less = $order->price - $credit;

        return back()->with(
            'status',
            "The credit note for {$order->tag} is kept".
                ($less > 0 ? ': '.shop()->money()->words($less).' less than was paid.' : '.'),
        );
    }

    /** @return array{order: Order} */
    private static function sheetOf(Order $order): array
    {
        return ['order' => $order->load(['from', 'job', 'user'])];
    }

    private static function sentence(Order $order): string
    {
        $due = shop()->date($order->due_at);

        return "{$order->tag} is written down, due {$due}. Scan or type {$order->tag} when the parcel is here.";
    }
}
