<?php

declare(strict_types=1);

namespace Tests\Served;

use PDO;
use PHPUnit\Framework\TestCase;
use Tests\SampleTemplate;

/** A worker is killed in the middle of a write: all of it is there afterwards, or nothing of it. */
final class KilledTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/kalokroma-killed-'.getmypid();
        mkdir($this->folder);
        SampleTemplate::copyTo($this->folder);
    }

    protected function tearDown(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    public function testNothingIsHalfSavedWhenAWorkerIsKilled(): void
    {
        [$area, $company, $step, $version, $paint] = $this->ask('SELECT a.id, a.company_id, json_extract(r.plan, "$.steps[0].key"), '
            .'r.version, (SELECT id FROM paints WHERE left_ml > 5 AND hex IS NOT NULL LIMIT 1) '
            .'FROM recipes r JOIN areas a ON a.id = r.area_id ORDER BY a.id LIMIT 1');
        $record = [
            'area_id' => $area, 'step' => $step, 'stage' => 'basecoat', 'figures' => [12], 'note' => '',
            'real' => ['mix' => [['paint_id' => $paint, 'name' => 'x', 'parts' => 1]], 'coats' => 2],
        ];
        foreach ([
            ["/api/companies/$company/records", $record, 1],
            ["/api/areas/$area/recipe", ['colour' => '#5a6b2f', 'version' => $version], 3],
            ["/api/companies/$company/undercoat/edits", ['key' => 'undercoat', 'coats' => 4, 'version' => null], 2],
        ] as $i => [$path, $body, $apart]) {
            $before = $this->state();
            if (array_key_exists('version', $body)) {
                $body['version'] ??= $this->ask('SELECT undercoat_version FROM companies WHERE id = '.$company)[0];
            }
            $written = null;
            for ($after = 1, $killed = 0; $after < 400; $after += $apart) {
                $said = $this->write($after, $path, $body, 'a-key-of-its-own-'.$i);
                $now = $this->state();
                // Whoever is killed while all is kept already, and only the answer is made, has written all of it.
                $written ??= $now === $before ? null : $now;
                self::assertSame($written ?? $before, $now, "$path, killed after $after statements");
                if ($said !== '') {
                    break;
                }
                ++$killed;
            }
            self::assertGreaterThan(3, $killed);
            self::assertStringStartsWith('200 ', $said, 'and then the same is written');
            self::assertNotNull($written);
            $again = $this->write(0, $path, $body, 'a-key-of-its-own-'.$i);
            self::assertSame(self::timeless($said), self::timeless($again), 'sent again, it gets the same answer');
            self::assertSame($written, $this->state());
        }
    }

    /** The same but for the instant at which it was answered. */
    private static function timeless(string $answer): string
    {
        return (string) preg_replace('/"now":"[^"]*"/', '', $answer);
    }

    /**
     * @param array<string, mixed> $body
     *
     * @return string status and answer; nothing where it was killed before
     */
    private function write(int $after, string $path, array $body, string $key): string
    {
        return $this->php(implode(' ', array_map(escapeshellarg(...), [
            'tests/Served/killed.php', (string) $after, 'POST', $path, json_encode($body, JSON_THROW_ON_ERROR), $key,
        ])));
    }

    private function php(string $arguments): string
    {
        $process = proc_open('exec php '.$arguments, [1 => ['pipe', 'w'], 2 => ['file', '/dev/null', 'w']], $pipes, dirname(__DIR__, 2), [
            ...getenv(),
            'DB_DATABASE' => $this->folder.'/workshop.sqlite',
            'CACHE_STORE' => 'array',
            'SESSION_DRIVER' => 'array',
        ]);
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);
        proc_close($process);

        return $said;
    }

    /** A fingerprint of every row of every table. */
    private function state(): string
    {
        $database = $this->database();
        $all = [];
        foreach ($database->query('SELECT name FROM sqlite_master WHERE type = "table" ORDER BY name') ?: [] as [$table]) {
            $all[$table] = $database->query("SELECT * FROM \"$table\" ORDER BY rowid")->fetchAll(PDO::FETCH_ASSOC);
        }

        return sha1(serialize($all));
    }

    /** @return list<mixed> the first row */
    private function ask(string $sql): array
    {
        $rows = $this->database()->query($sql);
        self::assertNotFalse($rows);

        return (array) $rows->fetch(PDO::FETCH_NUM);
    }

    private function database(): PDO
    {
        return new PDO('sqlite:'.$this->folder.'/workshop.sqlite');
    }
}
