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
    public static function shown(string $view, array $with, string $name): Response
    {
        return response(Pdf::of($view, $with), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => "inline; filename=\"{$name}.pdf\"",
        ]);
    }
}
