<x-page title="Is there still time to order another?" :job="$job" phase="kit" :verdicts="$verdicts">
    <x-kit-nav :job="$job" at="tests" />
    <section class="slab mb-4 overflow-x-auto" tabindex="0" role="region" aria-label="Tests by their latest sensible day">
        <table class="grid-table">
            <thead>
                <tr>
                    <th scope="col">Thing</th>
                    <th scope="col">Another takes</th>
                    <th scope="col">Test by</th>
                    <th scope="col">State</th>
                    <th scope="col"><span class="visually-hidden">Test it</span></th>
                </tr>
            </thead>
            <tbody>
                @forelse ($due as $one)
                    <tr>
                        <th scope="row">{{ $one->gear->label }} <span
                                class="text-faint text-sm font-normal">{{ $one->gear->kind->value }}</span></th>
                        <td class="figures">{{ $one->leadDays }} days</td>
                        <td class="figures">{{ $one->latestOn }}</td>
                        <td
                            class="{{ [
                                        'failed' => 'text-signal font-bold',
                                        'too late to order' => 'text-amber font-bold',
                                        'passed' => 'text-moss',
                                    ][$one->state->value] ?? '' }}">
                            {{ $one->state->value }}{{
                                $one->test ? ($one->state->value === 'passed' ? ', ' : ' · last ') . $one->test->on : '' }}
                            @if ($one->state->value === 'failed')
                                <span class="block text-sm font-normal text-ink">{{ $one->mend() }}</span>
                            @endif
                        </td>
                        <td><span class="flex gap-1">
                                @post('/shelf/' . $one->gear->id . '/tests')
                                    <input type="hidden" name="job" value="{{ $job->id }}"><input type="hidden" name="result"
                                        value="passed"><button class="button small"
                                            aria-label="{{ $one->gear->label }} works">Works</button>
                                    @endpost @post('/shelf/' . $one->gear->id . '/tests')
                                    <input type="hidden" name="job" value="{{ $job->id }}"><input type="hidden" name="result"
                                        value="failed"><button class="button quiet small"
                                        aria-label="{{ $one->gear->label }} fails">Fails</button>
                                @endpost</span></td>
                    </tr>
                @empty<tr>
                        <td colspan="5">Nothing whose loss stops the job is on the list yet.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
    </section>
    <div class="grid gap-4 lg:grid-cols-2">
        <section class="slab">
            <h2 class="mb-2">A plain frame: dust, smudge, crack</h2>
            <p class="text-sm text-faint mb-2">A blank wall or the sky, focus at infinity, f/16, camera moved while it is open. The jpeg is
                looked through here and not kept.</p>
            <x-form :action="'/jobs/' . $job->id . '/tests/glass'" enctype="multipart/form-data" hx-encoding="multipart/form-data"
                class="grid gap-2">
                <x-field name="item" label="Body" type="select">
                    @foreach ($bodies as $body)
                        <option value="{{ $body->id }}">{{ $body->label }}</option>
                    @endforeach
                </x-field>
                <x-field name="frame" label="Plain frame" type="file" accept="image/jpeg,image/png" />
                <button class="button">Look through it</button>
            </x-form>
        </section>
        <section class="slab">
            <h2 class="mb-2">Settings sheet: what the dials should show</h2>
            <x-form :action="'/jobs/' . $job->id . '/tests/sheet'" class="grid gap-2 sm:grid-cols-2">
                <x-field name="slowest" label="No slower than, 1/…s" class="figures" inputmode="decimal"
                    :value="$job->settings_sheet['slowest'] ?? ''" />
                <x-field name="highest_iso" label="No more than ISO" class="figures" inputmode="numeric"
                    :value="$job->settings_sheet['highest_iso'] ?? ''" />
                <x-field name="widest" label="From f/" class="figures" inputmode="decimal" :value="$job->settings_sheet['widest'] ?? ''" />
                <x-field name="smallest" label="to f/" class="figures" inputmode="decimal"
                    :value="$job->settings_sheet['smallest'] ?? ''" />
                <div class="flex flex-wrap gap-2 sm:col-span-2"><button class="button">Keep the sheet</button> <a class="button quiet"
                        href="/jobs/{{ $job->id }}/tests/sheet">Print it with the day’s exposures</a></div>
            </x-form>
            <p class="text-sm text-faint mt-2">On the day the newest frames of each body are compared with it: dials turn on the hip. The
                findings are in the margin.</p>
        </section>
    </div>
</x-page>
