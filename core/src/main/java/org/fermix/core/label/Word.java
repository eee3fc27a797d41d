package org.fermix.core.label;

import org.fermix.core.quantity.Spread;

/** Whose word the figures of a label are. */
public enum Word {
  /** Read from the label, the data sheet or its maker. */
  PRINTED,
  /** A seller’s page: copied, and now and then copied wrongly. */
  SELLER,
  /** Somebody’s report of what stands on it. */
  REPORT;

  /** How far a figure may be off for that alone: one standard deviation of its logarithm (1). */
  public double sigma() {
    return switch (this) {
      case PRINTED -> 0;
      case SELLER -> Spread.WORD_OF_A_SELLER.sigma();
      case REPORT -> Spread.WORD_OF_A_REPORT.sigma();
    };
  }
}
