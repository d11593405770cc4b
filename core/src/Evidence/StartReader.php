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

    /**
     * @param  array{int, string, string, string}  $head
     * @param  array<string, mixed>  $given
     */
    public function read(array $head, array $given): Start
    {
        $outcomes = $this->outcomes($given);
        $waited = isset($given['waited']) ? Written::whole($given, 'waited', 0) : null;
        if ($waited !== null && ($waited < 0 || $waited > 604800)) {
            throw CaseMistake::at('/waited', 'Say the wait in seconds, from 0 to a week (604800).');
        }

        $signs = $this->words->signs($given['signs'] ?? []);

        return new Start(
            ...$head,
            setUp: $this->setUps->read($given['setup'] ?? []),
            reached: (string) array_key_first($outcomes),
            signs: $signs + $this->drop($given) + $this->cycling($given),
            waited: $waited,
            outcomes: $outcomes,
            step: isset($given['step']) ? (string) $given['step'] : null,
            codes: $this->codes($given['codes'] ?? []),
            reliability: $this->reliability($given['reliability'] ?? [], $signs),
            ended: $this->ended($given, $outcomes),
        );
    }

    /**
     * How the starts ended: one outcome some times in a row, or a list such as {"dark": 8, "stays": 2}.
     *
     * @param  array<string, mixed>  $given
     *
     * @return array<string, int>
     */
    private function outcomes(array $given): array
    {
        if (! isset($given['outcomes'])) {
            if (($given['reached'] ?? '') === '') {
                throw CaseMistake::at('/reached', 'Say how far the start got.');
            }

            return [$this->words->reached((string) $given['reached']) => Written::count($given, 'times', '/times')];
        }
        if (isset($given['times']) || isset($given['reached'])) {
            throw CaseMistake::at('/outcomes', 'Give either the outcomes with their counts, or one outcome with its times.');
        }
        $outcomes = [];
        foreach ($given['outcomes'] as $reached => $times) {
            Written::oneOf('outcome of a start', (string) $reached, array_keys($this->catalogue->reaches), "/outcomes/{$reached}");
            $outcomes[$reached] = Written::count($given['outcomes'], (string) $reached, "/outcomes/{$reached}");
        }
        if ($outcomes === []) {
            throw CaseMistake::at('/outcomes', 'Say how far the starts got.');
        }
        uksort($outcomes, fn (string $a, string $b): int => $this->catalogue->reach($a)->lastStop <=> $this->catalogue->reach($b)->lastStop);

        return $outcomes;
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array<string, int>  $outcomes
     */
    private function ended(array $given, array $outcomes): ?string
    {
        if (! isset($given['ended'])) {
            return null;
        }
        $ended = Written::oneOf('end of a start', (string) $given['ended'], array_keys(Start::ENDS), '/ended');
        if ($ended !== 'held' && array_keys($outcomes) === ['stays']) {
            throw CaseMistake::at('/ended', 'A start that '.Start::ENDS[$ended].' did not stay up. Say how far it got before.');
        }

        return $ended;
    }

    /**
     * A machine that goes on and off again and again shows it by its fans.
     *
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    private function cycling(array $given): array
    {
        return ($given['ended'] ?? '') === 'cycled' ? ['fans' => 'cycle'] : [];
    }

    /**
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    private function codes(array $given): array
    {
        $codes = [];
        foreach ($given as $kind => $code) {
            Written::oneOf('kind of code', (string) $kind, array_column(CodeKind::cases(), 'value'), "/codes/{$kind}");
            $codes[$kind] = Written::catalogued(fn (): string => CodeKind::from((string) $kind)->read((string) $code), "/codes/{$kind}");
        }

        return $codes;
    }

    /**
     * @param  array<string, mixed>  $given
     * @param  array<string, string>  $signs
     *
     * @return array<string, float>
     */
    private function reliability(array $given, array $signs): array
    {
        foreach ($given as $channel => $share) {
            Written::oneOf('sign of this start', (string) $channel, array_keys($signs), "/reliability/{$channel}");
            if (! is_numeric($share) || $share <= 0 || $share > 1) {
                throw CaseMistake::at("/reliability/{$channel}", 'The reliability of a sign is a number over 0 and up to 1.');
            }
        }

        return array_map(floatval(...), $given);
    }

    /**
     * The sign that follows from how long it ran before it dropped.
     *
     * @param  array<string, mixed>  $given
     *
     * @return array<string, string>
     */
    private function drop(array $given): array
    {
        if (! isset($given['after'])) {
            return [];
        }
        $seconds = Written::whole($given, 'after', 0);
        if ($seconds < 0 || $seconds > 2592000) {
            throw CaseMistake::at('/after', 'Say after how many seconds it dropped, from 0 to thirty days (2592000).');
        }

        return ['drop' => match (true) {
            $seconds < 60 => 'seconds',
            $seconds < 3600 => 'minutes',
            default => 'hours',
        }];
    }
}
