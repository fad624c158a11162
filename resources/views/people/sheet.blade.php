@php $asset = fn (string $file): string => '/build/'.$file.'?v='.(@filemtime(public_path('build/'.$file)) ?: 0); @endphp
<!doctype html>
<html lang="en" class="paper-a4">
<head>
    <meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Caller · {{ $job->name }}</title>
    <link rel="icon" href="/build/icon.svg" type="image/svg+xml"><link rel="stylesheet" href="{{ $asset('app.css') }}">
</head>
<body class="sheet-page">
    <nav class="no-print mb-4"><a class="button" href="/jobs/{{ $job->id }}/people">Back to the list</a></nav>
    <main>
        <header class="sheet-head"><h1>Whom do I call, and who is next?</h1><p><b>{{ $job->name }}</b> · for the caller</p></header>
        <table class="sheet-table caller-table">
            @foreach ($calling->left() as $index => $id)<tr><td class="figures">{{ $index + 1 }}</td><td><b>{{ $calling->group($id)->title }}</b><br>@foreach ($calling->group($id)->people as $name)<span class="box" aria-hidden="true"></span> {{ $calling->shared($name) }}&emsp;@endforeach</td></tr>@endforeach
        </table>
    </main>
</body>
</html>
