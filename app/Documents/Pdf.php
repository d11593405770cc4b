<?php

declare(strict_types=1);

namespace App\Documents;

use Dompdf\Dompdf;
use Dompdf\Options;

/** A page as a PDF. Nothing is fetched and nothing runs while it is made. */
final class Pdf
{
    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $with
     * @param  string  $paper size of the sheet, upright
     */
    public static function of(string $view, array $with, string $paper = 'A4'): string
    {
        $pdf = new Dompdf(
            new Options([
                'defaultFont' => 'DejaVu Sans',
                'isRemoteEnabled' => false,
                'isPhpEnabled' => false,
                'isJavascriptEnabled' => false,
                'tempDir' => sys_get_temp_dir(),
                'fontCache' => sys_get_temp_dir(),
            ]),
        );
        $pdf->setPaper($paper);
        $pdf->loadHtml(view()->make($view, $with)->render(), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
