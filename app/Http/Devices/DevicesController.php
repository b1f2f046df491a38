<?php

declare(strict_types=1);

namespace App\Http\Devices;

use App\Devices\Pretended;
use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** What the simulated devices pretend; there is such a page in the demo only. */
final class DevicesController extends Controller
{
    public function show(): JsonResponse
    {
        abort_unless((bool) config('kalokroma.demo'), 404);

        return new JsonResponse(['devices' => array_map(static fn (string $id, array $device): array => [
            'id' => $id,
            'name' => $device[0],
            'pretends' => Pretended::of($id),
            'choices' => array_map(
                static fn (string $choice, string $words): array => ['id' => $choice, 'words' => $words],
                array_keys($device[1]),
                $device[1],
            ),
        ], array_keys(Pretended::ALL), Pretended::ALL)]);
    }

    public function update(Request $request): JsonResponse
    {
        abort_unless((bool) config('kalokroma.demo'), 404);
        $rules = [];
        foreach (Pretended::ALL as $device => [, $choices]) {
            $rules[$device] = ['sometimes', Rule::in(array_keys($choices))];
        }
        $said = $request->validate($rules, ['*' => 'The device cannot pretend that.']);
        $painter = $this->painter($request);
        $painter->forceFill(['devices' => [...$painter->devices ?? [], ...$said]])->save();

        return $this->show();
    }
}
