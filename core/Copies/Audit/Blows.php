<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

/** The common causes: theft, fire, a drive, a wrong routine, a stolen password. */
final class Blows
{
    /** How often in a year, until the owner puts their own figures (common practice, no source). */
    public const USUAL = ['theft' => 0.02, 'fire' => 0.003, 'drive' => 0.03, 'routine' => 0.02, 'password' => 0.01, 'card' => 0.01];

    /**
     * @param  list<AuditLoad>  $loads
     * @param  array<string, float>  $aYear  by cause; the usual where absent
     * @return list<Blow>
     */
    public static function of(array $loads, array $aYear = []): array
    {
        $rate = static fn (string $cause): float => $aYear[$cause] ?? self::USUAL[$cause];
        $copies = array_merge(...array_map(static fn (AuditLoad $l): array => $l->copies, $loads) ?: [[]]);
        $blows = [
            new Blow(
                'the bag is stolen',
                $rate('theft'),
                static fn (AuditCopy $c): bool => in_array($c->kept, ['bag', 'on-you'], true),
                takesCards: true,
            ),
            new Blow('home burns', $rate('fire'), static fn (AuditCopy $c): bool => $c->kept === 'home'),
            new Blow(
                'the other place burns',
                $rate('fire'),
                static fn (AuditCopy $c): bool => $c->kept === 'elsewhere' && $c->kind !== 'cloud',
            ),
        ];
        $names = $routes = $accounts = [];
        foreach ($copies as $copy) {
            $names[$copy->device] ??= $copy->name;
            $routes[$copy->route] = true;
            if ($copy->account !== null) {
                $accounts[$copy->account] = true;
            }
        }
        foreach ($names as $device => $name) {
            $blows[] = new Blow("{$name} dies", $rate('drive'), static fn (AuditCopy $c): bool => $c->device === (string) $device);
        }
        foreach (array_keys($routes) as $route) {
            $blows[] = new Blow(
                "the route “{$route}” was set up wrongly",
                $rate('routine'),
                static fn (AuditCopy $c): bool => $c->route === (string) $route,
            );
        }
        foreach (array_keys($accounts) as $account) {
            $blows[] = new Blow(
                "the password of {$account} is stolen",
                $rate('password'),
                static fn (AuditCopy $c): bool => $c->account === (string) $account,
            );
        }

        return $blows;
    }
}
