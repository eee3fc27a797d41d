package org.fermix.web.priority;

import org.fermix.web.job.OpenJob;

/** In what the prices of a job are. */
public interface PricesOf {
  /** The currency of the job's prices, ISO 4217. */
  String currency(OpenJob job);
}
