<?php

declare(strict_types=1);

namespace Orthoscope\Core\Catalogue\Own;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Plain\Fields;
use Orthoscope\Core\Plain\UnknownWord;

/** A text that a shop may word for itself: what ships, and the fields that may stand in it. */
final readonly class OwnText
{
    private const MOST_LETTERS = 4000;

    private const MOST_OF_A_SUBJECT = 120;

    /** @param  list<string>  $fields */
    private function __construct(
        public string $path,
        public string $name,
        public string $on,
        public array $fields,
        public string $shipped,
        public bool $isSubject,
    ) {
    }

    /**
     * @param  Catalogue  $catalogue as it ships
     *
     * @return array<string, self> by path
     */
    public static function all(Catalogue $catalogue): array
    {
        $all = [];
        foreach ($catalogue->messages as $id => $message) {
            $path = "messages/messages/{$id}";
            $all[] = new self("{$path}/text", ucfirst($message->moment), 'message', $message->fields, $message->text, false);
            $all[] = new self(
                "{$path}/subject",
                ucfirst($message->moment).', subject',
                'message',
                $message->fields,
                $message->subject,
                true,
            );
        }
        foreach ($catalogue->texts as $id => $text) {
            $all[] = new self("texts/texts/{$id}/text", $text->name, $text->on, $text->fields, $text->text, false);
        }

        return array_column($all, null, 'path');
    }

    /**
     * What was typed as the text to be kept; null puts back what ships.
     *
     * @throws UnusableText that names the field that is misspelt
     */
    public function read(string $typed): ?string
    {
        $typed = trim(str_replace(["\r\n", "\r"], "\n", $typed));
        $most = $this->isSubject ? self::MOST_OF_A_SUBJECT : self::MOST_LETTERS;
        $unknown = array_values(array_diff(Fields::in($typed), $this->fields))[0] ?? null;
        $stray = Fields::stray($typed);
        match (true) {
            mb_strlen($typed) > $most => throw UnusableText::long($most),
            $this->isSubject && str_contains($typed, "\n") => throw UnusableText::lines(),
            $typed === '' && $this->on === 'message' => throw UnusableText::nothing(),
            $unknown !== null => throw UnusableText::unknownField(
                $unknown,
                UnknownWord::nearest($unknown, $this->fields),
                $this->fields,
            ),
            $stray !== null => throw UnusableText::stray($stray),
            default => null,
        };

        return $typed === trim($this->shipped) ? null : $typed;
    }
}
