<?php

declare(strict_types=1);

namespace App\Http\Bench;

use App\Http\Shared\Controller;
use App\Http\Shared\LateAnswer;
use App\Models\Company;
use App\Workshop\Bench\AtBench;
use App\Workshop\Bench\BenchOrder;
use Carbon\CarbonImmutable;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Whoever looks at the bench sees all of it; what is done there is answered with what is otherwise then. */
abstract class BenchAnswers extends Controller
{
    /** @param int $usual figure that is meant where the question names none */
    protected function whole(Request $request, Company $company, int $usual = 1): JsonResponse
    {
        $studio = $this->studio($request);
        $asked = BenchAsked::of($request, $company, $usual);
        $order = BenchOrder::planned($studio, $company);
        $bench = new AtBench($studio, $asked->company, $asked->figure, $asked->goal, $order, CarbonImmutable::now());

        return new JsonResponse((new BenchView($studio, $asked, $bench))->all());
    }

    /**
     * Something is done at the bench of this company.
     *
     * @param Closure(): Ticked $change
     */
    protected function ticked(Request $request, Company $company, Closure $change): LateAnswer
    {
        $answer = function (array $row) use ($request, $company): JsonResponse {
            /** @var array{steps: list<string>, figure: int, slips: bool, pictures: bool} $row */
            $ticked = Ticked::from($row);
            $studio = $this->studio($request);
            $asked = BenchAsked::of($request, $company, $ticked->figure);
            $order = BenchOrder::seen($studio, $company);
            $bench = new AtBench($studio, $asked->company, $asked->figure, $asked->goal, $order, CarbonImmutable::now());

            return new JsonResponse((new BenchView($studio, $asked, $bench))->changed($ticked));
        };

        return self::keeping($request, static fn (): array => $change()->row(), $answer);
    }
}
