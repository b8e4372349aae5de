<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Wexon\Core\Instrument\Instrument as InstrumentValue;

/**
 * What a venue said about one instrument when it was last asked.
 *
 * @property int $id
 * @property string $venue
 * @property string $name
 *
 * @phpstan-import-type InstrumentSpec from InstrumentValue
 *
 * @property InstrumentSpec $spec
 */
class Instrument extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['venue', 'name', 'spec'];

    protected $casts = ['spec' => 'array'];

    /** One that a venue is known to list. */
    public static function listed(string $venue, string $name): InstrumentValue
    {
        return self::query()->where('venue', $venue)->where('name', $name)->firstOrFail()->value();
    }

    public function value(): InstrumentValue
    {
        return InstrumentValue::of($this->spec);
    }
}
