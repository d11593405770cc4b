<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\UseCases\Shop\Books;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\View\View;

/** What was invoiced and paid: by the day for the till, and from one day to another for the bookkeeper. */
final class BooksController
{
    public function index(Request $request): View
    {
        $given = self::span($request);

        $today = CarbonImmutable::now();
        $month = $today->subMonthNoOverflow();

        return view('books', [
            'books' => Books::between(...$given),
            'open' => Books::open(),
            'spans' => [
                'this week' => [shop()->startOfWeek($today), $today],
                'this month' => [$today->startOfMonth(), $today],
                'last month' => [$month->startOfMonth(), $month->endOfMonth()],
            ],
        ]);
    }

    public function day(Request $request): View
    {
        $given = $request->validate(['day' => ['nullable', 'date_format:Y-m-d']], ['day.*' => 'Give a day, as 2026-12-25.']);
        $day = Carbon::parse($given['day'] ?? 'today');

        return view('day-sheet', ['books' => Books::between($day, $day), 'day' => $day]);
    }

    public function invoices(Request $request): Response
    {
        return self::file(Books::between(...self::span($request))->invoicesCsv(), 'invoices');
    }

    public function payments(Request $request): Response
    {
        return self::file(Books::between(...self::span($request))->paymentsCsv(), 'payments');
    }

    /** @return array{Carbon, Carbon} this month where none is asked */
    private static function span(Request $request): array
    {
        $given = $request->validate(
            ['from' => ['nullable', 'date_format:Y-m-d'], 'to' => ['nullable', 'date_format:Y-m-d', 'after_or_equal:from']],
            ['from.*' => 'Give the first day, as 2026-12-01.', 'to.*' => 'Give the last day, as 2026-12-31, not before the first.'],
        );

        return [
            isset($given['from']) ? Carbon::parse($given['from']) : now()->startOfMonth(),
            isset($given['to']) ? Carbon::parse($given['to']) : now(),
        ];
    }

    private static function file(string $csv, string $name): Response
    {
        return response($csv, 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename=\"{$name}.csv\"",
        ]);
    }
}
