<?php

namespace App\Models;

use App\Notify\WebhookForm;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A way on which a desk is told of things outside of its screens.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $name
 * @property string $way mail or webhook
 * @property string $target a mail address or a web address
 * @property string $secret by which a webhook is signed
 * @property WebhookForm $form
 * @property list<string> $kinds
 * @property list<int> $routes empty: of all
 * @property string|null $quiet_from "22:00" in the desk's zone
 * @property string|null $quiet_to
 * @property bool $is_on
 * @property int $seen the last notice that was looked at for it
 * @property Desk $desk
 * @property \Illuminate\Database\Eloquent\Collection<int, Delivery> $lastDeliveries
 */
class Channel extends Model
{
    private const SHOWN = 8;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $guarded = [];

    protected $casts = ['secret' => 'encrypted', 'form' => WebhookForm::class, 'kinds' => 'array', 'routes' => 'array', 'is_on' => 'bool'];

    /** The moment at which quiet hours that are on now end; null outside of them. */
    public function quietUntil(CarbonImmutable $now): ?CarbonImmutable
    {
        if ($this->quiet_from === null || $this->quiet_to === null || $this->quiet_from === $this->quiet_to) {
            return null;
        }
        $local = $now->setTimezone($this->desk->zone);
        $clock = $local->format('H:i');
        $isOver = $this->quiet_from > $this->quiet_to;
        $isQuiet = $isOver ? $clock >= $this->quiet_from || $clock < $this->quiet_to : $clock >= $this->quiet_from && $clock < $this->quiet_to;
        $ends = $local->setTimeFromTimeString($this->quiet_to);

        return $isQuiet ? ($ends <= $local ? $ends->addDay() : $ends)->utc() : null;
    }

    /** @return BelongsTo<Desk, $this> */
    public function desk(): BelongsTo
    {
        return $this->belongsTo(Desk::class);
    }

    /** @return HasMany<Delivery, $this> The newest first, as many as are shown. */
    public function lastDeliveries(): HasMany
    {
        $last = $this->deliveries();
        $last->orderByDesc('id')->limit(self::SHOWN);

        return $last;
    }

    /** @return HasMany<Delivery, $this> */
    public function deliveries(): HasMany
    {
        return $this->hasMany(Delivery::class);
    }
}
