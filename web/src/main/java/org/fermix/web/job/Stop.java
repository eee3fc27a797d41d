package org.fermix.web.job;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The seven stops of a job, in order. */
public enum Stop {
  CHECK("check", "Check", ""),
  NEED("need", "Need", ""),
  LINE_UP("lineup", "Line-up", ""),
  BENCH("bench", "Bench", ""),
  DECIDE("decide", "Decide", ""),
  FIT("fit", "Fit & prove", ""),
  KEEP("keep", "Keep", "The log, lay-up plan, health trend, warranty and reminders.");

  private final String slug;
  private final String label;
  private final String plan;

  Stop(String slug, String label, String plan) {
    this.slug = slug;
    this.label = label;
    this.plan = plan;
  }

  /** Its part of the address. */
  public String slug() {
    return slug;
  }

  /** Its name on screen. */
  public String label() {
    return label;
  }

  /** What it will hold, for a stop that is not built; empty for one that is. */
  public String plan() {
    return plan;
  }

  /** Its place and keyboard shortcut, 1 to 7. */
  public int number() {
    return List.of(values()).indexOf(this) + 1;
  }

  /** True when it works. */
  public boolean isBuilt() {
    return plan.isEmpty();
  }

  /** The stop with that part of the address. */
  public static Optional<Stop> find(String slug) {
    return Arrays.stream(values()).filter(stop -> stop.slug.equals(slug)).findFirst();
  }
}
