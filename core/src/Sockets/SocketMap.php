<?php

declare(strict_types=1);

namespace Orthoscope\Core\Sockets;

use InvalidArgumentException;

/** Contacts of one socket that were marked under the glass, and what the look amounts to. */
final readonly class SocketMap
{
    /** @param  array<string, ContactState>  $contacts "row.column", both from 1 => state */
    private function __construct(public array $contacts)
    {
    }

    /**
     * @param  array<string, string>  $marked "row.column" => state
     *
     * @throws InvalidArgumentException with one sentence
     */
    public static function of(SocketField $field, array $marked): self
    {
        $contacts = [];
        foreach ($marked as $place => $state) {
            if (preg_match('/^(\d{1,3})\.(\d{1,3})$/', (string) $place, $found) !== 1 || ! $field->has((int) $found[1], (int) $found[2])) {
                throw new InvalidArgumentException("There is no contact at \"{$place}\" of this socket; mark it on the drawing.");
            }
            $contacts["{$found[1]}.{$found[2]}"] = ContactState::tryFrom((string) $state)
                ?? throw new InvalidArgumentException(
                    "\"{$state}\" is no state of a contact; mark it missing, burnt, bent, dirty or straightened.",
                );
        }

        return new self($contacts);
    }

    /** The result the look has: the worst of its contacts counts. */
    public function result(): string
    {
        foreach (ContactState::cases() as $state) {
            if ($state->result() !== null && in_array($state, $this->contacts, true)) {
                return $state->result();
            }
        }

        return 'clear';
    }

    /** @return array<string, string> as it is written in a case file */
    public function toArray(): array
    {
        return array_map(fn (ContactState $state): string => $state->value, $this->contacts);
    }

    /** What was marked, in a few words: "2 bent (row 3, column 7; row 3, column 8), 1 missing (row 9, column 1)". */
    public function words(): string
    {
        $words = [];
        foreach (ContactState::cases() as $state) {
            $places = array_keys(array_filter($this->contacts, fn (ContactState $one): bool => $one === $state));
            if ($places !== []) {
                $words[] = count($places)
                    ." {$state->value} ("
                    .implode(
                        '; ',
                        array_map(fn (string $place): string => 'row '.str_replace('.', ', column ', $place), array_slice($places, 0, 4)),
                    )
                    .(count($places) > 4 ? '; …' : '')
                    .')';
            }
        }

        return implode(', ', $words);
    }
}
