<?php

declare(strict_types=1);

namespace App\Providers;

use App\Desks\AuditDesk;
use App\Desks\AuditRules;
use App\Desks\BriefDesk;
use App\Desks\CardLog;
use App\Desks\CardsDesk;
use App\Desks\CarryDesk;
use App\Desks\CopiesDesk;
use App\Desks\CopyLedger;
use App\Desks\CoverageDesk;
use App\Desks\DaysDesk;
use App\Desks\HandoverDesk;
use App\Desks\HandoverLog;
use App\Desks\HomeDesk;
use App\Desks\KitDesk;
use App\Desks\LoadOwners;
use App\Desks\NeedsDesk;
use App\Desks\PackDesk;
use App\Desks\PeopleDesk;
use App\Desks\Places;
use App\Desks\PlanDesk;
use App\Desks\ProofDesk;
use App\Desks\RunDesk;
use App\Desks\ScoutDesk;
use App\Desks\ShelfDesk;
use App\Desks\Strap;
use App\Devices\AllowedRoots;
use App\Http\PostForm;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    /** The desks keep what they read for the length of one request. */
    private const DESKS = [BriefDesk::class, PlanDesk::class, ScoutDesk::class, ShelfDesk::class, NeedsDesk::class, CarryDesk::class, DaysDesk::class, PackDesk::class, HomeDesk::class, KitDesk::class, PeopleDesk::class, CardLog::class, HandoverLog::class, Places::class, AuditRules::class, CopyLedger::class, CoverageDesk::class, LoadOwners::class, ProofDesk::class, CardsDesk::class, HandoverDesk::class, AuditDesk::class, CopiesDesk::class, RunDesk::class, Strap::class];

    public function register(): void
    {
        $this->app->scoped(AllowedRoots::class, AllowedRoots::read(...));
        foreach (self::DESKS as $desk) {
            $this->app->scoped($desk);
        }
    }

    public function boot(): void
    {
        // A caller on the day and a couple at home are counted apart; by address, for whoever guesses has another link each time.
        RateLimiter::for('couple', static fn (Request $request): Limit => Limit::perMinute(20)->by('couple '.$request->ip()));
        RateLimiter::for('caller', static fn (Request $request): Limit => Limit::perMinute(120)->by('caller '.$request->ip()));
        Blade::directive('post', PostForm::open(...));
        Blade::directive('endpost', static fn (): string => '</form>');
        Model::shouldBeStrict(! app()->environment('production'));
    }
}
