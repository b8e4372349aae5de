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
 * @property array{name: string, kind: string, currency: string, tick: string, lot_step: string, least_size: string, least_notional: string, multiplier: string, taker_fee: string} $spec
 */
class Instrument extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['venue', 'name', 'spec'];

    protected $casts = ['spec' => 'array'];

    public function value(): InstrumentValue
    {
        return InstrumentValue::of($this->spec);
    }
}
