<?php

declare(strict_types=1);

namespace App\Http\Recipe;

use App\Http\Shared\StepChangeRules;
use App\Models\AreaRow;
use App\Models\Company;
use App\Workshop\Plan\AreaSteps;
use App\Workshop\Plan\SaidChange;
use App\Workshop\Studio;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Kalokroma\Colour\Srgb;
use Kalokroma\Recipe\Change\DifferStep;
use Kalokroma\Recipe\Change\DropStep;
use Kalokroma\Recipe\Change\JoinTones;
use Kalokroma\Recipe\Change\LoopSteps;
use Kalokroma\Recipe\Change\MakeStep;
use Kalokroma\Recipe\Change\MergeSteps;
use Kalokroma\Recipe\Change\MoveStep;
use Kalokroma\Recipe\Change\OverruleRule;
use Kalokroma\Recipe\Change\PlanChange;
use Kalokroma\Recipe\Plan\Loop;
use Kalokroma\Recipe\Plan\Place;
use Kalokroma\Recipe\Plan\RecipeProblem;
use Kalokroma\Recipe\Predict\Joining;
use Kalokroma\Recipe\Technique\Technique;

/** One change of a recipe, and the version it was made on. */
final class EditForm extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'version' => ['required', 'integer', 'min:0'],
            'kind' => ['required', 'in:change,add,drop,move,merge,loop,join,differ,overrule'],
            'key' => ['required_unless:kind,add,overrule', 'nullable', 'string', 'max:60'],
            'technique' => ['required_if:kind,add', Rule::enum(Technique::class)],
            'after' => ['nullable', 'string', 'max:60'],
            'colour' => ['nullable', 'string', 'regex:/^#[0-9a-fA-F]{6}$/'],
            'to' => ['required_if:kind,move', 'integer', 'min:0'],
            'from' => ['required_if:kind,loop', 'string', 'max:60'],
            'rounds' => ['required_if:kind,loop', 'integer', 'min:1', 'max:'.Loop::MOST_ROUNDS],
            'exit' => ['nullable', 'string', 'max:'.LoopSteps::LONGEST_EXIT],
            'smaller' => ['nullable', 'boolean'],
            'percents' => ['nullable', 'array', 'max:'.Loop::MOST_ROUNDS],
            'percents.*' => ['numeric', 'gt:0', 'max:100'],
            'other' => ['required_if:kind,join', 'string', 'max:60'],
            'by' => ['required_if:kind,join', Rule::in(Joining::FROM)],
            'rule' => ['required_if:kind,overrule', 'string', 'max:120'],
            'on' => ['sometimes', 'boolean'],
            ...array_diff_key(StepChangeRules::rules(), ['who' => true]),
            'who' => ['required_if:kind,differ', ...array_diff(StepChangeRules::rules()['who'], ['sometimes'])],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'version.*' => 'Say which version of the recipe is changed: reload the page, then change it again.',
            'kind.*' => 'A recipe is changed by change, add, drop, move, merge, loop, join, differ or overrule.',
            'technique.*' => 'Choose what kind of step to add.',
            'rounds.*' => sprintf('A loop has 1 to %d rounds; one round ends it.', Loop::MOST_ROUNDS),
            'percents.*' => 'Each round touches more than 0 and at most 100 % of its place.',
            'exit.*' => sprintf('How to tell that it is enough has at most %d letters.', LoopSteps::LONGEST_EXIT),
            ...StepChangeRules::messages(),
        ];
    }

    /** @throws RecipeProblem */
    public function change(Studio $studio, Company $company, AreaRow $area): PlanChange
    {
        $key = (string) $this->string('key');
        $said = new SaidChange($studio->shelf, $company->count);

        return match ((string) $this->string('kind')) {
            'add' => $this->added(new AreaSteps($studio, $company, $area), $said),
            'drop' => new DropStep($key),
            'move' => new MoveStep($key, $this->integer('to')),
            'merge' => new MergeSteps($key),
            'loop' => $this->looped($key),
            'join' => new JoinTones($key, (string) $this->string('other'), (string) $this->string('by')),
            'differ' => new DifferStep($key, $said->who((string) $this->string('who'))),
            'overrule' => new OverruleRule((string) $this->string('rule'), $this->boolean('on', true)),
            default => $said->of($key, $this->all()),
        };
    }

    private function added(AreaSteps $making, SaidChange $said): MakeStep
    {
        return new MakeStep(
            Technique::from((string) $this->string('technique')),
            $making,
            $this->filled('after') ? (string) $this->string('after') : null,
            $this->filled('colour') ? Srgb::fromHex((string) $this->string('colour'))->toOklch() : null,
            $this->has('mix') ? $said->of('', $this->all()) : null,
        );
    }

    private function looped(string $key): LoopSteps
    {
        $from = (string) $this->string('from');
        $rounds = $this->integer('rounds');
        $exit = (string) $this->string('exit');
        $percents = $this->input('percents');
        if (is_array($percents)) {
            $shares = array_map(static fn (mixed $p): float => Place::shareOf(is_numeric($p) ? (float) $p : 0.0), array_values($percents));

            return new LoopSteps($key, $from, $rounds, $exit, $shares);
        }

        return $this->boolean('smaller') ? LoopSteps::smaller($key, $from, $rounds, $exit) : new LoopSteps($key, $from, $rounds, $exit);
    }
}
