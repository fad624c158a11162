<?php

declare(strict_types=1);

namespace App\Http;

use App\Desks\Brief\JobDay;
use App\Desks\House\Readiness;
use App\Models\Brief\Job;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** What stands around every page: the look, the strap with its holes, what was just done and how it is undone. */
final readonly class Shell
{
    public function __construct(private Request $request, private Readiness $readiness) {}

    public function compose(View $view): void
    {
        $job = $view->getData()['job'] ?? null;
        $view->with([
            'isDim' => $this->request->cookie('look') === 'dim',
            'address' => $this->request->getRequestUri(),
            'said' => $this->kept('said'),
            'undo' => $this->kept('undo'),
        ]);
        if ($view->name() === 'components.page') {
            $view->with([
                'holes' => $job instanceof Job ? $this->readiness->holes($job) : [],
                'days' => $job instanceof Job ? JobDay::daysTo($job) : null,
            ]);
        }
    }

    /** The address of a built file, anew with each change of it, so that it may be kept for ever. */
    public static function asset(string $file): string
    {
        return "/build/{$file}?v=".(@filemtime(public_path("build/{$file}")) ?: 0);
    }

    private function kept(string $key): mixed
    {
        return $this->request->hasSession() ? $this->request->session()->get($key) : null;
    }
}
