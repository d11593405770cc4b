<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Circuit;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;

/** What a board shows of where it stopped, in its own manner, which stays with it: one lamp in seven lies, always the same way. */
final class BoardManner
{
    private const LAMPS = [
        5 => 'cpu', 4 => 'cpu', 6 => 'memory', 7 => 'graphics', 9 => 'boot',
    ];

    private const BEEPS = [6 => 'memory', 7 => 'graphics', 8 => 'ok', 9 => 'ok', 10 => 'ok', 11 => 'ok', 12 => 'ok'];

    /** @var array<string, string> channel and stop => what this board shows there */
    private array $manner = [];

    public function __construct(private readonly Machine $machine, private readonly Draw $draw)
    {
    }

    /** @return array<string, string> channel => value */
    public function at(int $stop): array
    {
        $signs = ['fans' => $this->fans($stop)];
        if ($this->machine->facts['status_lamps']) {
            $lamps = ['none', 'cpu', 'memory', 'graphics', 'boot'];
            $signs['lamp'] = $this->lasting("lamp {$stop}", self::LAMPS[$stop] ?? 'none', $lamps, 0.14);
        }
        if ($this->machine->facts['speaker']) {
            $signs['beeps'] = $this->lasting("beeps {$stop}", self::BEEPS[$stop] ?? 'none', ['none', 'memory', 'graphics', 'other'], 0.25);
        }
        if ($this->machine->facts['code_display']) {
            $right = match (true) {
                $stop < 4 => 'blank',
                $stop < 6 => 'stuck',
                $stop === 6 => 'memory',
                $stop === 7 => 'graphics',
                default => 'boot',
            };
            $signs['code'] = $this->lasting("code {$stop}", $right, ['blank', 'stuck', 'memory', 'graphics', 'boot'], 0.08);
        }

        return $signs;
    }

    private function fans(int $stop): string
    {
        return match (true) {
            $stop < 3 => 'still',
            $stop === 3 => $this->draw->happens(0.7) ? 'twitch' : 'cycle',
            $stop < 7 => $this->lasting("fans {$stop}", 'spin', ['spin', 'roar', 'cycle'], 0.3),
            default => 'spin',
        };
    }

    /** @param  list<string>  $others */
    private function lasting(string $key, string $right, array $others, float $lies): string
    {
        return $this->manner[$key] ??= $this->draw->happens($lies) ? $this->draw->oneOf($others) : $right;
    }
}
