<?php

namespace App\Http\Resources;

use App\Models\User;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;

/** @mixin User */
final class MeResource extends JsonResource
{
    public static $wrap = null;

    public static function of(Request $request): self
    {
        return new self($request->user());
    }

    /** @return array<string, mixed> */
    public function toArray(Request $request): array
    {
        return [
            'name' => $this->name,
            'email' => $this->email,
            'desk' => ['id' => $this->desk->id, 'name' => $this->desk->name, 'zone' => $this->desk->zone],
        ];
    }
}
