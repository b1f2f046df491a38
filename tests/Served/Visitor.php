<?php

declare(strict_types=1);

namespace Tests\Served;

use CurlHandle;

/**
 * One browser: its cookies, its token, and requests one after the other or all at once.
 *
 * @phpstan-type Answer array{status: int, ms: float, queries: int, body: array<string, mixed>, replayed: bool}
 */
final class Visitor
{
    /** @var array<string, string> */
    private array $cookies = [];

    public function __construct(private readonly string $address)
    {
    }

    public function signIn(): self
    {
        $this->ask('GET', '/');
        $this->ask('POST', '/api/session/sample', []);

        return $this;
    }

    /**
     * @param array<string, mixed>|null $body
     * @param list<string> $headers
     *
     * @return Answer
     */
    public function ask(string $method, string $path, ?array $body = null, array $headers = []): array
    {
        return self::together([$this->request($method, $path, $body, $headers)])[0];
    }

    /**
     * To be sent later, together with others, by {@see together()}.
     *
     * @param array<string, mixed>|null $body
     * @param list<string> $headers
     *
     * @return array{self, CurlHandle}
     */
    public function request(string $method, string $path, ?array $body = null, array $headers = []): array
    {
        $curl = curl_init($this->address.$path);
        assert($curl instanceof CurlHandle);
        $cookie = static fn (string $name, string $value): string => $name.'='.$value;
        $cookies = implode('; ', array_map($cookie, array_keys($this->cookies), $this->cookies));
        curl_setopt_array($curl, [
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_TIMEOUT => 60,
            CURLOPT_HTTPHEADER => [
                'Accept: application/json', 'Content-Type: application/json', 'Cookie: '.$cookies,
                'X-XSRF-TOKEN: '.urldecode($this->cookies['XSRF-TOKEN'] ?? ''), ...$headers,
            ],
        ] + ($body === null ? [] : [CURLOPT_POSTFIELDS => json_encode($body, JSON_THROW_ON_ERROR)]));

        return [$this, $curl];
    }

    /**
     * All at the same moment.
     *
     * @param list<array{self, CurlHandle}> $requests
     *
     * @return list<Answer> in their order
     */
    public static function together(array $requests): array
    {
        $all = curl_multi_init();
        foreach ($requests as [, $curl]) {
            curl_multi_add_handle($all, $curl);
        }
        do {
            curl_multi_exec($all, $running);
            curl_multi_select($all, 0.05);
        } while ($running > 0);

        return array_map(self::answer(...), $requests);
    }

    /**
     * Of one that has arrived.
     *
     * @param array{self, CurlHandle} $request
     *
     * @return Answer
     */
    public static function answer(array $request): array
    {
        return $request[0]->answered($request[1]);
    }

    /** @return Answer */
    private function answered(CurlHandle $curl): array
    {
        $whole = (string) curl_multi_getcontent($curl);
        $size = curl_getinfo($curl, CURLINFO_HEADER_SIZE);
        $head = substr($whole, 0, $size);
        preg_match_all('/^Set-Cookie: ([^=]+)=([^;]*)/im', $head, $found, PREG_SET_ORDER);
        foreach ($found as [, $name, $value]) {
            $this->cookies[$name] = $value;
        }

        return [
            'status' => curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
            'ms' => 1000 * curl_getinfo($curl, CURLINFO_TOTAL_TIME),
            'queries' => preg_match('/^X-Queries: (\d+)/im', $head, $count) === 1 ? (int) $count[1] : 0,
            'body' => (array) json_decode(substr($whole, $size), true),
            'replayed' => str_contains($head, 'Idempotency-Replayed'),
        ];
    }
}
