<?php

declare(strict_types=1);

namespace Wexon\Core\Order;

use RuntimeException;

/** An order that cannot be given its price or its kind; the message says what would do. */
final class OrderRefusal extends RuntimeException {}
