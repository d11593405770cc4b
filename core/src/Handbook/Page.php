<?php

declare(strict_types=1);

namespace Orthoscope\Core\Handbook;

/** One page of the book: what it is about in a sentence, what is known of it, and every number of it with where it comes from. */
final readonly class Page
{
    public string $address;

    /** @var list<Section> without those that hold nothing */
    public array $sections;

    /**
     * @param  string  $kind as Book::CHAPTERS names it
     * @param  string  $lead one sentence or two
     * @param  list<Section>  $sections
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
        $this->sections = array_values(array_filter($sections, fn (Section $section): bool => $section->items !== [] || $section->lead !== ''));
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

    public function with(Section ...$more): self
    {
        return new self($this->kind, $this->id, $this->title, $this->lead, [...$this->sections, ...array_values($more)], $this->caution, $this->part);
    }
}
