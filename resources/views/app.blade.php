<!DOCTYPE html>
<html lang="en" theme="white" data-surround="light">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Kalokroma</title>
    <link rel="icon" href="/favicon.svg" type="image/svg+xml">
    @vite('resources/js/main.ts')
</head>
<body>
    <div id="app"></div>
    <noscript>Kalokroma needs JavaScript to draw its pages.</noscript>
</body>
</html>
