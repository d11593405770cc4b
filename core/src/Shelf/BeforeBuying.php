<?php

declare(strict_types=1);

namespace Orthoscope\Core\Shelf;

use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Shelf\FitRule;
use Orthoscope\Core\Chain\Machine;

/**
 * Whether a part goes with a machine, asked before it is bought: by the rules that decide what spare fits, and with what nobody has said.
 * It never says that a part will run: two good parts may refuse each other.
 */
final readonly class BeforeBuying
{
    /**
     * @param  list<string>  $against what keeps it from fitting
     * @param  list<string>  $cautions what is to be minded if it is bought
     * @param  list<string>  $unknown what nobody has said and decides
     * @param  list<string>  $ask what is to be looked up, whatever is known
     */
    private function __construct(public array $against, public array $cautions, public array $unknown, public array $ask)
    {
    }

    /** @param  array<string, string>  $facts of the part */
    public static function of(string $kind, array $facts, Machine $machine, Catalogue $catalogue): self
    {
        $fitting = Fitting::of($kind, $facts, $machine, $catalogue->shelf);
        $unknown = [];
        foreach ($catalogue->shelf->rulesOf($kind) as $rule) {
            if ($rule->rule !== 'needs') {
                array_push($unknown, ...self::unsaid($rule, $facts, $machine, $catalogue));
            }
        }

        return new self(
            $fitting->against,
            $fitting->cautions,
            array_values(array_unique($unknown)),
            isset($catalogue->shelf->asks[$kind]) ? [$catalogue->shelf->asks[$kind]] : [],
        );
    }

    public function fits(): bool
    {
        return $this->against === [];
    }

    /** In a few words; where nothing was said of it, that. */
    public function verdict(): string
    {
        return match (true) {
            $this->against !== [] => 'It does not go with this machine',
            $this->unknown !== [] => 'Nothing that is known speaks against it; not all is known',
            $this->cautions !== [] => 'It can go with this machine, with care',
            default => 'By its numbers it goes with this machine',
        };
    }

    /**
     * @param  array<string, string>  $facts
     *
     * @return list<string>
     */
    private static function unsaid(FitRule $rule, array $facts, Machine $machine, Catalogue $catalogue): array
    {
        $name = static fn (string $fact): string => $catalogue->shelf->names[$fact] ?? $fact;

        return [
            ...($machine->platform[$rule->of] ?? '') === '' ? ["of the machine: {$name($rule->of)}"] : [],
            ...($facts[$rule->fact] ?? '') === '' ? ["of the part: {$name($rule->fact)}"] : [],
        ];
    }
}
