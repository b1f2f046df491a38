<?php

declare(strict_types=1);

namespace App\Console;

use App\Workshop\Account\Accounts;
use DomainException;
use Illuminate\Console\Command;

final class AddPainter extends Command
{
    protected $signature = 'kalokroma:painter {name : what the painter signs in with} {--password= : asked for where it is not given}
        {--reset : give a painter who is there already a new password, and sign out all their devices}';

    protected $description = 'Create a painter with an empty workshop, or reset a forgotten password';

    public function handle(): int
    {
        $name = (string) $this->argument('name');
        $password = (string) ($this->option('password') ?? $this->secret('Password'));
        try {
            $this->info($this->option('reset') ? self::reset($name, $password) : self::add($name, $password));
        } catch (DomainException $problem) {
            $this->getOutput()->getErrorStyle()->writeln($problem->getMessage());

            return 2;
        }

        return self::SUCCESS;
    }

    private static function add(string $name, string $password): string
    {
        return sprintf('%s can sign in now.', Accounts::make($name, $password)->name);
    }

    private static function reset(string $name, string $password): string
    {
        Accounts::check($password);
        $painter = Accounts::named($name) ?? throw new DomainException(sprintf('There is no painter called %s here.', trim($name)));
        $painter->forceFill(['password' => $password, 'remember_token' => null])->save();

        return sprintf('%s signs in with the new password now; all devices were signed out.', $painter->name);
    }
}
