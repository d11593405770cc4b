<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Catalogue;

use Orthoscope\Core\Plain\ReadingEase;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\TestCase;

final class TemplateTest extends TestCase
{
    public function test_names_are_filled_in_and_nothing_is_left_open(): void
    {
        foreach (Bench::catalogue()->messages as $template) {
            $facts = [
                'name' => 'Ines',
                'model' => "Plover\nSlim",
                'tag' => 'P3-662',
                'shop' => 'the shop',
                'phone' => '0555',
                'link' => 'https://shop.example/x',
                'date' => 'Friday',
                'what' => 'A supply.',
                'total' => 'It costs 5.',
            ];
            ['subject' => $subject, 'text' => $text] = $template->write($facts);
            $this->assertDoesNotMatchRegularExpression('/[{}]/', $subject.$text);
            $this->assertStringNotContainsString("\n", $subject, 'a name must not make a second header');
            $this->assertStringContainsString('Ines', $text);
            $this->assertDoesNotMatchRegularExpression('/[{}]|  /', implode('', $template->write([])));
        }
    }

    public function test_they_read_easily(): void
    {
        foreach (Bench::catalogue()->messages as $template) {
            $this->assertGreaterThanOrEqual(
                60.0,
                ReadingEase::of($template->write(['name' => 'Ines', 'model' => 'machine', 'shop' => 'us'])['text'])->score(),
                $template->id,
            );
        }
    }
}
