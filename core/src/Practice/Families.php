<?php

declare(strict_types=1);

namespace Orthoscope\Core\Practice;

use Orthoscope\Core\Plain\Row;
use Symfony\Component\Yaml\Yaml;

/** The families of faults, in the order people learn them, and the words owners use. They ship in `core/practice/families.yaml`. */
final class Families
{
    /** Read once: it ships and does not change. */
    private static ?self $shipped = null;

    /**
     * @param  array<string, Family>  $all    by id
     * @param  array<string, string>  $says   how far it gets => what its owner says
     * @param  array<string, string>  $events what happened just before => what its owner says of it
     */
    private function __construct(public readonly array $all, private readonly array $says, private readonly array $events)
    {
    }

    public static function shipped(): self
    {
        return self::$shipped ??= self::read();
    }

    private static function read(): self
    {
        $file = 'families.yaml';
        $row = Row::of((array) Yaml::parseFile(dirname(__DIR__, 2)."/practice/{$file}"), $file);
        $all = [];
        foreach ($row->rows('families') as $family) {
            $all[$family->text('id')] = Family::fromRow($family);
        }

        return new self($all, $row->textByName('says'), $row->textByName('events_say'));
    }

    public function has(string $id): bool
    {
        return isset($this->all[$id]);
    }

    /** The family that comes after one, in the order people learn them; null after the last. */
    public function after(string $id): ?Family
    {
        $ids = array_keys($this->all);
        $at = array_search($id, $ids, true);

        return $at === false ? null : $this->all[$ids[$at + 1] ?? ''] ?? null;
    }

    /** What an owner says at the counter. */
    public function says(string $reached, string $event): string
    {
        return trim(($this->says[$reached] ?? '').' '.($this->events[$event] ?? ''));
    }
}
