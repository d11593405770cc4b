<?php

declare(strict_types=1);

namespace App\Http;

use App\Documents\Pdf;
use Illuminate\Http\Response;

/** A paper of the shop, opened in the browser to be read and printed. */
final class PdfPage
{
    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $with
     */
    public static function shown(string $view, array $with, string $name, string $paper = 'A4'): Response
    {
        return response(Pdf::of($view, $with, $paper), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}.pdf\"",
        ]);
    }
}
