package org.fermix.core.label;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * A battery in the line-up.
 *
 * @param letter its identity everywhere: "0" for today's battery, then A, B, C …
 * @param ageYears years in service when the comparison starts, 0 to 30
 * @param tested what tests found of it; nothing where only the age is known
 * @param beside what stands beside it, where it is an arrangement
 */
public record Candidate(
    String letter, Label label, double ageYears, Tested tested, Optional<Beside> beside) {
  private static final String AND = " + ";

  /** Years in service. */
  public static final Limits AGE = new Limits("age", 0, 30, Unit.YEAR);

  /** The letter of the battery that is fitted now. */
  public static final String TODAY = "0";

  /** Refuses ages no battery reaches. */
  public Candidate {
    Check.filled("letter", letter);
    AGE.check(ageYears);
  }

  /** A battery nobody has tested. */
  public Candidate(String letter, Label label, double ageYears) {
    this(letter, label, ageYears, Tested.NONE, Optional.empty());
  }

  /** The same with what tests found. */
  public Candidate with(Tested found) {
    return new Candidate(letter, label, ageYears, found, beside);
  }

  /** The same with others beside it. */
  public Candidate beside(Beside others) {
    return new Candidate(letter, label, ageYears, tested, Optional.of(others));
  }

  /**
   * An arrangement of a battery that starts the engine and others beside it, under all their names.
   */
  public static Candidate arranged(String letter, Label starter, double ageYears, Beside beside) {
    String name =
        Stream.concat(
                Stream.of(starter.name()),
                beside.others().stream().map(each -> each.label().name()))
            .collect(Collectors.joining(AND));
    return new Candidate(letter, starter.named(name), ageYears).beside(beside);
  }

  /** The label of the battery in its place under its own name, whatever stands beside it. */
  public Label own() {
    String others =
        beside.stream()
            .flatMap(each -> each.others().stream())
            .map(each -> AND + each.label().name())
            .collect(Collectors.joining());
    String name = label.name();
    return others.isEmpty() || !name.endsWith(others)
        ? label
        : label.named(name.substring(0, name.length() - others.length()));
  }

  /** Its own label first, then those of what stands beside it. */
  public List<Label> labels() {
    return Stream.concat(
            Stream.of(own()),
            beside.stream().flatMap(each -> each.others().stream()).map(Beside.Second::label))
        .toList();
  }

  /** False where nobody has named a price, of what stands beside it as well. */
  public boolean hasPrice() {
    return label.hasPrice() && beside.map(Beside::hasPrice).orElse(true);
  }

  /** What it costs at once, what stands beside it as well; 0 where no price is known. */
  public double price() {
    return hasPrice() ? label.price().value() + beside.map(Beside::price).orElse(0.0) : 0;
  }

  /** What it weighs, what stands beside it as well (kg). */
  public double massKg() {
    return label.mass().value() + beside.map(Beside::massKg).orElse(0.0);
  }

  /** True for the battery that is fitted now: the baseline, not for sale. */
  public boolean isToday() {
    return letter.equals(TODAY);
  }
}
