<?php

declare(strict_types=1);

namespace Tests\Feature;

use Tests\TestCase;

/** What a page brings along is small: 150 kB at most, styles and scripts compressed, fonts as they are. */
final class AssetsTest extends TestCase
{
    private const MOST = 150_000;

    public function test_styles_scripts_and_fonts_are_small(): void
    {
        $files = glob(public_path('build/assets/*')) ?: [];
        $sizes = [];
        foreach ($files as $file) {
            $sizes[basename($file)] = match (true) {
                preg_match('/\.(js|css)$/', $file) === 1 => strlen((string) gzencode((string) file_get_contents($file), 6)),
                // A browser of today takes these; the letters of other languages come only where a page has them.
                preg_match('/-latin-\d+-normal-[^.]*\.woff2$/', $file) === 1 => (int) filesize($file),
                default => 0,
            };
        }
        $this->assertGreaterThanOrEqual(6, count(array_filter($sizes)), 'styles, scripts and four fonts are counted');
        $this->assertLessThanOrEqual(self::MOST, array_sum($sizes), json_encode(array_filter($sizes), JSON_THROW_ON_ERROR));
    }
}
