<?php

declare(strict_types=1);

namespace App\Http\Controllers\Brief;

use App\Bundle\BundleDesk;
use App\Bundle\BundleImport;
use App\Desks\Brief\BriefDesk;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A whole job out of the satchel, and into another one. */
final class BundleController
{
    public function export(int $job, BundleDesk $desk): BinaryFileResponse
    {
        $opened = BriefDesk::open($job);
        $name = trim((string) preg_replace('/[^A-Za-z0-9]+/', '-', "{$opened->date} {$opened->name}"), '-');

        return response()
            ->download($desk->export($opened), "{$name}.zip", ['Content-Type' => 'application/zip'])
            ->deleteFileAfterSend();
    }

    public function import(Request $request, BundleImport $desk): RedirectResponse
    {
        $request->validate(
            ['bundle' => ['required', 'file', 'max:40960']],
            [
                'required' => 'Choose a bundle.',
                'max' => 'The bundle is larger than 40 MB.',
                'file' => 'Choose a bundle.',
                'uploaded' => 'The bundle is larger than 40 MB.',
            ],
        );
        $job = $desk->read((string) $request->file('bundle')?->getRealPath());

        return redirect("/jobs/{$job}/brief")->with(
            'said',
            'The job is brought in. Its copies lie where they were made: point to them under Copies.',
        );
    }
}
