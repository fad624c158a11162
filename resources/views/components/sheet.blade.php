{{-- A page to print: no navigation but what its own slot brings. --}}
@props(['title', 'paper' => 'a4'])
<!doctype html>
<html lang="en" class="paper-{{ $paper }}">

<x-head :title="$title" :has-scripts="false" />
<body class="sheet-page">
    {{ $slot }}
</body>

</html>
