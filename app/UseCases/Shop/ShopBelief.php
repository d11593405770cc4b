<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\Bulletin;
use App\Models\Job;
use App\Models\Lesson;
use App\Models\Machine;
use Illuminate\Database\Eloquent\Collection;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Learning\ShiftedCatalogue;

/** What the shop believes before it looks: the catalogue, moved by what was learned and accepted, and by bulletins on a model. */
final class ShopBelief
{
    /** @var array<string, Catalogue> by what moves it */
    private array $shifted = [];

    /** @var ?array<string, float> */
    private ?array $learned = null;

    public function __construct(private readonly Catalogue $catalogue)
    {
    }

    public function catalogueFor(Job $job): Catalogue
    {
        $factors = $this->factorsFor($job);

        return $factors === []
            ? $this->catalogue
            : ($this->shifted[md5(serialize($factors))] ??= ShiftedCatalogue::of($this->catalogue, $factors));
    }

    /** @return array<string, float> fault => factor */
    public function factorsFor(Job $job): array
    {
        return ShiftedCatalogue::together([
            $this->learned(),
            ...array_map($this->ofBulletin(...), self::bulletinsOn($job->machine)->all()),
        ]);
    }

    /** @return Collection<int, Bulletin> on its model, or on the model of one of its parts */
    public static function bulletinsOn(Machine $machine): Collection
    {
        return Bulletin::query()->inForce()->whereIn('model', $machine->namesOfModels())->orderByDesc('id')->get();
    }

    /** @return list<Bulletin> on what the shop buys no more of */
    public static function notToBuy(): array
    {
        return array_values(Bulletin::query()->inForce()->where('do_not_buy', true)->orderBy('model')->get()->all());
    }

    public function forget(): void
    {
        $this->learned = null;
    }

    /** @return array<string, float> */
    private function ofBulletin(Bulletin $bulletin): array
    {
        $factors = [];
        foreach ($this->catalogue->faults as $fault) {
            if (
                $fault->id === $bulletin->fault
                || ($bulletin->fault === '' && $bulletin->part !== '' && $fault->part === $bulletin->part)
            ) {
                $factors[$fault->id] = $bulletin->factor;
            }
        }

        return $factors;
    }

    /** @return array<string, float> */
    private function learned(): array
    {
        return $this->learned ??= Lesson::query()->where('state', 'accepted')->orderByDesc('id')->first()->factors ?? [];
    }
}
