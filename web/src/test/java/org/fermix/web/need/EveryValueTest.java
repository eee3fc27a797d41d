package org.fermix.web.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.fermix.core.machine.EngineClass;
import org.fermix.web.Html;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.fermix.web.shared.Field;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Every value the need's form takes gives a page at every stop: each fact at its limits, and drawn
 * ones in random company. Seeded; the machines and labels are invented.
 */
class EveryValueTest extends WebTestBase {
  private static final List<String> PAGES =
      List.of(
          "/need",
          "/need/runs",
          "/need/rests",
          "/check",
          "/bench",
          "/bench/sure",
          "/decide",
          "/decide/sheet",
          "/lineup",
          "/fit");
  private static final List<String> MACHINES =
      List.of("petrol-car", "motorcycle-single", "outboard", "electric-car", "aircraft");

  @LocalServerPort int port;

  private int taken;
  private int refused;
  private final Random random = new Random(20261202);

  @Test
  void everyFactAtItsLimits() {
    List<String> broken = new ArrayList<>();
    Visit visit = new Visit(port);
    String job = described(visit, "petrol-car");
    String other = described(visit, "electric-car");
    for (Field field : NeedForm.FIELDS) {
      // Rows two to eight of the list of loads are as the first.
      boolean again = field.name().matches("load[A-Z][a-z]+[2-8]");
      for (String extreme : again ? List.<String>of() : extremes(field)) {
        ask(visit, random.nextInt(4) == 0 ? other : job, Map.of(field.name(), extreme), 1, broken);
      }
    }
    assertThat(broken).isEmpty();
  }

  @Test
  void anyFactsTogether() {
    List<String> broken = new ArrayList<>();
    for (String machine : MACHINES) {
      Visit visit = new Visit(port);
      String job = described(visit, machine);
      for (int i = 0; i < 4; i++) {
        Map<String, String> said = new HashMap<>();
        Map<String, Boolean> groups = new HashMap<>();
        for (Field field : NeedForm.FIELDS) {
          if (groups.computeIfAbsent(group(field.name()), name -> random.nextInt(3) == 0)) {
            said.put(field.name(), any(field));
          }
        }
        ask(visit, job, said, PAGES.size(), broken);
      }
    }
    assertThat(broken).isEmpty();
    assertThat(taken).as("of %s", taken + refused).isGreaterThan(refused);
  }

  /** The two that made a garage unreachable: one start in a hundred days of which two are used. */
  @Test
  void startsFarApartLeaveEveryPage() {
    List<String> broken = new ArrayList<>();
    Visit visit = new Visit(port);
    String job = described(visit, "petrol-car");
    ask(visit, job, Map.of("starts", "0.01", "daysUsed", "2"), PAGES.size(), broken);
    assertThat(broken).isEmpty();
  }

  private String described(Visit visit, String machine) {
    String job = visit.ownJob("Otter", machine);
    assertThat(EngineClass.find(machine)).isPresent();
    visit.describeToday(job, "flooded", "480", "54");
    OwnerSteps.add(
        visit, job, OwnerSteps.label("Demo One", "agm", "cranking", "620", "price", "120"));
    OwnerSteps.add(
        visit, job, OwnerSteps.label("Demo Two", "lfp", "cranking", "500", "capacity", "30"));
    visit.submit(
        job + "/check/take/tester",
        job + "/check/take/tester",
        Map.of("shown", "300", "set", "480", "test", "cca", "charged", "yes"));
    return job;
  }

  private void ask(
      Visit visit, String job, Map<String, String> said, int pages, List<String> broken) {
    Map<String, String> form = new HashMap<>(Map.of("currency", "EUR", "drawn", "METRIC"));
    form.putAll(said);
    var shown = visit.get(job + "/need");
    if (shown.statusCode() != 200) {
      broken.add("the need before " + said);
      return;
    }
    String page = shown.body();
    form.put("version", Html.value(page, "version"));
    var saved = visit.post(job + "/need", form, Html.value(page, "_csrf"));
    if (saved.statusCode() == 422) {
      refused++;
      return;
    }
    taken++;
    List<String> asked = new ArrayList<>(PAGES);
    java.util.Collections.shuffle(asked, random);
    asked = new ArrayList<>(asked.subList(0, pages));
    asked.add("");
    for (String each : asked) {
      String path = each.isEmpty() ? "/garage" : job + each;
      var answer = visit.get(path);
      if (answer.statusCode() != 200 || answer.body().contains("cannot be worked out just now")) {
        broken.add(
            path.replaceAll("[0-9a-f-]{36}", "…") + " with " + said + ": " + answer.statusCode());
      }
    }
  }

  /** What is only taken together. */
  private static String group(String name) {
    if (name.startsWith("tray") || name.equals("side")) {
      return "tray";
    }
    if (name.startsWith("load") && Character.isDigit(name.charAt(name.length() - 1))) {
      return "load" + name.charAt(name.length() - 1);
    }
    return name.startsWith("wayIn") ? "way in" : name.startsWith("history") ? "history" : name;
  }

  private static List<String> extremes(Field field) {
    return switch (field.kind()) {
      case NUMBER -> List.of(plain(field.low()), plain(field.high()));
      case CHOICE ->
          List.of(
              field.choices().get(0).value(),
              field.choices().get(field.choices().size() - 1).value());
      default -> List.of("x");
    };
  }

  private String any(Field field) {
    return switch (field.kind()) {
      case NUMBER ->
          switch (random.nextInt(4)) {
            case 0 -> plain(field.low());
            case 1 -> plain(field.high());
            default -> plain(field.low() + random.nextDouble() * (field.high() - field.low()));
          };
      case CHOICE -> field.choices().get(random.nextInt(field.choices().size())).value();
      default -> "x";
    };
  }

  private static String plain(double value) {
    return Math.abs(value) < 1
        ? Double.toString(value)
        : new java.math.BigDecimal(value)
            .round(new java.math.MathContext(4))
            .stripTrailingZeros()
            .toPlainString();
  }
}
