<?php

declare(strict_types=1);

namespace Tests\App\House;

use App\Models\Brief\Job;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\App\TestCase;

/**
 * Every form of every page is filled with what nobody would type, from a fixed seed, and sent: the answer is a page or a refusal,
 * never an error of the server.
 */
final class AnyFormTest extends TestCase
{
    private const TRIES = 4;

    private const PAGES = [
        '/',
        '/shelf',
        '/folders',
        '/jobs/new',
        '/find?q=lake',
        '/jobs/1/brief',
        '/jobs/1/scout',
        '/jobs/1/scout?spot=1',
        '/jobs/1/plan',
        '/jobs/1/plan?rules=1',
        '/jobs/1/what-if?segment=5&late=60',
        '/jobs/1/people',
        '/jobs/1/call',
        '/jobs/1/kit',
        '/jobs/1/kit/propose',
        '/jobs/1/tests',
        '/jobs/1/light',
        '/jobs/1/pack',
        '/jobs/1/home',
        '/jobs/1/cards',
        '/jobs/1/copies',
        '/jobs/1/frames',
        '/segments/5',
        '/segments/5/edit',
        '/shots/3/edit',
        '/shelf/1',
    ];

    private const ODD = [
        '',
        ' ',
        'x',
        '0',
        '-1',
        '1e308',
        '99999999999999999999',
        '0.5',
        '1,5',
        '25:61',
        '47:59',
        '48:00',
        '2026-02-30',
        '9999-12-31',
        '<script>alert(1)</script>',
        "line\r\nbreak",
        '../../etc/passwd',
        '%00',
        "\u{0}",
        "\xFF\xFE",
        '=1+1',
        '🙂🙂',
        'null',
        '[]',
    ];

    /** @return list<array{method: string, action: string, fields: array<string, string>}> */
    private static function forms(string $html): array
    {
        $document = new \DOMDocument();
        $document->loadHTML('<?xml encoding="UTF-8">'.$html, LIBXML_NOERROR | LIBXML_NOWARNING);
        $forms = [];
        foreach ($document->getElementsByTagName('form') as $form) {
            $fields = [];
            foreach ((new \DOMXPath($document))->query('.//input|.//select|.//textarea', $form) ?: [] as $field) {
                if ($field instanceof \DOMElement && $field->getAttribute('name') !== '' && $field->getAttribute('type') !== 'file') {
                    $fields[$field->getAttribute('name')] =
                        $field->nodeName === 'textarea' ? $field->textContent : $field->getAttribute('value');
                }
            }
            $forms[] = [
                'method' => strtoupper($fields['_method'] ?? ($form->getAttribute('method') ?: 'GET')),
                'action' => $form->getAttribute('action'),
                'fields' => $fields,
            ];
        }

        return $forms;
    }

    /** @return array<string, array{method: string, action: string, fields: array<string, string>}> one of each kind */
    private function allForms(): array
    {
        $all = [];
        foreach (self::PAGES as $page) {
            $response = $this->get($page);
            $this->assertLessThan(500, $response->status(), $page);
            foreach (self::forms((string) $response->getContent()) as $form) {
                $form['action'] = $form['action'] === '' ? $page : $form['action'];
                $all[
                    $form['method'].' '.preg_replace('/\d+/', 'N', $form['action']).' '.implode(' ', array_keys($form['fields']))
                ] ??= $form;
            }
        }

        return $all;
    }

    public function test_whatever_is_typed_is_answered_or_refused(): void
    {
        $this->demo();
        $this->post('/jobs/1/camera-check');
        $this->post('/jobs/1/stand-ins/shoot', ['frames' => 2]);
        $this->post('/jobs/1/cards/seal');
        $this->post('/jobs/1/cards/twin');
        $this->post('/jobs/1/copies', ['kind' => 'copy', 'all' => 1]);
        $forms = $this->allForms();
        $this->assertGreaterThan(60, count($forms));
        mt_srand(73);
        $jobs = Job::query()->count();
        $refused = 0;
        foreach ($forms as $kind => $form) {
            if ($form['action'] === '/sign-out') {
                continue;
            }
            for ($try = 0; $try < self::TRIES; $try++) {
                $fields = $form['fields'];
                unset($fields['_token'], $fields['_method']);
                foreach ($fields as $name => $value) {
                    // Some are left as they stand, so that what is behind the first refusal is reached as well.
                    if ($try === 0 || mt_rand(0, 2) === 0) {
                        $fields[$name] = self::ODD[mt_rand(0, count(self::ODD) - 1)];
                    }
                }
                DB::beginTransaction();
                $response = $this->send($form['method'], $form['action'], $fields);
                DB::rollBack();
                $this->assertLessThan(
                    500,
                    $response->status(),
                    "{$kind}: ".
                        json_encode($fields, JSON_PARTIAL_OUTPUT_ON_ERROR | JSON_UNESCAPED_UNICODE).
                        "\n".
                        ($response->exception?->getMessage() ?? '').
                        "\n".
                        ($response->exception?->getFile() ?? '').
                        ':'.
                        ($response->exception?->getLine() ?? ''),
                );
                $refused += $response->exception === null ? 0 : 1;
            }
        }
        $this->assertGreaterThan(count($forms) / 2, $refused, 'much of it is refused');
        $this->assertSame($jobs, Job::query()->count());
        $this->get('/jobs/1/plan')->assertOk();
    }

    /**
     * @param  array<string, string>  $fields
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function send(string $method, string $action, array $fields): TestResponse
    {
        // Names such as a[] and a[3] reach the application as lists.
        parse_str(http_build_query($fields), $parsed);

        return $this->from('/')->call($method, $action, $parsed);
    }
}
