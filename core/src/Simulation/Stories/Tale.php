<?php

declare(strict_types=1);

namespace Orthoscope\Core\Simulation\Stories;

use Orthoscope\Core\Plain\Row;
use Symfony\Component\Yaml\Yaml;

/** One kind of trouble, as core/worlds/stories.yaml tells it. */
final readonly class Tale
{
    /**
     * @param  float  $of    how many of a thousand
     * @param  array<string, float>  $cures deed => chance that it ends it
     * @param  float  $moving chance that taking it out and putting it in ends it
     * @param  non-empty-list<float>  $fails shares of starts that fail, one of them drawn for a machine
     * @param  list<float>  $shares of the faces
     * @param  list<array<string, float>>  $faces outcome => share of failing starts
     * @param  array<string, float>  $when  condition => share of starts that fail then
     * @param  list<string>  $never set-ups under which it does not show
     * @param  array<string, float>  $eased set-up => factor on the share of starts that fail
     * @param  array<string, string>  $signs channel => value
     * @param  array<string, array{string, float}>  $looks check => result, and chance that it is seen
     * @param  float  $host chance that the part fails in a good machine
     */
    private function __construct(
        public string $story,
        public float $of,
        public string $part,
        public array $cures,
        public float $moving,
        public array $fails,
        public array $shares,
        public array $faces,
        public array $when,
        public array $never,
        public array $eased,
        public array $signs,
        public array $looks,
        public float $host,
    ) {
    }

    /** @return list<self> */
    public static function all(): array
    {
        $file = Row::of((array) Yaml::parseFile(dirname(__DIR__, 3).'/worlds/stories.yaml'), 'stories.yaml');

        return array_map(self::fromRow(...), $file->rows('stories'));
    }

    /** The repair that ends it most surely. */
    public function usualRepair(): string
    {
        $cures = $this->cures;
        arsort($cures);

        return (string) array_key_first($cures);
    }

    private static function fromRow(Row $row): self
    {
        $shares = $faces = [];
        foreach ($row->rows('faces') as $face) {
            $shares[] = $face->number('share');
            $faces[] = array_diff_key($face->numbers(), ['share' => true]);
        }
        $looks = [];
        foreach ($row->textByName('looks', []) as $check => $seen) {
            [$result, $chance] = explode(' ', $seen);
            $looks[$check] = [$result, (float) $chance];
        }
        $fails = array_map(floatval(...), explode(' ', $row->text('fails')));

        return new self(
            story: $row->text('story'),
            of: $row->number('of'),
            part: $row->text('part'),
            cures: $row->numberByName('cures'),
            moving: $row->numberOrNull('moving') ?? 0.0,
            fails: $fails,
            shares: $shares,
            faces: $faces,
            when: $row->numberByName('when', []),
            never: $row->texts('never', []),
            eased: $row->numberByName('eased', []),
            signs: array_filter(array_map($row->textOrNull(...), ['lamp' => 'lamp', 'beeps' => 'beeps', 'code' => 'code'])),
            looks: $looks,
            host: $row->numberOrNull('host') ?? 0.0,
        );
    }
}
