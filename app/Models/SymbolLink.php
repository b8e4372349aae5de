<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A chart's ticker, and the instrument that it was confirmed to mean at one venue.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $venue
 * @property string $symbol
 * @property string $instrument
 */
class SymbolLink extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'venue', 'symbol', 'instrument'];
}
