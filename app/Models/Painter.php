<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User;
use Kalokroma\Recipe\Technique\Way;
use Kalokroma\Shelf\Behaviour;
use Kalokroma\Shelf\Equipment;
use Kalokroma\Shelf\Form;
use Kalokroma\Shelf\Purpose;
use Kalokroma\Undercoat\School;
use Kalokroma\Word\Length;
use Kalokroma\Word\Temperature;

/**
 * @property int $id
 * @property string $name
 * @property string|null $password
 * @property bool $airbrush
 * @property bool $spray_cans
 * @property Temperature $temperature in which unit temperatures are read
 * @property Length $length in which unit figures are measured
 * @property bool $extraction runs while the airbrush does
 * @property bool $solvents
 * @property bool $wet_palette
 * @property bool $metal_brush one brush kept for metal
 * @property Way $way
 * @property School $school which ground it likes
 * @property int $stamp rises with every change that makes predictions stale
 * @property int $written rises with every request that wrote something
 * @property list<string>|null $answered questions about what they own that were answered
 * @property array<string, string>|null $devices what the simulated devices pretend
 * @property array<string, mixed>|null $free when the painter is free, as docs/formats/free.schema.json has it
 * @property array{
 *   overruled?: list<string>, relaxed?: list<string>, before?: list<array{string, string}>,
 *   air?: array{celsius: float|int, humidity: float|int}|null,
 * }|null $wishes for the order of work
 * @property array<string, int>|null $pins when jobs begin that the painter has put somewhere, minutes since 1970, UTC, by id of the job
 * @property array{name: string, taken: list<string>, spans: list<array{int, int}>}|null $busy what was taken from a calendar
 * @property CarbonImmutable|null $rested_at when it was spoken of a rest last
 * @property CarbonImmutable|null $cleaned_at when the airbrush was cleaned last
 * @property array<array-key, array{0: float, 1: float, 2: int, 3?: list<mixed>}>|null $learned what mixes told of paints, by their ids
 */
final class Painter extends User
{
    /** Questions about what they own that are open until they are answered. */
    public const ASKED = ['airbrush', 'spray_cans', 'extraction', 'solvents', 'wet_palette', 'metal_brush'];

    /** @var array{int, array<string, string>}|null what the shelf tells, and at which stamp */
    private ?array $told = null;

    protected $fillable = [
        'name',
        'password',
        'airbrush',
        'spray_cans',
        'way',
        'school',
        'extraction',
        'temperature',
        'length',
        'solvents',
        'wet_palette',
        'metal_brush',
        'free',
        'wishes',
        'pins',
        'busy',
        'rested_at',
        'cleaned_at',
        'answered',
    ];

    protected $attributes = [
        'stamp' => 0, 'written' => 0, 'school' => 'open', 'extraction' => true, 'solvents' => true, 'wet_palette' => true,
        'metal_brush' => true, 'temperature' => 'C', 'length' => 'mm',
    ];

    protected $hidden = ['password', 'remember_token'];

    /** @return HasMany<PaintRow, $this> */
    public function paints(): HasMany
    {
        return $this->hasMany(PaintRow::class);
    }

    /** @return HasMany<Company, $this> */
    public function companies(): HasMany
    {
        return $this->hasMany(Company::class);
    }

    /** What was answered of what they own; null where it was not. */
    public function answer(string $question): ?bool
    {
        return in_array($question, $this->answered ?? [], true) ? (bool) $this->getAttribute($question) : null;
    }

    /** @return array<string, string> the pot that tells of each thing they own besides paint, by its name; empty where none does */
    public function told(): array
    {
        // Asked at every step that is drafted, and the same until the shelf or an answer changes.
        if ($this->told === null || $this->told[0] !== $this->stamp) {
            $this->told = [$this->stamp, $this->toldByShelf()];
        }

        return $this->told[1];
    }

    /** @return array<string, string> */
    private function toldByShelf(): array
    {
        $pots = $this->paints()->where('owned', true)->orderBy('id')->toBase()->get(['name', 'form', 'purpose', 'behaviour']);
        $first = static fn (string $column, Form|Purpose|Behaviour $value): string => $pots->firstWhere($column, $value->value)->name ?? '';

        return [
            'airbrush' => $first('form', Form::AirbrushReady) ?: $first('purpose', Purpose::Airbrush),
            'spray_cans' => $first('form', Form::SprayCan),
            'solvents' => $first('purpose', Purpose::Solvent) ?: $first('behaviour', Behaviour::Enamel)
                ?: $first('behaviour', Behaviour::Oil),
        ];
    }

    /** Whether it can be used: as was answered, else as the shelf tells; what nobody said is not supposed. */
    public function isPossible(string $question): bool
    {
        return $this->answer($question) ?? ($this->told()[$question] ?? '') !== '';
    }

    public function equipment(): Equipment
    {
        return new Equipment(
            $this->isPossible('airbrush'),
            $this->isPossible('spray_cans'),
            $this->isPossible('extraction'),
            $this->isPossible('solvents'),
            $this->isPossible('wet_palette'),
            $this->isPossible('metal_brush'),
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'rested_at' => 'immutable_datetime',
            'cleaned_at' => 'immutable_datetime',
            'airbrush' => 'boolean',
            'spray_cans' => 'boolean',
            'extraction' => 'boolean',
            'temperature' => Temperature::class,
            'length' => Length::class,
            'solvents' => 'boolean',
            'wet_palette' => 'boolean',
            'metal_brush' => 'boolean',
            'way' => Way::class,
            'school' => School::class,
            'learned' => 'array',
            'answered' => 'array',
            'devices' => 'array',
            'free' => 'array',
            'wishes' => 'array',
            'pins' => 'array',
            'busy' => 'array',
        ];
    }
}
