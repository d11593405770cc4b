<?php

declare(strict_types=1);

namespace App\UseCases\Shop;

use App\Models\OwnValue;
use App\Models\Shop;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Cache;
use Orthoscope\Core\Catalogue\Catalogue;
use Orthoscope\Core\Catalogue\Number;
use Orthoscope\Core\Catalogue\Own\OwnValues;
use Orthoscope\Core\Plain\Row;

/** The catalogue that ships with the shop's own values over it. */
final readonly class ShopCatalogue
{
    /** The order of steps that a shop made for itself. */
    public const OWN_SCHOOL = 'own';

    public function __construct(private CoreVersion $version)
    {
    }

    public function now(): Catalogue
    {
        return $this->over(OwnValue::inForce());
    }

    /** As it was on that day, for what was promised then. */
    public function asOf(Carbon $at): Catalogue
    {
        return $this->over(OwnValue::inForce($at), Shop::stored($at));
    }

    /** As it ships, in the money of the shop: what its pages show beside its own values. */
    public function shipped(): Catalogue
    {
        return new Catalogue($this->files(shop()));
    }

    /** @param  array<string, int|float|bool|string>  $own path => value */
    public function over(array $own, ?Shop $shop = null): Catalogue
    {
        return new Catalogue(OwnValues::over($this->files($shop ?? shop()), $own + self::paid()));
    }

    /** @return array<string, int> path => what a kind of part cost lately; what the lead sets goes before it */
    private static function paid(): array
    {
        $paid = [];
        foreach (PaidLately::prices() as $kind => $price) {
            $paid["parts/parts/{$kind}/price"] = max(1, $price);
        }

        return $paid;
    }

    /** @return array<string, mixed> parsed files, with what the page of the shop says */
    private function files(Shop $shop): array
    {
        // Parsing the catalogue takes longer than reasoning with it, so the parsed files are kept until one of them changes.
        $files = Cache::rememberForever(
            "catalogue.{$this->version->word()}",
            fn (): array => Catalogue::read(base_path('core/catalogue')),
        );
        $files = OwnValues::inMoney($files, $shop->priceOfOne / 1000 * 10 ** ($shop->decimals - 2));
        $row = Row::of($files['numbers']['numbers']['comeback_risk'] ?? null, 'numbers.yaml, comeback_risk');
        $risk = Number::fromRow('comeback_risk', $row)->nearest($shop->comebackRisk / 1000);
        $files['numbers']['numbers']['comeback_risk']['value'] = $risk;
        $files['economy'] = [
            'tax' => $shop->tax,
            'tax_per_line' => $shop->taxPerLine,
            'labour' => $shop->hourPrice / 60,
            'deposit' => ['from' => $shop->depositFrom, 'share' => $shop->depositShare],
            'valid_days' => $shop->quoteDays,
            'currency' => ['sign' => $shop->currency, 'decimals' => $shop->decimals, 'point' => $shop->point],
        ] + $files['economy'];

        $known = array_column(array_filter((array) ($files['steps']['steps'] ?? []), is_array(...)), 'id');
        $order = array_values(array_intersect($shop->schoolOrder, $known));
        if ($order !== []) {
            $files['schools']['schools'][] = ['id' => self::OWN_SCHOOL, 'name' => 'as this shop does it', 'order' => $order];
        }

        return $files;
    }
}
