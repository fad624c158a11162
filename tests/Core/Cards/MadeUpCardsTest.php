<?php

declare(strict_types=1);

namespace Tests\Core\Cards;

use NorthSatchel\Cards\Check\BodyRead;
use NorthSatchel\Cards\Check\BumpCheck;
use NorthSatchel\Cards\Check\CameraCheck;
use NorthSatchel\Cards\Check\ExposedFrame;
use NorthSatchel\Cards\Check\FrameSeen;
use NorthSatchel\Cards\Check\FrameToLookAt;
use NorthSatchel\Cards\Check\FrameToSample;
use NorthSatchel\Cards\Check\LookSample;
use NorthSatchel\Cards\Check\SettingsSheet;
use NorthSatchel\Cards\Check\SlotRead;
use NorthSatchel\Cards\Look;
use NorthSatchel\Cards\Permit\BagReading;
use NorthSatchel\Cards\Permit\CardFile;
use NorthSatchel\Cards\Permit\FormatPermit;
use NorthSatchel\Cards\Permit\LossAtFormat;
use NorthSatchel\Cards\Permit\Medium;
use NorthSatchel\Cards\Permit\PermitQuestion;
use NorthSatchel\Cards\Permit\Proof;
use NorthSatchel\Cards\Permit\ReadAgain;
use NorthSatchel\Cards\Twin\Side;
use NorthSatchel\Copies\Audit\AuditCopy;
use NorthSatchel\Copies\Audit\AuditJudge;
use NorthSatchel\Copies\Audit\AuditLoad;
use NorthSatchel\Copies\Audit\AuditPlace;
use NorthSatchel\Copies\Audit\AuditRule;
use NorthSatchel\Copies\Audit\CopyAudit;
use NorthSatchel\Copies\Audit\LossRisk;
use NorthSatchel\Copies\Audit\ShuttleJudge;
use NorthSatchel\Copies\Session\SessionFile;
use NorthSatchel\Copies\Session\SessionJudge;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Picture\FrameKind;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sayings;

/** What is said of made-up cards and copies: permits, camera checks, audits, session folders, drives that are given away. */
final class MadeUpCardsTest extends TestCase
{
    private const TIMES = 60;

    private const MORE = 10;

    private const NOW = 1_900_000_000;

    private const DAY_S = 86_400;

    public function test_what_is_said_of_made_up_permits(): void
    {
        $say = new Sayings('permits', whole: 2 * self::TIMES);
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            $say->head("Card {$i}");
            $disks = [['one'], ['one'], ['two'], ['two', 'three'], []];
            $bags = [];
            for ($k = 1, $of = $say->whole(0, 4); $k <= $of; $k++) {
                $on = $say->one($disks);
                $contents = [];
                foreach (['a', 'b', 'c', 'd'] as $content) {
                    if ($say->often(85)) {
                        $contents[$content] = $say->often(80) ? ["{$k}:{$content}"] : ['shared'];
                    }
                }
                $medium = $say->often(30) ? Medium::said("Drive {$k}", $on) : Medium::found($on);
                $bags[] = new BagReading("bag-{$k}", $medium, $contents, $say->one([null, self::NOW - self::DAY_S]), $say->often(40), "Place {$k}");
            }
            $files = [];
            for ($k = 1, $of = $say->whole(0, 4); $k <= $of; $k++) {
                $files[] = new CardFile(
                    "DCIM/F{$k}.raw",
                    $say->one(['a', 'a', 'b', 'c', 'd', null]),
                    $say->often(10) ? 'b' : null,
                    $say->often(8),
                    $say->one([null, null, null, null, null, null, null, null, 'it cannot be read', 'a link']),
                );
            }
            $wanted = $say->one([1, 2, 2, 3]);
            $proof = Proof::of($files, $bags, $wanted, $say->often(40));
            $fallen = $say->one([[], [], ['Place 1 was not read for 91 days']]);
            $permit = FormatPermit::of(new PermitQuestion(
                1,
                'Card A',
                $say->often(90),
                $say->often(90),
                $proof,
                $say->one([[], [], [], ['F1' => Side::Damaged], ['F2' => Side::Unknown]]),
                $say->one([[], [], [], ['DCIM/new.raw']]),
                $say->one([[], [], [], [], ['DCIM/F1.raw']]),
                $say->one([null, null, null, null, null, null, 'it is not in a reader']),
                $fallen,
                $say->often(30),
                $say->one([null, new Look(9, [], '', true), new Look(9, ['F1'], 'soft', false), new Look(9, ['F1'], 'soft', false, true)]),
                $say->often(50),
                $say->one([null, 'all of it was read again']),
            ));
            $say->add($permit->isGranted ? 'granted' : 'not granted');
            $say->add(implode(', ', $proof->places())." at least {$proof->least()}");
            $say->verdicts($permit->verdicts);
            $say->verdicts([LossAtFormat::of('Card A', $proof, $fallen, $say->often(50))]);
            $choice = $say->one(array_keys(ReadAgain::CHOICES));
            $again = ReadAgain::of($choice, [
                'a' => [$say->one([1_000_000, 9_000_000_000, 8_999_000_000]), 5, $say->often(30)],
                'b' => [1_000_000, 6, false],
            ], $say->one([0, 1_000_000]), 7);
            $say->add(implode(' ', $again->paths)." {$again->bytes} {$again->said}");
        }
        $say->keep();
    }

    public function test_what_is_said_of_made_up_camera_checks(): void
    {
        $say = new Sayings('checks', whole: self::TIMES);
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            $say->head("Check {$i}");
            $bodies = [];
            for ($b = 1, $of = $say->whole(1, 3); $b <= $of; $b++) {
                $clock = self::NOW + $say->rather([0, 0, 1, 2, 3600], [-1, -2, -3, 3, 59, 60, 61, -3600]);
                $slot = static fn (int $n): ?SlotRead => $say->often(8) ? null : new SlotRead(
                    "Card {$b}{$n}",
                    self::frames($say, "B{$b}", $clock),
                    $say->one([null, self::NOW - 600]),
                    $say->often(8) ? 'it is not in a reader' : null,
                );
                $bodies[] = new BodyRead($b, "Body {$b}", "B{$b}", $say->one(SaveMode::cases()), $slot(1), $slot(2));
            }
            $say->verdicts(CameraCheck::of($bodies, static fn (string $hash): bool => $hash === 'h1'));
            $say->add(json_encode(CameraCheck::offsets($bodies), JSON_THROW_ON_ERROR));
            $frames = [];
            for ($k = $say->whole(0, 6); $k > 0; $k--) {
                $frames[] = new ExposedFrame(
                    '10:0'.$k,
                    $say->one([null, 1 / 30, 1 / 60, 1 / 125, 1 / 250, 1 / 2000]),
                    $say->one([null, 1.4, 2.8, 8.0, 16.0]),
                    $say->one([null, 100, 3200, 6400]),
                );
            }
            $sheet = new SettingsSheet($say->one([null, 1 / 125, 1 / 60]), $say->one([null, 3200]), $say->one([null, 2.8]), $say->one([null, 8.0]));
            $say->verdicts(BumpCheck::of('Body 1', $frames, $sheet));
            $sample = [];
            for ($k = 1, $of = $say->whole(0, 14); $k <= $of; $k++) {
                $sample[] = new FrameToSample($k, "F{$k}", $say->rather([79, 80, 81, 100, 100, 100], [0, 1, 99]), $say->often(10));
            }
            $say->add(implode('; ', array_map(
                static fn (FrameToLookAt $f): string => json_encode($f, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
                LookSample::of($sample, $say->one([3, LookSample::MOST])),
            )));
        }
        $say->keep();
    }

    /** @return list<FrameSeen> */
    private static function frames(Sayings $say, string $serial, int $clock): array
    {
        $frames = [];
        for ($k = 1, $of = $say->whole(0, 3); $k <= $of; $k++) {
            foreach ($say->one([[FrameKind::Raw], [FrameKind::Raw, FrameKind::Jpeg], [FrameKind::Jpeg]]) as $kind) {
                $frames[] = new FrameSeen(
                    sprintf('DCIM/100X/F%04d.%s', $k, $kind === FrameKind::Raw ? 'raw' : 'jpg'),
                    $kind,
                    $say->often(90) ? $clock + $say->one([-7200, 0, 0, 0, 1]) : null,
                    0,
                    $say->one([$serial, $serial, $serial, 'other', null]),
                    $say->one(['h1', 'h2', null]),
                );
            }
        }

        return $frames;
    }

    public function test_what_is_said_of_made_up_copies(): void
    {
        $say = new Sayings('copies', whole: self::TIMES);
        for ($i = 1; $i <= self::MORE * self::TIMES; $i++) {
            $say->head("Copies {$i}");
            $loads = [];
            for ($k = 1, $of = $say->whole(0, 3); $k <= $of; $k++) {
                $copies = [];
                for ($c = $say->whole(0, 3); $c > 0; $c--) {
                    $copies[] = new AuditCopy(
                        "Drive {$c}",
                        $say->one(['d1', 'd2', 'd3']),
                        $say->one(['disk', 'ssd', 'cloud']),
                        $say->one(['bag', 'on-you', 'home', 'elsewhere']),
                        $say->one(['this program', 'by hand']),
                        $say->one([null, null, 'me@cloud']),
                        self::NOW - self::DAY_S * $say->rather([0, 89, 90, 91, 400], [1, 30, 179, 180, 181]),
                    );
                }
                $loads[] = new AuditLoad("Load {$k}", $say->one([1, 100]), $say->one([0.5, 60.0]), $copies, $say->often(40));
            }
            $places = [];
            for ($k = 1, $of = $say->whole(0, 3); $k <= $of; $k++) {
                $kept = $say->one(['bag', 'home', 'elsewhere']);
                $device = $say->one(['d1', 'd4']);
                $places[] = new AuditPlace($k, "Place {$k}", $device, $say->one(['disk', 'cloud']), $kept, 'this program', null, 100.0);
            }
            $rule = new AuditRule($say->whole(1, 3), $say->whole(1, 2), $say->whole(0, 1), $say->rather([90], [1, 30]));
            $audit = new CopyAudit($loads, $places, $rule, self::NOW);
            $say->verdicts(AuditJudge::of($audit));
            foreach ($audit->oneBlow() as $blow) {
                $say->add("{$blow->blow} takes ".implode(', ', $blow->takes).($blow->all ? ', all' : ''));
            }
            $say->add(sprintf('week %.6f', $audit->weekRisk()));
            foreach ($loads as $load) {
                $say->add(sprintf('%s %.6f, %d', $load->label, LossRisk::of($load, $audit->blows, $say->one([1.0, 30.0])), $rule->missing($load)));
            }
            $say->add(json_encode([$audit->nextStep(), $audit->tonight()], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
            $due = '2030-07-'.$say->one(['09', '10', '11']);
            $say->verdicts(ShuttleJudge::of('Drive 1', 'Ida', $due, '2030-07-10', $say->often(40), $say->whole(0, 2), $say->whole(0, 2)));
            $say->verdicts($this->session($say)->verdicts());
        }
        $say->keep();
    }

    private function session(Sayings $say): SessionJudge
    {
        $files = [];
        for ($k = 1, $of = $say->whole(0, 5); $k <= $of; $k++) {
            $seen = self::NOW - $say->rather([5, 60, 599, 600, 601, 3600], [0, 1, 59, 61]);
            $whole = $say->often(80) ? $seen + 2 : null;
            $files[] = new SessionFile(
                "f{$k}.jpg",
                1000,
                $seen,
                $whole,
                $whole !== null && $say->often(80) ? $whole : null,
                $whole !== null && $say->often(60) ? $whole : null,
                $say->often(15),
            );
        }

        return new SessionJudge(
            $files,
            $say->one([60, 600]),
            $say->one([null, self::NOW - 1, self::NOW - 600]),
            $say->one([null, null, null, 'The folder is away.']),
            $say->often(15),
            $say->often(85),
            self::NOW,
        );
    }
}
