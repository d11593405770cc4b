<?php

declare(strict_types=1);

namespace Orthoscope\Core\Tests\Catalogue;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Own\OwnText;
use Orthoscope\Core\Catalogue\Own\OwnValues;
use Orthoscope\Core\Catalogue\Own\UnusableText;
use Orthoscope\Core\Plain\Fields;
use Orthoscope\Core\Tests\Support\Bench;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class OwnTextTest extends TestCase
{
    public function test_every_text_that_ships_could_be_typed_as_it_is_and_is_then_none_of_its_own(): void
    {
        $texts = OwnText::all(Bench::catalogue());
        $this->assertCount(2 * count(Bench::catalogue()->messages) + count(Bench::catalogue()->texts), $texts);
        foreach ($texts as $path => $text) {
            $this->assertNull($text->read($text->shipped), $path);
            $this->assertSame([], array_diff(Fields::in($text->shipped), $text->fields), $path);
        }
    }

    public function test_a_text_of_its_own_stands_in_place_of_what_ships(): void
    {
        $own = ['messages/messages/received/text' => 'Dear {name}, {tag} is here.', 'texts/texts/terms/text' => "One.\n\nTwo for {shop}."];
        $catalogue = new Catalogue(OwnValues::over(Bench::catalogue()->files(), $own));
        $this->assertSame('Dear Ada, K4-1 is here.', $catalogue->messages['received']->write(['name' => 'Ada', 'tag' => 'K4-1'])['text']);
        $this->assertSame(['One.', 'Two for us.'], $catalogue->texts['terms']->paragraphs(['shop' => 'us']));
        $this->assertSame([], $catalogue->texts['letter-start']->paragraphs([]));
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function unusable(): iterable
    {
        $text = 'messages/messages/received/text';
        yield 'a misspelt field' => [$text, 'Hello {nmae}', '{nmae} is no field here. Did you mean {name}?'];
        yield 'a field of another moment' => [$text, 'It costs {total}', '{total} is no field here.'];
        yield 'a brace alone' => [$text, 'Hello {name', 'stands alone near "Hello {name"'];
        yield 'nothing' => [$text, "  \n ", 'A message needs words'];
        yield 'too much' => [$text, str_repeat('a', 4001), 'under 4000 letters'];
        yield 'two lines in a subject' => ['messages/messages/received/subject', "a\nb", 'A subject is one line'];
    }

    #[DataProvider('unusable')]
    public function test_what_cannot_be_kept_is_refused_with_what_to_do(string $path, string $typed, string $sentence): void
    {
        $text = OwnText::all(Bench::catalogue())[$path];
        $this->expectException(UnusableText::class);
        $this->expectExceptionMessage($sentence);
        $text->read($typed);
    }

    public function test_a_paper_may_go_without_a_text(): void
    {
        $this->assertSame('', OwnText::all(Bench::catalogue())['texts/texts/terms/text']->read(''));
    }
}
