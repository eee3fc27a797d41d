package org.fermix.web.recordings;

import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Display;
import org.springframework.ui.Model;

/** What a later place shows under the recorded starts. */
public interface BesideRecordings {
  /** Adds what its fragment needs. */
  void show(OpenJob job, Display display, Model model);
}
