<?php

declare(strict_types=1);

namespace Orthoscope\Core\Evidence;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Codes\CodeKind;

/** Makes starts from their written form. */
final readonly class StartReader
{
    public function __construct(private Catalogue $catalogue, private SignWords $words, private SetUpReader $setUps)
    {
    }

    public function read(Head $head, Written $written): Start
    {
        $outcomes = $this->outcomes($written);
        $waited = $written->has('waited') ? $written->whole('waited', 0) : null;
        if ($waited !== null && ($waited < 0 || $waited > 604800)) {
            throw $written->mistake('waited', 'Say the wait in seconds, from 0 to a week (604800).');
        }
        $signs = $this->words->signs($written->part('signs'));

        return new Start(
            $head,
            setUp: $this->setUps->read($written->part('setup')),
            reached: (string) array_key_first($outcomes),
            signs: $signs + $this->drop($written) + $this->cycling($written),
            waited: $waited,
            outcomes: $outcomes,
            step: $written->wordOrNull('step'),
            codes: $this->codes($written->part('codes')),
            reliability: $this->reliability($written->part('reliability'), $signs),
            ended: $this->ended($written, $outcomes),
            degrees: $this->degrees($written),
        );
    }

    private function degrees(Written $written): ?float
    {
        $degrees = $written->has('degrees') ? $written->number('degrees') : null;
        if ($written->has('degrees') && ($degrees === null || $degrees < -30.0 || $degrees > 150.0)) {
            throw $written->mistake('degrees', 'Give the temperature in °C, from -30 to 150, or leave it open.');
        }

        return $degrees;
    }

    /**
     * How the starts ended: one outcome some times in a row, or a list such as {"dark": 8, "stays": 2}.
     *
     * @return array<string, int>
     */
    private function outcomes(Written $written): array
    {
        if (! $written->has('outcomes')) {
            if ($written->word('reached') === '') {
                throw $written->mistake('reached', 'Say how far the start got.');
            }

            return [$this->words->reached($written) => $written->count('times')];
        }
        if ($written->has('times') || $written->has('reached')) {
            throw $written->mistake('outcomes', 'Give either the outcomes with their counts, or one outcome with its times.');
        }
        $given = $written->part('outcomes');
        $outcomes = [];
        foreach ($given->keys() as $reached) {
            $given->known('outcome of a start', $reached, array_keys($this->catalogue->reaches), $reached);
            $outcomes[$reached] = $given->count($reached);
        }
        if ($outcomes === []) {
            throw $written->mistake('outcomes', 'Say how far the starts got.');
        }
        $lastStop = fn (string $reached): int => $this->catalogue->reach($reached)->lastStop;
        uksort($outcomes, fn (string $a, string $b): int => $lastStop($a) <=> $lastStop($b));

        return $outcomes;
    }

    /** @param  array<string, int>  $outcomes */
    private function ended(Written $written, array $outcomes): ?string
    {
        $ended = $written->oneOfOrNull('end of a start', 'ended', array_keys(Start::ENDS));
        if ($ended !== null && $ended !== 'held' && array_keys($outcomes) === ['stays']) {
            throw $written->mistake('ended', 'A start that '.Start::ENDS[$ended].' did not stay up. Say how far it got before.');
        }

        return $ended;
    }

    /**
     * A machine that goes on and off again and again shows it by its fans.
     *
     * @return array<string, string>
     */
    private function cycling(Written $written): array
    {
        return $written->word('ended') === 'cycled' ? ['fans' => 'cycle'] : [];
    }

    /** @return array<string, string> */
    private function codes(Written $written): array
    {
        $codes = [];
        foreach ($written->keys() as $kind) {
            $written->known('kind of code', $kind, array_column(CodeKind::cases(), 'value'), $kind);
            $codes[$kind] = $written->lookedUp($kind, fn (): string => CodeKind::from($kind)->read($written->word($kind)));
        }

        return $codes;
    }

    /**
     * @param  array<string, string>  $signs
     *
     * @return array<string, float>
     */
    private function reliability(Written $written, array $signs): array
    {
        $reliability = [];
        foreach ($written->keys() as $channel) {
            $written->known('sign of this start', $channel, array_keys($signs), $channel);
            $share = $written->number($channel);
            if ($share === null || $share <= 0 || $share > 1) {
                throw $written->mistake($channel, 'The reliability of a sign is a number over 0 and up to 1.');
            }
            $reliability[$channel] = $share;
        }

        return $reliability;
    }

    /**
     * The sign that follows from how long it ran before it dropped.
     *
     * @return array<string, string>
     */
    private function drop(Written $written): array
    {
        if (! $written->has('after')) {
            return [];
        }
        $seconds = $written->whole('after', 0);
        if ($seconds < 0 || $seconds > 2592000) {
            throw $written->mistake('after', 'Say after how many seconds it dropped, from 0 to thirty days (2592000).');
        }

        return [
            'drop' => match (true) {
                $seconds < 60 => 'seconds',
                $seconds < 3600 => 'minutes',
                default => 'hours',
            },
        ];
    }
}
