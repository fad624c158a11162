<x-sheet :title="'Caller · ' . $job->name">
    <nav class="no-print mb-4"><a class="button" href="/jobs/{{ $job->id }}/people">Back to the list</a></nav>
    <main>
        <header class="sheet-head">
            <h1>Whom do I call, and who is next?</h1>
            <p><b>{{ $job->name }}</b> · for the caller</p>
        </header>
        <table class="sheet-table caller-table">
            @foreach ($calling->left() as $index => $id)
                <tr>
                    <td class="figures">{{ $index + 1 }}</td>
                    <td><b>{{ $calling->group($id)->title }}</b><br>
                        @foreach ($calling->group($id)->people as $name)
                            <span class="whitespace-nowrap"><span class="box" aria-hidden="true"></span>
                                {{ $calling->shared($name) }}</span>&emsp;
                        @endforeach
                    </td>
                </tr>
            @endforeach
        </table>
    </main>
</x-sheet>
