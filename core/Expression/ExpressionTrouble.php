<?php

declare(strict_types=1);

namespace Wexon\Core\Expression;

use RuntimeException;

/** An expression that has no value for the message at hand; the message says why. */
final class ExpressionTrouble extends RuntimeException {}
