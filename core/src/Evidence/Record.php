<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

/** A job's entries in order. What is in force follows from the entries; nothing is ever taken away. */
final readonly class Record
{
    /** @var array<int, StrikeOut> struck entry => the strike-out */
    public array $struck;

    /** @var list<Entry> entries in force: neither struck out nor a strike-out */
    public array $inForce;

    /** @var array<class-string<Entry>, list<Entry>> kind => entries in force of just this kind */
    private array $ofKind;

    /** @param  list<Entry>  $entries in the order of their numbers */
    public function __construct(public array $entries)
    {
        $struck = [];
        foreach ($entries as $entry) {
            if ($entry instanceof StrikeOut) {
                $struck[$entry->entry] = $entry;
            }
        }
        $this->struck = $struck;
        $this->inForce = array_values(array_filter(
            $entries,
            fn (Entry $entry): bool => ! $entry instanceof StrikeOut && ! isset($struck[$entry->number]),
        ));
        $ofKind = [];
        foreach ($this->inForce as $entry) {
            $ofKind[$entry::class][] = $entry;
        }
        $this->ofKind = $ofKind;
    }

    /** The record as it stood after an entry. */
    public function upTo(int $number): self
    {
        return new self(array_values(array_filter($this->entries, fn (Entry $entry): bool => $entry->number <= $number)));
    }

    /** The record without one entry, as if it had never been made. */
    public function without(int $number): self
    {
        return new self(array_values(array_filter($this->entries, fn (Entry $entry): bool => $entry->number !== $number)));
    }

    /**
     * @template T of Entry
     *
     * @param  class-string<T>  $class
     *
     * @return list<T> entries in force of one kind
     */
    public function all(string $class): array
    {
        /** @var list<T> each kind of entry is a final class */
        return $this->ofKind[$class] ?? [];
    }

    public function lastStart(): ?Start
    {
        $starts = $this->all(Start::class);

        return $starts === [] ? null : $starts[count($starts) - 1];
    }

    /** What the owner told, in their own words; empty where nobody wrote them down. */
    public function complaint(): string
    {
        foreach ($this->all(Report::class) as $report) {
            if ($report->text !== '' && $report->source !== Report::OPINION) {
                return $report->text;
            }
        }

        return '';
    }

    public function closing(): ?Closing
    {
        return $this->all(Closing::class)[0] ?? null;
    }

    public function collection(): ?Collection
    {
        return $this->all(Collection::class)[0] ?? null;
    }

    /** The last answer that gave leave to spend, and was not taken back by a later one; null where there is none. */
    public function leave(): ?Agreement
    {
        $leave = null;
        foreach ($this->all(Agreement::class) as $agreement) {
            $leave = $agreement->givesLeave() ? $agreement : ($agreement->answer === 'declined' ? null : $leave);
        }

        return $leave;
    }
}
