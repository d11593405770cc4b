<?php

declare(strict_types=1);

namespace App\View;

use Orthoscope\Core\Assessment\Assessment;
use Orthoscope\Core\Evidence\Start;

/** The machine as it can be seen and heard after its last start: fans, lamps, beeps, the code display, the screen. */
final readonly class PracticeBoard
{
    /** Beeps of this made-up board: l long, s short, a blank between groups. */
    private const BEEPS = ['memory' => 'l l l', 'graphics' => 'lss', 'ok' => 's', 'other' => 'sssss'];

    /** What this made-up board's display shows at a stop. */
    private const CODES = ['blank' => '', 'stuck' => '00', 'memory' => '4A', 'graphics' => '62', 'boot' => 'A2'];

    private const FANS = [
        'still' => 'still', 'twitch' => 'twitch and stop', 'spin' => 'spin', 'roar' => 'at full blast', 'cycle' => 'start and stop',
    ];

    private const SCREENS = [
        'nothing' => 'no signal',
        'twitch' => 'no signal',
        'dark' => 'no signal',
        'picture' => 'a picture, and no further',
        'no-drive' => 'no drive to start from',
        'no-system' => 'a line, then nothing',
        'drops' => 'it ran; now it is gone',
        'stays' => 'the log-in',
    ];

    /**
     * @param  bool  $started it was started, and nothing was done since
     * @param  ?string  $standby  "on", "off"; null = not looked
     * @param  ?string  $power    "on", "off", "blinks"
     * @param  list<string>  $lamps  names of the row of status lamps; empty where the board has none
     * @param  ?string  $beeps  as letters; null = no speaker
     * @param  ?string  $code   null = no display
     */
    private function __construct(
        public bool $started,
        public string $fans,
        public ?string $standby,
        public ?string $power,
        public array $lamps,
        public ?string $lamp,
        public ?string $beeps,
        public ?string $code,
        public bool $picture,
        public bool $garbled,
        public string $screen,
    ) {
    }

    /** All of it in one sentence, for whoever does not see the drawing. */
    public function spoken(): string
    {
        $shown = $this->started ? ['Fans: '.self::FANS[$this->fans], ...$this->lampWords(), ...$this->codeWords()] : ['It is off'];

        return implode('; ', [...$shown, "screen: {$this->screen}"]).'.';
    }

    /** @return list<string> */
    private function lampWords(): array
    {
        $lamp = $this->lamps === [] ? null : $this->lamp;

        return array_values(array_filter([
            $this->standby === null ? '' : "standby lamp {$this->standby}",
            $this->power === null ? '' : "power lamp {$this->power}",
            $lamp === null ? '' : str_replace('none lamp', 'no status lamp', "{$lamp} lamp"),
        ]));
    }

    /** @return list<string> */
    private function codeWords(): array
    {
        return array_values(array_filter([
            $this->beeps === null ? '' : ($this->beeps === '' ? 'no beep' : "beeps: {$this->heard()}"),
            $this->code === null ? '' : ($this->code === '' ? 'code display blank' : "code {$this->code}"),
        ]));
    }

    /** The beeps as words: "long, short, short". */
    public function heard(): string
    {
        $beeps = str_split(str_replace(' ', '', (string) $this->beeps));

        return implode(', ', array_map(fn (string $beep): string => $beep === 'l' ? 'long' : 'short', $beeps));
    }

    public static function of(Assessment $assessment): self
    {
        $entries = $assessment->record->entries;
        $last = end($entries);
        $start = $last instanceof Start ? $last : null;
        $signs = $start->signs ?? [];
        $facts = $assessment->machine->facts;
        $reached = $start->reached ?? 'nothing';

        return new self(
            started: $start !== null,
            fans: $signs['fans'] ?? 'still',
            standby: $signs['standby'] ?? null,
            power: $signs['power-lamp'] ?? null,
            lamps: $facts['status_lamps'] ? ['cpu', 'memory', 'graphics', 'boot'] : [],
            lamp: $signs['lamp'] ?? null,
            beeps: $facts['speaker'] ? self::BEEPS[$signs['beeps'] ?? ''] ?? '' : null,
            code: $facts['code_display'] ? self::CODES[$signs['code'] ?? 'blank'] ?? '' : null,
            picture: ! in_array($reached, ['nothing', 'twitch', 'dark', 'drops'], true),
            garbled: ($signs['image'] ?? '') === 'garbled',
            screen: $start === null ? 'not started now' : self::SCREENS[$reached],
        );
    }
}
