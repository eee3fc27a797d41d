package org.fermix.core.permission;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
    /** The sheet speaks of it in words or figures that settle nothing, or contradicts itself. */
    UNCLEAR
  }

  /**
   * One item.
   *
   * @param lines of the sheet it rests on
   */
  public record Item(Requirement requirement, Answer answer, List<DataSheet.Line> lines) {
    /** Copies the list. */
    public Item {
      lines = List.copyOf(lines);
    }
  }

  /** Matches a sheet against an approval. */
  public static Checklist of(Approval approval, DataSheet sheet, LocalDate today) {
    List<Item> items = new ArrayList<>();
    for (Requirement requirement : approval.requirements()) {
      List<DataSheet.Line> lines = sheet.on(requirement.property());
      items.add(new Item(requirement, answer(requirement, lines), lines));
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

  private static Answer answer(Requirement requirement, List<DataSheet.Line> lines) {
    if (lines.isEmpty()) {
      return Answer.NOT_STATED;
    }
    List<Answer> each = lines.stream().map(line -> answer(requirement, line)).distinct().toList();
    return each.size() == 1 ? each.get(0) : Answer.UNCLEAR;
  }

  private static Answer answer(Requirement requirement, DataSheet.Line line) {
    if (requirement instanceof Requirement.IsChemistry wanted) {
      return Property.chemistryMeantBy(line.value())
          .map(found -> found.equals(wanted.chemistryId()) ? Answer.MEETS : Answer.FAILS)
          .orElse(Answer.UNCLEAR);
    }
    if (requirement instanceof Requirement.Has) {
      return line.yes().map(yes -> yes ? Answer.MEETS : Answer.FAILS).orElse(Answer.UNCLEAR);
    }
    Optional<Double> number = line.number();
    if (number.isEmpty()) {
      return Answer.UNCLEAR;
    }
    boolean meets =
        requirement instanceof Requirement.AtLeast least
            ? number.get() >= least.limit()
            : requirement instanceof Requirement.AtMost most && number.get() <= most.limit();
    return meets ? Answer.MEETS : Answer.FAILS;
  }
}
