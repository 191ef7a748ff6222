<?php

declare(strict_types=1);

namespace App\Http\Controllers\Survey;

use App\Http\Controllers\Controller;
use App\Http\Requests\Survey\PhotoRequest;
use App\Models\Job;
use App\Models\Part;
use App\Models\Photo;
use App\Record\PhotoStore;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use RuntimeException;

final class PhotoController extends Controller
{
    public function show(Job $job, Part $part, Photo $photo): Response
    {
        return self::jpeg($photo);
    }

    /** One that comes from the outbox is kept once, however often the network makes it come. */
    public function store(PhotoRequest $request, Job $job, Part $part): RedirectResponse|JsonResponse
    {
        try {
            PhotoStore::keep(
                $part,
                $request->bytes(),
                $request->string('caption')->toString(),
                $request->clientId(),
                $request->string('shows')->toString(),
            );
        } catch (RuntimeException $e) {
            if ($request->expectsJson()) {
                return response()->json(['message' => 'The picture ' . $e->getMessage() . '.'], 422);
            }

            return back()->withInput($request->only('caption'))->withErrors(['photo' => 'The file ' . $e->getMessage() . '.']);
        }

        if ($request->expectsJson()) {
            return response()->json(['kept' => true]);
        }

        return redirect()->to($request->backTo(route('parts.edit', [$job, $part])))->with(
            'said',
            'The picture is kept, without its location data.',
        );
    }

    public function destroy(Job $job, Part $part, Photo $photo): RedirectResponse
    {
        $photo->delete();

        return redirect()->route('parts.edit', [$job, $part])->with('said', 'The picture is taken away.');
    }

    public static function jpeg(Photo $photo): Response
    {
        return new Response(PhotoStore::bytes($photo), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }
}
