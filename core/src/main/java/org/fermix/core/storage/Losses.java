package org.fermix.core.storage;

import org.jspecify.annotations.Nullable;

/**
 * What a stored battery loses in each month, as expected; worked out when first asked for. Not to
 * be shared between threads.
 */
final class Losses {
  private static final Drain NONE = Drain.steady(0);

  private final Storage storage;
  private final @Nullable Parking[] connected = new Parking[12];
  private final @Nullable Parking[] alone = new Parking[12];

  Losses(Storage storage) {
    this.storage = storage;
  }

  Storage storage() {
    return storage;
  }

  /**
   * The losses of a month, 1 to 12.
   *
   * @param cutOff true when the machine is cut off: only the battery's own draw is left
   */
  Parking inMonth(int month, boolean cutOff) {
    @Nullable Parking[] known = cutOff ? alone : connected;
    Parking found = known[month - 1];
    if (found == null) {
      found = storage.parking(storage.seasons().inMonth(month), cutOff ? NONE : storage.drain());
      known[month - 1] = found;
    }
    return found;
  }
}
