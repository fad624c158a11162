<?php

declare(strict_types=1);

namespace App\Http\Controllers\Brief;

use App\Bundle\BundleDesk;
use App\Bundle\BundleImport;
use App\Desks\Brief\BriefDesk;
use App\Http\Requests\Brief\BundleRequest;
use Illuminate\Http\RedirectResponse;
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

    public function import(BundleRequest $request, BundleImport $desk): RedirectResponse
    {
        $job = $desk->read((string) $request->file('bundle')?->getRealPath());

        return redirect("/jobs/{$job}/brief")->with(
            'said',
            'The job is brought in. Its copies lie where they were made: point to them under Copies.',
        );
    }
}
