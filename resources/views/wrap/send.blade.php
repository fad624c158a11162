<x-page title="What is on the editor's desk?" :job="$job" phase="wrap" :verdicts="$verdicts">
    <p class="flex flex-wrap gap-2 mb-4"><a class="button" href="/jobs/{{ $job->id }}/wrap">Captions</a><a class="button"
            href="/jobs/{{ $job->id }}/sending">What is sent in which gap</a></p>
    @if ($pictures !== [])
        <section class="slab overflow-x-auto mb-4" tabindex="0" role="region" aria-label="The queue">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">Picture</th>
                        <th scope="col">By</th>
                        <th scope="col">State</th>
                    </tr>
                </thead>
                <tbody>
                    @foreach ($pictures as $picture)
                        <tr>
                            <th scope="row" class="figures">{{ $picture->name }}</th>
                            <td class="figures">{{ $picture->due }}</td>
                            <td>
                                @if ($picture->isWaiting())
                                    {{ $picture->why ?? 'waits' }}
                                @else
                                    <span class="text-moss">there, read back at
                                        {{ $picture->sentFace($zone) }}</span>
                                @endif
                            </td>
                        </tr>
                    @endforeach
                </tbody>
            </table>
            @if ($desk->exists)
                <p class="mt-3 flex flex-wrap gap-2 items-center">
                    @post('/jobs/' . $job->id . '/send/go')
                        <button class="button main">Send what waits</button>
                    @endpost
                    @if ($desk->rate_mb_s)
                        <span class="figures text-faint">{{ $desk->rate_mb_s }} MB/s, as last measured</span>
                    @endif
                </p>
            @else
                <p class="mt-3">Say below where they go: until then they wait.</p>
            @endif
        </section>
    @endif
    @if ($frames !== [])
        <form method="post" action="/jobs/{{ $job->id }}/send" class="slab grid gap-3 mb-4">
            @csrf
            <h2>Newest frames that are not in the queue</h2>
            <div class="overflow-y-auto max-h-80 grid gap-1">
                @foreach ($frames as $one)
                    <label class="flex gap-2 items-center min-h-11"><input type="checkbox" name="frames[]" value="{{ $one->frame->id }}">
                        <span class="figures">{{ $one->frame->name }} {{ $one->frame->face($zone) }}</span> <span
                            class="text-sm text-faint">{{ $one->caption->text }}
                            @foreach ($one->unclear as $why)
                                <span class="block text-signal">{{ ucfirst($why) }}: it waits.</span>
                            @endforeach
                        </span></label>
                @endforeach
            </div>
            @error('frames')
                <p class="wrong" role="alert">{{ $message }}</p>
            @enderror
            <div class="grid gap-3 grid-cols-[10rem_auto] items-end justify-start">
                <x-field name="due_clock" label="By" hint="19:05, or nothing." />
                <button class="button main">Into the queue</button>
            </div>
        </form>
    @endif
    <form method="post" action="/jobs/{{ $job->id }}/send/desk" class="slab grid gap-3">
        @csrf
        @method('put')
        <h2>Where they go</h2>
        <div class="grid gap-3 sm:grid-cols-2">
            <x-field name="kind" label="Kind" type="select">
                @foreach (['folder' => 'A folder, under Folders and drives', 'sftp' => 'A server, by SFTP'] as $kind => $label)
                    <option value="{{ $kind }}" @selected(old('kind', $desk->kind) === $kind)>{{ $label }}</option>
                @endforeach
            </x-field>
            <x-field name="path" label="Folder" :value="$desk->path" />
            <x-field name="host" label="Server" :value="$desk->host" />
            <x-field name="port" label="Port" :value="$desk->port" inputmode="numeric" hint="22 where nothing is said." />
            <x-field name="user" label="Name there" :value="$desk->user" autocomplete="off" />
            <div class="field"><label for="f-secret">Password, or a private key</label>
                <textarea id="f-secret" name="secret" rows="2" autocomplete="off"></textarea>
                <p class="text-sm text-faint">
                    {{ $desk->secret ? 'One is kept, encrypted; left empty it stays.' : 'It is kept encrypted, and shown to nobody.' }}</p>
            </div>
            <x-field name="creator" label="Creator" :value="$desk->creator" maxlength="120" />
            <x-field name="copyright" label="Copyright" :value="$desk->copyright" maxlength="200" />
        </div>
        <p class="text-sm text-faint">Each picture goes with its caption in it, is read back, and only then gets its name there; nothing there is
            overwritten.</p>
        <div><button class="button main">Keep it</button></div>
    </form>
    @if ($desk->fingerprint)
        <div class="slab mt-4">
            <p class="mb-2">The server's key: <span class="figures">{{ $desk->fingerprint }}</span>. Another is refused.</p>
            @post('/jobs/' . $job->id . '/send/meet')
                <button class="button">The server has a new key, and that is right</button>
            @endpost
        </div>
    @endif
</x-page>
