<?php

namespace Tests\App;

use App\Connector\Described\Signing\Signings;
use App\Connector\Described\Template;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A venue that nobody has written a connector for. */
final class DescribedVenueTest extends TestCase
{
    use RunningPlace;

    public function test_a_described_venue_is_traded_at_like_any_other(): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $venue = $api->post('venues', ['spec' => self::spec()])->throw()->json('id');
        $wrong = $api->post('accounts', ['name' => 'Described', 'venue' => $venue, 'credentials' => ['secret' => str_repeat('0', 48)] + Desk::keyAtVenue()]);
        self::assertStringContainsString('Quarrystone, described: ', (string) $wrong->json('errors.credentials.0'));
        $account = $api->post('accounts', ['name' => 'Described', 'venue' => $venue, 'credentials' => Desk::keyAtVenue()])->throw()->json('data.id');
        $api->put("routes/{$desk->route->id}", ['name' => 'Line', 'inlet_id' => $desk->inlet->id, 'account_ids' => [$account], 'rules' => $desk->route->rules])->throw();

        self::assertSame(['buy 2 filled'], Desk::orders($desk->send('enter long MARL/USD')));
        self::assertSame(['sell 1 filled'], Desk::orders($desk->send('exit MARL/USD share 50')));
        self::assertSame(409, $api->delete("venues/{$venue}")->status(), 'an account is connected there');
        self::assertSame(422, Desk::api(Desk::make()->token)->post('accounts', ['name' => 'Theirs', 'venue' => $venue, 'credentials' => Desk::keyAtVenue()])->status(), 'it is the desk\'s own');
    }

    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    #[DataProvider('mistakes')]
    public function test_a_mistake_in_a_description_is_said(callable $change, int $status, string $words): void
    {
        $desk = Desk::make();
        $api = Desk::api($desk->token);
        $answer = $api->post('venues', ['spec' => $change(self::spec())]);
        if ($answer->status() === 201) {
            $answer = $api->post('accounts', ['name' => 'Described', 'venue' => $answer->json('id'), 'credentials' => Desk::keyAtVenue()]);
        }

        self::assertSame($status, $answer->status(), $answer->body());
        self::assertStringContainsString($words, (string) json_encode($answer->json('errors'), JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE));
    }

    /** @return iterable<string, array{callable(array<string, mixed>): array<string, mixed>, int, string}> */
    public static function mistakes(): iterable
    {
        $with = static fn (array $changes): callable => static fn (array $spec): array => array_replace_recursive($spec, $changes);
        yield 'an address without encryption' => [$with(['base' => 'http://venue.example']), 422, 'begins with https://'];
        yield 'no such way of signing' => [static fn (array $spec): array => ['signing' => ['kind' => 'wax']] + $spec, 422, 'spec.signing'];
        yield 'a call too few' => [static function (array $spec): array {
            unset($spec['calls']['find']);

            return $spec;
        }, 422, 'find'];
        yield 'a value that is elsewhere' => [$with(['calls' => ['balance' => ['fields' => ['equity' => 'nowhere']]]]), 422, 'the answer has no equity at “nowhere”'];
        yield 'a value that is no number' => [$with(['calls' => ['balance' => ['fields' => ['free' => 'currency']]]]), 422, 'which is no number'];
        yield 'a word that is not translated' => [$with(['calls' => ['key' => ['fields' => ['environment' => '`"demo"`']]]]), 422, '“demo” is neither practice nor live'];
        yield 'a kind that nobody knows' => [$with(['calls' => ['instruments' => ['fields' => ['kind' => 'instrument']]]]), 422, 'cannot be traded as it is described'];
        yield 'nobody at home' => [$with(['base' => 'http://127.0.0.1:9']), 422, 'did not answer'];
    }

    /**
     * @param  array<string, mixed>  $spec
     * @param  array<string, string>  $expected
     */
    #[DataProvider('signings')]
    public function test_ways_of_signing(array $spec, array $expected): void
    {
        $values = Signings::of($spec)->values(['key' => 'K', 'secret' => 'c2VjcmV0', 'user' => 'u', 'password' => 'p'], 'POST', '/v1/orders?a=b', '{}');

        self::assertSame($expected, array_intersect_key($values, $expected));
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, string>}> */
    public static function signings(): iterable
    {
        // printf 'POST/v1/orders?a=b{}K' | openssl dgst -sha256 -hmac c2VjcmV0; and with “secret”, -sha512, in base64
        yield 'hex' => [['kind' => 'hmac', 'over' => '{method}{path_and_query}{body}{key}'], ['signature' => 'a97f8e213c025e83674dac0488c392d9d3706f1de342cf31fb35ce07b3b2fc75']];
        yield 'base64, with a secret in base64' => [['kind' => 'hmac', 'hash' => 'sha512', 'encode' => 'base64', 'secret_is_base64' => true, 'over' => '{path} {query}'], ['signature' => '6QFvd3HtGjd6sW8CSv+YtkITJzkHUYpINaHR0DtAW449wtq71/LHxg9KLYx3KFX7EHgzZG6C9M/cVHkAZPyiXg==']];
        yield 'basic' => [['kind' => 'basic'], ['basic' => 'Basic dTpw']];
        yield 'bearer' => [['kind' => 'bearer'], []];
    }

    public function test_templates(): void
    {
        self::assertSame('/o?id=a%2Fb&x={other}', Template::uri('/o?id={id}&x={other}', ['id' => 'a/b']));
        self::assertSame(['a' => true, 'b' => ['c' => 'x-1'], 'd' => 3], Template::body(['a' => '{yes}', 'b' => ['c' => 'x-{n}'], 'd' => 3], ['yes' => true, 'n' => '1']));
    }

    /** @return array<string, mixed> */
    private static function spec(): array
    {
        return ['base' => config('wexon.quarrystone_url')] + json_decode((string) file_get_contents(base_path('docs/venues/quarrystone.json')), true, flags: JSON_THROW_ON_ERROR);
    }
}
