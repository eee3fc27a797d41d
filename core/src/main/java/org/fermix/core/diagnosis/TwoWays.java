package org.fermix.core.diagnosis;

/**
 * The same test twice: through the thin leads or clips, and through a bolted joint. What is good
 * through the one and bad through the other is a fault of the leads, not of the battery. Common
 * practice, no source.
 *
 * @param throughLeads what the instrument showed through the thin leads, 0 to 5,000 A
 * @param throughBolt what it showed through the bolted joint, 0 to 5,000 A
 */
public record TwoWays(double throughLeads, double throughBolt) {
  /** So much more through the bolt is more than the instrument's own scatter (1); estimate. */
  public static final double MORE = 1.15;

  /** Refuses what cannot be. */
  public TwoWays {
    ReadingLimits.SHOWN.check(throughLeads);
    ReadingLimits.SHOWN.check(throughBolt);
  }

  /** As evidence. */
  public Evidence evidence() {
    return new Evidence(
        ReadingKind.TWO_WAYS, throughBolt > MORE * throughLeads ? "leads_lose" : "alike");
  }
}
