package org.fermix.web.account;

import java.util.OptionalLong;
import java.util.UUID;
import org.fermix.web.shared.Preferences;

/**
 * The garage a request works in.
 *
 * @param garageId whose rows it may see; every query is scoped by it
 * @param demo true in a visitor's copy of the demo garage
 * @param preferences of the garage
 * @param revision of what is in the garage, for a request that only reads; empty for one that may
 *     change it
 */
public record Visitor(UUID garageId, boolean demo, Preferences preferences, OptionalLong revision) {
  /** The demo garage while it is made. */
  public static Visitor toDemo(UUID garageId) {
    return new Visitor(garageId, true, Preferences.NONE, OptionalLong.empty());
  }
}
