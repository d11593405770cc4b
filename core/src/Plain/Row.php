<?php

declare(strict_types=1);

namespace Orthoscope\Core\Plain;

/**
 * A row of data from outside (YAML, JSON, a stored column), read field by field into types. A field that is missing or of another
 * kind is an {@see UnreadableRow} that says where it stands. A default stands for a field that may be left out; `null` counts as left out.
 */
final readonly class Row
{
    /** @param  array<array-key, mixed>  $fields */
    private function __construct(private array $fields, public string $where)
    {
    }

    /** @param  string  $where named in the sentence about a mistake: a file, or a file and a row */
    public static function of(mixed $given, string $where): self
    {
        return is_array($given) ? new self($given, $where) : throw UnreadableRow::noRow($where, $given);
    }

    public function has(string $key): bool
    {
        return isset($this->fields[$key]);
    }

    /** @return list<string> names of its fields */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->fields));
    }

    /** Numbers are taken as they are written: an id may be 55. */
    public function text(string $key, ?string $default = null): string
    {
        $value = $this->fields[$key] ?? $default;

        return is_string($value) || is_int($value) || is_float($value) ? (string) $value : throw $this->wrong($key, 'words');
    }

    /** Whether something stands there that counts as yes: true, a number over nothing, a word that is not empty. */
    public function isSet(string $key, bool $default = false): bool
    {
        return (bool) ($this->fields[$key] ?? $default);
    }

    /** Whether this very word stands there. */
    public function isText(string $key, string $word): bool
    {
        return ($this->fields[$key] ?? null) === $word;
    }

    public function textOrNull(string $key): ?string
    {
        return $this->has($key) ? $this->text($key) : null;
    }

    public function whole(string $key, ?int $default = null): int
    {
        $value = $this->fields[$key] ?? $default;

        return is_int($value) ? $value : throw $this->wrong($key, 'a whole number');
    }

    public function wholeOrNull(string $key): ?int
    {
        return $this->has($key) ? $this->whole($key) : null;
    }

    public function number(string $key, ?float $default = null): float
    {
        $value = $this->fields[$key] ?? $default;

        return is_int($value) || is_float($value) ? (float) $value : throw $this->wrong($key, 'a number');
    }

    public function numberOrNull(string $key): ?float
    {
        return $this->has($key) ? $this->number($key) : null;
    }

    public function flag(string $key, bool $default = false): bool
    {
        $value = $this->fields[$key] ?? $default;

        return is_bool($value) ? $value : throw $this->wrong($key, 'true or false');
    }

    /**
     * @param  ?list<string>  $default
     *
     * @return list<string> one word alone is a list of one
     */
    public function texts(string $key, ?array $default = null): array
    {
        $value = $this->fields[$key] ?? $default;
        $list = is_string($value) ? [$value] : $value;
        if (! is_array($list)) {
            throw $this->wrong($key, 'a list of words');
        }
        $texts = [];
        foreach ($list as $one) {
            $texts[] = is_string($one) || is_int($one) || is_float($one) ? (string) $one : throw $this->wrong($key, 'a list of words');
        }

        return $texts;
    }

    /**
     * @param  ?array<string, string>  $default
     *
     * @return array<string, string>
     */
    public function textByName(string $key, ?array $default = null): array
    {
        $texts = [];
        foreach ($this->named($key, $default) as $name => $one) {
            $texts[$name] = is_string($one) || is_int($one) || is_float($one) ? (string) $one : throw $this->wrong($key, 'words by name');
        }

        return $texts;
    }

    /**
     * @param  ?array<string, float>  $default
     *
     * @return array<string, float>
     */
    public function numberByName(string $key, ?array $default = null): array
    {
        $numbers = [];
        foreach ($this->named($key, $default) as $name => $one) {
            $numbers[$name] = is_int($one) || is_float($one) ? (float) $one : throw $this->wrong($key, 'numbers by name');
        }

        return $numbers;
    }

    /** @return array<string, float> the row itself as numbers by name */
    public function numbers(): array
    {
        $numbers = [];
        foreach ($this->keys() as $key) {
            $numbers[$key] = $this->number($key);
        }

        return $numbers;
    }

    /** @return array<string, string> the row itself as facts by name: a list is its words one after the other */
    public function facts(): array
    {
        $facts = [];
        foreach ($this->keys() as $key) {
            $facts[$key] = is_array($this->fields[$key]) ? implode(', ', $this->texts($key)) : $this->text($key, '');
        }

        return $facts;
    }

    /** @return array{int, int} two whole numbers, from and to */
    public function range(string $key): array
    {
        $value = $this->fields[$key] ?? null;

        return is_array($value) && array_is_list($value) && count($value) === 2 && is_int($value[0]) && is_int($value[1])
            ? [$value[0], $value[1]] : throw $this->wrong($key, 'two whole numbers, from and to');
    }

    /** @return array{float, float} two numbers, least and greatest, the least first */
    public function span(string $key): array
    {
        $value = $this->fields[$key] ?? null;
        if (! is_array($value) || ! array_is_list($value) || count($value) !== 2) {
            throw $this->wrong($key, 'two numbers, least and greatest');
        }
        [$low, $high] = $value;
        if (! (is_int($low) || is_float($low)) || ! (is_int($high) || is_float($high)) || $low >= $high) {
            throw $this->wrong($key, 'two numbers, least and greatest');
        }

        return [(float) $low, (float) $high];
    }

    public function row(string $key): self
    {
        return self::of($this->fields[$key] ?? throw $this->wrong($key, 'a row of fields'), "{$this->where}, {$key}");
    }

    public function rowOrNull(string $key): ?self
    {
        return $this->has($key) ? $this->row($key) : null;
    }

    /**
     * @param  ?list<mixed>  $default
     *
     * @return list<self> each named by its `id` where it has one, else by its place
     */
    public function rows(string $key, ?array $default = null): array
    {
        $value = $this->fields[$key] ?? $default;
        if (! is_array($value)) {
            throw $this->wrong($key, 'a list of rows');
        }
        $rows = [];
        foreach (array_values($value) as $i => $one) {
            $name = is_array($one) && is_scalar($one['id'] ?? null) ? (string) $one['id'] : (string) ($i + 1);
            $rows[] = self::of($one, "{$this->where}, {$key} {$name}");
        }

        return $rows;
    }

    /** @return array<string, self> */
    public function rowByName(string $key): array
    {
        $rows = [];
        foreach ($this->named($key, null) as $name => $one) {
            $rows[$name] = self::of($one, "{$this->where}, {$key} {$name}");
        }

        return $rows;
    }

    /**
     * What stands there, whatever it is, for a reader that tells the kinds apart itself.
     *
     * @return array<string, mixed>
     */
    public function all(): array
    {
        $all = [];
        foreach ($this->fields as $name => $one) {
            $all[(string) $name] = $one;
        }

        return $all;
    }

    /**
     * @param  ?array<string, mixed>  $default
     *
     * @return array<string, mixed>
     */
    private function named(string $key, ?array $default): array
    {
        $value = $this->fields[$key] ?? $default;
        if (! is_array($value)) {
            throw $this->wrong($key, 'values by name');
        }
        $named = [];
        foreach ($value as $name => $one) {
            $named[(string) $name] = $one;
        }

        return $named;
    }

    private function wrong(string $key, string $wanted): UnreadableRow
    {
        return UnreadableRow::wrong($this->where, $key, $wanted, $this->fields[$key] ?? null);
    }
}
