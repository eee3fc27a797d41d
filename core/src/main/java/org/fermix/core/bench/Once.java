package org.fermix.core.bench;

import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** Worked out when first asked for; not to be shared between threads. */
final class Once<T> implements Supplier<T> {
  private final Supplier<T> source;
  private @Nullable T made;

  Once(Supplier<T> source) {
    this.source = source;
  }

  @Override
  public T get() {
    if (made == null) {
      made = source.get();
    }
    return made;
  }
}
