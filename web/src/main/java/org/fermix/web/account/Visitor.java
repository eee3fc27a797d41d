package org.fermix.web.account;

import java.util.UUID;
import org.fermix.web.shared.Preferences;

/**
 * The garage a request works in.
 *
 * @param garageId whose rows it may see; every query is scoped by it
 * @param demo true in the demo garage, which all visitors share
 * @param preferences of the garage; none in the demo garage
 */
public record Visitor(UUID garageId, boolean demo, Preferences preferences) {
  /** The demo garage. */
  public static Visitor toDemo(UUID garageId) {
    return new Visitor(garageId, true, Preferences.NONE);
  }
}
