<?php

declare(strict_types=1);

namespace App\View;

use Illuminate\Contracts\Support\Htmlable;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Evidence\Entry;
use Orthoscope\Core\Evidence\Start;

/** The chain in thumb size: twelve pads, whole up to where it surely got, striped where it may have got, empty beyond. */
final readonly class Thumb implements Htmlable
{
    public const STAGES = 12;

    /** @param  list<string>  $pads "reached", "maybe" or "beyond" */
    private function __construct(public array $pads, public string $spoken)
    {
    }

    /** How far a start got; null for any other entry. */
    public static function ofEntry(Entry $entry, Catalogue $catalogue): ?self
    {
        if (! $entry instanceof Start) {
            return null;
        }
        $reach = $catalogue->reach($entry->reached);

        return self::of([$reach->firstStop, $reach->lastStop]);
    }

    /** @param  array{int, int}|null  $stop earliest and likeliest stage not reached */
    public static function of(?array $stop): self
    {
        [$earliest, $likeliest] = $stop ?? [0, 0];
        $pads = [];
        for ($i = 0; $i < self::STAGES; $i++) {
            $pads[] = $i < $earliest ? 'reached' : ($i < $likeliest ? 'maybe' : 'beyond');
        }

        return new self(
            $pads,
            match (true) {
                $stop === null => 'no start yet',
                $likeliest >= self::STAGES => 'goes all the way',
                $earliest === $likeliest => "reaches {$likeliest} of ".self::STAGES,
                default => "reaches {$earliest} to {$likeliest} of ".self::STAGES,
            },
        );
    }

    public function toHtml(): string
    {
        $pads = '';
        foreach ($this->pads as $i => $state) {
            $pads .= '<rect class="pad '.$state.'" x="'.($i * 10 + 0.75).'" y="1.25" width="7.5" height="7.5" rx="1.5"/>';
        }

        return '<svg class="thumb" width="120" height="10" viewBox="0 0 120 10" role="img" aria-label="'
            .e($this->spoken)
            .'">'
            .$pads
            .'</svg>';
    }
}
