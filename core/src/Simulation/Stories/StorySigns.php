<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Stories;

use Orthoscope\Core\Chain\Machine;
use Orthoscope\Core\Plain\Draw;

/** What a board shows as a start ends: what is told of its trouble, or of what is missing; one in seven shows something else, always. */
final class StorySigns
{
    private const ODD = 0.15;

    /** Once there is a picture, or there could be one, a board has run its own tests. */
    private const TESTED = ['no-drive', 'no-system', 'drops', 'stays'];

    /** @var array<string, string> channel, and what it is shown at => value */
    private array $manner = [];

    public function __construct(private readonly Machine $machine, private readonly Draw $draw)
    {
    }

    /**
     * @param  array<string, string>  $told what this board is told to show at a dark start: channel => value
     * @param  string  $at   name of the trouble or of what is missing
     *
     * @return array<string, string> channel => value
     */
    public function of(string $reached, array $told, string $at): array
    {
        $isTested = in_array($reached, self::TESTED, true);
        $plain = [
            'lamp' => 'none',
            'beeps' => $isTested ? 'ok' : 'none',
            'code' => match (true) {
                $isTested => 'boot',
                $reached === 'dark' => 'stuck',
                default => 'blank',
            },
        ];
        $signs = ['fans' => ['nothing' => 'still', 'twitch' => 'twitch'][$reached] ?? 'spin'];
        foreach (['lamp' => 'status_lamps', 'beeps' => 'speaker', 'code' => 'code_display'] as $channel => $fact) {
            if ($this->machine->facts[$fact]) {
                $signs[$channel] = $this->manner["{$channel} {$at} {$reached}"] ??= $this->draw->happens(self::ODD)
                    ? $this->draw->oneOf([$channel === 'code' ? 'blank' : 'none', 'memory', 'graphics'])
                    : ($reached === 'dark' ? $told[$channel] ?? $plain[$channel] : $plain[$channel]);
            }
        }

        return $signs;
    }
}
