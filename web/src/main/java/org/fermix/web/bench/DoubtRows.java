package org.fermix.web.bench;

import java.util.List;
import org.fermix.core.bench.Doubt;
import org.fermix.web.chart.Scale;
import org.fermix.web.job.OpenJob;

/** What makes a figure’s band, drawn, each with where it is made surer. */
final class DoubtRows {
  private static final double PERCENT = 100;

  /** Less is not worth a line (1). */
  private static final double WORTH_SAYING = 0.02;

  private DoubtRows() {}

  /**
   * One input.
   *
   * @param share of the bar, as an SVG attribute
   * @param how what makes it surer
   * @param link where
   */
  public record Row(String name, String percent, String share, String how, String link) {}

  static List<Row> of(List<Doubt> doubts, OpenJob job) {
    return doubts.stream()
        .filter(each -> each.share() >= WORTH_SAYING)
        .map(
            each ->
                new Row(
                    name(each.cause()),
                    Math.min(99, Math.round(PERCENT * each.share())) + " %",
                    Scale.percent(PERCENT * each.share()),
                    how(each.cause()),
                    "/jobs/" + job.jobId() + place(each.cause())))
        .toList();
  }

  private static String name(Doubt.Cause cause) {
    return switch (cause) {
      case DRAG -> "engine’s drag";
      case WINDING -> "starter’s resistance";
      case COUNTER_VOLTS -> "starter’s counter-voltage";
      case LEADS -> "leads and joints";
      case FIRE_SPEED -> "speed it needs to fire";
      case TEMPERATURE -> "the temperature itself";
      case RESISTANCE -> "battery’s resistance";
      case CAPACITY -> "battery’s capacity";
      case CHARGE_REACHED -> "charge in daily use";
      case SELF_DISCHARGE -> "self-discharge";
      case DRAIN -> "drain";
      case LOAD -> "the load";
      case DISCHARGE_LAW -> "discharge away from rated currents";
      case LIFE -> "how long it lasts";
      case PRICE -> "price on the day";
    };
  }

  private static String how(Doubt.Cause cause) {
    return switch (cause) {
      case DRAG, WINDING, COUNTER_VOLTS, FIRE_SPEED, LEADS -> "record a start";
      case TEMPERATURE -> "change it";
      case RESISTANCE, CAPACITY -> "its label";
      case DISCHARGE_LAW -> "type its discharge table";
      case CHARGE_REACHED -> "measure the charging volts";
      case SELF_DISCHARGE -> "how it stands";
      case DRAIN -> "measure it";
      case LOAD -> "add it up";
      case LIFE -> "say how long the last ones lasted";
      case PRICE -> "type a price";
    };
  }

  private static String place(Doubt.Cause cause) {
    return switch (cause) {
      case DRAG, WINDING, COUNTER_VOLTS, FIRE_SPEED, LEADS -> "/check/recordings";
      case TEMPERATURE -> "/need#f-coldest";
      case RESISTANCE, CAPACITY, DISCHARGE_LAW, PRICE -> "/lineup";
      case CHARGE_REACHED -> "/need#f-volts";
      case SELF_DISCHARGE -> "/need#f-layUp";
      case DRAIN -> "/need#f-drain";
      case LOAD -> "/need#f-offAmps";
      case LIFE -> "/need#f-historyBatteries";
    };
  }
}
