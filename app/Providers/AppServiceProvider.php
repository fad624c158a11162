<?php

declare(strict_types=1);

namespace App\Providers;

use App\Database\LockingConnector;
use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\Gazetteer;
use App\Desks\Cards\BodyCheckDesk;
use App\Desks\Cards\CardLog;
use App\Desks\Cards\CardsDesk;
use App\Desks\Cards\HomeDesk;
use App\Desks\Cards\KnownCopies;
use App\Desks\Cards\LoadOwners;
use App\Desks\Cards\OwnerRules;
use App\Desks\Cards\RunDesk;
use App\Desks\Cards\SlotsOfJob;
use App\Desks\Cards\SlotTaps;
use App\Desks\Copies\AuditDesk;
use App\Desks\Copies\CopiesDesk;
use App\Desks\Copies\CopiesFindings;
use App\Desks\Copies\CopiesForCards;
use App\Desks\Copies\CopyLedger;
use App\Desks\Copies\CoverageDesk;
use App\Desks\Copies\HandoverDesk;
use App\Desks\Copies\HandoverLog;
use App\Desks\Copies\Places;
use App\Desks\Copies\ProofDesk;
use App\Desks\Copies\SessionFrames;
use App\Desks\Day\RearrangeTaps;
use App\Desks\Day\SlotsAtHand;
use App\Desks\House\Readiness;
use App\Desks\House\TriedDay;
use App\Desks\Kit\CardsInUse;
use App\Desks\Kit\CarryDesk;
use App\Desks\Kit\KitAgainstPlan;
use App\Desks\Kit\KitDesk;
use App\Desks\Kit\LensesForGroups;
use App\Desks\Kit\NeedsDesk;
use App\Desks\Kit\PackDesk;
use App\Desks\Kit\ReachOfLanes;
use App\Desks\Kit\RemoteDesk;
use App\Desks\Kit\SharedKitDesk;
use App\Desks\Kit\ShelfDesk;
use App\Desks\Kit\ShotLensDesk;
use App\Desks\People\LensesAtHand;
use App\Desks\People\PeopleDesk;
use App\Desks\Plan\CamerasAlone;
use App\Desks\Plan\CoverDesk;
use App\Desks\Plan\DaysDesk;
use App\Desks\Plan\ElementsDesk;
use App\Desks\Plan\FramesTaken;
use App\Desks\Plan\JobsBeside;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\ReachAtHand;
use App\Desks\Plan\SpotLightDesk;
use App\Desks\Plan\WaysDesk;
use App\Desks\Plan\WholeDay;
use App\Desks\Scout\ScoutDesk;
use App\Desks\Taps\TapDesk;
use App\Desks\Taps\TapListener;
use App\Devices\AllowedRoots;
use App\Http\PostForm;
use App\Http\Shell;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\View;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    /** The desks keep what they read for the length of one request. */
    private const DESKS = [
        BriefDesk::class,
        TapDesk::class,
        PlanDesk::class,
        WaysDesk::class,
        ElementsDesk::class,
        ScoutDesk::class,
        SpotLightDesk::class,
        ShotLensDesk::class,
        ShelfDesk::class,
        NeedsDesk::class,
        CarryDesk::class,
        DaysDesk::class,
        JobsBeside::class,
        SharedKitDesk::class,
        PackDesk::class,
        HomeDesk::class,
        KitDesk::class,
        KitAgainstPlan::class,
        PeopleDesk::class,
        CardLog::class,
        HandoverLog::class,
        Places::class,
        OwnerRules::class,
        CoverDesk::class,
        CopyLedger::class,
        CoverageDesk::class,
        LoadOwners::class,
        ProofDesk::class,
        CardsDesk::class,
        BodyCheckDesk::class,
        HandoverDesk::class,
        AuditDesk::class,
        CopiesDesk::class,
        CopiesFindings::class,
        RunDesk::class,
        Readiness::class,
    ];

    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', LockingConnector::class);
        $this->app->scoped(AllowedRoots::class, AllowedRoots::read(...));
        $this->app->singleton(Gazetteer::class);
        foreach (self::DESKS as $desk) {
            $this->app->scoped($desk);
        }
        $this->app->tag([SlotTaps::class, RearrangeTaps::class], TapListener::class);
        // Made when a tap is told to them: what they know of the plan asks in its turn for what was tapped.
        $this->app->when(TapDesk::class)->needs('$listeners')->give(fn (): iterable => $this->app->tagged(TapListener::class));
        // What an earlier phase asks of a later one.
        $this->app->bind(WholeDay::class, TriedDay::class);
        $this->app->bind(LensesAtHand::class, LensesForGroups::class);
        $this->app->bind(ReachAtHand::class, ReachOfLanes::class);
        $this->app->bind(CamerasAlone::class, RemoteDesk::class);
        $this->app->bind(CardsInUse::class, CardLog::class);
        $this->app->bind(SlotsAtHand::class, SlotsOfJob::class);
        $this->app->bind(FramesTaken::class, SessionFrames::class);
        $this->app->bind(KnownCopies::class, CopiesForCards::class);
    }

    public function boot(): void
    {
        // A caller on the day and a couple at home are counted apart; by address, for whoever guesses has another link each time.
        RateLimiter::for('couple', static fn (Request $request): Limit => Limit::perMinute(20)->by('couple '.$request->ip()));
        RateLimiter::for('caller', static fn (Request $request): Limit => Limit::perMinute(120)->by('caller '.$request->ip()));
        Blade::directive('post', PostForm::open(...));
        Blade::directive('clock', static fn (string $stored): string => "<?php echo e(\\NorthSatchel\\Time\\ClockTime::shown({$stored})); ?>");
        Blade::directive('endpost', static fn (): string => '</form>');
        View::composer(['components.page', 'people.call', 'people.form', 'wrap.client', 'day.show'], Shell::class);
        Model::shouldBeStrict(! app()->environment('production'));
    }
}
