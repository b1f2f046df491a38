<?php

declare(strict_types=1);

use Tests\Served\Served;

require_once dirname(__DIR__, 2).'/vendor/autoload.php';

/*
 * The same through the application, served as bin/demo does: an edit of a recipe of 20 steps, and a write to the shelf of a
 * workshop of 600 recipes, with the first look at what it makes stale.
 */

$middle = static function (array $values): float {
    sort($values);

    return $values[intdiv(count($values), 2)];
};
$nth = static function (array $values, float $share): float {
    sort($values);

    return $values[(int) min(count($values) - 1, floor($share * count($values)))];
};
$print = static function (string $words, array $times, array $queries) use ($middle, $nth): void {
    printf(
        "  %-48s median %5.0f ms, 95th percentile %5.0f ms, longest %5.0f ms, at most %d queries\n",
        $words,
        $middle($times),
        $nth($times, 0.95),
        max($times),
        max($queries),
    );
};
$times = static function (int $count, callable $do): array {
    $all = [];
    for ($i = 0; $i < $count; ++$i) {
        $all[] = $do($i);
    }

    return [array_column($all, 0), array_column($all, 1)];
};

$served = new Served(18_000 + getmypid() % 1000);
$served->signIn();
echo "Served, one client on the same machine\n";
$company = $served->ask('GET', '/api/companies')[2]['companies'][0];
$base = new PDO('sqlite:'.$served->database());
$base->exec('PRAGMA busy_timeout = 5000');
$followed = $base->query('SELECT area_id FROM recipes WHERE id IN (SELECT follows_id FROM recipes)')->fetchAll(PDO::FETCH_COLUMN);
$area = current(array_filter($company['areas'], static fn (array $a): bool => $a['planned'] && !in_array($a['id'], $followed, false)));
$url = '/api/areas/'.$area['id'].'/recipe';
while (count($served->ask('GET', $url)[2]['steps']) < 21) {
    $served->ask('POST', $url.'/edits', ['kind' => 'add', 'technique' => 'glaze', 'colour' => '#8a6a48']);
}
$keys = array_column(array_slice($served->ask('GET', $url)[2]['steps'], 1), 'key');
$print(
    'edit of a recipe of 20 steps',
    ...$times(
        150,
        static fn (int $i): array => $served->ask(
            'POST',
            $url.'/edits',
            ['kind' => 'change', 'key' => $keys[$i % 20], 'coats' => 1 + $i % 4],
        ),
    ),
);
$print('looking at it', ...$times(60, static fn (): array => $served->ask('GET', $url)));

$columns = static fn (string $table): array => array_diff(
    $base->query("SELECT name FROM pragma_table_info('$table')")->fetchAll(PDO::FETCH_COLUMN),
    ['id'],
);
$copy = static function (string $table, int $id, array $set) use ($base, $columns): int {
    $names = $columns($table);
    $values = array_map(
        static fn (string $n): string => array_key_exists($n, $set) ? (string) $base->quote((string) $set[$n]) : '"'.$n.'"',
        $names,
    );
    $base->exec(
        sprintf(
            'INSERT INTO %s ("%s") SELECT %s FROM %s WHERE id = %d',
            $table,
            implode('", "', $names),
            implode(', ', $values),
            $table,
            $id,
        ),
    );

    return (int) $base->lastInsertId();
};
$planned = array_values(array_filter($company['areas'], static fn (array $a): bool => $a['planned'] && $a['id'] !== $area['id']));
$base->beginTransaction();
for ($made = 0, $n = 0; $made < 600; ++$n) {
    $twin = $copy('companies', $company['id'], ['name' => 'Company '.$n]);
    foreach ($planned as $one) {
        $recipe = (int) $base->query('SELECT id FROM recipes WHERE area_id = '.$one['id'])->fetchColumn();
        $copy(
            'recipes',
            $recipe,
            ['area_id' => $copy('areas', $one['id'], ['company_id' => $twin]), 'follows_id' => null] + ['version' => 0, 'counter' => 0],
        );
        ++$made;
    }
}
$base->commit();
$base->exec('UPDATE recipes SET follows_id = NULL WHERE follows_id = \'\'');
printf("%d recipes in %d companies\n", (int) $base->query('SELECT COUNT(*) FROM recipes')->fetchColumn(), $n);
$served->ask('GET', '/api/shelf/needs');
$paint = current(
    array_filter(
        $served->ask('GET', '/api/shelf')[2]['paints'],
        static fn (array $p): bool => $p['behaviour'] === 'opaque' && $p['used_in'] > 20,
    ),
);
$fields = ['name' => $paint['name'], 'line' => $paint['line'], 'behaviour' => 'opaque', 'left_ml' => '9'];
$print(
    'a paint that many use gets another colour',
    ...$times(
        15,
        static fn (int $i): array => $served->ask(
            'PUT',
            '/api/paints/'.$paint['id'],
            [...$fields, 'colour' => sprintf('#8a6a%02x', 64 + $i)],
        ),
    ),
);
$print(
    'something is used of it',
    ...$times(
        15,
        static fn (): array => $served->ask('POST', '/api/paints/'.$paint['id'].'/movements', ['kind' => 'used', 'ml' => '0.01']),
    ),
);
foreach (['what all figures need' => '/api/shelf/needs', 'all figures' => '/api/companies'] as $words => $path) {
    $served->ask('PUT', '/api/paints/'.$paint['id'], [...$fields, 'colour' => '#8a6a'.($path === '/api/companies' ? '30' : '31')]);
    $print($words.', first look after that', ...$times(1, static fn (): array => $served->ask('GET', $path)));
    $print($words.', looked at again', ...$times(7, static fn (): array => $served->ask('GET', $path)));
}
