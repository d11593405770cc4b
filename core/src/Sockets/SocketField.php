<?php

declare(strict_types=1);

namespace Orthoscope\Core\Sockets;

/**
 * The field of contacts of a processor socket, as rows and columns with an open middle, so that one contact can be pointed at.
 * Counts of contacts are part of the sockets' names or data sheets (from memory); rows, columns and opening are laid out here so that they
 * come near that count, for pointing and not for measuring.
 */
final readonly class SocketField
{
    private const FIELDS = [
        'LGA1151' => [1151, 40, 36, 18, 16, true],
        'LGA1200' => [1200, 40, 38, 20, 16, true],
        'LGA1700' => [1700, 50, 44, 20, 25, true],
        'LGA1851' => [1851, 52, 46, 21, 26, true],
        'LGA2011' => [2011, 58, 43, 22, 22, true],
        'LGA2066' => [2066, 58, 44, 22, 22, true],
        'AM4' => [1331, 39, 39, 13, 14, false],
        'AM5' => [1718, 50, 44, 22, 22, true],
    ];

    /**
     * @param  int  $contacts how many there are in truth
     * @param  bool  $pinsInSocket the pins stand in the socket; else they stand on the processor, and the socket has holes
     */
    private function __construct(
        public string $name,
        public int $contacts,
        public int $rows,
        public int $columns,
        public int $openRows,
        public int $openColumns,
        public bool $pinsInSocket,
    ) {
    }

    /** The field of a socket by its name; a square field of middling size where the socket is not known. */
    public static function of(?string $socket): self
    {
        $name = strtoupper(str_replace([' ', '-'], '', (string) $socket));
        [$contacts, $rows, $columns, $openRows, $openColumns, $inSocket] = self::FIELDS[$name] ?? [1200, 40, 38, 20, 16, true];

        return new self(isset(self::FIELDS[$name]) ? $name : '', $contacts, $rows, $columns, $openRows, $openColumns, $inSocket);
    }

    /** Whether there is a contact in a row and column, both counted from 1. */
    public function has(int $row, int $column): bool
    {
        if ($row < 1 || $row > $this->rows || $column < 1 || $column > $this->columns) {
            return false;
        }
        $top = intdiv($this->rows - $this->openRows, 2);
        $left = intdiv($this->columns - $this->openColumns, 2);

        return ! ($row > $top && $row <= $top + $this->openRows && $column > $left && $column <= $left + $this->openColumns);
    }

    /** How many contacts the drawing has. */
    public function drawn(): int
    {
        return $this->rows * $this->columns - $this->openRows * $this->openColumns;
    }
}
