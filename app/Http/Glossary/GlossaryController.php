<?php

declare(strict_types=1);

namespace App\Http\Glossary;

use App\Http\Shared\Controller;
use Illuminate\Http\JsonResponse;
use Kalokroma\Word\Glossary;

final class GlossaryController extends Controller
{
    public function show(): JsonResponse
    {
        return new JsonResponse(['terms' => Glossary::all()]);
    }
}
