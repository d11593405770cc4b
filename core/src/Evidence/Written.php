<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use InvalidArgumentException;
use Orthoscope\Core\Catalogue\CatalogueMistake;
use Orthoscope\Core\Chain\MachineMistake;
use Orthoscope\Core\Plain\UnknownWord;

/** A written entry, or an object inside one: hands out its words and numbers, and says by path where one is wrong. */
final readonly class Written
{
    /** @param  array<array-key, mixed>  $given */
    private function __construct(private array $given, private string $path)
    {
    }

    /** @param  array<array-key, mixed>  $given */
    public static function of(array $given): self
    {
        return new self($given, '');
    }

    public function has(string $key): bool
    {
        return isset($this->given[$key]);
    }

    public function isEmpty(): bool
    {
        return $this->given === [];
    }

    /** @return list<string> names of its fields */
    public function keys(): array
    {
        return array_map(strval(...), array_keys($this->given));
    }

    /** What is missing is the default; a number is taken as it is written. */
    public function word(string $key, string $default = ''): string
    {
        $value = $this->given[$key] ?? $default;

        return is_scalar($value) ? (string) $value : throw $this->mistake($key, 'This must be words.');
    }

    public function wordOrNull(string $key): ?string
    {
        return $this->has($key) ? $this->word($key) : null;
    }

    public function flag(string $key): bool
    {
        return (bool) ($this->given[$key] ?? false);
    }

    public function whole(string $key, int $default): int
    {
        $value = filter_var($this->given[$key] ?? $default, FILTER_VALIDATE_INT);

        return $value === false ? throw $this->mistake($key, 'This must be a whole number.') : $value;
    }

    /** From 1 to 1000; one if nothing is said. */
    public function count(string $key, string $sentence = 'Say how many starts went like this, a whole number from 1 to 1000.'): int
    {
        $value = filter_var($this->given[$key] ?? 1, FILTER_VALIDATE_INT, ['options' => ['min_range' => 1, 'max_range' => 1000]]);

        return $value === false ? throw $this->mistake($key, $sentence) : $value;
    }

    /** Null where nothing is said, or where what is said is no number. */
    public function number(string $key): ?float
    {
        $value = $this->given[$key] ?? null;

        return is_numeric($value) ? (float) $value : null;
    }

    /** @return list<string> a word alone is a list of one */
    public function words(string $key): array
    {
        $words = [];
        foreach (array_values((array) ($this->given[$key] ?? [])) as $i => $word) {
            $words[] = is_scalar($word) ? (string) $word : throw $this->mistake("{$key}/{$i}", 'This must be words.');
        }

        return $words;
    }

    /** The object below a key; an empty one if it is missing. */
    public function part(string $key): self
    {
        $given = $this->given[$key] ?? [];

        return is_array($given)
            ? new self($given, "{$this->path}/{$key}")
            : throw $this->mistake($key, 'This must be an object with fields.');
    }

    /**
     * @param  list<string>  $known
     *
     * @return list<string>
     */
    public function allOf(string $what, string $key, array $known): array
    {
        $words = $this->words($key);
        foreach ($words as $i => $word) {
            $this->known($what, $word, $known, "{$key}/{$i}");
        }

        return $words;
    }

    /** @param  list<string>  $known */
    public function oneOf(string $what, string $key, array $known, string $default = ''): string
    {
        return $this->known($what, $this->word($key, $default), $known, $key);
    }

    /** @param  list<string>  $known */
    public function oneOfOrNull(string $what, string $key, array $known): ?string
    {
        return $this->has($key) ? $this->oneOf($what, $key, $known) : null;
    }

    /**
     * A word that is found at a key, or is itself the key of a field.
     *
     * @param  list<string>  $known
     */
    public function known(string $what, string $word, array $known, string $key): string
    {
        return in_array($word, $known, true) ? $word : throw $this->mistake($key, UnknownWord::sentence($what, $word, $known));
    }

    /**
     * What is looked up elsewhere; that it is not found there is a mistake at this key.
     *
     * @template T
     *
     * @param  callable(): T  $lookUp
     *
     * @return T
     */
    public function lookedUp(string $key, callable $lookUp): mixed
    {
        try {
            return $lookUp();
        } catch (CatalogueMistake|MachineMistake|InvalidArgumentException $mistake) {
            throw CaseMistake::at("{$this->path}/{$key}", $mistake->getMessage(), $mistake);
        }
    }

    public function mistake(string $key, string $sentence): CaseMistake
    {
        return CaseMistake::at("{$this->path}/{$key}", $sentence);
    }
}
