<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Painter;
use Illuminate\Console\Command;

final class AddPainter extends Command
{
    private const SHORTEST = 8;

    protected $signature = 'kalokroma:painter {name : what the painter signs in with} {--password= : asked for where it is not given}';

    protected $description = 'Create a painter with an empty workshop';

    public function handle(): int
    {
        $name = trim((string) $this->argument('name'));
        $password = (string) ($this->option('password') ?? $this->secret('Password'));
        $problem = match (true) {
            $name === '' || mb_strlen($name) > 80 => 'A painter\'s name has 1 to 80 characters.',
            mb_strlen($password) < self::SHORTEST => sprintf(
                'The password has %d characters: at least %d are needed.',
                mb_strlen($password),
                self::SHORTEST,
            ),
            Painter::query()->where('name', $name)->exists() => sprintf('There is a painter called %s already.', $name),
            default => null,
        };
        if ($problem !== null) {
            $this->getOutput()->getErrorStyle()->writeln($problem);

            return 2;
        }
        Painter::query()->create(['name' => $name, 'password' => $password]);
        $this->info(sprintf('%s can sign in now.', $name));

        return self::SUCCESS;
    }
}
