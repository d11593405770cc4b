<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Evidence;

use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class ComplaintTest extends TestCase
{
    public function test_it_is_what_was_told_in_words_and_no_opinion(): void
    {
        $opinion = ['kind' => 'report', 'source' => 'opinion', 'text' => 'surely the card'];
        $told = ['kind' => 'report', 'reached' => 'dark', 'text' => 'dark since the move'];
        $this->assertSame(
            'dark since the move',
            Bench::case([$opinion, ['kind' => 'report', 'reached' => 'dark'], $told])->record->complaint(),
        );
        $this->assertSame('', Bench::case([$opinion])->record->complaint());
    }
}
