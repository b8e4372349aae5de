<?php

namespace App\Http\Resources;

use App\Models\ChartProfile;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin ChartProfile */
final class ProfileResource extends JsonResource
{
    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'spec' => ['variables' => (object) $this->spec['variables']] + $this->spec, 'updated_at' => Moment::of($this->updated_at)];
    }
}
