package org.fermix.web.account;

import java.util.UUID;
import org.fermix.web.shared.Preferences;

/**
 * The garage a request works in.
 *
 * @param garageId whose rows it may see; every query is scoped by it
 * @param demo true in a visitor's copy of the demo garage
 * @param preferences of the garage
 */
public record Visitor(UUID garageId, boolean demo, Preferences preferences) {
  /** The demo garage while it is made. */
  public static Visitor toDemo(UUID garageId) {
    return new Visitor(garageId, true, Preferences.NONE);
  }
}
