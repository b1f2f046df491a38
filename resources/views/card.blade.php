<!DOCTYPE html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>{{ $title }}: card</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/js/theme/card.css')
</head>
<body @class(['wide' => $table])>
    <p class="hint">Print this page: A4, backgrounds on, so that the colours come out.</p>
    @if ($cards === [])
        <section><h1>{{ $title }}</h1><p>No area of it has a recipe yet.</p></section>
    @elseif ($table)
        @include('card-table')
    @else
        @foreach ($cards as $card)
            @include('card-page')
        @endforeach
    @endif
</body>
</html>
