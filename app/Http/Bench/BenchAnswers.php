<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\Controller;
use App\Models\Company;
use App\Workshop\Bench\AtBench;
use App\Workshop\Order\OrderPlan;
use Carbon\CarbonImmutable;
use DomainException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Whatever is done at the bench is answered with how the bench is then. */
abstract class BenchAnswers extends Controller
{
    /** @param int $usual figure that is meant where the question names none */
    protected function answer(Request $request, Company $company, int $usual = 1): JsonResponse
    {
        $studio = $this->studio($request);
        $asked = BenchAsked::of($request, $company, $usual);
        try {
            $order = OrderPlan::of($studio, $company)->order(true);
        } catch (DomainException) {
            $order = null;
        }

        $bench = new AtBench($studio, $asked->company, $asked->figure, $asked->goal, $order, CarbonImmutable::now());

        return new JsonResponse((new BenchView($studio, $asked, $bench))->all());
    }
}
