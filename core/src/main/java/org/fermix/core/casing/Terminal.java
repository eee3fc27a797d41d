package org.fermix.core.casing;

import java.util.Locale;
import java.util.Optional;
import org.fermix.core.quantity.Table;

/** What the leads are fixed to. */
public enum Terminal {
  /** Tapered post of SAE and EN, on top. */
  POST,
  /** The thinner tapered post of small Japanese cases. */
  THIN_POST,
  /** Threaded hole in the side. */
  SIDE,
  /** Threaded stud on top. */
  STUD,
  /** Flat tab with a hole and bolt, as on powersport cases. */
  TAB,
  /** Threaded insert on top. */
  INSERT;

  private static final Table ADAPTERS = Table.read(Terminal.class, "terminal-adapters.csv");

  /** The terminal by its name in our tables. */
  public static Optional<Terminal> find(String name) {
    String wanted = name.strip().toUpperCase(Locale.ROOT).replace(' ', '_');
    for (Terminal each : values()) {
      if (each.name().equals(wanted)) {
        return Optional.of(each);
      }
    }
    return Optional.empty();
  }

  /** What joins a lead made for another terminal to this one; empty when nothing proper does. */
  public Optional<String> adapterFor(Terminal lead) {
    return ADAPTERS.rows().stream()
        .filter(
            row ->
                find(row.text("battery")).equals(Optional.of(this))
                    && find(row.text("lead")).equals(Optional.of(lead)))
        .map(row -> row.text("adapter"))
        .findFirst();
  }
}
