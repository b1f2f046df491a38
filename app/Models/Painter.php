<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;
use Kalokroma\Recipe\Way;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Undercoat\School;

/**
 * @property int         $id
 * @property string      $name
 * @property string|null $password
 * @property bool        $airbrush
 * @property bool        $spray_cans
 * @property Way         $way
 * @property School      $school     which ground it likes
 */
final class Painter extends User
{
    protected $fillable = ['name', 'password', 'airbrush', 'spray_cans', 'way', 'school'];

    protected $attributes = ['school' => 'open'];

    protected $hidden = ['password', 'remember_token'];

    /** @return HasMany<Paint, $this> */
    public function paints(): HasMany
    {
        return $this->hasMany(Paint::class);
    }

    /** @return HasMany<Company, $this> */
    public function companies(): HasMany
    {
        return $this->hasMany(Company::class);
    }

    public function equipment(): Equipment
    {
        return new Equipment($this->airbrush, $this->spray_cans);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['password' => 'hashed', 'airbrush' => 'boolean', 'spray_cans' => 'boolean', 'way' => Way::class, 'school' => School::class];
    }
}
