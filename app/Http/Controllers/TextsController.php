<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Job;
use App\Models\OwnValue;
use App\Models\User;
use App\UseCases\Owners\FactsForWords;
use App\UseCases\Shop\SetOwnValues;
use App\UseCases\Shop\ShopCatalogue;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Orthoscope\Core\Catalogue\Own\OwnText;
use Orthoscope\Core\Catalogue\Own\UnusableText;
use Orthoscope\Core\Plain\Fields;

/** The shop's wording of messages and papers: typed, seen on a real job, put back. The facts stay the record's. */
final class TextsController
{
    public function show(Request $request, ShopCatalogue $shopCatalogue): View
    {
        $texts = OwnText::all($shopCatalogue->shipped());
        $own = OwnValue::inForce();
        $asked = $request->query('text');
        $text = $texts[is_string($asked) ? $asked : ''] ?? current($texts);
        abort_if($text === false, 404);
        $words = $own[$text->path] ?? $text->shipped;

        return $this->page($texts, $own, $text, is_string($words) ? $words : $text->shipped);
    }

    public function update(Request $request, ShopCatalogue $shopCatalogue, #[CurrentUser] User $user): View|RedirectResponse
    {
        $texts = OwnText::all($shopCatalogue->shipped());
        $given = $request->validate(
            [
                'text' => ['required', Rule::in(array_keys($texts))],
                'words' => ['nullable', 'string', 'max:10000'],
                'deed' => ['required', Rule::in(['look', 'save', 'back'])],
            ],
            ['text.*' => 'This text is not known any more; load the page again.', 'words.*' => 'Keep it under 4000 letters.'],
        );
        $text = $texts[$given['text']];
        try {
            $words = $given['deed'] === 'back' ? null : $text->read((string) ($given['words'] ?? ''));
        } catch (UnusableText $mistake) {
            throw ValidationException::withMessages(['words' => $mistake->getMessage()])
                ->redirectTo(route('texts', ['text' => $text->path]));
        }
        if ($given['deed'] === 'look') {
            return $this->page($texts, OwnValue::inForce(), $text, (string) ($given['words'] ?? ''), looked: true);
        }
        SetOwnValues::set([$text->path => $words], $user);

        return redirect()
            ->route('texts', ['text' => $text->path])
            ->with('status', $words === null ? 'What ships holds again.' : 'Kept. It is used from now on.');
    }

    /**
     * @param  array<string, OwnText>  $texts
     * @param  array<string, int|float|bool|string>  $own
     */
    private function page(array $texts, array $own, OwnText $text, string $words, bool $looked = false): View
    {
        $job = Job::query()
            ->whereNotNull('arrived_at')
            ->whereNull('own')
            ->with('machine.owner')
            ->latest('id')
            ->first();

        return view('texts', [
            'texts' => $texts,
            'own' => $own,
            'text' => $text,
            'words' => $words,
            'looked' => $looked,
            'job' => $job,
            'filled' => $job === null ? null : Fields::fill($words, FactsForWords::example($job)),
            'change' => OwnValue::query()->with('user')->where('path', $text->path)->latest('id')->first(),
        ]);
    }
}
