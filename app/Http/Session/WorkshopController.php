<?php

declare(strict_types=1);

namespace App\Http\Session;

use App\Http\Shared\Controller;
use App\Http\Shared\Seen;
use App\Models\Painter;
use App\Workshop\Recipe\RuledOut;
use App\Workshop\State\HabitsState;
use Illuminate\Http\JsonResponse;

final class WorkshopController extends Controller
{
    public function update(Habits $request): JsonResponse
    {
        $painter = $this->painter($request);
        $habits = $request->habits($painter);
        HabitsState::of($painter)->check('What you own and like', Seen::of($request), HabitsState::wanted($painter, $habits));
        $painter->update($habits);

        return new JsonResponse([...self::habits($painter), 'stays' => RuledOut::sentence($painter)]);
    }

    /** @return array<string, mixed> */
    public static function habits(Painter $painter): array
    {
        return [
            'name' => $painter->name,
            'airbrush' => $painter->answer('airbrush'),
            'spray_cans' => $painter->answer('spray_cans'),
            'told' => $painter->told(),
            'extraction' => $painter->answer('extraction'),
            'solvents' => $painter->answer('solvents'),
            'wet_palette' => $painter->answer('wet_palette'),
            'metal_brush' => $painter->answer('metal_brush'),
            'way' => $painter->way->value,
            'school' => $painter->school->value,
            'temperature' => $painter->temperature->value,
            'length' => $painter->length->value,
            'version' => HabitsState::of($painter)->version(),
            'stays' => '',
        ];
    }
}
