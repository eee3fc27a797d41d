package org.fermix.web.door;

import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How wide the door is; {@code fermix.door.*}.
 *
 * @param hosts names this Fermix answers to, without ports; others are refused, so that no foreign
 *     name can be pointed at it
 * @param connectionsPerAddress most open connections from one address; 0 is no limit, for a proxy
 *     that all come through
 * @param bodiesAtOnce most forms being received at the same time
 * @param bodiesPerAddress most of them from one address
 * @param uploadsAtOnce most files being received at the same time, apart from the forms
 * @param uploadsPerAddress most of them from one address
 * @param formSeconds longest a form may take to arrive (s)
 * @param uploadSeconds longest an uploaded file may take to arrive (s)
 * @param heavyAtOnce most pieces of heavy work at the same time
 * @param heavyWaitSeconds longest one waits for its turn (s)
 */
@ConfigurationProperties("fermix.door")
record DoorSettings(
    @DefaultValue({"localhost", "127.0.0.1", "[::1]", "::1"}) List<String> hosts,
    @DefaultValue("256") int connectionsPerAddress,
    @DefaultValue("64") int bodiesAtOnce,
    @DefaultValue("24") int bodiesPerAddress,
    @DefaultValue("8") int uploadsAtOnce,
    @DefaultValue("3") int uploadsPerAddress,
    @DefaultValue("15") int formSeconds,
    @DefaultValue("600") int uploadSeconds,
    @DefaultValue("1") int heavyAtOnce,
    @DefaultValue("8") int heavyWaitSeconds) {

  /** Copies the list. */
  DoorSettings {
    hosts = List.copyOf(hosts);
  }
}
