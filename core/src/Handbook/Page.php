<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

/** One page of the book: what it is about in a sentence, what is known of it, and every number of it with where it comes from. */
final readonly class Page
{
    public string $address;

    /** @var list<Passage> without those that hold nothing */
    public array $sections;

    /**
     * @param  string  $kind as Book::CHAPTERS names it
     * @param  string  $lead one sentence or two
     * @param  list<Passage>  $sections
     * @param  ?string  $caution what to beware of at it
     * @param  ?string  $part kind of part it is about, for its drawing; null = of none
     */
    public function __construct(
        public string $kind,
        public string $id,
        public string $title,
        public string $lead,
        array $sections,
        public ?string $caution = null,
        public ?string $part = null,
    ) {
        $this->address = "{$kind}/{$id}";
        $says = fn (Passage $section): bool => $section->items !== [] || $section->lead !== '';
        $this->sections = array_values(array_filter($sections, $says));
    }

    /** All that it says, for a search. */
    public function words(): string
    {
        $words = [$this->title, $this->lead, (string) $this->caution];
        foreach ($this->sections as $section) {
            $words[] = $section->heading;
            $words[] = $section->lead;
            foreach ($section->items as $item) {
                $words[] = "{$item->words} {$item->value}";
            }
        }

        return implode("\n", $words);
    }

    public function with(Passage ...$more): self
    {
        $sections = [...$this->sections, ...array_values($more)];

        return new self($this->kind, $this->id, $this->title, $this->lead, $sections, $this->caution, $this->part);
    }
}
