<?php

declare(strict_types=1);

namespace Orthoscope\Core\CaseFile;

/** On which line of a JSON text each value begins, by its path; and where the text stops being JSON. */
final class JsonLines
{
    /** @var array<string, int> path such as "/entries/2/reached" => line, from 1 */
    private array $lines = [];

    private int $at = 0;

    private ?int $brokenAt = null;

    private function __construct(private readonly string $json)
    {
    }

    public static function of(string $json): self
    {
        $lines = new self($json);
        $lines->blank();
        if (! $lines->value('') || $lines->blank() < strlen($json)) {
            $lines->brokenAt = $lines->at;
        }

        return $lines;
    }

    /** The line of a value, or of the nearest one that holds it. */
    public function line(string $path): int
    {
        while (! isset($this->lines[$path]) && $path !== '') {
            $path = substr($path, 0, (int) strrpos($path, '/'));
        }

        return $this->lines[$path] ?? 1;
    }

    /** The line at which the text stops being JSON; null if all of it is. */
    public function brokenLine(): ?int
    {
        return $this->brokenAt === null ? null : $this->lineAt($this->brokenAt);
    }

    private function lineAt(int $offset): int
    {
        return 1 + substr_count($this->json, "\n", 0, min($offset, strlen($this->json)));
    }

    private function value(string $path): bool
    {
        $this->lines[$path] = $this->lineAt($this->at);

        return match ($this->json[$this->at] ?? '') {
            '{' => $this->members($path, '}', true),
            '[' => $this->members($path, ']', false),
            '"' => $this->take('/\G"(?:[^"\\\\\x00-\x1f]|\\\\.)*"/') !== null,
            default => $this->take('/\G(?:-?\d+(?:\.\d+)?(?:[eE][+-]?\d+)?|true|false|null)/') !== null,
        };
    }

    private function members(string $path, string $end, bool $named): bool
    {
        $this->at++;
        $this->blank();
        for ($i = 0; ($this->json[$this->at] ?? '') !== $end; $i++) {
            if ($i > 0 && ! $this->passes(',')) {
                return false;
            }
            $key = (string) $i;
            if ($named) {
                $name = $this->take('/\G"(?:[^"\\\\\x00-\x1f]|\\\\.)*"/');
                if ($name === null || ! $this->passes(':')) {
                    return false;
                }
                $key = str_replace(['~', '/'], ['~0', '~1'], self::decoded($name));
            }
            if (! $this->value("{$path}/{$key}")) {
                return false;
            }
            $this->blank();
        }
        $this->at++;

        return true;
    }

    private function passes(string $character): bool
    {
        $this->blank();
        if (($this->json[$this->at] ?? '') !== $character) {
            return false;
        }
        $this->at++;
        $this->blank();

        return true;
    }

    private function take(string $pattern): ?string
    {
        if (preg_match($pattern, $this->json, $match, 0, $this->at) !== 1) {
            return null;
        }
        $this->at += strlen($match[0]);

        return $match[0];
    }

    private function blank(): int
    {
        return $this->at += strspn($this->json, " \t\r\n", $this->at);
    }

    private static function decoded(string $name): string
    {
        $decoded = json_decode($name);

        return is_string($decoded) ? $decoded : '';
    }
}
