<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MarginRequest;
use App\Models\MarginNote;
use App\Models\User;
use App\UseCases\Shop\KeepPhoto;
use App\UseCases\Shop\WriteInTheMargin;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Illuminate\Validation\ValidationException;
use Intervention\Image\Exceptions\RuntimeException as Unreadable;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What people write in the margin of the handbook. */
final class MarginController
{
    public function store(MarginRequest $request, string $kind, string $id, #[CurrentUser] User $user): RedirectResponse
    {
        try {
            $file = $request->hasFile('photo') ? KeepPhoto::kept($request->photo()) : null;
        } catch (Unreadable) {
            throw ValidationException::withMessages(['photo' => 'This picture is damaged and cannot be read; take it again.']);
        }
        MarginNote::query()->create($request->note() + ['file' => $file, 'user_id' => $user->id]);

        return redirect()->to(route('book.page', [$kind, $id]).'#margin')->with('status', 'Written in the margin.');
    }

    /** Who wrote it takes it away, or the lead. */
    public function destroy(MarginNote $note, WriteInTheMargin $margin, #[CurrentUser] User $user): RedirectResponse
    {
        abort_unless($note->user->is($user) || $user->can('lead'), 403);
        $margin->takeAway($note);

        return redirect()->to(route('book.page', explode('/', $note->page)).'#margin')->with('status', 'Taken away.');
    }

    public function answer(Request $request, MarginNote $note, WriteInTheMargin $margin, #[CurrentUser] User $user): RedirectResponse
    {
        $answer = $request->validate(
            ['answer' => ['required', 'in:accepted,declined']],
            ['answer.*' => 'Take it over or leave it.'],
        )['answer'];
        abort_unless($margin->answer($note, $answer === 'accepted', $user), 409);

        return redirect()->to(route('book.page', explode('/', $note->page)).'#margin')->with(
            'status',
            $answer === 'accepted' ? 'Taken over: it is the shop\'s own value from now on.' : 'Left as it is.',
        );
    }

    public function photo(Request $request, MarginNote $note): StreamedResponse
    {
        abort_if($note->file === null, 404);

        return Storage::response(KeepPhoto::path($note->file, $request->boolean('small')), 'note.jpg', [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=604800, immutable',
        ]);
    }
}
