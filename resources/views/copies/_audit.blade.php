<section class="slab mt-4">
    <h2 class="mb-1">If one thing goes wrong</h2>
    <div class="overflow-x-auto" tabindex="0" role="region" aria-label="What one blow would take">
        <table class="grid-table loss-table">
            <thead>
                <tr>
                    <th scope="col">One blow</th>
                    <th scope="col">It would take for good</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($audit->oneBlow() as $one)
                    <tr @class(['is-must' => $one->takes !== []])>
                        <th scope="row">{{ ucfirst($one->blow) }}</th>
                        <td>{{ $one->takes === [] ? 'nothing' : ($one->all ? 'everything' : implode(', ', $one->takes)) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
    </div>
    <p class="mt-2">Losing at least one card load within a week:
        <b>{{ NorthSatchel\Copies\Audit\Odds::odds($audit->weekRisk()) }}</b>, by the rates below and
        common causes, each striking by itself.@if ($step = $audit->nextStep())
            The next cheapest step: copy to <b>{{ $step->place->name }}</b>, about {{ $step->minutes }} min; then it is
            {{ NorthSatchel\Copies\Audit\Odds::odds($step->after) }}.
        @endif
    </p>
    <p class="mt-1">Asleep tonight: @foreach ($audit->tonight() as $kept => $what)
            {{ $keptWords[$kept] ?? $kept }}: <b>{{ implode(', ', $what) }}</b>{{ $loop->last ? '.' : '; ' }}
        @endforeach Batteries out, drives apart, none left in the car.</p>
</section>
<details class="slab mt-4"
    @if ($errors->hasAny(['copies', 'kinds', 'elsewhere', 'again_after_days', 'permit_copies', 'more_without_twin', 'away_days'])) open
        @endif>
    <summary class="font-bold min-h-11 flex items-center">Your rule, the drives, and how often things go wrong</summary>
    <x-form :action="'/jobs/' . $job->id . '/copies/rule'" class="grid gap-3 grid-cols-2 sm:grid-cols-4 items-start mt-2">
        <x-field name="copies" label="Copies, on different devices" class="figures" inputmode="numeric" :value="$rule->copies" />
        <x-field name="kinds" label="Kinds of device" class="figures" inputmode="numeric" :value="$rule->kinds" />
        <x-field name="elsewhere" label="Of them elsewhere" class="figures" inputmode="numeric" :value="$rule->elsewhere" />
        <x-field name="again_after_days" label="Read back again after, days" class="figures" inputmode="numeric"
            :value="$rule->again_after_days" />
        <x-field name="permit_copies" label="Media before a card may be formatted" class="figures" inputmode="numeric"
            :value="$rule->permit_copies" />
        <x-field name="more_without_twin" label="So many more for a card without a twin" class="figures" inputmode="numeric"
            :value="$rule->more_without_twin" />
        <x-field name="away_days" label="A drive that is away counts for, days" class="figures" inputmode="numeric"
            :value="$rule->away_days" />
        <x-field name="reads_again" label="Read again for a permit" type="select">
            @foreach (NorthSatchel\Cards\Permit\ReadAgain::CHOICES as $choice => $words)
                <option value="{{ $choice }}" @selected(old('reads_again', $rule->reads_again) === $choice)>{{ $words }}</option>
            @endforeach
        </x-field>
        @foreach (NorthSatchel\Copies\Audit\Blows::USUAL as $cause => $usual)
            @if ($cause !== 'card')
                <x-field :name="'a_year[' . $cause . ']'" :id="'rate-' . $cause" :label="ucfirst($cause) . ', times a year'"
                    class="figures" inputmode="decimal" :value="$rule->a_year[$cause] ?? $usual" />
            @endif
        @endforeach
        <label class="tick col-span-2"><input type="checkbox" name="waits_for_elsewhere"
            value="1" @checked($rule->waits_for_elsewhere)> cards
            stay until the copy elsewhere is verified</label>
        <label class="tick col-span-2"><input type="checkbox" name="looks_first" value="1" @checked($rule->looks_first)> frames are
            looked at 1:1 before a card may be formatted</label>
        <button class="button self-end">Keep the rule</button>
    </x-form>
    @foreach ($destinations as $one)
        <x-form :action="'/jobs/' . $job->id . '/copies/places/' . $one->id"
            class="grid gap-3 grid-cols-2 sm:grid-cols-[1.2fr_1fr_1fr_1.4fr_1fr_auto] items-end mt-3 border-t border-rule pt-2">
            <b class="self-center col-span-2 sm:col-span-1">{{ $one->name }}</b>
            <x-field name="kept" :id="'kept-' . $one->id" label="Sleeps" type="select">
                @foreach ($keptWords as $kept => $word)
                    <option value="{{ $kept }}" @selected($one->kept === $kept)>{{ $word }}</option>
                @endforeach
            </x-field>
            <x-field name="device_kind" :id="'kind-' . $one->id" label="Device" type="select">
                @foreach (App\Models\Copies\Destination::KINDS as $k)
                    <option @selected($one->device_kind === $k)>{{ $k }}</option>
                @endforeach
            </x-field>
            <x-field name="account" :id="'account-' . $one->id" label="Account, if any" :value="$one->account" />
            <x-field name="mb_per_s" :id="'rate-' . $one->id" label="MB/s" class="figures" inputmode="decimal" :value="$one->mb_per_s" />
            <button class="button">Keep</button>
        </x-form>
    @endforeach
</details>
