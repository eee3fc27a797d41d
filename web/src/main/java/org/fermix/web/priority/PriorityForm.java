package org.fermix.web.priority;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Weights;
import org.fermix.core.machine.Wishes;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;

/** The form of weights, wishes and schools. */
final class PriorityForm {
  private static final String POINTS = "points";
  private static final String WISH = "wish";
  private static final String JOB = "job";
  private static final String GARAGE = "garage";

  private static final List<Field> FIELDS = fields();

  private PriorityForm() {}

  private static List<Field> fields() {
    List<Field> fields = new ArrayList<>();
    for (Criterion each : Criterion.values()) {
      fields.add(
          Field.number(POINTS + each, PriorityWords.of(each), Unit.COUNT, 0, Weights.SPREAD)
              .wholeOnly());
    }
    fields.add(
        Field.number(
                "budget",
                "Budget",
                Wishes.BUDGET.unit(),
                Wishes.BUDGET.least(),
                Wishes.BUDGET.most())
            .withHelp("The most you would pay for the battery."));
    for (Wishes.Wish each : Wishes.Wish.values()) {
      fields.add(
          Field.choice(
              WISH + each,
              PriorityWords.of(each),
              List.of(
                  new Field.Choice("LIKED", "is liked"), new Field.Choice("MUST", "is a must"))));
    }
    for (SchoolQuestion each : SchoolQuestion.values()) {
      fields.add(Field.choice(JOB + each, each.asks() + " In this job", each.choices()));
      fields.add(Field.choice(GARAGE + each, each.asks() + " In this garage", each.choices()));
    }
    return List.copyOf(fields);
  }

  static Form of(
      StoredPriorities said, Map<String, String> garage, Weights start, Display display) {
    Map<String, Object> values = new HashMap<>();
    said.weights.forEach((name, points) -> values.put(POINTS + name, points));
    said.budgetIn(display.currencyCode()).ifPresent(budget -> values.put("budget", budget));
    said.wishes.forEach((name, level) -> values.put(WISH + name, level));
    said.schools.forEach((name, id) -> values.put(JOB + name, id));
    garage.forEach((name, id) -> values.put(GARAGE + name, id));
    Form form = Form.stored(FIELDS, display, values);
    for (Criterion each : Criterion.values()) {
      form.assume(POINTS + each, Integer.toString(start.of(each)));
    }
    form.assume("budget", "none");
    if (said.budget != null && said.currency != null && values.get("budget") == null) {
      form.hint(
          "budget",
          "It was "
              + display.in(said.currency).show(said.budget.doubleValue(), Unit.MONEY, 0).text()
              + "; type it in "
              + display.currencyCode());
    }
    for (Wishes.Wish each : Wishes.Wish.values()) {
      form.assume(WISH + each, "does not matter");
    }
    for (SchoolQuestion each : SchoolQuestion.values()) {
      String ofGarage = garage.getOrDefault(each.name(), "");
      form.assume(JOB + each, "as the garage: " + each.of(ofGarage).words());
      form.assume(GARAGE + each, "default: " + each.usual().words());
    }
    return form;
  }

  static Form typed(Form before, Map<String, String> parameters) {
    Form form = Form.typed(before, parameters);
    boolean wanted = form.text(WISH + Wishes.Wish.BUDGET).isPresent();
    if (wanted && form.text("budget").isEmpty()) {
      form.complain("budget", "Say how much, or let the budget not matter.");
    }
    return form;
  }

  /**
   * Says what is missing of points that are only half spread; while they are typed nobody is asked.
   */
  static void complete(Form form) {
    List<String> names = List.of(Criterion.values()).stream().map(each -> POINTS + each).toList();
    long filled = names.stream().filter(name -> form.text(name).isPresent()).count();
    if (filled == 0 || !names.stream().allMatch(name -> form.view(name).error().isEmpty())) {
      return;
    }
    int sum = sum(form);
    if (sum != Weights.SPREAD) {
      form.complain(
          POINTS + Criterion.COLD,
          sum
              + " points are given; spread "
              + Weights.SPREAD
              + " in all, or empty every one for the usual.");
    }
  }

  /** Points given in all; an empty one gives none. */
  static int sum(Form form) {
    int sum = 0;
    for (Criterion each : Criterion.values()) {
      sum += (int) form.number(POINTS + each).orElse(0);
    }
    return sum;
  }

  /** The points as typed, else where an owner starts. */
  static Map<Criterion, Integer> points(Form form, Weights start) {
    Map<Criterion, Integer> points = new java.util.EnumMap<>(Criterion.class);
    boolean any =
        List.of(Criterion.values()).stream().anyMatch(each -> form.text(POINTS + each).isPresent());
    for (Criterion each : Criterion.values()) {
      points.put(each, any ? (int) form.number(POINTS + each).orElse(0) : start.of(each));
    }
    return points;
  }

  static void write(Form form, StoredPriorities said) {
    Map<String, Integer> weights = new TreeMap<>();
    if (sum(form) > 0) {
      for (Criterion each : Criterion.values()) {
        weights.put(each.name(), (int) form.number(POINTS + each).orElse(0));
      }
    }
    said.weights = Map.copyOf(weights);
    Double budget = form.numberOrNull("budget");
    said.budget =
        budget == null ? null : BigDecimal.valueOf(budget).setScale(2, RoundingMode.HALF_UP);
    said.currency = budget == null ? null : form.currency();
    Map<String, String> wishes = new TreeMap<>();
    for (Wishes.Wish each : Wishes.Wish.values()) {
      form.text(WISH + each).ifPresent(level -> wishes.put(each.name(), level));
    }
    said.wishes = Map.copyOf(wishes);
    said.schools = chosen(form, JOB);
  }

  static Map<String, String> garage(Form form) {
    return chosen(form, GARAGE);
  }

  private static Map<String, String> chosen(Form form, String where) {
    Map<String, String> chosen = new TreeMap<>();
    for (SchoolQuestion each : SchoolQuestion.values()) {
      form.text(where + each).ifPresent(id -> chosen.put(each.name(), id));
    }
    return Map.copyOf(chosen);
  }
}
