{{-- A page to print: no navigation but what its own slot brings. --}}
@props(['title', 'paper' => 'a4'])
@php $asset = fn (string $file): string => '/build/'.$file.'?v='.(@filemtime(public_path('build/' . $file)) ?: 0); @endphp
<!doctype html>
<html lang="en" class="paper-{{ $paper }}">

<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }}</title>
    <link rel="icon" href="/build/icon.svg" type="image/svg+xml">
    <link rel="stylesheet" href="{{ $asset('app.css') }}">
</head>

<body class="sheet-page">
    {{ $slot }}
</body>

</html>
