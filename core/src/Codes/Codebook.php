<?php

declare(strict_types=1);

namespace Orthoscope\Core\Codes;

/** All meanings of codes that are known: those that ship, and those a shop adds. */
final readonly class Codebook
{
    /** @param  list<CodeMeaning>  $meanings */
    public function __construct(public array $meanings)
    {
    }

    /**
     * The meaning of a code on one machine: one said of its own model or firmware before one said of any, then the narrowest, then
     * the one added last. Null where nothing is known.
     *
     * @param  string  $code  in the form {@see CodeKind::read} gives
     * @param  list<string>  $of  models and firmware families the machine is of
     */
    public function meaning(CodeKind $kind, string $code, array $of = []): ?CodeMeaning
    {
        $of = array_map(mb_strtolower(...), $of);
        $best = null;
        foreach ($this->meanings as $meaning) {
            $fits = $meaning->kind === $kind && ($meaning->for === '' || in_array($meaning->for, $of, true)) && $meaning->covers($code);
            if ($fits && ($best === null || [$meaning->for !== '', -$meaning->width()] >= [$best->for !== '', -$best->width()])) {
                $best = $meaning;
            }
        }

        return $best;
    }

    public function and(self $more): self
    {
        return new self([...$this->meanings, ...$more->meanings]);
    }

    /**
     * The lamps of one machine in their own order, as its codebook lists them.
     *
     * @param  list<string>  $of
     *
     * @return list<CodeMeaning>
     */
    public function lamps(array $of): array
    {
        $of = array_map(mb_strtolower(...), $of);

        return array_values(
            array_filter(
                $this->meanings,
                fn (CodeMeaning $meaning): bool => $meaning->kind === CodeKind::Lamp && in_array($meaning->for, $of, true),
            ),
        );
    }
}
