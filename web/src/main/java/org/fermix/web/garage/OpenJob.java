package org.fermix.web.garage;

import java.util.UUID;
import org.fermix.core.machine.Engine;

/**
 * A job a visitor has opened, with its machine.
 *
 * @param ownerId whose it is
 */
public record OpenJob(
    UUID ownerId,
    UUID jobId,
    UUID machineId,
    String machineName,
    String description,
    Engine engine) {
  /** The address of a stop. */
  public String path(Stop stop) {
    return "/jobs/" + jobId + "/" + stop.slug();
  }
}
