package org.fermix.web.fitting;

import java.util.Optional;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Display;
import org.springframework.ui.Model;

/** What a later place shows beside the work of fitting. */
public interface BesideFitting {
  /** Adds what its fragment needs. */
  void show(OpenJob job, Fittings.Incoming incoming, Display display, Model model);

  /** What it adds to the line on the rail; empty where it has nothing to say. */
  Optional<String> line(OpenJob job);
}
