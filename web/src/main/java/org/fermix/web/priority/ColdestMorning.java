package org.fermix.web.priority;

import org.fermix.web.job.OpenJob;

/** The coldest start that is wanted in a job; the need itself stands behind it. */
public interface ColdestMorning {
  /** As typed or assumed (°C). */
  double coldestMorningC(OpenJob job);
}
