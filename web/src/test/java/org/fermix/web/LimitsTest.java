package org.fermix.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.History;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.Use;
import org.fermix.core.quantity.Limits;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What the database refuses is what the core refuses, no more and no less. */
class LimitsTest extends WebTestBase {
  private static final Map<String, Limits> DECLARED =
      Map.ofEntries(
          Map.entry("need.minimum_cca_a", CrankingRating.AMPS),
          Map.entry("need.minimum_reserve_min", Label.RESERVE),
          Map.entry("need.tray_length_mm", CaseSize.SIDE),
          Map.entry("need.tray_width_mm", CaseSize.SIDE),
          Map.entry("need.tray_height_mm", CaseSize.SIDE),
          Map.entry("need.coldest_morning_c", Climate.COLDEST_MORNING),
          Map.entry("need.winter_mean_c", Climate.WINTER_MEAN),
          Map.entry("need.summer_mean_c", Climate.SUMMER_MEAN),
          Map.entry("need.lay_up_days", LongestLayUp.DAYS),
          Map.entry("need.stand_weeks", Stand.WEEKS),
          Map.entry("need.drain_ma", Use.DRAIN),
          Map.entry("need.engine_off_a", Use.ENGINE_OFF_LOAD),
          Map.entry("need.engine_off_h", Use.ENGINE_OFF_HOURS),
          Map.entry("need.years_kept", Use.YEARS_KEPT),
          Map.entry("need.starts_per_day", Driving.STARTS_A_DAY),
          Map.entry("need.trip_min", Driving.TRIP),
          Map.entry("need.history_batteries", History.BATTERIES),
          Map.entry("need.history_years", History.YEARS),
          Map.entry("need.regulated_v", Charging.REGULATED_VOLTS),
          Map.entry("engine.displacement_l", Engine.DISPLACEMENT),
          Map.entry("engine.cylinders", Engine.CYLINDERS));

  private static final Pattern BETWEEN =
      Pattern.compile("\\((\\w+) >= \\(?'?(-?[\\d.]+).*?<= \\(?'?(-?[\\d.]+)");

  @Autowired private JdbcTemplate database;

  @Test
  void theDatabaseRefusesWhatTheCoreRefuses() {
    Map<String, double[]> found = new TreeMap<>();
    database.query(
        "select conrelid::regclass::text as of, pg_get_constraintdef(oid) as rule"
            + " from pg_constraint where contype = 'c' and conrelid in ('need'::regclass,"
            + " 'engine'::regclass)",
        row -> {
          Matcher between = BETWEEN.matcher(row.getString("rule"));
          if (between.find()) {
            found.put(
                row.getString("of") + "." + between.group(1),
                new double[] {
                  Double.parseDouble(between.group(2)), Double.parseDouble(between.group(3))
                });
          }
        });
    assertThat(found.keySet()).containsAll(DECLARED.keySet());
    DECLARED.forEach(
        (column, limits) ->
            assertThat(found.get(column))
                .as(column)
                .containsExactly(limits.least(), limits.most()));
  }
}
