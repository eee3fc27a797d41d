package org.fermix.web.job;

import java.util.List;
import java.util.UUID;

/** What a stop reads of many jobs at once, so that a list of them does not ask for each. */
public interface ReadAhead {
  /** Which come first: what others need. */
  int order();

  /** Reads what {@link OpenJob#once} would read of each. */
  void read(UUID garageId, List<OpenJob> jobs);
}
