package org.fermix.web.job;

/** Takes what goes on from one job of a machine to the next. */
public interface NextJob {
  /** Carries over to a job that was just opened what still holds. */
  void carry(OpenJob before, OpenJob next);
}
