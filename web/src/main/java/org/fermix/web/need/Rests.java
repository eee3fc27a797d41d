package org.fermix.web.need;

import java.util.List;
import org.fermix.core.decision.Assumption;
import org.fermix.core.decision.Influence;
import org.fermix.core.quantity.Given;
import org.fermix.web.chart.Scale;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Display;

/**
 * One assumption the answer rests on, and how to replace it.
 *
 * @param share of the bar, as an SVG attribute
 * @param chance that knowing it would change the choice
 * @param link where it is measured or typed
 */
public record Rests(
    String name, String assumed, String chance, String share, String how, String link) {
  /** The bar’s full length stands for this chance (%). */
  static final double FULL_PERCENT = 50;

  private static final double PERCENT = 100;
  private static final double WORTH_SAYING = 0.5;

  static Rests of(Influence influence, OpenJob job, Display display) {
    double percent = PERCENT * influence.changes();
    String base = "/jobs/" + job.jobId();
    return new Rests(
        name(influence.assumption()),
        assumed(influence, display),
        percent < WORTH_SAYING ? "none seen" : display.chance(percent).text(),
        Scale.percent(Math.min(PERCENT, PERCENT * percent / FULL_PERCENT)),
        how(influence.assumption()),
        link(influence.assumption(), base));
  }

  /** All of them, those that carry nothing together at the end. */
  public static List<Rests> of(List<Influence> influences, OpenJob job, Display display) {
    return influences.stream().map(each -> of(each, job, display)).toList();
  }

  private static String assumed(Influence influence, Display display) {
    Given assumed = influence.assumed();
    String other = influence.other().map(letter -> "; otherwise mostly " + letter).orElse("");
    return influence.assumption() == Assumption.ENGINE
        ? "as usual for its class" + other
        : display.show(assumed.value(), assumed.unit()).text() + ", " + assumed.note() + other;
  }

  private static String name(Assumption assumption) {
    return switch (assumption) {
      case ENGINE -> "Engine and starter";
      case MINIMUM -> "Maker’s minimum";
      case COLDEST_MORNING -> "Coldest morning";
      case WINTER_MEAN -> "Mean of the coldest month";
      case SUMMER_MEAN -> "Mean of the warmest month";
      case LAY_UP -> "Longest lay-up";
      case DRAIN -> "Drain";
      case ENGINE_OFF_LOAD -> "Engine-off load";
      case ENGINE_OFF_HOURS -> "Engine-off hours";
      case STARTS -> "Starts a day";
      case TRIP -> "Trip length";
      case YEARS_KEPT -> "Years kept";
      case REGULATED_VOLTS -> "Regulated voltage";
      case CHARGING_AMPS -> "Charging current";
    };
  }

  private static String how(Assumption assumption) {
    return switch (assumption) {
      case ENGINE -> "record a start";
      case MINIMUM -> "look it up";
      case COLDEST_MORNING, WINTER_MEAN, SUMMER_MEAN -> "type it";
      case LAY_UP, YEARS_KEPT -> "say it";
      case DRAIN -> "measure it";
      case ENGINE_OFF_LOAD -> "add it up";
      case ENGINE_OFF_HOURS, STARTS, TRIP -> "count them";
      case REGULATED_VOLTS -> "measure it";
      case CHARGING_AMPS -> "a clamp tells";
    };
  }

  private static String link(Assumption assumption, String base) {
    return switch (assumption) {
      case ENGINE -> base + "/check/recordings";
      case MINIMUM -> base + "/need#f-minimumCca";
      case COLDEST_MORNING -> base + "/need#f-coldest";
      case WINTER_MEAN -> base + "/need#f-winterMean";
      case SUMMER_MEAN -> base + "/need#f-summerMean";
      case LAY_UP -> base + "/need#f-layUp";
      case DRAIN -> base + "/need#f-drain";
      case ENGINE_OFF_LOAD -> base + "/need#f-offAmps";
      case ENGINE_OFF_HOURS -> base + "/need#f-offHours";
      case STARTS -> base + "/need#f-starts";
      case TRIP -> base + "/need#f-trip";
      case YEARS_KEPT -> base + "/need#f-years";
      case REGULATED_VOLTS -> base + "/need#f-volts";
      case CHARGING_AMPS -> base + "/check";
    };
  }
}
