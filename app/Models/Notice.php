<?php

namespace App\Models;

use App\Live\Live;
use App\Notify\Kind;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that the desk should know of.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $kind
 * @property string $words
 * @property string|null $link
 * @property int|null $route_id
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $read_at
 */
class Notice extends Model
{
    private const WORDS = 400;

    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'route_id', 'kind', 'words', 'link', 'created_at', 'read_at'];

    protected $casts = ['created_at' => 'immutable_datetime', 'read_at' => 'immutable_datetime'];

    /** Tells the desk. What happens all the time is kept without being counted as unread. */
    public static function tell(int $deskId, Kind $kind, string $words, string $link, ?int $routeId = null): void
    {
        self::query()->create(['desk_id' => $deskId, 'route_id' => $routeId, 'kind' => $kind->value, 'words' => mb_substr($words, 0, self::WORDS), 'link' => $link, 'created_at' => now(), 'read_at' => $kind->isOrdinary() ? now() : null]);
        $kind->isOrdinary() || app(Live::class)->notices($deskId);
    }

    /** Tells the desk, unless the same was told and nobody has read it yet. */
    public static function once(int $deskId, Kind $kind, string $words, string $link, ?int $routeId = null): void
    {
        $words = mb_substr($words, 0, self::WORDS);
        if (! self::query()->where('desk_id', $deskId)->whereNull('read_at')->where('kind', $kind->value)->where('words', $words)->exists()) {
            self::query()->create(['desk_id' => $deskId, 'route_id' => $routeId, 'kind' => $kind->value, 'words' => $words, 'link' => $link, 'created_at' => now()]);
            app(Live::class)->notices($deskId);
        }
    }
}
