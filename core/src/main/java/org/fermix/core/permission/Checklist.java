package org.fermix.core.permission;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * An approval's list against one data sheet, item by item. "Not stated" is not "no": it leaves the
 * whole open until the maker is asked.
 *
 * @param items in the approval's order
 * @param stale the approval should be looked up again
 */
public record Checklist(List<Item> items, boolean stale) {
  /** Copies the list. */
  public Checklist {
    items = List.copyOf(items);
  }

  /** How an item stands. */
  public enum Answer {
    MEETS,
    FAILS,
    /** The sheet is silent. */
    NOT_STATED,
    /**
     * The sheet speaks of it in words or figures that settle nothing, contradicts itself, or prints
     * more than is believed of it.
     */
    UNCLEAR
  }

  /**
   * One item.
   *
   * @param lines of the sheet it rests on
   * @param believed where the figure printed is enough but the one that is believed is not
   */
  public record Item(
      Requirement requirement,
      Answer answer,
      List<DataSheet.Line> lines,
      Optional<Double> believed) {
    /** Copies the list. */
    public Item {
      lines = List.copyOf(lines);
    }

    /** True while somebody has to be asked. */
    public boolean isOpen() {
      return answer == Answer.NOT_STATED || answer == Answer.UNCLEAR;
    }
  }

  /** Matches a sheet against an approval, its figures as printed. */
  public static Checklist of(Approval approval, DataSheet sheet, LocalDate today) {
    return of(approval, sheet, today, property -> Optional.empty());
  }

  /**
   * Matches a sheet against an approval.
   *
   * @param believed what is believed of a battery where that may be less than is printed
   */
  public static Checklist of(
      Approval approval,
      DataSheet sheet,
      LocalDate today,
      Function<Property, Optional<Double>> believed) {
    List<Item> items = new ArrayList<>();
    for (Requirement requirement : approval.requirements()) {
      List<DataSheet.Line> lines = requirement.in(sheet);
      Answer answer = answer(requirement, lines);
      Optional<Double> less =
          answer == Answer.MEETS
              ? requirement
                  .amount()
                  .flatMap(
                      least ->
                          believed.apply(least.property()).filter(found -> found < least.limit()))
              : Optional.empty();
      items.add(new Item(requirement, less.isPresent() ? Answer.UNCLEAR : answer, lines, less));
    }
    return new Checklist(items, approval.isStale(today));
  }

  /** The whole: failing when one item fails, open while one is not settled, else met. */
  public Answer overall() {
    List<Answer> answers = items.stream().map(Item::answer).toList();
    for (Answer each : List.of(Answer.FAILS, Answer.UNCLEAR, Answer.NOT_STATED)) {
      if (answers.contains(each)) {
        return each;
      }
    }
    return answers.isEmpty() ? Answer.NOT_STATED : Answer.MEETS;
  }

  /** The items that stand so. */
  public List<Item> answered(Answer answer) {
    return items.stream().filter(item -> item.answer() == answer).toList();
  }

  /** The items somebody has to be asked about. */
  public List<Item> open() {
    return items.stream().filter(Item::isOpen).toList();
  }

  private static Answer answer(Requirement requirement, List<DataSheet.Line> lines) {
    if (lines.isEmpty()) {
      return Answer.NOT_STATED;
    }
    List<Answer> each = lines.stream().map(requirement::judge).distinct().toList();
    return each.size() == 1 ? each.get(0) : Answer.UNCLEAR;
  }
}
