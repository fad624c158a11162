<?php

declare(strict_types=1);

namespace Tests\Browser\Wrap;

use PHPUnit\Framework\Attributes\Depends;
use Tests\Browser\BrowserTestCase;

/** A studio day from an empty page: elements, light, who comes; counted, copied by two routes, signed off. Then a catalogue and a house. */
final class StudioTest extends BrowserTestCase
{
    private const SETUPS = <<<'TEXT'
    Dark ground
        Subject, 1 m high
        Key, 1.6 m away, 45° left, 1.8 m high, 1/4 power, 400 Ws, dish 40 cm
        Hair, 1.2 m behind, 2.4 m high, boom
        Camera, 2.4 m away, 1.1 m high, 100 mm
    White table
        Subject, 1 m high
        Key, 1.6 m away, 45° right, 1.8 m high, 1/4 power, 400 Ws, dish 40 cm
        Camera, 2.4 m away, 1.1 m high, 100 mm
    TEXT;

    private static int $job = 0;

    /** @param  array<string, string>  $fields  by id */
    private static function fill(array $fields): void
    {
        foreach ($fields as $id => $value) {
            self::$browser->script(sprintf(
                'const f = document.getElementById(%s); f.value = %s; f.dispatchEvent(new Event("change", { bubbles: true }));',
                json_encode($id),
                json_encode($value),
            ));
        }
    }

    /** @return int the job that was begun */
    private function begin(string $name): int
    {
        $this->visit('/jobs/new');
        self::fill([
            'f-kind' => 'commercial', 'f-name' => $name, 'f-client' => 'Tide Soap Works', 'f-date' => date('Y-m-d', time() + 9 * 86400),
            'f-covered_from' => '08:00', 'f-covered_to' => '16:00', 'f-place_name' => "{$name} room", 'f-where' => '62.41, 17.31',
        ]);
        $this->press('Start the job');
        $this->see($name);
        preg_match('#/jobs/(\d+)#', self::$browser->driver->getCurrentURL(), $found);

        return (int) $found[1];
    }

    public function test_1_elements_light_and_people_are_planned_from_nothing(): void
    {
        $this->signIn();
        self::$job = $job = $this->begin('Tide soap, two finals');
        $this->visit("/jobs/{$job}/plan");
        $this->see('No final picture is listed.');
        $this->visit("/jobs/{$job}/elements?like=product");
        $this->see('nothing is kept yet');
        self::fill(['f-elements' => "Bar\n  Dark ground\n    Clean ×2, 20 min\n    Foam, 10 min, after Clean, throws Ida\n".
            "  White table\n    Plain, 5 min\nBox\n  White table\n    Closed, 10 min", 'f-changes' => 'Dark ground to White table, 25 min']);
        $this->press('Keep and work it out');
        $this->see('all fit into the hours', 'nobody is named who catches', 'built from 08:30, 25 min before the first picture');

        $this->visit("/jobs/{$job}/setups");
        self::fill(['f-lights' => self::SETUPS]);
        $this->press('Keep and compare');
        $this->see('what is taken in White table does not match Dark ground', 'Hair (Dark ground) hangs on a boom.');
        $this->visit("/jobs/{$job}/arrive?like=lights");
        $tasks = (string) self::$browser->script('return document.getElementById("f-tasks").value');
        $this->assertStringContainsString('Test frame through the whole chain', $tasks);
        self::fill(['f-hands' => '2']);
        $this->press('Keep and work it out');
        $this->see('min of work and');
        $this->visit("/jobs/{$job}/crew");
        self::fill(['f-crew' => "Ida Berg, stylist, 10:00 to 12:00\nMio Berg, hands, 12 years"]);
        $this->press('Keep the call sheet');
        $this->see('Mio is a minor, and no guardian is named.', 'Ida Berg is needed outside the hours of the call.');
        self::fill(['f-crew' => "Ida Berg, stylist, 8:00 to 12:00\nMio Berg, hands, 12 years, guardian Ida Berg, 9:00 to 11:00, 2 h at most"]);
        $this->press('Keep the call sheet');
        $this->see('Everybody whom the plan names is called for their hours.');
        $this->assertNoComplaints();
    }

    #[Depends('test_1_elements_light_and_people_are_planned_from_nothing')]
    public function test_2_counted_on_set_and_nothing_struck_too_early(): void
    {
        $job = self::$job;
        $this->visit("/jobs/{$job}/elements");
        self::$browser->script('document.querySelector("form[data-tap=kept] button").click()');
        $this->see('1 of 2, 1 tried', '4 elements lack alternatives.');
        self::$browser->script('document.querySelector("form[data-tap=tried] button").click()');
        $this->see('1 of 2, 2 tried');
        $this->press('Strike Dark ground');
        $this->see('write who says that it may go, and why.');
        self::$browser->script('document.querySelector("[name=words]").value = "Signe: one clean bar will do"');
        $this->press('Strike Dark ground');
        $this->see('Dark ground is struck without all of it.', 'Signe: one clean bar will do');
        $this->press('It stands again');
        $this->see('Strike');
        self::$browser->notSee('is struck without all of it.');
        $this->assertNoComplaints();
    }

    #[Depends('test_2_counted_on_set_and_nothing_struck_too_early')]
    public function test_3_counted_on_a_phone_without_the_server(): void
    {
        $job = self::$job;
        (new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite'))->exec("UPDATE jobs SET date = date('now') WHERE id = {$job}");
        (new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite'))->exec(
            'INSERT INTO segments (job_id, title, lane, start_clock, minutes, priority, day, created_at, updated_at) '.
                "VALUES ({$job}, 'Elements', 'lead', '09:00', 120, 'must', 0, datetime('now'), datetime('now'))",
        );
        self::$browser->size(390, 844);
        $this->visit("/jobs/{$job}/day");
        $isThere = 'return document.getElementById("day-elements") !== null';
        self::$browser->until(static fn (): bool => (bool) self::$browser->script($isThere), 'The elements are not there.');
        self::$satchel->stopServer();
        self::$browser->script('document.getElementById("day-elements").open = true');
        $this->press('Clean (Bar): a keeper');
        $this->see('Elements: 3 of 4 lack alternatives');
        $this->press('Foam (Bar): not good');
        $this->see('0 of 1, 1 tried');
        $this->press('Foam (Bar): take back the last');
        $this->press('Foam (Bar): a keeper');
        $this->see('Elements: 2 of 4 lack alternatives');
        self::$satchel->startServer();
        self::$browser->script('window.dispatchEvent(new Event("online"))');
        $this->see('with the server');
        self::$browser->size(1280, 800);
        $this->visit("/jobs/{$job}/elements");
        $this->see('2 elements lack alternatives.');
        foreach (['Plain (Bar)', 'Closed (Box)'] as $element) {
            self::$browser->script('[...document.querySelectorAll("form[data-tap=kept] button")]'.
                ".find((b) => b.textContent.includes('{$element}')).click()");
            self::$browser->until(static fn (): bool => ! str_contains(self::$browser->text(), 'taps wait'), 'It was not sent.');
        }
        $this->see('Every element is in the can, with all its alternatives.');
        // While the server was away the page asked for it in vain.
        self::$browser->complaints();
    }

    #[Depends('test_3_counted_on_a_phone_without_the_server')]
    public function test_4_two_routes_out_of_the_session_folder_and_a_client_who_signs(): void
    {
        $job = self::$job;
        $standins = self::$satchel->folder.'/standins';
        mkdir("{$standins}/sessions/Tide-soap", 0777, true);
        $this->visit("/jobs/{$job}/session");
        self::fill(['f-folder' => "{$standins}/sessions/Tide-soap"]);
        self::$browser->script('const [a, b] = ["f-automatic_id", "f-by_hand_id"].map((id) => document.getElementById(id)); '.
            'const pick = (s, t) => { s.value = [...s.options].find((o) => o.textContent.includes(t)).value; }; pick(a, "Fir"); pick(b, "Birch");');
        $this->press('Keep');
        $this->see('Nobody watches the session folder.');
        $this->press('Let the stand-in capture program write');
        $this->see('The stand-in wrote 4 frames.');
        self::$satchel->artisan('satchel:watch', '--for=4');
        $this->visit("/jobs/{$job}/session");
        $this->see('4 of 4, read back', '0 of 4, seen by content', '4 not copied by hand');
        $birch = (string) (new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite'))
            ->query("SELECT folder FROM destinations WHERE name = 'Drive Birch'")->fetchColumn();
        mkdir("{$birch}/by hand");
        foreach (glob("{$standins}/sessions/Tide-soap/*.jpg") ?: [] as $file) {
            copy($file, "{$birch}/by hand/copy of ".basename($file));
        }
        self::$satchel->artisan('satchel:watch', '--for=4');
        $this->visit("/jobs/{$job}/session");
        $this->see('4 of 4, seen by content', 'Every file of the session was seen on both drives.');
        $this->assertNoComplaints();

        $this->visit("/jobs/{$job}/copies");
        self::$browser->script('document.querySelectorAll("details").forEach((d) => { d.open = true; }); '.
            'const f = [...document.querySelectorAll("form")].find((x) => x.querySelector("[aria-label=\"Hand Drive Birch over\"]")); '.
            'f.elements.who.value = "Eva at the office"; f.elements.due_on.value = "'.date('Y-m-d', time() + 2 * 86400).'";');
        $this->press('Hand Drive Birch over');
        $this->see('Drive Birch is with Eva at the office');

        $this->visit("/jobs/{$job}/picks");
        foreach (['Bar', 'Box'] as $picture) {
            self::$browser->script("document.getElementById('f-picture').value = '{$picture}'");
            $this->press('Show it');
            $this->see("It is shown for {$picture}.");
        }
        $this->press('Make a link');
        $this->see('The link, told once:');
        $link = (string) self::$browser->script('return document.querySelector(".note code").textContent');
        self::$browser->size(390, 844);
        $this->visit((string) parse_url($link, PHP_URL_PATH));
        $this->see('Bar', 'Waits for an answer.');
        self::$browser->script('document.querySelector("[data-mark-on]").click(); const f = document.querySelector("form[data-marks]"); '.
            'f.elements.name.value = "Signe"; f.elements.words.value = "less foam here";');
        $this->press('Keep the mark');
        $this->see('Noted, with your name and the time.');
        for ($i = 0; $i < 2; $i++) {
            self::$browser->script("const f = document.querySelectorAll('form[data-marks]')[{$i}]; f.elements.name.value = 'Signe'; ".
                'f.querySelector("[value=yes]").click();');
            $this->see('Noted, with your name and the time.');
            usleep(400_000);
        }
        $this->see('Signed off: Signe');
        self::$browser->size(1280, 800);
        $this->visit("/jobs/{$job}/picks");
        $this->see('Every final picture is signed off.', 'less foam here');
    }

    public function test_5_a_catalogue_by_its_number_boards(): void
    {
        $this->signIn();
        $data = new \PDO('sqlite:'.self::$satchel->folder.'/satchel.sqlite');
        $wool = (int) $data->query("SELECT id FROM jobs WHERE name LIKE 'Wool%'")->fetchColumn();
        $body = (int) $data->query("SELECT b.id FROM bodies b JOIN items i ON i.id = b.item_id WHERE label = 'Body C'")->fetchColumn();
        $cards = $data->query("SELECT c.id FROM cards c JOIN items i ON i.id = c.item_id WHERE label IN ('S07', 'S08')");
        $events = [];
        foreach ($cards->fetchAll(\PDO::FETCH_COLUMN) as $i => $card) {
            $events[] = ['id' => sprintf('%08d-0000-4000-8000-000000000000', $i), 'kind' => 'load', 'made_at' => gmdate('c'),
                'on' => ['job' => $wool, 'card' => $card, 'body' => $body, 'slot' => $i + 1]];
        }
        $this->visit("/jobs/{$wool}/boards");
        $this->see('No frame is known yet');
        self::$browser->script('window.done = false; fetch("/events", { method: "POST", headers: { "Content-Type": "application/json", '.
            'Accept: "application/json", "X-CSRF-TOKEN": document.querySelector("meta[name=csrf-token]").content }, body: JSON.stringify('.
            json_encode(['events' => $events, 'sent_at' => gmdate('c')]).') }).then(() => { window.done = true; })');
        self::$browser->until(static fn (): bool => (bool) self::$browser->script('return window.done'), 'The cards are not in.');
        self::$satchel->artisan('satchel:simulate', 'shoot', "--job={$wool}");
        $this->visit("/jobs/{$wool}/cards");
        self::$browser->script('document.querySelector("form[action$=\"cards/seal\"] button").click()');
        usleep(1_500_000);
        $this->visit("/jobs/{$wool}/boards");
        $this->see('0 of 19 frames are looked through');
        $this->press('Read the boards');
        self::$satchel->artisan('queue:work', '--queue=boards', '--stop-when-empty');
        $this->visit("/jobs/{$wool}/boards");
        $this->see('19 of 19 frames', 'Every frame belongs to a product, and every product has its frames.');
        $this->assertNoComplaints();
    }

    public function test_6_a_house_by_its_rooms_and_its_sun(): void
    {
        $this->signIn();
        $job = $this->begin('Hill house');
        $this->visit("/jobs/{$job}/rooms");
        self::fill(['f-rooms' => "South front, faces S, 10 min\nHall, 4 × 5 m, ×2, window EV 13, room EV 7"]);
        $this->press('Keep the rooms');
        $this->see('sun on it', '5 frames, 1.7 stops apart', 'Which lens takes in Hall nobody can say.');
        $this->assertNoComplaints();
    }
}
